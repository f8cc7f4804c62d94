/** What a line says that it cost: minor units, of all of it, of a kilogram, of 100 g, or of each of what was counted. */
export type LinePrice = {
  readonly minor: number;
  readonly per: "all" | "kg" | "100g" | "each";
  /** As it is written: "£", "€", "$". */
  readonly sign: string;
};

const figure = "(\\d{1,5})(?:[.,](\\d{1,2}))?(?!\\d|[.,]\\d)";
const basis =
  "(?:\\s*(?:(?:\\/|per|a|an|the)\\s?)?(each|ea\\b\\.?|apiece|piece|bunch|head|bag|punnet|box|jar|kg|kilo(?:gram)?|100 ?g|lb|pound|lot|all(?: of (?:it|them))?|together|total))?";
const lead = "[\\s,;–-]*\\(?(?:\\b(?:at|for|cost|paid|price:?)\\s*|[@=]\\s*)?";
/** "a £1-coin piece of ginger", "£5 worth of saffron" are no prices of the line. */
const noSize = "(?![- ]?(?:coin|sized?|worth))";

const signed = new RegExp(`${lead}([£€$])\\s?${figure}${noSize}${basis}\\)?`, "i");
const signedBehind = new RegExp(`${lead}(?<![\\d.,])${figure}\\s?([£€])${basis}\\)?`, "i");
const pence = new RegExp(`${lead}(?<![\\d.,])(\\d{1,3})p${basis}\\)?\\s*$`, "i");

const bearsMoney = /[£€$]|\dp\b/i;

const gramsPerPound = 453.592;

function priceOf(minor: number, sign: string, of: string | undefined): LinePrice {
  const per = (of ?? "").toLowerCase();
  if (per === "lb" || per === "pound")
    return { minor: Math.round((minor * 1000) / gramsPerPound), per: "kg", sign };
  if (per.startsWith("k")) return { minor, per: "kg", sign };
  if (per.startsWith("100")) return { minor, per: "100g", sign };
  return { minor, per: /^$|lot|all|together|total/.test(per) ? "all" : "each", sign };
}

const minorOf = (whole: string | undefined, part: string | undefined): number =>
  Number(whole) * 100 + Number((part ?? "").padEnd(2, "0"));

function found(
  text: string,
): { readonly words: string; readonly at: number; readonly price: LinePrice } | null {
  const before = signed.exec(text);
  if (before) {
    const [words, sign = "", whole, part, of] = before;
    return { words, at: before.index, price: priceOf(minorOf(whole, part), sign, of) };
  }
  const behind = signedBehind.exec(text);
  if (behind) {
    const [words, whole, part, sign = "", of] = behind;
    return { words, at: behind.index, price: priceOf(minorOf(whole, part), sign, of) };
  }
  const small = pence.exec(text);
  return small ? { words: small[0], at: small.index, price: priceOf(Number(small[1]), "£", small[2]) } : null;
}

/**
 * Takes what a line of a market list says it cost out of it: "2 aubergines, 640 g, £2.50", "carrots 1 kg @ £1.20/kg",
 * "3 lemons 60p each". Only what bears a sign of money is a price; a bare "3.20" stays and is asked about.
 * @returns the line without it, and the price; null where it says none.
 */
export function takePrice(text: string): { readonly text: string; readonly price: LinePrice | null } {
  const said = bearsMoney.test(text) ? found(text) : null;
  if (!said) return { text, price: null };
  const [before, after] = [text.slice(0, said.at), text.slice(said.at + said.words.length)];
  const left = `${before} ${after}`.replace(/\s+([,;)])/g, "$1").replace(/^[\s,;:–-]+|[\s,;:–-]+$/g, "");
  return { text: left.replace(/\s+/g, " "), price: said.price };
}
