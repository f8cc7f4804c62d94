export { isUsedWhole, staysUntrimmed, trimOf, usableOf, type Bought } from "./as-bought.ts";
export { foodForms, formAfter, isCooked, type FoodForm } from "./food-form.ts";
export { askedForAs, fitOf, type Fit, type FoodOnHand, type FoodWanted } from "./fit.ts";
export { piecesOnHand } from "./pieces-on-hand.ts";
export { needsNoTrimming } from "./ready.ts";
export {
  isPiece,
  piecesLeft,
  piecesToTake,
  weighedPieceG,
  wholePieces,
  type PiecesToTake,
  type PieceWeights,
} from "./whole-pieces.ts";
export { cookedBy, swellingOf } from "./cooked-by.ts";
export { formWords, methodWords, nameOnceCooked, toDoWords, trimWords } from "./form-words.ts";
export {
  comesOffBeside,
  doneTogether,
  gramsTaken,
  keptBeside,
  workOf,
  type Taken,
} from "./taken-together.ts";
