import { randomUUID } from "node:crypto";
import type { Lot, MakePlan, PlanMake, RequestOf } from "@apron/contract";
import { fillerOf, lineOf, stepOf, type Line } from "@apron/core/recipes";
import { aLot, type Browser } from "./test-kitchen.ts";

/** A line of a test's dish: one ingredient, raw weight in grams. */
export const line = (id: string, grams: number, ingredient: string, more: Partial<Line> = {}): Line =>
  lineOf({ id, role: "body", grams, fillers: [fillerOf(ingredient)] }, more);

/** A dish of these lines, kept in the fridge by `keeping`. */
export const dish = (name: string, lines: readonly Line[], keeping = "roasted-vegetables") => ({
  ...{ name, kind: "cooked-salad" as const, servings: 2, makes: null, minutes: 20, lines: [...lines] },
  ...{ steps: [stepOf("Mix.")], keeping: { fridge: keeping, freezer: null } },
  ...{ gramsPerMl: 0.6, cautions: [], notes: "", unread: [] },
});

export const partsOf = (plan: MakePlan, lineId: string) =>
  plan.lines.find((one) => one.lineId === lineId)?.parts ?? [];

type Used = RequestOf<"finishMake">["body"]["used"];

/** What the tests of forms do over and over, as one cook. */
export const cookingAs = (cook: () => Browser) => ({
  saved: async (formula: ReturnType<typeof dish>): Promise<string> =>
    (await cook().call("saveRecipe", { body: { formula } })).body.id,
  logged: async (ingredient: string, amount: string): Promise<Lot> =>
    (await cook().call("logLot", { body: aLot(ingredient, amount) })).body,
  planned: async (recipeId: string, more: Partial<PlanMake> = {}): Promise<MakePlan> => {
    const scale = { kind: "batches" as const, batches: 1 };
    return (await cook().call("planMake", { body: { recipeId, scale, take: [], ...more } })).body;
  },
  gramsLeft: async (id: string): Promise<number> =>
    (await cook().call("getLot", { params: { id } })).body.grams,
  prepared: (plan: MakePlan) =>
    cook().call("prepareLots", {
      body: {
        id: randomUUID(),
        trims: plan.prepare.map(({ lotId, method, rawG }) => ({ id: randomUUID(), lotId, method, rawG })),
      },
    }),
  /** One batch, not weighed, into one tub in the fridge. */
  finished: (recipeId: string, used: Used) =>
    cook().call("finishMake", {
      body: {
        ...{ id: randomUUID(), recipeId, version: 1, batches: 1, used, weighedG: null, leftOvers: [] },
        containers: [{ kind: "tub", count: 1, place: "fridge" }],
      },
    }),
});
