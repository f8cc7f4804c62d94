import { z } from "zod";
import { Day, Estimate, Grams, Id, Place } from "./quantities.ts";
import { Caution } from "./recipes.ts";

const Scale = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("batches"), batches: z.number().positive().max(50) }),
  z.object({ kind: z.literal("servings"), servings: z.number().positive().max(1000) }),
  z.object({ kind: z.literal("all-of-lot"), lotId: Id }),
  z.object({
    kind: z.literal("containers"),
    count: z.int().min(1).max(500),
    ml: z.number().min(5).max(10_000),
    place: z.enum(["fridge", "freezer"]),
  }),
  z.object({ kind: z.literal("loads"), count: z.int().min(1).max(50) }),
]);

export const PlanMake = z.object({ recipeId: z.string().min(1).max(60), scale: Scale });

const Rounded = z.object({ text: z.string(), grams: z.number(), error: z.number() });

export const MakePart = z.object({
  ingredient: z.string(),
  name: z.string(),
  lotId: Id.nullable(),
  from: z.enum(["lot", "staple", "buy"]),
  grams: z.number(),
  toTrim: z.boolean().meta({ description: "From a lot that is still raw: trim it first" }),
  scale: Rounded,
  spoon: Rounded.nullable(),
  gradualAddition: z
    .object({ startG: z.number(), stepG: z.number(), mostG: z.number() })
    .nullable()
    .meta({ description: "Begin with, add by, stop at: grams" }),
  whole: Rounded.nullable().meta({ description: "In wholes and halves, of what comes in wholes" }),
});

const MakeLine = z.object({
  lineId: z.string(),
  role: z.string(),
  preparation: z.string(),
  group: z.string(),
  wantedG: z.number(),
  asBoughtG: z
    .number()
    .nullable()
    .meta({ description: "Grams as bought, where the recipe counts whole pieces" }),
  optional: z.boolean(),
  toTaste: z.boolean(),
  parts: z.array(MakePart),
});

export const ContainerOption = z.object({
  kind: z.enum(["jar", "tub", "cube", "bowl"]),
  name: z.string(),
  place: z.enum(["fridge", "freezer"]),
  fewest: z.int(),
  capacityG: z.number(),
});

export const UseBy = z
  .object({
    on: Day,
    limit: z.enum(["quality", "safety"]),
    reason: z.string(),
    source: z.string(),
    practice: z.object({ from: Day, to: Day }).nullable(),
    mustNever: z.string(),
    thawDays: z
      .int()
      .nullable()
      .meta({ description: "Days in the fridge after thawing; null when not frozen" }),
  })
  .meta({ id: "UseBy" });

export const MakePlan = z
  .object({
    recipeId: z.string(),
    version: z.int(),
    name: z.string(),
    kind: z.string(),
    batches: z.number(),
    servings: z.number(),
    workings: z.string(),
    lines: z.array(MakeLine),
    output: Estimate,
    steps: z.array(z.string()).readonly(),
    loads: z.array(
      z.object({
        step: z.int(),
        count: z.int(),
        eachG: z.number(),
        problem: z.literal("under-least").nullable(),
      }),
    ),
    limiting: z
      .object({ name: z.string(), batches: z.number(), shortG: z.number() })
      .nullable()
      .meta({ description: "What runs out first when nothing is bought" }),
    rounding: z.array(
      z.object({
        metric: z.enum(["oil-to-acid", "salt-percent"]),
        wanted: z.number(),
        rounded: z.number(),
        error: z.number(),
      }),
    ),
    canFill: z.boolean().meta({ description: "Some step has a load that it can be scaled by" }),
    allergens: z.array(z.string()),
    cautions: z.array(Caution),
    containers: z.array(ContainerOption),
    useBy: z.object({ fridge: UseBy.nullable(), freezer: UseBy.nullable() }),
    scaleChoices: z.array(z.object({ lotId: Id, name: z.string(), grams: z.number() })),
  })
  .meta({ id: "MakePlan" });

export const FinishMake = z.object({
  id: Id,
  recipeId: z.string().min(1).max(60),
  version: z.int().positive(),
  batches: z.number().positive().max(50),
  used: z
    .array(z.object({ lineId: z.string(), ingredient: z.string(), lotId: Id.nullable(), grams: Grams }))
    .min(1)
    .max(200),
  weighedG: Grams.nullable().meta({
    description: "What the finished dish weighed, or null for the estimate",
  }),
  containers: z
    .array(
      z.object({
        kind: z.enum(["jar", "tub", "cube", "bowl"]),
        count: z.int().min(1).max(500),
        place: Place,
      }),
    )
    .min(1)
    .max(4),
  leftOvers: z
    .array(z.object({ id: Id, ingredient: z.string(), grams: Grams, place: Place }))
    .max(40)
    .default([])
    .meta({ description: "Opened and not used up: goes back as a dated lot" }),
});

export type MakePlan = z.infer<typeof MakePlan>;
export type MakePart = z.infer<typeof MakePart>;
export type FinishMake = z.infer<typeof FinishMake>;
export type UseBy = z.infer<typeof UseBy>;
export type ContainerOption = z.infer<typeof ContainerOption>;
export type PlanMake = z.infer<typeof PlanMake>;
