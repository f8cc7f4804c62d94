import { costOf, type Cost, type Priced } from "../recipes/index.ts";

/** What really goes into a dish of one ingredient: its price, and grams of salt in 100 g of it where that is known. */
export type MadePart = Priced & { readonly saltPer100g: number | null };

export type MadeFigures = {
  /** Grams of one portion. */
  readonly portionG: number;
  /** Salt in all, grams, and as a share of the dish as eaten; `unknown` names what no figure is known of. */
  readonly salt: { readonly grams: number; readonly share: number; readonly unknown: readonly string[] };
  readonly cost: Cost;
};

/** Below this much of something its unknown salt does not matter: a pinch of a spice. */
const tooLittleToMatterG = 5;

type Salted = { readonly grams: number; readonly saltPer100g: number | null };

/** Grams of salt that some parts carry, and the parts that none is known of and that matter. Salt stays when water cooks off. */
export const saltCarried = <Part extends Salted>(
  parts: readonly Part[],
): { readonly grams: number; readonly unknown: readonly Part[] } => ({
  grams: parts.reduce((total, part) => total + (part.grams * (part.saltPer100g ?? 0)) / 100, 0),
  unknown: parts.filter((part) => part.saltPer100g === null && part.grams >= tooLittleToMatterG),
});

/**
 * What follows from what really went in: the portion, its salt and what it costs. `massG` (> 0) is the finished dish,
 * weighed or worked out; `servings` (> 0) how many portions it is made for. Salt stays when water cooks off.
 */
export function madeFigures(
  parts: readonly MadePart[],
  made: { readonly massG: number; readonly servings: number },
): MadeFigures {
  const { grams, unknown } = saltCarried(parts);
  const names = [...new Set(unknown.map(({ name }) => name))];
  return {
    portionG: made.massG / made.servings,
    salt: { grams, share: made.massG > 0 ? grams / made.massG : 0, unknown: names },
    cost: costOf(parts, made.servings),
  };
}
