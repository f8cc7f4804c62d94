import type { Catalogue } from "../catalogue/index.ts";
import { estimate, trimmedDecimals, type Estimate } from "../measure/index.ts";

/** Something on the plate with the salt of its own label, g in 100 g, where one has been read. */
export type Salted = {
  readonly ingredient: string;
  readonly grams: number;
  /** Grams as it is eaten, after its cooking; the same as `grams` where nothing is said. Its salt stays. */
  readonly eatenG?: number;
  readonly labelSaltG?: number | null;
};

export type SaltBudget = {
  /** Everything but the salt added by hand, as it is eaten, grams. */
  readonly massG: number;
  /** Salt that the food carries already, grams; a range until labels are read. */
  readonly carried: Estimate;
  readonly targetPercent: number;
  /** What the hand may add, grams; from the high of what is carried, so never too much. 0 when already over. */
  readonly addG: number;
  /** The same from the low and from the high of what is carried; negative is over. */
  readonly range: { readonly low: number; readonly high: number };
  readonly alreadyOver: boolean;
  readonly unknown: readonly string[];
  readonly workings: string;
};

/** x so that (carried + x) ÷ (mass + x) is the target: (t·M − S) ÷ (1 − t). */
const handSalt = (target: number, massG: number, carriedG: number): number =>
  (target * massG - carriedG) / (1 - target);

function carriedBy(part: Salted, catalogue: Catalogue): Estimate | undefined {
  if (part.labelSaltG !== undefined && part.labelSaltG !== null) {
    const grams = (part.grams * part.labelSaltG) / 100;
    return { value: grams, low: grams, high: grams };
  }
  const composition = catalogue.ingredients.get(part.ingredient)?.composition;
  if (composition?.saltG === null || composition?.saltG === undefined) return undefined;
  const of = (per100: number): number => (part.grams * per100) / 100;
  const { saltG, saltLowG, saltHighG } = composition;
  return estimate(of(saltG), of(Math.min(saltG, saltLowG ?? saltG)), of(Math.max(saltG, saltHighG ?? saltG)));
}

/**
 * How much salt is left for the hand. `parts` is everything but the hand's own salt; `targetPercent` in (0, 10) grams
 * in 100 g of the whole. Labels differ widely, so carried salt has a range (its ends added up: brines err together),
 * and the advice rests on the high end until labels are entered.
 */
export function saltBudget(
  parts: readonly Salted[],
  targetPercent: number,
  catalogue: Catalogue,
): SaltBudget {
  const massG = parts.reduce((total, part) => total + (part.eatenG ?? part.grams), 0);
  const known = parts.flatMap((part) => carriedBy(part, catalogue) ?? []);
  const sum = (end: keyof Estimate): number => known.reduce((total, one) => total + one[end], 0);
  const carried = estimate(sum("value"), sum("low"), sum("high"));
  const target = targetPercent / 100;
  const range = {
    low: handSalt(target, massG, carried.high),
    high: handSalt(target, massG, carried.low),
  };
  const shown = (grams: number): string => trimmedDecimals(grams, 1);
  return {
    massG,
    carried,
    targetPercent,
    addG: Math.max(0, range.low),
    range,
    alreadyOver: range.low < 0,
    unknown: parts.filter((part) => !carriedBy(part, catalogue)).map((part) => part.ingredient),
    workings: `(${trimmedDecimals(targetPercent, 2)} % × ${shown(massG)} g − ${shown(carried.high)} g carried at most) ÷ (1 − ${trimmedDecimals(target, 4)}) = ${shown(range.low)} g`,
  };
}
