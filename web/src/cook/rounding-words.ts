import type { MakePlan } from "@apron/contract";
import { trimmedDecimals } from "@apron/core/measure";

/** What rounding to the scale does to the ratios that matter, where it shows. */
export const roundingWords = ({ rounding }: Pick<MakePlan, "rounding">): string[] =>
  rounding
    .filter(
      ({ error, wanted, rounded }) =>
        Math.abs(error) >= 0.005 && trimmedDecimals(wanted, 2) !== trimmedDecimals(rounded, 2),
    )
    .map(({ metric, wanted, rounded, error }) => {
      const off = `${error < 0 ? "−" : "+"}${trimmedDecimals(Math.abs(error) * 100, 1)} %`;
      return metric === "oil-to-acid"
        ? `oil to acid is ${trimmedDecimals(rounded, 2)} instead of ${trimmedDecimals(wanted, 2)} to 1 (${off})`
        : `salt is ${trimmedDecimals(rounded, 2)} instead of ${trimmedDecimals(wanted, 2)} % (${off})`;
    });
