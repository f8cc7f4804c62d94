export { isHot, isMachine } from "./step-tool.ts";
export { adaptFormula, type Adaptation, type Adapted, type AdaptWish } from "./adapt.ts";
export { allergensOf } from "./allergens.ts";
export { batchWeight, cookingFactor, leftAfterCooking, writtenWeight } from "./batch-weight.ts";
export {
  noChanges,
  ownChanges,
  withTonightsChanges,
  type ChangeIssue,
  type TonightsChanges,
} from "./changes-tonight.ts";
export { compareVersions, wordForWord, type LineChange, type VersionChanges } from "./compare-versions.ts";
export { convert, type Converted, type ConversionIssue } from "./conversion.ts";
export { alwaysThere, isTapWater } from "./always-there.ts";
export {
  costOf,
  partCost,
  boardPrice,
  pricePart,
  type Cost,
  type OwnCounts,
  type Priced,
  type PriceSource,
} from "./cost.ts";
export { diets, dietsOf, fitsDiet, isPartlyRead, type Diet } from "./diets.ts";
export { dinersOf, eatingDiets, suits, type Diners, type Eater } from "./diners.ts";
export { dressingFormula, dressingLines } from "./dressing-recipe.ts";
export type { Demand, Filling, Stock } from "./demand.ts";
export { fillLines } from "./fill-lines.ts";
export {
  conversions,
  dishKinds,
  fillerOf,
  lineOf,
  mostOtherWays,
  roles,
  stepOf,
  stepTools,
  writtenFiller,
  writtenIngredients,
  type Conversion,
  type DishKind,
  type Filler,
  type Formula,
  type FormulaKeeping,
  type GramRange,
  type GradualAddition,
  type Line,
  type Makes,
  type Minutes,
  type Role,
  type Step,
  type StepTool,
  type StepWay,
} from "./formula.ts";
export { inWays, textWithWays, waysOfStep, waysSaid, waysUnsaid } from "./other-ways.ts";
export { additionSteps, type HeldBack } from "./addition-steps.ts";
export { impliedBy, defaultLineRole } from "./guess-line.ts";
export { linesMentioned, linesNamed, type Mention } from "./lines-in-step.ts";
export { defaultVersion, type DefaultVersionIssue } from "./default-version.ts";
export { validateFormula, type FormulaIssue } from "./validate-formula.ts";
export { cautionsOfKind, keepingOf, kindFromWords, defaultDensity, defaultPortionG } from "./kind-of-dish.ts";
export {
  withRereadAmounts,
  type OlderFormula,
  unclearAmounts,
  type UnclearAmount,
} from "./reread-amounts.ts";
export { withKitchenYields, type ExpectedYield } from "./kitchen-yields.ts";
export { readLineAmount, usableAmount, type LineAmount } from "./line-amount.ts";
export { cardOf, searchLibrary, type LibraryQuestion, type RecipeCard } from "./library.ts";
export { equalLoads, gramsInLoads, loadsOf, withLoadsSaid, type Loads } from "./loads.ts";
export { openQuestions, type OpenQuestion } from "./open-questions.ts";
export { guessKind, type DishContents, type KindGuess } from "./guess-kind.ts";
export { celsiusIn } from "./step-heat.ts";
export { minutesIn } from "./step-time.ts";
export { pieceOfLine, piecesOfLine } from "./pieces-of-line.ts";
export { readStep } from "./read-step.ts";
export { tasksOf } from "./tasks-of-text.ts";
export { onlyWarmsUp, withOvenHeat, worksBesideWarmUp } from "./warm-up.ts";
export { recipeId } from "./recipe-id.ts";
export { scaleFormula, timesFormula, type ScaleIssue, type ScaleWish, type Scaled } from "./scale.ts";
export { allowedFillers, isStrong, shareCap, type AllowedFiller } from "./slots.ts";
export { partName, partOnly, partsApart } from "./parts-apart.ts";
export { withSubRecipes, type SubRecipeIssue } from "./sub-recipes.ts";
export {
  fillFromLots,
  fitForLine,
  offersFor,
  offersOfThese,
  usefulLots,
  lotGramsPerBatch,
  type FormFilling,
  type LotOffers,
  type LotOnHand,
} from "./stock-for-lines.ts";
export { substitutionFor, substitutionsFor, type Substitution } from "./substitute.ts";
export { topUpLine, type TopUp } from "./top-up.ts";
export { wantedForm } from "./wanted-form.ts";
