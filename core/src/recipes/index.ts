export { allergensOf } from "./allergens.ts";
export { batchWeight, cookingFactor } from "./batch-weight.ts";
export { suits, type Diners } from "./diners.ts";
export { fillLines, type Demand, type Filling, type Stock } from "./fill-lines.ts";
export type { DishKind, Filler, Formula, FormulaKeeping, Line, Role } from "./formula.ts";
export { scaleFormula, type ScaleIssue, type ScaleWish, type Scaled } from "./scale.ts";
export { allowedFillers, gramsPerBatch, isStrong, shareCap, type AllowedFiller } from "./slots.ts";
export { topUpLine, type TopUp } from "./top-up.ts";
