import type { Catalogue } from "../catalogue/index.ts";
import { allowedFillers, type Demand, type Diners, type Formula } from "../recipes/index.ts";

/** The lines of a formula at a number of batches, with what may fill each for these diners. */
export function demandsOf(
  formula: Formula,
  batches: number,
  kitchen: { readonly catalogue: Catalogue; readonly diners: Diners },
): Demand[] {
  return formula.lines.map((line) => ({
    lineId: line.id,
    grams: line.grams * batches,
    fillers: allowedFillers(line, kitchen.catalogue, kitchen.diners),
    strongShare: line.strongShare,
    optional: line.optional,
  }));
}

/** Demands of one batch at another number of them; what may fill each line is found only once. */
export const timesDemands = (one: readonly Demand[], batches: number): Demand[] =>
  one.map((demand) => ({ ...demand, grams: demand.grams * batches }));

/** True when some line that must be there has nothing these diners may eat in it: the dish is not for them. */
export const cannotBeMade = (demands: readonly Demand[]): boolean =>
  demands.some((d) => d.fillers.length === 0 && !d.optional);
