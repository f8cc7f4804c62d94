import type { DishKind } from "../recipes/index.ts";

/** Bowls of a kitchen, millilitres brim to brim. Common practice, no source. */
const bowlsMl: readonly number[] = [500, 1000, 2000, 3500, 5000, 8000];

/** A bowl to toss in is filled to a half for leaves, to two thirds for the rest. Common practice, no source. */
const fillOf = (kind: DishKind): number => (kind === "leaf-salad" || kind === "slaw" ? 0.5 : 2 / 3);

export type BowlFit = {
  readonly volumeMl: number;
  /** The smallest bowl it can be tossed in; null when even the largest is too small. */
  readonly bowlMl: number | null;
  /** Makes in the largest bowl, where one is not enough. */
  readonly inTurns: number;
};

/** The bowl that `grams` (> 0) of a dish is tossed in. */
export function bowlFor(
  grams: number,
  dish: { readonly kind: DishKind; readonly gramsPerMl: number },
): BowlFit {
  const volumeMl = grams / dish.gramsPerMl;
  const bowlMl = bowlsMl.find((ml) => volumeMl <= ml * fillOf(dish.kind)) ?? null;
  const largest = (bowlsMl.at(-1) ?? 0) * fillOf(dish.kind);
  return { volumeMl, bowlMl, inTurns: bowlMl === null ? Math.ceil(volumeMl / largest) : 1 };
}

/** One layer of dice on a tray of 30 × 40 cm with air between. Common practice, no source. */
const trayTakesG = 700;

/** Trays that `grams` of dice need so that they roast and do not steam; equal loads. */
export function traysFor(grams: number): { readonly trays: number; readonly eachG: number } {
  const trays = grams > 0 ? Math.ceil(grams / trayTakesG - 1e-9) : 0;
  return { trays, eachG: trays > 0 ? grams / trays : 0 };
}
