/** An ingredient of the catalogue that is another one in a form: what comes off a lemon by squeezing is lemon juice. */
export type MadeFrom = {
  readonly ingredient: string;
  readonly from: string;
  /** The trim or the cooking change that leads there. */
  readonly method: string;
};

/** Foods that the catalogue lists apart, tied by the way from one to the other. */
export const madeFrom: readonly MadeFrom[] = [
  { ingredient: "lemon-juice", from: "lemon", method: "squeeze" },
  { ingredient: "lime-juice", from: "lime", method: "squeeze" },
  { ingredient: "orange-juice", from: "orange", method: "squeeze" },
  { ingredient: "egg-yolk", from: "egg", method: "separate" },
  { ingredient: "egg-white", from: "egg", method: "separate-whites" },
  { ingredient: "chickpea", from: "chickpea-dry", method: "boil" },
  { ingredient: "white-bean", from: "white-bean-dry", method: "boil" },
  { ingredient: "kidney-bean", from: "kidney-bean-dry", method: "boil" },
  { ingredient: "lentil", from: "lentil-dry", method: "boil" },
];
