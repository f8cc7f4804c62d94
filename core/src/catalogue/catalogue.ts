import type {
  Caution,
  Composition,
  CookingChange,
  Ingredient,
  KeepingRule,
  MeasureRow,
  Place,
  Season,
  TrimYield,
} from "./rows.ts";

/** The figure tables a catalogue is built from. */
export type ReferenceTables = {
  readonly ingredients: readonly Ingredient[];
  readonly measures: readonly MeasureRow[];
  readonly trimYields: readonly TrimYield[];
  readonly cookingChanges: readonly CookingChange[];
  readonly compositions: readonly Composition[];
  readonly seasons: readonly Season[];
  readonly keepingRules: readonly KeepingRule[];
  readonly cautions: readonly Caution[];
};

/** Everything known of one ingredient. `trims[0]` is its usual method; no trims: it comes ready to use. */
export type IngredientFacts = Ingredient & {
  readonly measures: readonly MeasureRow[];
  readonly trims: readonly TrimYield[];
  readonly changes: readonly CookingChange[];
  readonly composition: Composition | undefined;
  readonly season: Season | undefined;
};

export type Catalogue = {
  readonly ingredients: ReadonlyMap<string, IngredientFacts>;
  readonly keeping: readonly KeepingRule[];
  readonly cautions: ReadonlyMap<string, Caution>;
};

const groupByIngredient = <Row extends { readonly ingredient: string }>(
  rows: readonly Row[],
): Map<string, Row[]> => {
  const groups = new Map<string, Row[]>();
  for (const row of rows) groups.set(row.ingredient, [...(groups.get(row.ingredient) ?? []), row]);
  return groups;
};

/** Joins the tables by ingredient id. Later rows of the same ingredient keep their order. */
export function buildCatalogue(tables: ReferenceTables): Catalogue {
  const measures = groupByIngredient(tables.measures);
  const trims = groupByIngredient(tables.trimYields);
  const changes = groupByIngredient(tables.cookingChanges);
  const compositions = groupByIngredient(tables.compositions);
  const seasons = groupByIngredient(tables.seasons);
  const facts = (one: Ingredient): IngredientFacts => ({
    ...one,
    measures: measures.get(one.id) ?? [],
    trims: trims.get(one.id) ?? [],
    changes: changes.get(one.id) ?? [],
    composition: compositions.get(one.id)?.[0],
    season: seasons.get(one.id)?.[0],
  });
  return {
    ingredients: new Map(tables.ingredients.map((one) => [one.id, facts(one)])),
    keeping: tables.keepingRules,
    cautions: new Map(tables.cautions.map((caution) => [caution.trigger, caution])),
  };
}

/** The keeping rule of a kind of food in a place; undefined when no source speaks of it. */
export const keepingRule = (catalogue: Catalogue, subject: string, place: Place): KeepingRule | undefined =>
  catalogue.keeping.find((rule) => rule.subject === subject && rule.place === place);
