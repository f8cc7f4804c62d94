import type { Provenance } from "../catalogue/index.ts";

type Band = readonly [low: number, high: number];

/**
 * A way of balancing a dressing. Parts are by volume; `acidPercent` is the strength of the acid it is written for,
 * g per 100 ml as acetic; `oilToOneAcid` is the band of nominal oil to one of acid; salt and sugars in g per 100 g.
 */
export type DressingStyle = Provenance & {
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
export function effectiveBand(dressingStyle: DressingStyle): {
  readonly low: number;
  readonly value: number;
  readonly high: number;
} {
  const strength = dressingStyle.acidPercent / yardstickPercent;
  const [low, high] = dressingStyle.oilToOneAcid;
  return {
    low: low / strength,
    value: dressingStyle.oilParts / dressingStyle.acidParts / strength,
    high: high / strength,
  };
}

const middle = ([low, high]: Band): number => (low + high) / 2;

/** What a school aims at: its own ratio, the middle of its salt, and of its sugar where it always has some. */
export const aimOf = (
  dressingStyle: DressingStyle,
): { readonly ratio: number; readonly saltPercent: number; readonly sugarPercent: number | null } => ({
  ratio: effectiveBand(dressingStyle).value,
  saltPercent: middle(dressingStyle.saltG),
  sugarPercent: dressingStyle.sugarG[0] > 0 ? middle(dressingStyle.sugarG) : null,
});

/** The bands a bowl is corrected to: oil to effective acid, and salt. */
export const bandsOf = (dressingStyle: DressingStyle) => {
  const { low, high } = effectiveBand(dressingStyle);
  const [saltLow, saltHigh] = dressingStyle.saltG;
  return { oilToAcidEffective: { low, high }, saltPercent: { low: saltLow, high: saltHigh }, sugarToAcid: null };
};

/** A target of the cook's own is met within a tenth of it. A judgement. */
const bandMargin = 0.1;
const withMargin = (value: number): { readonly low: number; readonly high: number } => ({
  low: value * (1 - bandMargin),
  high: value * (1 + bandMargin),
});

/** The bands of a bowl where the cook has targets of their own; what is left out is the school's. */
export const bandsAround = (
  dressingStyle: DressingStyle,
  own: { readonly ratio?: number | undefined; readonly saltPercent?: number | undefined },
) => {
  const usual = bandsOf(dressingStyle);
  return {
    ...usual,
    oilToAcidEffective: own.ratio === undefined ? usual.oilToAcidEffective : withMargin(own.ratio),
    saltPercent: own.saltPercent === undefined ? usual.saltPercent : withMargin(own.saltPercent),
  };
};

/** Where a ratio stands to a band. */
export type PositionInBand = "below" | "inside" | "above";
export const positionInBand = (value: number, band: { readonly low: number; readonly high: number }): PositionInBand =>
  value < band.low ? "below" : value > band.high ? "above" : "inside";
