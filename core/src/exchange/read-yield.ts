import { wordsToNumber } from "../measure/index.ts";
import type { Makes } from "../recipes/index.ts";
import { yieldLine } from "./section-words.ts";

/** Grams or millilitres of one batch; more was misread. */
const mostMade = 50_000;
const countWords = "one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|a dozen|half a dozen";

/** "Serves four": what stands before a count in words. "Serves a crowd" counts nobody. */
const countBehind = new RegExp(`^(.*?\\b(?:serves|feeds|for|makes)\\s+)((?:${countWords})\\b.*)$`, "i");

/** "2 jars", "1 large bowl": what it is put in, which says nothing of how many eat. */
const inContainers =
  /\b\d+ (?:(?:large|small|big|medium|good|full|generous) )*(?:jars?|bottles?|tubs?|pots?|bowls?|trays?|platters?|batch(?:es)?|cups?)\b/gi;

const saysServings = new RegExp(
  `\\b(?:serves|feeds|enough for)\\s+(?:about |around |up to )?(?:\\d|(?:${countWords})\\b)[^.,;()]{0,40}`,
  "i",
);

const sizeSaid = "(\\d+(?:[.,]\\d+)?)[ -]?(ml|l|litres?|g|kg)\\b";
/** "6 x 340 g jars", "4 jars of 250 ml", "six 340g jars": so many of one size. */
const severalOfSize = new RegExp(
  `\\b(\\d+)(?:\\s*[x×*]\\s*| (?:jars?|bottles?|tubs?|pots?) (?:of|holding|at) | (?=\\d+[ -]?(?:ml|l|litre|g|kg)\\b[ -]*(?:jars?|bottles?|tubs?|pots?)\\b))(?:about )?${sizeSaid}`,
  "i",
);

const inFigures = (text: string): string =>
  text.replace(countBehind, (_, said: string, rest: string) => said + wordsToNumber(rest));

/** "Serves 4–6" is four to six: the smaller, so that nobody goes short. "Makes 300 ml" is a volume. */
export function readYield(text: string): { servings: number | null; makes: Makes | null } {
  const [several, count = "1", ...sized] = severalOfSize.exec(inFigures(text)) ?? [];
  const measured = several ? [several, ...sized] : new RegExp(sizeSaid, "i").exec(text);
  const amount = Number(count) * Number((measured?.[1] ?? "").replace(",", "."));
  const unit = (measured?.[2] ?? "").toLowerCase();
  const thousand = unit.startsWith("l") || unit === "kg" ? 1000 : 1;
  const makes: Makes | null =
    measured && amount > 0 && amount * thousand <= mostMade
      ? unit.endsWith("g")
        ? { kind: "mass", grams: amount * thousand }
        : { kind: "volume", ml: amount * thousand }
      : null;
  const counted = inFigures(text)
    .replace(measured?.[0] ?? "\u0000", "")
    .replace(inContainers, "");
  // "Makes 8 rolls, serves 4": who eats is asked, and not how many pieces there are.
  const said = (/\b(?:serves|feeds|for)\s+(\d+(?:\.\d+)?)/i.exec(counted) ??
    /(\d+(?:\.\d+)?)/.exec(counted))?.[1];
  const servings = Number(said);
  return { servings: said !== undefined && servings > 0 && servings <= 500 ? servings : null, makes };
}

/** "Smoky dip (serves 6)", "Slaw – for 4 people": a title without what is said in it of how much it makes. */
export function yieldInTitle(title: string): { readonly title: string; readonly yieldText: string } {
  const [, name = "", said = ""] =
    /^(.+?)\s*(?:[([]\s*|[,:–—]\s+|\s-\s+)([^()[\]]+?)\s*[)\]]?\s*$/.exec(title) ?? [];
  return yieldLine.test(said) ? { title: name, yieldText: said } : { title, yieldText: "" };
}

/** "For the plates, serves 4. The rest keeps.": what notes say of how much it makes, in their words; "" where nothing. */
export function yieldInNotes(notes: readonly string[]): string {
  const found = notes
    .map((note) => saysServings.exec(note)?.[0] ?? "")
    .find((text) => readYield(text).servings !== null);
  const saysHowMuch = (text: string): boolean =>
    /^(?:makes|yields)\b/i.test(text) && yieldLine.test(text) && Object.values(readYield(text)).some(Boolean);
  const sentences = notes.flatMap((note) => note.split(/(?<=\.)\s+/)).map((text) => text.replace(/\.$/, ""));
  return found ?? sentences.find(saysHowMuch) ?? "";
}
