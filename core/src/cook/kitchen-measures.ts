import { hasTrait, type IngredientFacts } from "../catalogue/index.ts";
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

/**
 * An amount as the scale shows it and, where one comes near enough, as a spoon or cup, each with its error; `whole` is
 * for what comes in wholes (eggs, tins, blocks), where a whole or a half comes near enough; eggs however far off.
 */
export type MeasuredAmount = {
  readonly scale: RoundedAmount;
  readonly spoon: RoundedAmount | null;
  readonly whole: RoundedAmount | null;
};

/** How things that come in wholes are counted, and the smallest part of one that a kitchen uses. */
const countableUnits: readonly (readonly [measure: string, name: string, step: number])[] = [
  ["can-drained", "tin", 0.5],
  ["can", "tin", 0.5],
  ["block", "block", 0.5],
];
const egg = { measure: "each-medium", name: "egg", step: 1 } as const;

/** How far a count of tins or blocks may be off, as a fraction; further off it is no measure. A judgement. */
const worstCounted = 0.25;

/** Wholes and halves of what is bought in wholes: an egg is never halved. */
function asCountedItems(grams: number, facts: IngredientFacts): RoundedAmount | null {
  const kinds = hasTrait(facts, "counted-whole")
    ? [[egg.measure, egg.name, egg.step] as const]
    : countableUnits;
  for (const [measure, name, step] of kinds) {
    const one = facts.measures.find((m) => m.measure === measure)?.grams;
    if (!one) continue;
    const count = Math.max(step, Math.round(grams / one / step) * step);
    const text = `${showCount(count)} ${name}${count > 1 ? "s" : ""}`;
    const error = grams > 0 ? (count * one - grams) / grams : 0;
    // A spoon of cheese is not half a block; an egg is an egg, however far off it is.
    if (name !== egg.name && Math.abs(error) > worstCounted) return null;
    return { text, grams: count * one, error };
  }
  return null;
}

const showCount = (count: number): string => {
  const half = count % 1 === 0.5 ? "½" : "";
  const whole = Math.floor(count);
  return whole === 0 ? half : `${whole}${half}`;
};

/** How a kitchen measures and writes. */
export type Measuring = { readonly cup: CupSystem; readonly display: Display };

/**
 * `grams` (≥ 0) of an ingredient on the scale in the kitchen's units and, within 12 %, by spoon, cup or piece; each
 * with its signed error.
 */
export const measureOut = (grams: number, facts: IngredientFacts, kitchen: Measuring): MeasuredAmount => ({
  scale: roundToScale(grams, kitchen.display),
  spoon: roundForKitchen(grams, kitchenMeasures(facts, kitchen.cup)) ?? null,
  whole: asCountedItems(grams, facts),
});
