import type { WentOff } from "@apron/core/basket";
import type { OunceMeaning } from "@apron/core/catalogue";
import { usualAppetite, type Household } from "@apron/core/match";
import type { Diners } from "@apron/core/recipes";

/** What a kitchen has decided about itself; kept as one JSON value with its row. */
export type KitchenSettings = {
  readonly household: Household;
  readonly diners: Diners;
  /** Ingredients that always stand on the shelf. */
  readonly staples: readonly string[];
  /** What "oz" means here of things that can be poured, by ingredient; asked once. */
  readonly ounces?: Readonly<Record<string, OunceMeaning>>;
  /** Whole lots that went off, oldest first: what this kitchen has seen of keeping. */
  readonly wentOff?: readonly WentOff[];
  /** Jars of dressing weighed back, oldest first: grams that went on 100 g of a kind of salad. */
  readonly jars?: readonly { readonly group: string; readonly per100g: number }[];
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
