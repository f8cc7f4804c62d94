import { parseAmount, type Amount } from "./parse-amount.ts";
import { wordsToNumber } from "./normalise-line.ts";
import type { CupSystem } from "./units.ts";

/** What a line itself says something weighs or holds. */
export type StatedAmount = Exclude<Amount, { kind: "count" }>;

const ofFruit =
  /^(?:(?:the |some )?(?:finely |freshly )?(?:grated |squeezed )?)(juice|zest|rind)(?: (?:and|&) (?:finely )?(?:grated )?(juice|zest|rind))? (?:of|from) /i;

const partOf = (word: string): "juice" | "zest" => (word.toLowerCase() === "juice" ? "juice" : "zest");

/** "juice of half a lemon" → "0.5 lemon" and what was asked of it. */
export function takeFruitPart(text: string): { parts: ("juice" | "zest")[]; rest: string } {
  const match = ofFruit.exec(text);
  if (!match) return { parts: [], rest: text };
  const parts = [match[1], match[2]].flatMap((word) => (word ? [partOf(word)] : []));
  const rest = wordsToNumber(text.slice(match[0].length));
  return { parts, rest: /^[\d.¼½¾⅓⅔]/.test(rest) ? rest : `1 ${rest}` };
}

/** "leaves from 4 sprigs of rosemary" counts the sprigs. */
export const leavesFrom =
  /^(?:the )?(?:picked )?(?:leaves|needles|kernels|flesh|seeds) (?:of|from) (?=[\d¼½¾])/i;

type Stated = { stated: StatedAmount | null; rest: string };

const scaled = (amount: StatedAmount | null, factor: number): StatedAmount | null => {
  if (!amount) return null;
  return amount.kind === "mass"
    ? { kind: "mass", grams: amount.grams * factor }
    : { ...amount, ml: amount.ml * factor, count: amount.count * factor };
};

function amountIn(text: string, cup: CupSystem): StatedAmount | null {
  if (!/\d|[¼½¾⅓⅔⅛]/.test(text) || !/[a-z]/i.test(text)) return null;
  const written = text.replace(/^[^\d¼½¾⅓⅔⅛]*/, "").replace(/(\d)-(?=[a-z])/i, "$1 ");
  const read = parseAmount(written, cup);
  return read.ok && read.value.amount.kind !== "count" ? read.value.amount : null;
}

/** What counted pieces weigh, after a comma: "3 cucumbers, 1.2 kg", "4 leeks, 200 g each, trimmed". */
const weightAfter =
  /^(.+?)[,;] ?(?:about |approx(?:imately|\.)? |~ ?)?((?:\d+ )?[\d.]+(?:\/\d+)? ?(?:kg|kilos?|kilograms?|g|grams?|lbs?|pounds?|oz|ounces?)\b\.?)(?: (each|apiece|in all|in total|altogether|together))?(?=[,;]|$)(.*)$/i;

function statedAfter(text: string, cup: CupSystem): Stated | undefined {
  const [, before = "", weight = "", share = "", after = ""] = weightAfter.exec(text) ?? [];
  const counted = before === "" ? undefined : parseAmount(before, cup);
  if (!counted?.ok || counted.value.amount.kind !== "count") return undefined;
  const { low, high } = counted.value.amount;
  const isEach = /^(?:each|apiece)$/i.test(share);
  const stated = scaled(amountIn(weight, cup), isEach ? (low + high) / 2 : 1);
  return stated ? { stated, rest: `${before}${after}` } : undefined;
}

/** "2 x 400 g tins …" and "2 (400 g) tins …": so many of a stated amount. A bracket later in the line is the whole. */
export function takeStated(text: string, cup: CupSystem): Stated {
  const multiplied = /^([\d.]+) ?(?:x|×|\*) ?((?:[\d.,]+) ?-?[a-z]+\.?)(?= |$)/i.exec(text);
  if (multiplied) {
    const each = amountIn(multiplied[2] ?? "", cup);
    if (each)
      return {
        stated: scaled(each, Number(multiplied[1])),
        rest: `${multiplied[1]} ${text.slice(multiplied[0].length).trim()}`,
      };
  }
  const eachTin =
    /^([\d.]+) ((?:[\d.]+)[ -]?(?:g|kg|oz|ounces?|ml|lb)) (?=(?:tins?|cans?|jars?|packets?|packs?|blocks?|bags?|tubs?)\b)/i.exec(
      text,
    );
  if (eachTin) {
    const each = amountIn(eachTin[2] ?? "", cup);
    if (each)
      return {
        stated: scaled(each, Number(eachTin[1])),
        rest: `${eachTin[1]} ${text.slice(eachTin[0].length)}`,
      };
  }
  for (const bracket of text.matchAll(/\(([^()]*)\)/g)) {
    const inside = (bracket[1] ?? "").trim();
    const amount = amountIn(inside, cup);
    if (!amount) continue;
    const before = text.slice(0, bracket.index).trim();
    const perItem = /^[\d.¼½¾]+$/.test(before) || /\beach\b/i.test(inside);
    const count = perItem ? Number.parseFloat(before) || 1 : 1;
    return {
      stated: scaled(amount, count),
      rest: `${before} ${text.slice(bracket.index + bracket[0].length)}`.replace(/\s+/g, " ").trim(),
    };
  }
  return statedAfter(text, cup) ?? { stated: null, rest: text };
}

/** "2 cm piece of ginger", "a thumb-sized knob": lengths of a root, in centimetres. */
const lengthOf =
  /^([\d.]+)(?:-([\d.]+))?[ -]?(cm|centimetres?|inch(?:es)?|in|")[- ]?(?:long )?(?:piece|knob|chunk|length)?s?(?: of)? /i;

export function takeLength(
  text: string,
): { count: { readonly low: number; readonly high: number }; rest: string } | undefined {
  const match = lengthOf.exec(text);
  if (match && /piece|knob|chunk|length/i.test(match[0])) {
    const cm = /^c/i.test(match[3] ?? "") ? 1 : 2.54;
    const low = Number(match[1]) * cm;
    return {
      count: { low, high: match[2] ? Number(match[2]) * cm : low },
      rest: text.slice(match[0].length),
    };
  }
  const thumb =
    /^([\d.]+ )?(?:thumb|knob)(?:-?sized?)?(?: (?:piece|knob|chunk))?s? (?:of )?(?=(?:fresh |root )*ginger|horseradish)/i.exec(
      text,
    );
  if (!thumb) return undefined;
  const many = Number(thumb[1] ?? 1);
  return { count: { low: 2 * many, high: 5 * many }, rest: text.slice(thumb[0].length) };
}
