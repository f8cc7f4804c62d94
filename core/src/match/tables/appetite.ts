import type { DishKind } from "../../recipes/index.ts";

/** Usual appetite by kind of dish. A judgement: common practice, no source. A kitchen sets its own. */
export const defaultAppetite: Readonly<Record<DishKind, number>> = {
  "leaf-salad": 1,
  "chopped-salad": 1,
  slaw: 0.75,
  pesto: 0.4,
  "herb-sauce": 0.3,
  dip: 0.75,
  dressing: 0.75,
  "grain-salad": 0.75,
  "composed-plate": 0.75,
  "cooked-salad": 0.75,
  "cooked-vegetables": 1,
  preserve: 0.3,
};
