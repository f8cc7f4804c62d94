export type { MatchStock } from "./keep-days.ts";
export { demandsOf, unfillable } from "./demands.ts";
export { eatable, usualAppetite, type Eatable, type Household, type Waiting } from "./eatable.ts";
export {
  matchRecipe,
  rankRecipes,
  stockFor,
  type MatchKitchen,
  type MatchLimit,
  type RecipeMatch,
} from "./rank-recipes.ts";
