export { cautionsFor } from "./cautions.ts";
export {
  capacityOf,
  containerSizes,
  defaultContainer,
  divideOver,
  eatAndStore,
  fewestFor,
  fillFraction,
  gramsToFill,
  labelledTogether,
  spoonful,
  type ContainerIssue,
  type ContainerKind,
  type ContainerSize,
  type ContainerWish,
  type LabelledTogether,
  type Load,
} from "./containers.ts";
export { hazardsOf, hazardsOfPart, writtenUse, type DishHazard, type Used } from "./hazards.ts";
export { daysAfterThawing } from "./thaw.ts";
export { compareBatches, type ComparedBatch, type ComparedRow } from "./compare-batches.ts";
export { portionsInGrams } from "./portions.ts";
export { undoBatchIssue, type UndoBatchIssue } from "./undo-batch.ts";
export {
  mayRelabel,
  placesFor,
  useBy,
  useByWith,
  type IngredientClock,
  type UseBy,
  type UseByIssue,
} from "./use-by.ts";
export { compareByExpiry, takePortion, type WithdrawIssue } from "./withdraw.ts";
