import { hasTrait, type IngredientFacts } from "../catalogue/index.ts";

/**
 * May this be logged as foraged? Wild carrot-family plants have deadly look-alikes and never are. Follows poison-centre
 * advice (umbellifer look-alikes), from memory.
 */
export const mayBeForaged = (facts: Pick<IngredientFacts, "traits">): boolean =>
  !hasTrait(facts, "carrot-family");

/** Triggers of the cautions that a foraged ingredient calls for: the general one first, then its own look-alike. */
export const foragingCautions = ({ lookalike }: Pick<IngredientFacts, "lookalike">): string[] =>
  lookalike === undefined ? ["foraged-plant"] : ["foraged-plant", lookalike];
