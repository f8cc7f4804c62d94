import { numericQuantity } from "numeric-quantity";
import { aNumber, anyOf, massWords, packWords, someNumber, volumeWords } from "./amount-words.ts";
import { parseAmount, type Amount } from "./parse-amount.ts";
import type { CupSystem } from "./units.ts";

/** What a line itself says something weighs or holds. */
export type StatedAmount = Exclude<Amount, { kind: "count" }>;

/** What else a line says about amounts, and what is left of it. */
export type Stated = {
  /** What it all weighs or holds. */
  readonly stated: StatedAmount | null;
  /** More of the same: "plus 2 tbsp for frying". */
  readonly added: readonly StatedAmount[];
  /** Something else that will do: "(or 1 tbsp honey)". */
  readonly offered: readonly string[];
  /** Said of what is in a tin once its liquid is poured off. */
  readonly isDrained: boolean;
  /** It stands beside several things, and no word says whether it is of each or of all. */
  readonly isEachOrAll: boolean;
  /** Two statements of one amount that cannot both be right. */
  readonly disagrees: boolean;
  readonly rest: string;
};

const none = {
  stated: null,
  added: [],
  offered: [],
  isDrained: false,
  isEachOrAll: false,
  disagrees: false,
} as const;

const scaled = (amount: StatedAmount | null, factor: number): StatedAmount | null => {
  if (!amount) return null;
  return amount.kind === "mass"
    ? { kind: "mass", grams: amount.grams * factor }
    : { ...amount, ml: amount.ml * factor, count: amount.count * factor };
};

const amountWritten = `${someNumber}[ -]?(?:${massWords}|${volumeWords})\\b\\.?`;
const firstAmount = new RegExp(amountWritten, "i");

const severalTimes = new RegExp(`^(\\d+) ?[x×] ?(?=${aNumber})`, "i");
const half = /^(?:half|½|1\/2|0\.5) (?:of )?(?:an? )?(?=\d)/i;

/** The first weight or volume that a text names: 200 g of "2 × 100 g bags", 250 g of "half a 500 g packet". */
function amountIn(text: string, cup: CupSystem): StatedAmount | null {
  const [ofOne] = half.exec(text) ?? [];
  if (ofOne !== undefined) return scaled(amountOnce(text.slice(ofOne.length), cup), 0.5);
  const [said = "", times = "1"] = severalTimes.exec(text) ?? [];
  return scaled(amountOnce(text.slice(said.length), cup), Number(times));
}

function amountOnce(text: string, cup: CupSystem): StatedAmount | null {
  const written = firstAmount.exec(text)?.[0].replace(/(\d|[¼½¾⅓⅔⅛])-(?=[a-z])/i, "$1 ");
  const read = written === undefined ? undefined : parseAmount(written, cup);
  return read?.ok && read.value.amount.kind !== "count" ? read.value.amount : null;
}

const pack = anyOf(packWords);
const somePack = new RegExp(`\\b(?:${pack})\\b`, "i");
/** "2 x 400 g tins", "2 × 125 g". */
const multiplied = new RegExp(`^(${aNumber}) ?(?:x|×|\\*) ?(${amountWritten})(?= |$)`, "i");
/** "400 g tin", "2 15-oz cans", "1 (14.5-ounce) can", "½ 400 g tin", "8-ounce package of". */
const eachPack = new RegExp(
  `^(?:([\\d.]+|(?:\\d+ ?)?[¼½¾⅓⅔]|(?:\\d+ )?\\d+/\\d+) (?!\\d+/|[¼½¾⅓⅔]))?\\(?(${aNumber}[ -]?(?:${massWords}|ml|cl|l|litres?|fl oz)\\b\\.?)\\)? ?-?(?=(?:${pack})\\b)`,
  "i",
);
/**
 * "3 cucumbers, 1.2 kg", "4 leeks, 200 g each", "6 potatoes about 120 g each", "feta, 2 packs (200 g each)",
 * "8 bunches radishes @ 250 g", "1 tin tomatoes, drained weight 240 g".
 */
const weightAfter = new RegExp(
  `^(?<before>.+?)(?:[,;] ?|\\s)(?<drained>drained(?: weight| wt\\.?)?:? )?(?<apiece>(?:@|at|of|each) ?)?(?:(?:about|approx(?:imately|\\.)?|weighing|(?:with )?a (?:total |combined )?weight of|(?:total|combined|coming to|totalling)(?=[ :])|~) ?)*(?<weight>${someNumber} ?(?:${massWords}|ml|l|litres?)\\b\\.?)(?: (?<left>drained)(?= (?:each|apiece)))?(?: (?<share>each|apiece|a piece|per piece|in all|in total|total|altogether|together))?(?=[,;]|$| (?:trimmed|untrimmed|peeled|unpeeled|prepared|podded|unpodded|shelled|unshelled|whole|raw|net|gross|drained)\\b)(?<after>.*)$`,
  "i",
);
const partOfOne = /^(?:0?\.\d+|\d\/\d|[¼½¾⅓⅔]) /;
/** Packs are sold with so much in them, g or ml, and more: of a part of one, less is what the part weighs. Common practice, no source. */
const leastOfAPack = 200;

/** "1/2 packet (500 g)": of the half, or of the packet? "half a pack (125 g)" says what the half weighs. */
const mayBeOfTheWhole = (before: string, stated: StatedAmount): boolean =>
  partOfOne.test(before) &&
  somePack.test(before) &&
  (stated.kind === "mass" ? stated.grams : stated.ml) >= leastOfAPack;

const isEachWord = (word: string): boolean => /^(?:each|apiece|(?:a|per) piece)$/i.test(word);

function statedBefore(
  text: string,
  cup: CupSystem,
): { stated: StatedAmount | null; rest: string } | undefined {
  const times = multiplied.exec(text) ?? eachPack.exec(text);
  const each = times && amountIn(times[2] ?? "", cup);
  if (!times || !each) return undefined;
  const count = times[1] === undefined ? 1 : numericQuantity(times[1]);
  return { stated: scaled(each, count), rest: `${count} ${text.slice(times[0].length).trim()}` };
}

function statedAfter(
  text: string,
  cup: CupSystem,
): Pick<Stated, "stated" | "isDrained" | "isEachOrAll" | "disagrees" | "rest"> | undefined {
  const found = weightAfter.exec(text)?.groups;
  if (!found) return undefined;
  const { before = "", weight = "", share = "", apiece = "", after = "" } = found;
  const isDrained = found["drained"] !== undefined || found["left"] !== undefined;
  const counted = parseAmount(before, cup);
  if (!counted.ok || counted.value.amount.kind !== "count") return undefined;
  const { low, high } = counted.value.amount;
  const isUnsaid = share === "" && apiece === "";
  const isEach = isEachWord(share) || apiece !== "";
  const stated = scaled(amountIn(weight, cup), isEach ? (low + high) / 2 : 1);
  const isEachOrAll = isUnsaid && low > 1;
  const disagrees = stated !== null && mayBeOfTheWhole(before, stated);
  const rest = `${before}${after}`;
  return stated ? { stated, isDrained, isEachOrAll, disagrees, rest } : undefined;
}

const adds = /^(?:plus|\+|and (?:an? )?(?:extra|another|further)|with an extra)\b ?/i;
const offers = /^or\b ?/i;
const describes = /\b(?:cooked|soaked|boiled|dissolved|steeped|mixed|simmered|rinsed) (?:in|with)\b/i;
/** A tail that adds: ", plus 2 tbsp for frying", "+ 1 tbsp to serve". */
const addedAfter = new RegExp(
  `,? (?:plus|\\+|and) (?:an? )?(?:extra |another |further )?(${amountWritten})(?: (?:more|extra))?(?: ?(?:for|to)\\b[^,;]*)?$`,
  "i",
);
/** ", or 2 tsp honey", "or 1 tbsp vinegar" at the end. */
const offeredAfter = new RegExp(`,? or (${amountWritten} .+)$`, "i");

/** Weights that two statements of one amount may differ by: ounces and pounds are rounded freely. */
const mostApart = 0.25;
const isMetric = (written: string): boolean =>
  /\d ?(?:kg|kilos?|kilograms?|g|gr|grams?|gms?)\b/i.test(written);

/** "(6 kg + 4 kg)": which of them is meant, or both, the line does not say. */
const severalAmounts = new RegExp(`${amountWritten} ?(?:\\+|and|&) ?${amountWritten}`, "i");
const saysOfAll = /\b(?:total|in all|altogether|together)\b/i;

type Bracket = { readonly inside: string; readonly before: string; readonly after: string };
type Reading = Omit<Stated, "rest">;

/** "(400 g, 240 g drained)": of what is in the tin, and of what is left of it. */
const drainedBeside = new RegExp(`(${amountWritten}) drained|drained(?: weight)?:? (${amountWritten})`, "i");

/** What one bracket says of the amount before it. */
function readBracket({ inside, before }: Bracket, said: Reading, cup: CupSystem): Reading | "keep" {
  const [, left, right] = drainedBeside.exec(inside) ?? [];
  const amount = amountIn(left ?? right ?? inside, cup);
  if (adds.test(inside)) return amount ? { ...said, added: [...said.added, amount] } : "keep";
  if (offers.test(inside)) return { ...said, offered: [...said.offered, inside.replace(offers, "")] };
  if (describes.test(inside)) return "keep";
  if (severalAmounts.test(inside)) return { ...said, disagrees: true };
  if (!amount) {
    if (!/[\d¼½¾]/.test(before)) return "keep";
    // "(about 3 medium)", "(1 stick)", "(from 2 ears)": the same amount once more, in pieces.
    return /^(?:about |approx\.? |roughly |from |~)?(?:[\d.]+(?:[\s/-][\d./]+)?|[¼½¾⅓⅔]|(?:an?|one|two|three|four)(?![a-z]))(?: ?(?!may|can|could|if|for|to|of|with)[a-z-]+){0,3}$/i.test(
      inside,
    )
      ? said
      : "keep";
  }
  // "(240 g drained)", "drained (240 g)"; a tin of 400 g that is to be drained is another thing.
  const isDrained =
    said.isDrained || /\bdrained\b/i.test(inside) || /\bdrained(?: weight)?:? $/i.test(before);
  const main = firstAmount.exec(before)?.[0] ?? "";
  const mainAmount = main === "" ? null : amountIn(main, cup);
  if (mainAmount?.kind === "mass" && amount.kind === "mass" && !isDrained) {
    const isPiece = somePack.test(before);
    const apart = Math.abs(mainAmount.grams / amount.grams - 1);
    if (apart > mostApart && !isPiece) return { ...said, disagrees: true };
    return isMetric(main) || !isMetric(inside) ? said : { ...said, stated: amount };
  }
  if (mainAmount && amount.kind === "volume" && mainAmount.kind === "mass") return said;
  const perItem =
    /^[\d.¼½¾]+$/.test(before.trim()) || /^(?:@|at|of|à) |\b(?:each|apiece|(?:a|per) piece)\b/i.test(inside);
  const many = Number.parseFloat(before) || 1;
  // "2 x 400 g (480 g drained)": more than one of them holds is what they hold together.
  const each = said.stated?.kind === "mass" ? said.stated.grams / many : Infinity;
  if (isDrained && amount.kind === "mass" && amount.grams > each)
    return { ...said, stated: amount, isDrained };
  const isEachOrAll = !perItem && many > 1 && !saysOfAll.test(inside);
  // "half packet pasta (500 g packet)".
  if (partOfOne.test(before) && somePack.test(inside))
    return { ...said, stated: scaled(amount, numericQuantity(before.split(" ")[0] ?? "")), isDrained };
  if (!isDrained && mayBeOfTheWhole(before, amount)) return { ...said, disagrees: true };
  return { ...said, stated: scaled(amount, perItem ? many : 1), isDrained, isEachOrAll };
}

/**
 * Takes out of a line what it says of amounts beside the first: brackets that add, offer, describe or say the same again,
 * "2 x 400 g tins", "6 …, 120 g each", "plus 2 tbsp for frying". A bracket that says nothing of amounts stays.
 */
export function takeStated(text: string, cup: CupSystem): Stated {
  const before = statedBefore(text, cup);
  let said: Reading = { ...none, stated: before?.stated ?? null };
  let rest = before?.rest ?? text;
  for (const bracket of [...rest.matchAll(/\(([^()]*)\)/g)].reverse()) {
    const at = {
      inside: (bracket[1] ?? "").trim(),
      before: rest.slice(0, bracket.index),
      after: rest.slice(bracket.index + bracket[0].length),
    };
    const read = readBracket(at, said, cup);
    if (read === "keep") continue;
    said = read;
    rest = `${at.before.trim()} ${at.after.trim()}`.replace(/\s+([,;])/g, "$1").trim();
  }
  const more = addedAfter.exec(rest);
  const extra = more && amountIn(more[1] ?? "", cup);
  // "1/4 cup plus 2 tablespoons oil" is one amount; its end is no food's end.
  if (more && extra && more.index > 0) {
    said = { ...said, added: [...said.added, extra] };
    rest = rest.slice(0, more.index);
  }
  const other = offeredAfter.exec(rest);
  if (other) {
    said = { ...said, offered: [...said.offered, other[1] ?? ""] };
    rest = rest.slice(0, other.index);
  }
  if (said.stated) return { ...said, rest };
  const after = statedAfter(rest, cup);
  return after ? { ...said, ...after } : { ...said, rest };
}
