import { describe, expect, it } from "@jest/globals";
import { corpusRecipes } from "../../test/corpus-recipes.ts";
import { lineReader } from "../catalogue/index.ts";
import { referenceCatalogue as catalogue } from "../catalogue/reference.ts";
import { draftPlan, earliestTable, solvePlan, type PlanWish } from "../plan/index.ts";
import type { Formula } from "../recipes/index.ts";
import { acceptReview } from "./accept-review.ts";
import { foodNamer } from "./names-food.ts";
import { readRecipes } from "./read-recipes.ts";
import { reviewRecipe } from "./review-recipe.ts";

const reader = lineReader(catalogue, { cup: "us-customary", ounces: {} });
const namesFood = foodNamer(reader);
const formulas = corpusRecipes.flatMap(({ name, text }): [string, Formula][] => {
  const drafts = readRecipes(text, namesFood);
  const [draft] = drafts.ok ? drafts.value : [];
  const made = draft && acceptReview(reviewRecipe(draft, reader), new Map(), catalogue);
  return made?.ok ? [[name, made.value]] : [];
});

const whenever = { goOn: () => true };

describe("recipes as strangers wrote them", () => {
  it("are there to be planned", () => {
    expect(formulas.length).toBeGreaterThanOrEqual(60);
  });

  // The plan is walked forward in time by code that did not make it: solvePlan throws where it does not hold.
  it.each(formulas)("%s can be planned from the first minute that has room for it", (_, formula) => {
    const wish: PlanWish = {
      ...{ tableAt: 0, cooks: 1, crew: [], away: [], fixed: [] },
      dishes: [
        { id: "dish", formula, batches: 1, times: new Map(), ways: new Map(), lessons: [], isMade: false },
      ],
      places: { trays: 4, rings: 4, hasGrill: true, hasOven: true, isCharcoal: false, shelves: 4 },
    };
    const earliest = earliestTable(wish, catalogue, whenever) ?? Number.NaN;
    const { problem, infos } = draftPlan(wish, earliest, catalogue);
    const solved = solvePlan(problem, earliest, whenever);
    if (!solved || solved === "gave-up") throw new Error("no plan");
    expect({ startAt: solved.startAt, isProven: solved.isProven }).toEqual({ startAt: 0, isProven: true });
    // Every step of the recipe is in it.
    const steps = new Set([...infos.values()].map(({ step }) => step));
    expect(formula.steps.map((__, i) => i).filter((i) => !steps.has(i))).toEqual([]);
  });
});
