export { isUsedWhole, staysUntrimmed, trimOf, usableOf, type Bought } from "./as-bought.ts";
export { foodForms, formAfter, isCooked, type FoodForm } from "./food-form.ts";
export { askedForAs, fitOf, type Fit, type FoodOnHand, type FoodWanted } from "./fit.ts";
export { piecesOnHand } from "./pieces-on-hand.ts";
export { needsNoTrimming } from "./ready.ts";
export { wholePieces } from "./whole-pieces.ts";
export { cookedBy, swellingOf } from "./cooked-by.ts";
export { formWords, methodWords, nameOnceCooked } from "./form-words.ts";
