import { aNumber, massWords, volumeWords } from "./amount-words.ts";

const single = `${aNumber}(?: ?- ?${aNumber})? ?(?:${massWords}|${volumeWords})\\b\\.?`;
/** "1.5 kg", "3 lb 5 oz". */
const amount = `${single}(?: \\d+ ?(?:oz|ounces?|fl oz)\\b\\.?)?`;
const twice = new RegExp(
  `^((?:\\d+ ?[x×] ?)?${amount})((?: ?\\/ ?(?:about )?${amount})+)(?: ?\\/ ?\\d+[^/\\d]{0,20}?(?= \\p{L}+$| \\p{L}+,))?`,
  "iu",
);
const isMetricMass = (text: string): boolean => /\d ?(?:kg|g|gr|grams?|kilos?)\b/i.test(text);

/**
 * One amount said in two or more systems: "200g/7oz feta" → "200g feta", "1 cup/240 ml milk" → "1 cup milk". The metric
 * weight is kept where there is one, since it is what the scale shows.
 */
export function onceSaid(text: string): string {
  const found = twice.exec(text);
  if (!found) return text;
  const all = found[0].split("/").map((one) => one.trim());
  const metric = all.find(isMetricMass) ?? all[0] ?? "";
  const times = /^\d+ ?[x×] ?/i.exec(all[0] ?? "")?.[0] ?? "";
  const kept = metric === all[0] ? metric : `${times}${metric}`;
  return `${kept} ${text.slice(found[0].length).replace(/^[/,\s]+/, "")}`.trim();
}
