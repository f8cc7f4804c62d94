import type { IngredientFacts } from "../src/catalogue/index.ts";
import { referenceCatalogue } from "../src/catalogue/reference.ts";
import { fillerOf, lineOf, type Filler, type Formula, type Line } from "../src/recipes/index.ts";
import { defaultAppetite, type MatchKitchen, type MatchStock } from "../src/match/index.ts";

/** Facts of a catalogue ingredient; the test fails when there is no such one. */
export function factsOf(id: string): IngredientFacts {
  const facts = referenceCatalogue.ingredients.get(id);
  if (!facts) throw new Error(`no ingredient ${id}`);
  return facts;
}

const fillers = (text: string): Filler[] =>
  text.split(" ").map((word) => {
    const [ingredient = "", share = "1"] = word.split(":");
    return fillerOf(ingredient, { maxShare: Number(share) });
  });

/** A line written as "chard kale:0.5"; raw on the plate unless said otherwise. */
export const aLine = (
  ...[id, grams, text, extra = {}]: [id: string, grams: number, text: string, extra?: Partial<Line>]
): Line => lineOf({ id, role: "green", grams, fillers: fillers(text) }, extra);

export const aFormula = (lines: readonly Line[], extra: Partial<Formula> = {}): Formula => ({
  id: "a-dish",
  name: "A dish",
  kind: "pesto",
  servings: 4,
  makes: null,
  minutes: 20,
  lines,
  steps: [],
  keeping: { fridge: "pesto-raw-garlic", freezer: "pesto-frozen" },
  gramsPerMl: 0.95,
  cautions: [],
  notes: "",
  unread: [],
  ...extra,
});

export const everyone = { diet: "any", avoidAllergens: [], avoidIngredients: [] } as const;

/** Two people with a small freezer and a short shelf. */
export const aKitchen = (extra: Partial<MatchKitchen> = {}): MatchKitchen => ({
  catalogue: referenceCatalogue,
  diners: everyone,
  household: { people: 2, portionsPerPersonDay: defaultAppetite, freezerPortions: 20, givePortions: 4 },
  staples: new Set(["olive-oil", "salt-sea-fine", "garlic"]),
  waiting: [],
  ...extra,
});

export const someStock = (
  ...[lotId, ingredient, grams, extra = {}]: [
    lotId: string,
    ingredient: string,
    grams: number,
    extra?: Partial<MatchStock>,
  ]
): MatchStock => ({
  lotId,
  ingredient,
  grams,
  form: "cut",
  method: null,
  yields: {},
  urgencyWeight: 1,
  safeDays: null,
  ...extra,
});
