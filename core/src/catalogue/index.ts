export { allergenName } from "./allergen-name.ts";
export { measureInWords } from "./measure-in-words.ts";
export { bareNumber, isBare, type BareNumber, type LotAtHand } from "./bare-number.ts";
export {
  buildCatalogue,
  keepingRule,
  type Catalogue,
  type IngredientFacts,
  type ReferenceTables,
} from "./catalogue.ts";
export { findCounted, type MeasuredFacts } from "./find-measure.ts";
export { ingredientAfter } from "./ingredient-after.ts";
export { madeFrom, type MadeFrom } from "./tables/made-from.ts";
export { namedExactly, nameOf, searchNames, type Dialect } from "./names.ts";
export { provenance } from "./provenance.ts";
export {
  isPourable,
  toGrams,
  type AmountForm,
  type OunceMeaning,
  type Weight,
  type WeightIssue,
} from "./to-grams.ts";
export {
  findExactly,
  findNamed,
  indexNames,
  nameIndexOf,
  type NameIndex,
  type NameMatch,
} from "./name-index.ts";
export { foodParts, partsNamed, partWanted, partYield, type FoodPart, type PartYield } from "./part-names.ts";
export { foreignNamesOf } from "./foreign-lexicons.ts";
export type {
  LineAlternative,
  LineIngredient,
  LineQuestion,
  LineReader,
  LineReading,
} from "./line-reading.ts";
export { meaningKey } from "./line-name.ts";
export { nameKeys, singularWord, wordsOf } from "./name-keys.ts";
export { changeSaid } from "./said-cooked.ts";
export { lineReader, readLine } from "./read-line.ts";
export type {
  AcidKind,
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
export { hasTrait } from "./rows.ts";
export {
  allergens,
  bases,
  categories,
  dietMarks,
  foodClasses,
  ingredientTraits,
  perishableStates,
  type Allergen,
  type Basis,
  type Category,
  type DietMark,
  type FoodClass,
  type IngredientTrait,
  type PerishableState,
} from "./row-words.ts";
export {
  compositionKeys,
  ownTables,
  seasonKeys,
  withOwn,
  type OwnEntries,
  type OwnFigure,
  type OwnTable,
} from "./own.ts";
export { judgeFigure, type FigureIssue } from "./judge-figure.ts";
export { nameFree, ownId, type NameIssue, type OwnIngredient } from "./own-ingredient.ts";
