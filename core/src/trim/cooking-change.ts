import { accept, estimate, invariant, refuse, type Estimate, type Result } from "../measure/index.ts";

/**
 * Mass after water is driven off (or taken up) until the water fraction is `waterAfter`, nothing else changing:
 * m₁(1 − w₁) = m₀(1 − w₀). Fractions 0 ≤ w < 1.
 * @example massAtWater(1000, 0.94, 0.8) // 300: tomato at 94 % reduced to 80 %
 */
export function massAtWater(massG: number, waterBefore: number, waterAfter: number): number {
  invariant(waterBefore >= 0 && waterBefore < 1, `water fraction ${waterBefore}`);
  invariant(waterAfter >= 0 && waterAfter < 1, `water fraction ${waterAfter}`);
  return (massG * (1 - waterBefore)) / (1 - waterAfter);
}

export type CookingIssue =
  | { readonly code: "weight-not-positive"; readonly grams: number }
  | { readonly code: "extras-over-weight"; readonly extrasG: number; readonly grams: number }
  | { readonly code: "lighter-than-solids"; readonly grams: number; readonly solidsG: number };

/** What went onto the tray with the food: oil, salt, spice. Grams, 0 or more. */
export type TrayWeighing = {
  readonly beforeG: number;
  readonly afterG: number;
  /** Of `afterG`: what clings to the food as it is scraped out. `beforeG` is the food alone. */
  readonly extrasG: number;
};

/**
 * Mass factor of the food itself: oil, salt and spice on the tray are taken off before dividing.
 * @example fleshFactor({ beforeG: 1000, afterG: 735, extrasG: 35 }) // 0.700, not 0.735
 */
export function massRetention({ beforeG, afterG, extrasG }: TrayWeighing): Result<number, CookingIssue> {
  if (!(beforeG > 0)) return refuse({ code: "weight-not-positive", grams: beforeG });
  if (!(afterG > 0)) return refuse({ code: "weight-not-positive", grams: afterG });
  if (!(extrasG >= 0)) return refuse({ code: "weight-not-positive", grams: extrasG });
  if (extrasG >= afterG) return refuse({ code: "extras-over-weight", extrasG, grams: afterG });
  return accept((afterG - extrasG) / beforeG);
}

/**
 * Water fraction once `factor` of the mass is left and `solidsRetained` (0–1) of the dry matter stayed in it.
 * Refuses a factor below what the dry matter alone weighs.
 */
export function waterAfter(
  waterBefore: number,
  factor: number,
  solidsRetained = 1,
): Result<number, CookingIssue> {
  const solids = (1 - waterBefore) * solidsRetained;
  if (!(factor > 0)) return refuse({ code: "weight-not-positive", grams: factor });
  if (solids > factor) return refuse({ code: "lighter-than-solids", grams: factor, solidsG: solids });
  return accept(1 - solids / factor);
}

/** How much saltier, or sourer by its fixed acids, each gram is once `factor` of the mass is left: m₀/m₁. */
export const concentration = (factor: Estimate): Estimate =>
  estimate(1 / factor.value, 1 / factor.high, 1 / factor.low);
