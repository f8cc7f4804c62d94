import { usualAppetite, type Household } from "@apron/core/match";
import type { Diners } from "@apron/core/recipes";

/** What a kitchen has decided about itself; kept as one JSON value with its row. */
export type KitchenSettings = {
  readonly household: Household;
  readonly diners: Diners;
  /** Ingredients that always stand on the shelf. */
  readonly staples: readonly string[];
};

/** What a new kitchen starts from: two people who eat everything, and the usual shelf. */
export const firstSettings: KitchenSettings = {
  household: { people: 2, portionsPerPersonDay: usualAppetite, freezerPortions: 24, givePortions: 4 },
  diners: { diet: "any", avoidAllergens: [], avoidIngredients: [] },
  staples: [
    "olive-oil",
    "rapeseed-oil",
    "salt-sea-fine",
    "black-pepper",
    "cider-vinegar",
    "wine-vinegar-white",
    "mustard-dijon",
    "honey",
    "sugar",
  ],
};
