import type { IngredientFacts } from "../catalogue/index.ts";
import {
  customaryMl,
  roundForKitchen,
  roundToScale,
  unitsFor,
  type CupSystem,
  type Display,
  type KitchenMeasure,
  type RoundedAmount,
} from "../measure/index.ts";

const spoonable = /^(tsp|tbsp|cup)/;
const countable = /^(clove|each-medium|leaf|sprig|stalk)$/;

const words = (measure: string): string => measure.replace("each-medium", "medium").replaceAll("-", " ");

/** The kitchen's own spoon or cup ÷ the US customary one that the tables are written in; 1 for pieces. */
function ownSpoon(measure: string, cup: CupSystem): number {
  const spoon = measure.split("-")[0] ?? "";
  const tableMl = customaryMl[spoon];
  const ownMl = unitsFor(cup).find((u) => u.id === spoon)?.factor;
  return tableMl === undefined || ownMl === undefined ? 1 : ownMl / tableMl;
}

/** The spoons, cups and pieces this ingredient can be measured in, trimmed or prepared. */
function kitchenMeasures(facts: IngredientFacts, cup: CupSystem): KitchenMeasure[] {
  const listed = facts.measures
    .filter((m) => spoonable.test(m.measure) || (countable.test(m.measure) && m.state !== "whole"))
    .map((m) => ({ name: words(m.measure), grams: m.grams * ownSpoon(m.measure, cup) }));
  const density = facts.composition?.gramsPerMl;
  if (!density) return listed;
  const spoons = unitsFor(cup).filter((u) => ["tsp", "tbsp", "cup"].includes(u.id));
  const missing = spoons.filter((u) => !listed.some((m) => m.name === u.id));
  return [...listed, ...missing.map((u) => ({ name: u.id, grams: u.factor * density }))];
}

/** An amount as the scale shows it and, where one comes near enough, as a spoon or cup, each with its error. */
export type MeasuredAmount = { readonly scale: RoundedAmount; readonly spoon: RoundedAmount | null };

/** How a kitchen measures and writes. */
export type Measuring = { readonly cup: CupSystem; readonly display: Display };

/**
 * `grams` (≥ 0) of an ingredient on the scale in the kitchen's units and, within 12 %, by spoon, cup or piece; each
 * with its signed error.
 */
export const measureOut = (grams: number, facts: IngredientFacts, kitchen: Measuring): MeasuredAmount => ({
  scale: roundToScale(grams, kitchen.display),
  spoon: roundForKitchen(grams, kitchenMeasures(facts, kitchen.cup)) ?? null,
});
