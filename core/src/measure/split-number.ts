import { numericQuantity } from "numeric-quantity";

/** The leading number (or range) of a text, the word after it, and the rest. */
export type NumberAndWord = {
  readonly low: number;
  readonly high: number;
  readonly word: string;
  readonly rest: string;
};

/** ⅓ is a third, not 0.333. */
const exact = { round: false } as const;

const fractionSigns = "¼½¾⅓⅔⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞";
const numberPattern = `(?:\\d+ \\d+/\\d+|\\d+/\\d+|\\d*\\.?\\d+ ?[${fractionSigns}]|\\d+\\.?\\d*|\\.\\d+|[${fractionSigns}])`;
const leading = new RegExp(`^(${numberPattern})(?: ?(?:-|–|to) ?(${numberPattern}))? ?(.*)$`, "su");

/** Splits "1–2 bunches of chard" into 1, 2, "bunches", "of chard"; undefined when no number leads. */
export function splitNumberAndWord(text: string): NumberAndWord | undefined {
  const match = leading.exec(text.trim());
  if (!match) return undefined;
  const low = numericQuantity(match[1] ?? "", exact);
  const high = match[2] === undefined ? low : numericQuantity(match[2], exact);
  if (!Number.isFinite(low) || !Number.isFinite(high)) return undefined;
  const [, word = "", rest = ""] = /^([^\s\d]*)\s*(.*)$/su.exec(match[3] ?? "") ?? [];
  return { low, high, word, rest };
}

/** True for a word that could be a unit at all (letters, perhaps a final stop). */
export const looksLikeUnit = (word: string): boolean => /^[a-z]+\.?$/i.test(word);
