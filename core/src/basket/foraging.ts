import type { IngredientFacts } from "../catalogue/index.ts";

/** Wild carrot-family plants have deadly look-alikes and are never logged as foraged. */
const carrotFamily = [
  "carrot",
  "carrot-tops",
  "parsnip",
  "parsley",
  "cilantro",
  "dill",
  "chervil",
  "lovage",
  "celery",
  "celery-leaves",
  "celeriac",
  "fennel-bulb",
  "fennel-fronds",
  "fennel-flower",
  "fennel-seed",
  "coriander-seed",
  "cumin",
  "cumin-ground",
  "coriander-ground",
  "caraway",
  "celery-seed",
  "dill-dried",
];

/** May this be logged as foraged? Refusal follows poison-centre advice (umbellifer look-alikes), from memory. */
export const mayBeForaged = (facts: Pick<IngredientFacts, "id">): boolean => !carrotFamily.includes(facts.id);

const lookalikes: Readonly<Record<string, string>> = {
  "wild-garlic": "wild-garlic-lookalikes",
  ramps: "ramps-lookalikes",
  watercress: "wild-watercress",
};

/** Triggers of the cautions that a foraged ingredient calls for: the general one first, then its own look-alikes. */
export const foragingCautions = (ingredient: string): string[] => {
  const own = lookalikes[ingredient];
  return own === undefined ? ["foraged-plant"] : ["foraged-plant", own];
};
