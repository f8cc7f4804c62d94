import type { DishToCook, PlanWish } from "../src/plan/index.ts";
import { stepOf, type Formula } from "../src/recipes/index.ts";
import { aFormula, aLine } from "./kitchen.ts";

/** A dip roasted for half an hour and looked at every ten minutes, cooled before the machine, chilled for an hour. */
export const dip = aFormula([aLine("body", 600, "winter-squash-butternut", { preparation: "halved" })], {
  name: "Dip",
  kind: "dip",
  steps: [
    stepOf("Roast the squash.", {
      ...{ tool: "oven", celsius: 200, warmUpMin: 15, trayShare: 1, activeMin: 3 },
      ...{ passiveMin: { low: 25, high: 30 }, checkEveryMin: 10 },
    }),
    stepOf("Let it cool, then run it in the processor.", { tool: "processor", activeMin: 5 }),
    stepOf("Chill.", { wait: { leastMin: 60, mostMin: null }, activeMin: 1 }),
  ],
});

/** Leaves that are dressed at the last moment. */
export const salad = aFormula([aLine("leaf", 150, "lettuce-looseleaf", { preparation: "torn" })], {
  name: "Leaves",
  kind: "leaf-salad",
  steps: [stepOf("Whisk the dressing.", { activeMin: 4 }), stepOf("Toss the leaves.", { activeMin: 2 })],
});

/** Grain boiled in no step of its recipe. */
export const grain = aFormula(
  [aLine("base", 200, "farro", { cook: "boil", eatenRaw: false, preparation: "boiled, spread to cool" })],
  { name: "Grain", kind: "grain-salad", steps: [stepOf("Dress the farro.", { activeMin: 3 })] },
);

export const toCook = (id: string, formula: Formula, extra: Partial<DishToCook> = {}): DishToCook => ({
  ...{ id, formula, batches: 1, times: new Map(), ways: new Map(), lessons: [], isMade: false },
  ...extra,
});

/** Ten hours, one cook, an ordinary kitchen. */
export const aWish = (dishes: readonly DishToCook[], extra: Partial<PlanWish> = {}): PlanWish => ({
  ...{ dishes, tableAt: 600, cooks: 1, crew: [], away: [], fixed: [] },
  places: { trays: 2, rings: 4, hasGrill: true, hasOven: true, isCharcoal: false, shelves: 4 },
  ...extra,
});
