import type { Provenance } from "../catalogue/index.ts";
import type { DressingTargets } from "./dressing-targets.ts";

type Band = readonly [low: number, high: number];

/**
 * A way of balancing a dressing. Parts are by volume; `acidPercent` is the strength of the acid it is written for,
 * g per 100 ml as acetic; `oilToOneAcid` is the band of poured oil to one of acid; `usualAcids` are ingredients that
 * are poured for it; salt and sugars in g per 100 g.
 */
export type DressingStyle = Provenance & {
  readonly id: string;
  readonly name: string;
  readonly oilParts: number;
  readonly acidParts: number;
  readonly acidPercent: number;
  readonly usualAcids: readonly string[];
  readonly suits: string;
  readonly oilToOneAcid: Band;
  readonly other: string;
  readonly saltG: Band;
  readonly sugarG: Band;
  readonly notes: string;
};

const yardstickPercent = 5;

/**
 * The band of oil to one of *effective* acid (as 5 % vinegar): a style with 6 % vinegar at three to one is 2.5 to one
 * of effective acid. The middle is the style's own ratio.
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

/** What a style aims at: its own ratio, the middle of its salt, and of its sugar where it always has some. */
export const aimOf = (
  dressingStyle: DressingStyle,
): { readonly ratio: number; readonly saltPercent: number; readonly sugarPercent: number | null } => ({
  ratio: effectiveBand(dressingStyle).value,
  saltPercent: middle(dressingStyle.saltG),
  sugarPercent: dressingStyle.sugarG[0] > 0 ? middle(dressingStyle.sugarG) : null,
});

/** The bands a bowl is corrected to: oil to effective acid, and salt. */
export const bandsOf = (dressingStyle: DressingStyle): DressingTargets => {
  const { low, high } = effectiveBand(dressingStyle);
  const [saltLow, saltHigh] = dressingStyle.saltG;
  return {
    oilToAcidPoured: null,
    oilToAcidEffective: { low, high },
    saltPercent: { low: saltLow, high: saltHigh },
    sugarToAcid: null,
  };
};

/** How a ratio of oil to acid is meant: by volume as poured, or with the acid counted as 5 % vinegar. */
export type RatioMeaning = "as-poured" | "by-strength";

/** Targets of the cook's own in place of a style's. A ratio is meant as poured where nothing else is said. */
export type OwnTargets = {
  readonly ratio?: number | undefined;
  readonly ratioMeaning?: RatioMeaning | undefined;
  readonly saltPercent?: number | undefined;
};

/** A target of the cook's own is met within a tenth of it. A judgement. */
const bandMargin = 0.1;
const withMargin = (value: number): { readonly low: number; readonly high: number } => ({
  low: value * (1 - bandMargin),
  high: value * (1 + bandMargin),
});

/** The bands of a bowl where the cook has targets of their own; what is left out is the style's. */
export const bandsAround = (dressingStyle: DressingStyle, own: OwnTargets): DressingTargets => {
  const usual = bandsOf(dressingStyle);
  const byStrength = own.ratioMeaning === "by-strength";
  const ratio = own.ratio === undefined ? null : withMargin(own.ratio);
  return {
    ...usual,
    oilToAcidEffective: ratio === null ? usual.oilToAcidEffective : byStrength ? ratio : null,
    oilToAcidPoured: byStrength ? null : ratio,
    saltPercent: own.saltPercent === undefined ? usual.saltPercent : withMargin(own.saltPercent),
  };
};

/** Where a ratio is relative to a band. */
export type PositionInBand = "below" | "inside" | "above";
export const positionInBand = (
  value: number,
  band: { readonly low: number; readonly high: number },
): PositionInBand => (value < band.low ? "below" : value > band.high ? "above" : "inside");
