import { foodParts } from "@apron/core/catalogue";
import { dishKinds } from "@apron/core/recipes";
import { z } from "zod";
import { Day } from "./quantities.ts";

const Days = z.int().min(1).max(7);
const RecipeId = z.string().min(1).max(60);

/** A day has no more: people at the table, and minutes for cooking. */
export const mostPeople = 60;
export const mostMinutes = 720;
/** Nobody asks for more dishes of a kind in a week. */
export const mostTimesOfAKind = 20;

export const MealPlanWish = z
  .object({
    days: Days.meta({ description: "Today and the days after it" }),
    people: z
      .number()
      .min(0)
      .max(mostPeople)
      .optional()
      .meta({ description: "Who eats each day; by default those of the kitchen" }),
    minutes: z.int().min(0).max(mostMinutes).meta({ description: "For cooking on each day" }),
    perDay: z
      .array(
        z.object({
          people: z.number().min(0).max(mostPeople).nullable().default(null),
          minutes: z.int().min(0).max(mostMinutes).nullable().default(null),
        }),
      )
      .max(7)
      .default([])
      .readonly()
      .meta({ description: "Days that are not as usual, from today: guests, meals out, more or less time" }),
    whatIf: z
      .array(
        z.object({
          ingredient: z.string().min(1).max(60),
          grams: z.number().positive().max(100_000).meta({ description: "As bought" }),
        }),
      )
      .max(5)
      .default([])
      .readonly()
      .meta({ description: "As if this had been bought: to look at, not to accept" }),
    lessWork: z.number().min(0).max(1).meta({ description: "0: least waste … 1: least work" }),
    keep: z
      .array(z.object({ recipeId: RecipeId, day: z.int().min(0).max(6).nullable() }))
      .max(21)
      .readonly(),
    timesOfAKind: z
      .partialRecord(z.enum(dishKinds), z.int().min(0).max(mostTimesOfAKind))
      .default({})
      .meta({ description: "How often dishes of a kind are cooked at most, all together" }),
    without: z.array(RecipeId).max(500).readonly().meta({ description: "Dishes that were ruled out" }),
  })
  .meta({ id: "MealPlanWish" });

const Source = z.object({
  lotId: z.string(),
  perGram: z.number(),
  toDo: z.string().nullable(),
  work: z.string(),
  part: z.enum(foodParts).nullable(),
  clock: z.int().nullable(),
});

const Filler = z.object({
  ingredient: z.string(),
  gramsPerGram: z.number(),
  minShare: z.number(),
  maxShare: z.number(),
  isStrong: z.boolean(),
  price: z.number().nullable(),
  from: z.array(Source).readonly(),
});

const Dish = z.object({
  id: z.string(),
  recipeId: z.string(),
  name: z.string(),
  kind: z.enum(dishKinds),
  servings: z.number(),
  minutes: z.number(),
  keepDays: z.int(),
  freezes: z.boolean(),
  lines: z
    .array(
      z.object({
        lineId: z.string(),
        grams: z.number(),
        isOptional: z.boolean(),
        strongShare: z.number(),
        fillers: z.array(Filler).readonly(),
      }),
    )
    .readonly(),
  bought: z.array(z.object({ ingredient: z.string(), grams: z.number() })).readonly(),
  boughtPerBatch: z.number(),
});

const PerDay = z.array(z.number()).readonly();

/** The coming days as one plain value, as core's MealPlanProblem says it. */
const Problem = z
  .object({
    days: Days,
    lots: z
      .array(
        z.object({
          lotId: z.string(),
          ingredient: z.string(),
          grams: z.number(),
          usableG: z.number(),
          lastDay: z.int(),
          urgencyWeight: z.number(),
          freezesWhole: z.boolean(),
        }),
      )
      .readonly(),
    dishes: z.array(Dish).readonly(),
    stored: z
      .array(
        z.object({
          id: z.string(),
          name: z.string(),
          kind: z.enum(dishKinds),
          portions: z.number(),
          lastDay: z.int(),
        }),
      )
      .readonly(),
    limits: z.object({
      portionsADay: PerDay,
      ofAKind: z.partialRecord(z.enum(dishKinds), PerDay),
      minutesADay: PerDay,
      freezerPortions: z.number(),
      givePortions: z.number(),
      mostTimes: z.int(),
      timesOfAKind: z.partialRecord(z.enum(dishKinds), z.int()).optional(),
      workPerMinute: z.number(),
      keep: MealPlanWish.shape.keep,
    }),
  })
  .meta({ id: "MealPlanProblem" });

export const MealPlanInput = z
  .object({
    problem: Problem,
    names: z.record(z.string(), z.string()).meta({ description: "Of ingredients" }),
    today: Day.meta({ description: "Day 0 of the problem" }),
  })
  .meta({ id: "MealPlanInput" });

export type MealPlanWish = z.infer<typeof MealPlanWish>;
export type MealPlanInput = z.infer<typeof MealPlanInput>;
