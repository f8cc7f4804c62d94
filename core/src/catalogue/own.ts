import type { Catalogue, IngredientFacts } from "./catalogue.ts";
import { emptyFacts, type OwnIngredient } from "./own-ingredient.ts";
import type { Composition, CookingChange, MeasureRow, Provenance, Season, TrimYield } from "./rows.ts";

/** The figures of one ingredient that a kitchen may set itself. `key` names the measure, the way of trimming or the figure. */
export const ownTables = [
  "measure",
  "trim",
  "cooking",
  "composition",
  "keeping",
  "season",
  "strength",
] as const;
export type OwnTable = (typeof ownTables)[number];

/** Figures of a composition row that may be overridden. */
export const compositionKeys = [
  "waterG",
  "saltG",
  "sugarsG",
  "fatG",
  "titratableAcidG",
  "gramsPerMl",
] as const;
type CompositionKey = (typeof compositionKeys)[number];

/** The months of a season, 1–12: first and last. */
export const seasonKeys = ["fromMonth", "toMonth"] as const;

/** A kitchen's own figure in place of the handbook's. Units are those of the table: grams, fractions, days, months. */
export type OwnFigure = {
  readonly ingredient: string;
  readonly table: OwnTable;
  readonly key: string;
  readonly value: number;
  readonly low: number;
  readonly high: number;
  readonly note: string;
};

export type OwnEntries = {
  readonly ingredients: readonly OwnIngredient[];
  readonly figures: readonly OwnFigure[];
};

const ownSource = (note: string): Provenance => ({
  source: note === "" ? "your own figure" : `your own figure: ${note}`,
  confidence: "high",
  basis: "own",
});

/** The provenance of a row with several figures, one of which is the kitchen's own: the others keep their source. */
const ownAmong = (before: Provenance, f: OwnFigure): Provenance =>
  before.basis === "own"
    ? ownSource(f.note)
    : {
        source: `${before.source}; ${f.key} is ${ownSource(f.note).source}`,
        confidence: before.confidence,
        basis: before.basis,
      };

const replaced = <Row>(
  rows: readonly Row[],
  isIt: (row: Row) => boolean,
  own: (before: Row | undefined) => Row,
): Row[] => (rows.some(isIt) ? rows.map((row) => (isIt(row) ? own(row) : row)) : [...rows, own(undefined)]);

function withMeasure(facts: IngredientFacts, f: OwnFigure): IngredientFacts {
  const own = (before: MeasureRow | undefined): MeasureRow => ({
    ingredient: facts.id,
    measure: f.key,
    grams: f.value,
    low: f.low,
    high: f.high,
    state: before?.state ?? "whole",
    ...ownSource(f.note),
  });
  // A kitchen weighs what it has in its hand: its figure holds for every state of that measure.
  const others = facts.measures.filter((m) => m.measure !== f.key);
  return { ...facts, measures: [own(facts.measures.find((m) => m.measure === f.key)), ...others] };
}

const withTrim = (facts: IngredientFacts, f: OwnFigure): IngredientFacts => ({
  ...facts,
  trims: replaced(
    facts.trims,
    (t) => t.method === f.key,
    (before): TrimYield => ({
      ingredient: facts.id,
      method: f.key,
      byProducts: before?.byProducts ?? [],
      mean: f.value,
      low: f.low,
      high: f.high,
      ...ownSource(f.note),
    }),
  ),
});

/** Water afterwards follows from the factor by dry matter, so the handbook's is not kept beside an own factor. */
const withCooking = (facts: IngredientFacts, f: OwnFigure): IngredientFacts => ({
  ...facts,
  changes: replaced(
    facts.changes,
    (c) => c.method === f.key,
    (before): CookingChange => ({
      ...emptyFacts.change,
      ...before,
      ingredient: facts.id,
      method: f.key,
      factor: f.value,
      low: f.low,
      high: f.high,
      waterAfter: null,
      ...ownSource(f.note),
    }),
  ),
});

function withComposition(facts: IngredientFacts, f: OwnFigure): IngredientFacts {
  const before: Composition = facts.composition ?? { ...emptyFacts.composition, ingredient: facts.id };
  const key = compositionKeys.find((k): k is CompositionKey => k === f.key);
  if (!key) return facts;
  const labels = key === "saltG" ? { saltLowG: f.low, saltHighG: f.high } : {};
  return { ...facts, composition: { ...before, ...labels, [key]: f.value, ...ownAmong(before, f) } };
}

function withKeeping(facts: IngredientFacts, f: OwnFigure): IngredientFacts {
  const before: Season = facts.season ?? { ...emptyFacts.season, ingredient: facts.id };
  return { ...facts, season: { ...before, daysWhole: f.value, ...ownAmong(before, f) } };
}

function withSeason(facts: IngredientFacts, f: OwnFigure): IngredientFacts {
  const key = seasonKeys.find((k) => k === f.key);
  const before: Season = facts.season ?? { ...emptyFacts.season, ingredient: facts.id };
  return key ? { ...facts, season: { ...before, [key]: f.value, ...ownAmong(before, f) } } : facts;
}

const withStrength = (facts: IngredientFacts, f: OwnFigure): IngredientFacts => ({
  ...facts,
  strength: f.value,
});

const apply: Readonly<Record<OwnTable, (facts: IngredientFacts, f: OwnFigure) => IngredientFacts>> = {
  measure: withMeasure,
  trim: withTrim,
  cooking: withCooking,
  composition: withComposition,
  keeping: withKeeping,
  season: withSeason,
  strength: withStrength,
};

/**
 * The catalogue as one kitchen sees it: its own ingredients beside the reference ones, its own figures in place of
 * the handbook's. The reference catalogue is left as it is, so the handbook's figures can still be shown.
 */
export function withOwn(reference: Catalogue, own: OwnEntries): Catalogue {
  const ingredients = new Map(reference.ingredients);
  const { measures, trims, changes } = emptyFacts;
  const nothing = { measures, trims, changes, composition: undefined, season: undefined };
  for (const one of own.ingredients) ingredients.set(one.id, { ...nothing, ...one });
  for (const figure of own.figures) {
    const facts = ingredients.get(figure.ingredient);
    if (facts) ingredients.set(facts.id, apply[figure.table](facts, figure));
  }
  return { ...reference, ingredients };
}
