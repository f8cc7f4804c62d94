export { isUsedWhole, staysUntrimmed, trimOf, usableOf, type Bought } from "./as-bought.ts";
export { foodForms, formAfter, isCooked, type FoodForm } from "./food-form.ts";
export { needsNoTrimming } from "./ready.ts";
