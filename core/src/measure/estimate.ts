import { invariant } from "./result.ts";

/** A number with the range it is likely to lie in (about nine times in ten); `low ≤ value ≤ high`. */
export type Estimate = { readonly value: number; readonly low: number; readonly high: number };

/** A weighed or counted fact: no range. */
export const exactly = (value: number): Estimate => ({ value, low: value, high: value });

/** @throws when the three numbers are out of order (our mistake, not the cook's). */
export function estimate(value: number, low: number, high: number): Estimate {
  invariant(low <= value && value <= high, `estimate out of order: ${low} ≤ ${value} ≤ ${high}`);
  return { value, low, high };
}

/** The same uncertain thing, `factor` times (two bunches from one bed vary together); `factor` ≥ 0. */
export const times = (e: Estimate, factor: number): Estimate => ({
  value: e.value * factor,
  low: e.low * factor,
  high: e.high * factor,
});

/**
 * Product of two independent positive estimates: relative half-ranges add in quadrature on each side.
 * @example product({200, 150, 250}, exactly(0.5)) // 100, 75–125
 */
export function product(a: Estimate, b: Estimate): Estimate {
  const value = a.value * b.value;
  if (value === 0) return { value: 0, low: 0, high: a.high * b.high };
  const below = Math.hypot(1 - a.low / a.value, 1 - b.low / b.value);
  const above = Math.hypot(a.high / a.value - 1, b.high / b.value - 1);
  return {
    value,
    low: Math.max(a.low * b.low, value * (1 - below)),
    high: Math.min(a.high * b.high, value * (1 + above)),
  };
}

/** Sum of independent estimates: half-ranges add in quadrature on each side. Empty sum is an exact 0. */
export function sum(parts: readonly Estimate[]): Estimate {
  const value = parts.reduce((total, e) => total + e.value, 0);
  const below = Math.hypot(...parts.map((e) => e.value - e.low));
  const above = Math.hypot(...parts.map((e) => e.high - e.value));
  return { value, low: value - below, high: value + above };
}

/** What must be had so that `factor` of it is `wanted`; the low factor needs the most. `factor.low` > 0. */
export function neededFor(wanted: number, factor: Estimate): Estimate {
  invariant(factor.low > 0, `cannot divide by a factor reaching ${factor.low}`);
  return { value: wanted / factor.value, low: wanted / factor.high, high: wanted / factor.low };
}

/** True of a weighed fact: its range has no width. */
export const isExact = (e: Estimate): boolean => e.low === e.high;
