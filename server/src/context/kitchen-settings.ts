import type { OunceMeaning } from "@apron/core/catalogue";
import { defaultAppetite, type Household } from "@apron/core/match";
import { usualPlaces, type CookingPlaces } from "@apron/core/plan";
import type { Eater } from "@apron/core/recipes";

/** What a kitchen has decided about itself; kept as one JSON value with its row. */
export type KitchenSettings = {
  /** The people who eat here. */
  readonly eaters: readonly Eater[];
  readonly household: Omit<Household, "people">;
  /** Ingredients that always stand on the shelf. */
  readonly staples: readonly string[];
  readonly scale: "none" | "simulated";
  /** What there is to cook with; the usual where nothing was said. */
  readonly places?: Omit<CookingPlaces, "hasOven">;
  /** What "oz" means here of things that can be poured, by ingredient; asked once. */
  readonly ounces?: Readonly<Record<string, OunceMeaning>>;
  /** What names mean here that could mean several foods, by their words; asked once. */
  readonly meanings?: Readonly<Record<string, string>>;
};

/** What a kitchen has to cook with, where it has said so or not. */
export const placesOf = ({ places }: Pick<KitchenSettings, "places">) => places ?? usualPlaces;

/** Someone who eats everything. */
export const eaterNamed = (name: string): Eater => ({
  name,
  diet: "any",
  avoidAllergens: [],
  avoidIngredients: [],
});

/** What a new kitchen starts from: the usual shelf, some room in the freezer, no scale. */
export const firstSettings: KitchenSettings = {
  eaters: [eaterNamed("Person 1"), eaterNamed("Person 2")],
  household: { portionsPerPersonDay: defaultAppetite, freezerPortions: 24, givePortions: 4 },
  scale: "none",
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
