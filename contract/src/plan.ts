import { mostOtherWays, noChanges, stepTools } from "@apron/core/recipes";
import { skills, taskKinds, timesFrom, usualPlaces } from "@apron/core/plan";
import { z } from "zod";
import { TonightsChanges } from "./cook.ts";
import { CookedFood, SpanMin, TimesOfFood } from "./cook-times.ts";
import { CookingPlaces } from "./cooking-places.ts";
import { StepWay } from "./formula.ts";
import { ById, ByIngredient, Id, Instant } from "./quantities.ts";

const TimeOfDay = z
  .string()
  .regex(/^(?:[01]\d|2[0-3]):[0-5]\d$/)
  .meta({ description: "HH:MM on the kitchen's clock" });
/** A dish in a plan: a short key of its own, since one recipe may be in it twice. */
const DishKey = z.string().regex(/^[a-z0-9-]{1,40}$/);
const TaskId = z.string().min(1).max(80);
const StepNumber = z.int().min(0).max(119);
const Way = z.int().min(0).max(mostOtherWays);
const Minutes = z.int().min(0).max(1440);
const MinuteRange = z.object({ low: Minutes, high: Minutes });

/** What a plan that was saved before there was more to say leaves out is as usual. */
const PlacesOfPlan = CookingPlaces.extend({
  isCharcoal: CookingPlaces.shape.isCharcoal.default(usualPlaces.isCharcoal),
  shelves: CookingPlaces.shape.shelves.default(usualPlaces.shelves),
});

export const PlanWish = z
  .object({
    dishes: z
      .array(
        z.object({
          key: DishKey,
          recipeId: z.string().min(1).max(60),
          batches: z.number().positive().max(50).default(1),
          isMade: z.boolean().default(false).meta({ description: "Made earlier: it is only taken out" }),
          changes: TonightsChanges.default(noChanges).meta({
            description: "A make in progress: what is done otherwise this once",
          }),
          ways: z
            .array(z.object({ step: StepNumber, way: Way }))
            .max(120)
            .default([])
            .meta({
              description: "In which way the cook does a step: 0 as written, else another of its ways",
            }),
        }),
      )
      .min(1)
      .max(12)
      .readonly(),
    tableAt: Instant,
    cooks: z.int().min(1).max(6).default(1),
    crew: z
      .array(z.object({ name: z.string().trim().max(40), leaves: z.array(z.enum(skills)).max(3).readonly() }))
      .max(6)
      .default([])
      .meta({ description: "The cooks by name and what each leaves to others; empty: all do everything" }),
    homeAt: Instant.nullable().default(null).meta({ description: "Nobody works before this" }),
    quiet: z
      .object({ from: TimeOfDay, to: TimeOfDay })
      .nullable()
      .default(null)
      .meta({ description: "Hours of the night in which nobody works; what cooks by itself may go on" }),
    places: PlacesOfPlan.default(usualPlaces),
    fixed: z
      .array(z.object({ task: TaskId, at: Instant }))
      .max(200)
      .default([])
      .meta({ description: "Tasks that the cook gave a time; the plan goes round them" }),
    times: z
      .array(
        z.object({
          dish: DishKey,
          step: StepNumber,
          workMin: Minutes,
          byItself: MinuteRange.nullable(),
        }),
      )
      .max(400)
      .default([])
      .meta({ description: "Minutes that the cook gave to steps" }),
  })
  .meta({ id: "PlanWish" });

const Span = z.object({ from: z.int(), to: z.int() });
const Moment = z.object({ task: z.string(), at: z.enum(["start", "end"]) });

/** The scheduling problem as plain data, in minutes after `from`: what a browser's worker solves. */
const SchedulingProblem = z
  .object({
    tasks: z
      .array(
        z.object({
          id: z.string(),
          modes: z
            .array(
              z.object({
                id: z.string(),
                minutes: z.int(),
                uses: z.array(z.object({ resource: z.string(), amount: z.int() })).readonly(),
              }),
            )
            .readonly(),
          window: Span,
          weight: z.int(),
        }),
      )
      .readonly(),
    lags: z
      .array(z.object({ from: Moment, to: Moment, least: z.int().nullable(), most: z.int().nullable() }))
      .readonly(),
    resources: z
      .array(z.object({ id: z.string(), capacity: z.int(), closed: z.array(Span).readonly() }))
      .readonly(),
    separations: z
      .array(
        z.object({
          resource: z.string(),
          tasks: z.tuple([z.string(), z.string()]).readonly(),
          gaps: z.tuple([z.int(), z.int()]).readonly(),
        }),
      )
      .readonly(),
  })
  .meta({ id: "SchedulingProblem" });

export const PlanTask = z
  .object({
    id: z.string(),
    dish: z.string(),
    dishName: z.string(),
    step: z.int().nullable(),
    kind: z.enum(taskKinds),
    text: z.string().meta({ description: "The step's own words" }),
    tool: z.enum(stepTools).nullable(),
    celsius: z.number().nullable(),
    doneWhen: z.string(),
    method: z.string().nullable().meta({ description: "How a line is cooked that stands in no step" }),
    minutes: z.object({ low: z.number(), high: z.number() }),
    from: z.enum(timesFrom).meta({ description: "Where its minutes come from" }),
    lines: z.array(z.string()).meta({ description: "What is got ready in it, with its amount" }),
    lineIds: z.array(z.string()).readonly().optional(),
    way: z.int().optional().meta({ description: "In which of its ways the step is done" }),
    ways: z.array(z.string()).optional().meta({ description: "All ways of the step, as written first" }),
    allergens: z
      .array(z.string())
      .readonly()
      .optional()
      .meta({ description: "What a machine is washed for with care: another dish is free of them" }),
    begins: z.boolean().optional().meta({ description: "It stands before the work of its step" }),
    staysOn: z.boolean().optional().meta({ description: "Its pot stays on the fire for the next step" }),
    written: StepWay.nullish().meta({
      description: "The step as the recipe has it, in the way it is done: heat, times, looks, sign",
    }),
    load: z.string().optional().meta({ description: "Which of several loads it is, in words" }),
    food: CookedFood.nullish().meta({
      description: "What cooks by itself in it, as far as this kitchen may learn its time",
    }),
    learned: z
      .object({ cooks: z.int(), said: SpanMin })
      .nullish()
      .meta({ description: "From how many cooks here its minutes are, and what was said before them" }),
  })
  .meta({ id: "PlanTask" });

export const PlanDraft = z
  .object({
    from: Instant.meta({ description: "Minute 0 of the problem" }),
    tableMin: z.int(),
    problem: SchedulingProblem,
    tasks: z.array(PlanTask),
    asked: z
      .array(z.object({ dish: z.string(), dishName: z.string(), step: z.int(), text: z.string() }))
      .meta({ description: "Steps that heat and say no time, of food that the tables have none for" }),
    ways: z
      .array(z.object({ dish: z.string(), step: z.int(), way: z.int() }))
      .default([])
      .meta({
        description: "Steps that are done in another way than written, since the plan does not fit else",
      }),
  })
  .meta({ id: "PlanDraft" });

const Start = z.object({ task: TaskId, at: Instant });

export const PlanSchedule = z
  .object({
    starts: z.array(Start).max(400).readonly(),
    startAt: Instant.meta({ description: "The first minute of it" }),
    latestStart: Instant.meta({ description: "No plan can begin later than this" }),
    isProven: z
      .boolean()
      .meta({ description: "No plan begins later, and none of those leaves food standing less" }),
  })
  .meta({ id: "PlanSchedule" });

export const SolvedPlan = PlanDraft.extend({ schedule: PlanSchedule }).meta({ id: "SolvedPlan" });

const Clash = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("dish"), dish: z.string() }),
  z.object({ kind: z.literal("away") }),
  z.object({ kind: z.literal("fixed"), task: z.string() }),
  z.object({ kind: z.literal("hands") }),
]);
const Remedy = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("later"), tableAt: Instant }),
  z.object({ kind: z.literal("earlier-home"), homeAt: Instant }),
  z.object({ kind: z.literal("another-cook") }),
  z.object({ kind: z.literal("without"), dish: z.string() }),
  z.object({ kind: z.literal("set-free"), task: z.string() }),
  z.object({
    kind: z.literal("other-way"),
    dish: z.string(),
    step: z.int(),
    way: z.int(),
    text: z.string().meta({ description: "The words of that way" }),
    startAt: Instant.meta({ description: "When it has to be begun then" }),
  }),
]);

export const PlanExplained = z
  .object({
    isPossible: z.boolean(),
    clash: z.array(Clash).meta({ description: "No fewer than these do not go together" }),
    remedies: z.array(Remedy).meta({ description: "Changes that make it possible, each tried" }),
  })
  .meta({ id: "PlanExplained" });

const SavePlan = PlanWish.extend({
  id: Id.meta({ description: "Made by whoever plans; the same again changes that plan" }),
  from: Instant,
  schedule: PlanSchedule,
}).meta({ id: "SavePlan" });

export const PlanSummary = z
  .object({
    id: Id,
    tableAt: Instant,
    startAt: Instant,
    dishes: z.array(z.string()),
  })
  .meta({ id: "PlanSummary" });

export const SavedPlan = z
  .object({
    id: Id,
    wish: PlanWish,
    schedule: PlanSchedule,
    tasks: z.array(PlanTask),
    from: Instant.meta({ description: "Minute 0 of the problem" }),
    problem: SchedulingProblem,
  })
  .meta({ id: "SavedPlan" });

export const planEndpoints = {
  draftPlan: {
    summary: "Dishes and an hour as a scheduling problem, with what its tasks are",
    body: PlanWish,
    reply: PlanDraft,
    status: 200,
  },
  solvePlan: {
    summary: "Plan dishes backwards from the table; exact where a third of a second allows",
    body: PlanWish,
    reply: SolvedPlan,
    status: 200,
  },
  explainPlan: {
    summary: "Why dishes cannot be on the table at that hour, and the smallest changes that make it so",
    body: PlanWish,
    reply: PlanExplained,
    status: 200,
  },
  listPlans: { summary: "Plans whose table is still to come", reply: z.array(PlanSummary), status: 200 },
  cookTimesOf: {
    summary: "How long cooking an ingredient took in this kitchen, beside the handbook's times",
    params: ByIngredient,
    reply: z.array(TimesOfFood),
    status: 200,
  },
  getPlan: { summary: "One saved plan", params: ById, reply: SavedPlan, status: 200 },
  planCalendar: {
    summary: "A saved plan as a calendar with alarms (iCalendar, RFC 5545)",
    params: ById,
    reply: z.string(),
    status: 200,
    media: "text/calendar",
  },
  savePlan: {
    summary: "Keep a plan; its schedule is checked before",
    body: SavePlan,
    reply: PlanSummary,
    status: 201,
    writes: true,
  },
  dropPlan: {
    summary: "Drop a plan",
    params: ById,
    body: z.object({}),
    reply: z.object({ done: z.literal(true) }),
    status: 201,
    writes: true,
  },
} as const;

export type PlanWish = z.infer<typeof PlanWish>;
export type PlanDraft = z.infer<typeof PlanDraft>;
export type PlanTask = z.infer<typeof PlanTask>;
export type PlanSchedule = z.infer<typeof PlanSchedule>;
export type SolvedPlan = z.infer<typeof SolvedPlan>;
export type PlanExplained = z.infer<typeof PlanExplained>;
export type PlanSummary = z.infer<typeof PlanSummary>;
export type SchedulingProblem = z.infer<typeof SchedulingProblem>;
export type SavedPlan = z.infer<typeof SavedPlan>;
