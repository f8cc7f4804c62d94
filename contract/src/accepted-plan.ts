import { foodParts } from "@apron/core/catalogue";
import { dishKinds } from "@apron/core/recipes";
import { z } from "zod";
import type { Endpoint } from "./endpoint.ts";
import { MealPlanWish } from "./meal-plan.ts";
import { ById, Day, Id } from "./quantities.ts";

const Grams = z.number().min(0).max(10_000_000);
const Portions = z.number().min(0).max(100_000);
const DayNumber = z.int().min(0).max(20);

const Filling = z.object({
  lineId: z.string().max(60),
  lotId: Id,
  ingredient: z.string().max(60),
  grams: Grams.meta({ description: "Usable, in the line" }),
  lotG: Grams.meta({ description: "As they lie, in the lot" }),
  toDo: z.string().max(60).nullable(),
  part: z.enum(foodParts).nullable(),
});

/** A plan as core's WrittenPlan says it: dishes by their id in the problem it was worked out for. */
const WrittenPlan = z.object({
  dishes: z
    .array(
      z.object({
        dish: z.string().max(120),
        day: DayNumber,
        batches: z.number().min(0.5).max(50),
        fillings: z.array(Filling).max(500).readonly(),
        added: z
          .array(
            z.object({
              lineId: z.string().max(60),
              ingredient: z.string().max(60),
              grams: Grams,
              from: z.enum(["staple", "buy"]),
            }),
          )
          .max(500)
          .readonly(),
        eaten: z
          .array(z.object({ on: DayNumber, portions: Portions }))
          .max(20)
          .readonly(),
        frozen: Portions,
        given: Portions,
      }),
    )
    .max(60)
    .readonly(),
  stored: z
    .array(z.object({ batchId: Id, on: DayNumber, portions: Portions }))
    .max(500)
    .readonly(),
});

/** How good a plan is: its worth, what no plan is worth more than, and how it was searched. */
export const PlanProof = z
  .object({
    value: z.number(),
    bound: z.number(),
    isProven: z.boolean(),
    seed: z.int().min(0),
    seconds: z.number().min(0).max(600).meta({ description: "As long as the search was given" }),
  })
  .meta({ id: "PlanProof" });

const AcceptMealPlan = z.object({
  id: Id.meta({ description: "Made by the client" }),
  from: Day.meta({ description: "The day that was today when it was worked out" }),
  wish: MealPlanWish,
  plan: WrittenPlan,
  proof: PlanProof,
});

const Share = z.object({ ingredient: z.string(), name: z.string(), grams: z.number() });

export const AcceptedDish = z
  .object({
    id: Id,
    planId: Id,
    recipeId: z.string(),
    name: z.string(),
    kind: z.enum(dishKinds),
    day: Day,
    batches: z.number(),
    servings: z.number(),
    minutes: z.number(),
    uses: z.array(Share),
    toBuy: z.array(Share),
    short: z.array(Share).meta({ description: "Counted on, and not there any more; usable grams" }),
    eaten: z.array(z.object({ on: Day, portions: z.number() })),
    frozen: z.number(),
    given: z.number(),
    state: z.enum(["planned", "cooked", "dropped", "past"]).meta({
      description: "past: its day went by; what it had reserved is free again",
    }),
  })
  .meta({ id: "AcceptedDish" });

const Reservation = z
  .object({ lotId: Id, dish: z.string(), day: Day, grams: z.number().meta({ description: "As they lie" }) })
  .meta({ id: "Reservation" });

export const AcceptedPlan = z
  .object({
    dishes: z.array(AcceptedDish).meta({ description: "Still to be cooked, the earliest first" }),
    meals: z
      .array(z.object({ batchId: Id, name: z.string(), on: Day, portions: z.number() }))
      .meta({ description: "What stands in the larder and is to be eaten" }),
    reservations: z.array(Reservation),
  })
  .meta({ id: "AcceptedPlan" });

const PastPlan = z.object({
  id: Id,
  from: Day,
  days: z.int(),
  proof: PlanProof,
  dishes: z.array(AcceptedDish),
});

const Done = z.object({ done: z.literal(true) });

export const acceptedPlanEndpoints = {
  solveMealPlan: {
    summary: "The plan for the coming days, worked out beside the server within a time",
    body: z.object({
      wish: MealPlanWish,
      seconds: z.number().min(0.1).max(1).default(1).meta({ description: "For each of its two searches" }),
    }),
    reply: z
      .object({
        today: Day,
        plan: WrittenPlan.nullable().meta({ description: "null: what is kept does not fit into these days" }),
        proof: PlanProof.nullable(),
      })
      .meta({ id: "SolvedMealPlan" }),
    status: 200,
  },
  acceptedPlan: {
    summary: "What was accepted and is still to be cooked, with what it has reserved",
    reply: AcceptedPlan,
    status: 200,
  },
  acceptMealPlan: {
    summary: "Accepts a plan: checked once more, then its lots are reserved for it",
    body: AcceptMealPlan,
    reply: AcceptedPlan,
    status: 201,
    writes: true,
  },
  dropPlannedDish: {
    summary: "Takes a dish out of the plan; what it had reserved is free again",
    params: ById,
    reply: Done,
    status: 200,
    writes: true,
  },
  dropAcceptedPlan: {
    summary: "Takes every dish that is still to be cooked out of the plan",
    reply: Done,
    status: 200,
    writes: true,
  },
  pastPlans: {
    summary: "Plans that were accepted, the latest first: planned against done",
    reply: z.array(PastPlan),
    status: 200,
  },
} satisfies Record<string, Endpoint>;

export type AcceptMealPlan = z.infer<typeof AcceptMealPlan>;
export type AcceptedPlan = z.infer<typeof AcceptedPlan>;
export type AcceptedDish = z.infer<typeof AcceptedDish>;
export type PlanProof = z.infer<typeof PlanProof>;
export type PastPlan = z.infer<typeof PastPlan>;
