import type { DishKind } from "../../recipes/index.ts";

/** Grams of salt in 100 g of the finished dish. Eaten cold it needs a firmer hand. Common practice, no source. */
export const defaultSaltPercent: Readonly<Record<DishKind, number>> = {
  "leaf-salad": 0.8,
  "chopped-salad": 0.9,
  slaw: 1.1,
  "grain-salad": 1,
  "composed-plate": 0.9,
  "cooked-salad": 1,
  "cooked-vegetables": 0.9,
  pesto: 1.5,
  "herb-sauce": 1.5,
  dip: 1.2,
  dressing: 1.5,
  preserve: 2,
};
