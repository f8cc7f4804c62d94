/** Grams of so many portions (≥ 0) of a dish that makes `servings` (> 0); all of it where it is all of them. */
export const portionsInGrams = (
  portions: number,
  dish: { readonly grams: number; readonly servings: number },
): number => (portions >= dish.servings ? dish.grams : (portions * dish.grams) / dish.servings);
