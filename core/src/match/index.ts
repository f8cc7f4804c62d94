export { defaultAppetite } from "./tables/appetite.ts";
export type { MatchStock } from "./keep-days.ts";
export { demandsOf, timesDemands, unfillable } from "./demands.ts";
export {
  consumableInTime,
  type ConsumptionCapacity,
  type Household,
  type StoredPortions,
} from "./consumable-in-time.ts";
export {
  matchRecipe,
  rankRecipes,
  stockFor,
  type MatchKitchen,
  type MatchLimit,
  type RecipeMatch,
} from "./rank-recipes.ts";
