import type { Catalogue } from "../catalogue/index.ts";
import { allowedFillers, isStrong, type Demand, type Diners, type Formula } from "../recipes/index.ts";

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
    maxStrongHerbShare: line.maxStrongHerbShare,
    optional: line.optional,
  }));
}

/** Demands of one batch at another number of them; what may fill each line is found only once. */
export const timesDemands = (one: readonly Demand[], batches: number): Demand[] =>
  one.map((demand) => ({ ...demand, grams: demand.grams * batches }));

/** Can what these diners may eat fill all of a line, under its caps? */
function isFillable({ fillers, maxStrongHerbShare }: Demand): boolean {
  const caps = (strong: boolean): number =>
    fillers.filter((f) => isStrong(f.facts) === strong).reduce((total, f) => total + f.maxShare, 0);
  return Math.min(caps(true), maxStrongHerbShare) + caps(false) >= 1 - 1e-9;
}

/** Lines that must be there and that these diners' food cannot fill. */
export const unfillable = (demands: readonly Demand[]): Demand[] =>
  demands.filter((demand) => !demand.optional && !isFillable(demand));

/** True when some line that must be there cannot be filled for these diners: the dish is not for them. */
export const cannotBeMade = (demands: readonly Demand[]): boolean => unfillable(demands).length > 0;
