export { cautionsFor } from "./cautions.ts";
export {
  capacityOf,
  containerSizes,
  defaultContainer,
  divideOver,
  fewestFor,
  fillFraction,
  gramsToFill,
  type ContainerIssue,
  type ContainerKind,
  type ContainerSize,
  type ContainerWish,
  type Load,
} from "./containers.ts";
export { hazardsOf, writtenUse, type DishHazard, type Used } from "./hazards.ts";
export { daysAfterThawing } from "./thaw.ts";
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
