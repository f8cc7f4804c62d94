import type { Catalogue } from "../catalogue/index.ts";
import { accept, refuse, showGrams, trimmedDecimals, type Result } from "../measure/index.ts";
import { writtenWeight } from "./batch-weight.ts";
import type { Diners } from "./diners.ts";
import type { Formula } from "./formula.ts";
import { lotGramsPerBatch, type LotOnHand } from "./stock-for-lines.ts";

/** The questions a cook scales by. "weight" is grams of the finished dish, as containers or machine loads want. */
export type ScaleWish =
  | { readonly kind: "batches"; readonly batches: number }
  | { readonly kind: "servings"; readonly servings: number }
  | { readonly kind: "weight"; readonly grams: number; readonly as: string }
  | { readonly kind: "all-of"; readonly lot: LotOnHand };

export type ScaleIssue =
  | { readonly code: "ingredient-not-in-formula"; readonly ingredient: string }
  | { readonly code: "batches-out-of-range"; readonly batches: number; readonly atMost: number };

export type Scaled = { readonly batches: number; readonly workings: string };

/** More than this is a factory, not a kitchen. Common practice, no source. */
const mostBatches = 50;

/**
 * How many batches (a positive number, not only whole) answer the wish. "All of" takes every gram of a
 * lot, as it lies, into the lines that it fits, at their caps; a weight is met by the dish as written, after cooking.
 */
export function scaleFormula(
  formula: Formula,
  wish: ScaleWish,
  kitchen: { readonly catalogue: Catalogue; readonly diners: Diners },
): Result<Scaled, ScaleIssue> {
  switch (wish.kind) {
    case "batches":
      return inRange(wish.batches, "as asked");
    case "servings":
      return inRange(
        wish.servings / formula.servings,
        `${trimmedDecimals(wish.servings, 1)} servings ÷ ${trimmedDecimals(formula.servings, 1)} a batch`,
      );
    case "weight": {
      const perBatch = writtenWeight(formula, kitchen.catalogue).value;
      return inRange(wish.grams / perBatch, `${wish.as} ÷ ${showGrams(perBatch)} a batch`);
    }
    case "all-of": {
      const { ingredient, grams } = wish.lot;
      const perBatch = lotGramsPerBatch(formula, wish.lot, kitchen);
      if (perBatch === 0) return refuse({ code: "ingredient-not-in-formula", ingredient });
      return inRange(grams / perBatch, `${showGrams(grams)} ÷ ${showGrams(perBatch)} a batch`);
    }
  }
}

const inRange = (batches: number, workings: string): Result<Scaled, ScaleIssue> =>
  batches > 0 && batches <= mostBatches
    ? accept({
        batches,
        workings: `${workings}: ${trimmedDecimals(batches, 2)} ${batches === 1 ? "batch" : "batches"}`,
      })
    : refuse({ code: "batches-out-of-range", batches, atMost: mostBatches });

/** A formula with every amount `factor` (> 0) times as much; caps, shares and times stay. */
export const timesFormula = (formula: Formula, factor: number): Formula => ({
  ...formula,
  servings: formula.servings * factor,
  makes:
    formula.makes &&
    (formula.makes.kind === "mass"
      ? { kind: "mass", grams: formula.makes.grams * factor }
      : { kind: "volume", ml: formula.makes.ml * factor }),
  lines: formula.lines.map((line) => ({
    ...line,
    grams: line.grams * factor,
    range: line.range && { low: line.range.low * factor, high: line.range.high * factor },
    amountText: factor === 1 ? line.amountText : "",
    asBoughtG: line.asBoughtG && line.asBoughtG * factor,
    cookedG: line.cookedG && line.cookedG * factor,
  })),
});
