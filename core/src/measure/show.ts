import { displayOf, localised, type Display, type DisplaySystem } from "./display.ts";
import { gramsPerOunce } from "./units.ts";
import { isExact, type Estimate } from "./estimate.ts";

/** A fixed number of decimals without trailing zeros: 1.50 → "1.5". */
export const trimmedDecimals = (value: number, decimals: number): string =>
  String(Number(value.toFixed(decimals)));

/**
 * A weight as a cook reads it: whole grams, kilograms from 1,000 g; or pounds and ounces to a quarter ounce (below
 * an ounce to a twentieth), or both, with the decimal mark of the locale.
 * Rounds to the nearest step; below 10 g shows one decimal. Error at most half a step.
 */
export function showGrams(grams: number, display: Display | DisplaySystem = "metric"): string {
  const { system, locale } = displayOf(display);
  const ounces = localised(showOunces(grams), locale);
  if (system === "us") return ounces;
  const metric = localised(showMetric(grams), locale);
  return system === "metric" ? metric : `${metric} (${ounces})`;
}

function showMetric(grams: number): string {
  if (Math.abs(grams) < 9.95) return `${trimmedDecimals(grams, 1)} g`;
  if (Math.abs(grams) < 999.5) return `${Math.round(grams)} g`;
  return `${trimmedDecimals(grams / 1000, 2)} kg`;
}

function showOunces(grams: number): string {
  const exact = grams / gramsPerOunce;
  if (Math.abs(exact) < 1) return `${trimmedDecimals(Math.round(exact * 20) / 20, 2)} oz`;
  const quarters = Math.round(exact * 4);
  if (quarters < 64) return `${trimmedDecimals(quarters / 4, 2)} oz`;
  const pounds = Math.floor(quarters / 64);
  const ounces = trimmedDecimals((quarters - pounds * 64) / 4, 2);
  return ounces === "0" ? `${pounds} lb` : `${pounds} lb ${ounces} oz`;
}

/** The step that a range of this width deserves: 1 or 5 times a power of ten, between a thirtieth and a seventh of it. */
export function honestStep(width: number): number {
  if (!(width > 0)) return 1;
  const power = 10 ** Math.floor(Math.log10(width / 10));
  const lead = width / 10 / power;
  return Math.max(1, power * (lead < 3.5 ? 1 : lead < 7.5 ? 5 : 10));
}

const toStep = (value: number, step: number): number => Math.round(value / step) * step;

/** "about 85 g (60–110 g)", never more precise than the range; a weighed fact shows no range. */
export function showEstimate(grams: Estimate, display: Display | DisplaySystem = "metric"): string {
  const { system, locale } = displayOf(display);
  if (isExact(grams)) return showGrams(grams.value, display);
  if (system === "both") {
    const [metric, us] = (["metric", "us"] as const).map((one) =>
      showEstimate(grams, { system: one, locale }),
    );
    return `${metric ?? ""}; ${us ?? ""}`;
  }
  const step = honestStep(grams.high - grams.low);
  const [value, low, high] = [grams.value, grams.low, grams.high].map((g) =>
    showGrams(toStep(g, step), { system, locale }),
  );
  // A range too narrow to be seen is none.
  return low === high ? `about ${value}` : `about ${value} (${rangeText(low ?? "", high ?? "")})`;
}

/** "760–825 g": the unit is said once where both ends share it. */
function rangeText(low: string, high: string): string {
  const unit = / \D+$/.exec(high)?.[0] ?? "";
  return unit !== "" && low.endsWith(unit) && /^[\d.,]+$/.test(low.slice(0, -unit.length))
    ? `${low.slice(0, -unit.length)}–${high}`
    : `${low}–${high}`;
}

/** A fraction as whole per cent: 0.6249 → "62 %". */
export const showPercent = (fraction: number): string => `${Math.round(fraction * 100)} %`;

/** Portions to the half, at least a half while anything is left: 2.3 → "2.5", 0.1 → "0.5". */
export const showPortions = (portions: number): string =>
  String(portions > 0 ? Math.max(0.5, Math.round(portions * 2) / 2) : 0);

/** A fraction with two decimals, as yields are written: 0.6 → "0.60". */
export const showYield = (fraction: number): string => fraction.toFixed(2);
