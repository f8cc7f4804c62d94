import type { Provenance } from "../catalogue/index.ts";

type Band = readonly [low: number, high: number];

/**
 * A way of balancing a dressing. Parts are by volume; `acidPercent` is the strength of the acid it is written for,
 * g per 100 ml as acetic; `oilToOneAcid` is the band of nominal oil to one of acid; salt and sugars in g per 100 g.
 */
export type School = Provenance & {
  readonly id: string;
  readonly name: string;
  readonly oilParts: number;
  readonly acidParts: number;
  readonly acidPercent: number;
  readonly suits: string;
  readonly oilToOneAcid: Band;
  readonly other: string;
  readonly saltG: Band;
  readonly sugarG: Band;
  readonly notes: string;
};

const yardstickPercent = 5;

/**
 * The band of oil to one of *effective* acid (as 5 % vinegar): a school of 6 % vinegar at three to one is 2.5 to one
 * of effective acid. The middle is the school's own ratio.
 */
export function effectiveBand(school: School): {
  readonly low: number;
  readonly value: number;
  readonly high: number;
} {
  const strength = school.acidPercent / yardstickPercent;
  const [low, high] = school.oilToOneAcid;
  return {
    low: low / strength,
    value: school.oilParts / school.acidParts / strength,
    high: high / strength,
  };
}

const middle = ([low, high]: Band): number => (low + high) / 2;

/** What a school aims at: its own ratio, the middle of its salt, and of its sugar where it always has some. */
export const aimOf = (
  school: School,
): { readonly ratio: number; readonly saltPercent: number; readonly sugarPercent: number | null } => ({
  ratio: effectiveBand(school).value,
  saltPercent: middle(school.saltG),
  sugarPercent: school.sugarG[0] > 0 ? middle(school.sugarG) : null,
});

/** The bands a bowl is corrected to: oil to effective acid, and salt. */
export const bandsOf = (school: School) => {
  const { low, high } = effectiveBand(school);
  const [saltLow, saltHigh] = school.saltG;
  return { effective: { low, high }, saltPercent: { low: saltLow, high: saltHigh }, sugarToAcid: null };
};

/** A target of the cook's own is met within a tenth of it. A judgement. */
const within = 0.1;
const around = (value: number): { readonly low: number; readonly high: number } => ({
  low: value * (1 - within),
  high: value * (1 + within),
});

/** The bands of a bowl where the cook has targets of their own; what is left out is the school's. */
export const bandsAround = (
  school: School,
  own: { readonly ratio?: number | undefined; readonly saltPercent?: number | undefined },
) => {
  const usual = bandsOf(school);
  return {
    ...usual,
    effective: own.ratio === undefined ? usual.effective : around(own.ratio),
    saltPercent: own.saltPercent === undefined ? usual.saltPercent : around(own.saltPercent),
  };
};

/** Where a ratio stands to a band. */
export type Standing = "below" | "inside" | "above";
export const standing = (value: number, band: { readonly low: number; readonly high: number }): Standing =>
  value < band.low ? "below" : value > band.high ? "above" : "inside";
