export {
  buildCatalogue,
  keepingRule,
  type Catalogue,
  type IngredientFacts,
  type ReferenceTables,
} from "./catalogue.ts";
export { nameOf, searchNames, type Dialect } from "./names.ts";
export { provenance } from "./provenance.ts";
export { toGrams, type Weight, type WeightIssue } from "./to-grams.ts";
export type {
  ByProductShare,
  Caution,
  Composition,
  CookingChange,
  Ingredient,
  KeepingRule,
  MeasureRow,
  Place,
  Provenance,
  RawUse,
  Season,
  TrimYield,
} from "./rows.ts";
