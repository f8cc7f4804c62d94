import { wordsToNumber } from "./normalise-line.ts";

const ofFruit =
  /^(?:(?:the |some )?(?:finely |freshly |thinly )?(?:grated |squeezed |pared |strips of )?)(juice|zest|rind)(?: (?:and|&|\+) (?:finely )?(?:grated )?(juice|zest|rind))? (?:(?:of|from) |(?=[\d¼½¾⅓⅔]|half |an? ))/i;

const partOf = (word: string): "juice" | "zest" => (word.toLowerCase() === "juice" ? "juice" : "zest");

/** "juice of half a lemon" → "0.5 lemon" and what was asked of it. */
export function takeFruitPart(text: string): { parts: ("juice" | "zest")[]; rest: string } {
  const match = ofFruit.exec(text);
  if (!match) return { parts: [], rest: text };
  const parts = [match[1], match[2]].flatMap((word) => (word ? [partOf(word)] : []));
  const rest = wordsToNumber(text.slice(match[0].length).replace(/^the /i, "")).replace(
    /^([\d./]+) an? /,
    "$1 ",
  );
  return { parts, rest: /^[\d.¼½¾⅓⅔]/.test(rest) ? rest : `1 ${rest}` };
}

/** "leaves from 4 sprigs of rosemary" counts the sprigs. */
export const leavesFrom =
  /^(?:the )?(?:picked )?(?:leaves|needles|kernels|flesh|seeds) (?:of|from) (?=[\d¼½¾]|an? |half an? |one |two |three )/i;

const eggPart = /^(?:the )?(white|yolk)s? (?:of|from) ((?:[\d.]+|an?|two|three|four|five|six) .*?)eggs?\b/i;

/** "whites of 3 eggs", "3 eggs, whites only": whites, not eggs. */
export const eggParts = (text: string): string =>
  text
    .replace(
      eggPart,
      (_, part: string, count: string) => `${wordsToNumber(count.trim() + " ")}egg ${part.toLowerCase()}s`,
    )
    .replace(/^([\d.]+ (?:\w+ )?)eggs?,? \(?(white|yolk)s? only\)?/i, "$1egg $2s");

/** "2 cm piece of ginger", "a thumb-sized knob": lengths of a root, in centimetres. */
const lengthOf =
  /^([\d.]+)(?:-([\d.]+))?[ -]?(cm|centimetres?|inch(?:es)?|in|")[- ]?(?:long )?(?:(piece|knob|chunk|length)s?(?: of)? )?(?:of )?(.+)$/i;
const sized =
  /^([\d.]+ )?(thumb|knob|golf[- ]?ball|walnut)(?:'?s)?(?:[- ]?sized?)?(?: (?:piece|knob|chunk|lump)s?)?(?: of)? (?=(?:fresh |root )*(?:ginger|horseradish|turmeric|galangal))/i;
const rootsSoldByLength = /\b(?:ginger|horseradish|turmeric|galangal|lemongrass)\b/i;
/** How long a piece of a size is, centimetres. Common practice, no source. */
const lengths: readonly (readonly [size: RegExp, low: number, high: number])[] = [
  [/^(?:thumb|knob)/i, 2, 5],
  [/^walnut/i, 2, 4],
  [/^golf/i, 4, 6],
];

export function takeLength(
  text: string,
): { count: { readonly low: number; readonly high: number }; rest: string } | undefined {
  const match = lengthOf.exec(text);
  const rest = match?.[5] ?? "";
  if (match && (match[4] !== undefined || rootsSoldByLength.test(rest))) {
    const cm = /^c/i.test(match[3] ?? "") ? 1 : 2.54;
    const low = Number(match[1]) * cm;
    return { count: { low, high: match[2] ? Number(match[2]) * cm : low }, rest };
  }
  const [all = "", many = "1", size = ""] = sized.exec(text) ?? [];
  const one = lengths.find(([word]) => word.test(size));
  if (!one) return undefined;
  return { count: { low: one[1] * Number(many), high: one[2] * Number(many) }, rest: text.slice(all.length) };
}
