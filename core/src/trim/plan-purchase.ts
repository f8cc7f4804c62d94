import { invariant, neededFor, showGrams, showYield, type Estimate } from "../measure/index.ts";

/** How much to pick or buy. `safeG` covers the low end of the yield. */
export type PurchasePlan = { readonly raw: Estimate; readonly safeG: number; readonly workings: string };

/**
 * Raw grams so that `usableG` (> 0) remains after trimming at `y` (fraction with its 90 % range).
 * @example planPurchase(250, {value: 0.6, low: 0.5, high: 0.7}) // 417 g, 357–500; pick 500 g to be safe
 */
export function planPurchase(usableG: number, y: Estimate): PurchasePlan {
  invariant(usableG > 0, `cannot plan for ${usableG} g`);
  const raw = neededFor(usableG, y);
  const safeG = Math.ceil(raw.high / 5) * 5;
  const workings = `${showGrams(usableG)} ÷ ${showYield(y.value)} = ${showGrams(raw.value)}; at the low end ÷ ${showYield(y.low)} = ${showGrams(raw.high)}`;
  return { raw, safeG, workings };
}

/**
 * Price of 100 usable grams in the currency's minor units: price ÷ (raw × yield) × 100.
 * `priceMinor` ≥ 0 for the whole of `rawG` (> 0).
 */
export function costPerUsable100g(priceMinor: number, rawG: number, y: Estimate): Estimate {
  const per = (fraction: number): number => (priceMinor / (rawG * fraction)) * 100;
  return { value: per(y.value), low: per(y.high), high: per(y.low) };
}
