export { cautionsFor } from "./cautions.ts";
export {
  capacityOf,
  containerSizes,
  divideOver,
  fewestFor,
  gramsToFill,
  type ContainerIssue,
  type ContainerKind,
  type ContainerSize,
  type ContainerWish,
  type Load,
} from "./containers.ts";
export { hazardsOf, writtenUse, type DishHazard, type Used } from "./hazards.ts";
export { daysAfterThawing } from "./thaw.ts";
export { placesFor, useBy, type IngredientClock, type UseBy, type UseByIssue } from "./use-by.ts";
export { compareByExpiry, takePortion, type WithdrawIssue } from "./withdraw.ts";
