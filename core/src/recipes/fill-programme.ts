import solver from "javascript-lp-solver";
import type { Demand, Filling, Stock } from "./demand.ts";
import { isStrong, type AllowedFiller } from "./slots.ts";

type Arc = {
  readonly key: string;
  readonly demand: Demand;
  readonly lot: Stock;
  readonly filler: AllowedFiller;
};

function arcsOf(demands: readonly Demand[], stock: readonly Stock[]): Arc[] {
  return demands.flatMap((demand) =>
    stock.flatMap((lot) => {
      const fits = lot.lines?.has(demand.lineId) ?? true;
      const filler = demand.fillers.find((f) => fits && f.ingredient === lot.ingredient);
      return filler && lot.grams > 0
        ? [{ key: `${demand.lineId} ${lot.path ?? lot.lotId}`, demand, lot, filler }]
        : [];
    }),
  );
}

/** What floors keep for some of a line's fillers, grams of line. */
const floorsOf = (demand: Demand, whose: (f: AllowedFiller) => boolean): number =>
  demand.grams * demand.fillers.filter(whose).reduce((total, f) => total + f.minShare, 0);

/** Grams of line that each filler, the strong ones together, and everything beyond the floors may take. */
function limitsOf(demand: Demand): Record<string, number> {
  const { lineId, grams, fillers, maxStrongHerbShare } = demand;
  const caps = fillers.map((f) => [`cap ${lineId} ${f.ingredient}`, grams * f.maxShare] as const);
  const floors = fillers.map((f) => [`floor ${lineId} ${f.ingredient}`, grams * f.minShare] as const);
  return {
    ...Object.fromEntries([...caps, ...floors]),
    [`free ${lineId}`]: grams - floorsOf(demand, () => true),
    [`strong ${lineId}`]: grams * maxStrongHerbShare - floorsOf(demand, (f) => isStrong(f.facts)),
  };
}

/**
 * Fills all lines from stock by a linear programme: grams of each lot into each line, the greatest worth in all, under
 * the caps and leaving room for the floors of fillers that are short. For kitchens where one ingredient replaces
 * different amounts in different lines.
 */
export function fillByProgramme(demands: readonly Demand[], stock: readonly Stock[]): Filling[] {
  const arcs = arcsOf(demands, stock);
  const limits = Object.assign({}, ...demands.map(limitsOf)) as Record<string, number>;
  const constraints: Record<string, { max: number }> = {};
  for (const [name, max] of Object.entries(limits)) constraints[name] = { max: Math.max(0, max) };
  for (const lot of stock) constraints[`lot ${lot.path ?? lot.lotId}`] = { max: lot.grams };
  const variables: Record<string, Record<string, number>> = {};
  for (const { key, demand, lot, filler } of arcs) {
    const perGram = 1 / filler.gramsPerGram;
    const name = `${demand.lineId} ${filler.ingredient}`;
    const both = {
      urgencyWeight: lot.urgencyWeight + 1e-6,
      [`lot ${lot.path ?? lot.lotId}`]: 1,
      [`cap ${name}`]: perGram,
    };
    // One gram goes either into the room its floor keeps for it, or into what is free for all.
    variables[`${key} floor`] = { ...both, [`floor ${name}`]: perGram };
    variables[`${key} free`] = {
      ...both,
      [`free ${demand.lineId}`]: perGram,
      ...(isStrong(filler.facts) ? { [`strong ${demand.lineId}`]: perGram } : {}),
    };
  }
  const found = solver.Solve({ optimize: "urgencyWeight", opType: "max", constraints, variables }) as Record<
    string,
    number
  >;
  return arcs.flatMap(({ key, demand, lot }) => {
    const grams = (found[`${key} floor`] ?? 0) + (found[`${key} free`] ?? 0);
    return grams > 1e-3
      ? [{ lineId: demand.lineId, lotId: lot.lotId, ingredient: lot.ingredient, grams }]
      : [];
  });
}
