import type { MealPlan } from "./meal-plan.ts";
import type { MealPlanProblem } from "./meal-plan-problem.ts";

/** What a plan leaves of a lot that spoils within its days, and how it could still be saved. */
export type LeftOfLot = {
  readonly lotId: string;
  readonly ingredient: string;
  /** Usable grams, and as they lie. */
  readonly grams: number;
  readonly lotG: number;
  readonly lastDay: number;
  /** Cheapest first; none where there is no room any more. */
  readonly ways: readonly ("freeze" | "give")[];
};

/** Less than this of a lot is left for nobody, usable grams. */
const crumbG = 5;
/** What one portion's room in the freezer holds of raw food, and what one portion given away is. A judgement, no source. */
const gramsAPortion = 200;

/** What a plan leaves of lots that spoil within its days, the most urgent first, with the freezer's and the neighbours' room shared out. */
export function saveWhatIsLeft({ lots, days, limits }: MealPlanProblem, { dishes }: MealPlan): LeftOfLot[] {
  const taken = new Map<string, number>();
  for (const filling of dishes.flatMap((one) => one.fillings))
    taken.set(filling.lotId, (taken.get(filling.lotId) ?? 0) + filling.lotG);
  const used = (of: (one: MealPlan["dishes"][number]) => number): number =>
    dishes.reduce((portions, one) => portions + of(one), 0);
  const room = {
    freeze: (limits.freezerPortions - used((one) => one.frozen)) * gramsAPortion,
    give: (limits.givePortions - used((one) => one.given)) * gramsAPortion,
  };
  return lots
    .filter((lot) => lot.lastDay < days)
    .map((lot) => ({ lot, lotG: Math.max(0, lot.grams - (taken.get(lot.lotId) ?? 0)) }))
    .map(({ lot, lotG }) => ({ lot, lotG, grams: lot.grams > 0 ? (lot.usableG * lotG) / lot.grams : 0 }))
    .filter((one) => one.grams > crumbG)
    .sort((a, b) => a.lot.lastDay - b.lot.lastDay || b.grams - a.grams)
    .map(({ lot, lotG, grams }) => {
      const ways = (["freeze", "give"] as const).filter(
        (way) => room[way] >= lotG && (way === "give" || lot.freezesWhole),
      );
      const [first] = ways;
      if (first) room[first] -= lotG;
      const { lotId, ingredient, lastDay } = lot;
      return { lotId, ingredient, lastDay, grams, lotG, ways };
    });
}
