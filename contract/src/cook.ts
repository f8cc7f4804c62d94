import { noChanges } from "@apron/core/recipes";
import { z } from "zod";
import { Day, Estimate, Grams, Id, Pieces, Place } from "./quantities.ts";
import { Step } from "./formula.ts";
import { Caution } from "./recipes.ts";

const Container = z.enum(["jar", "tub", "cube", "bowl"]);

const Scale = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("batches"), batches: z.number().positive().max(50) }),
  z.object({ kind: z.literal("servings"), servings: z.number().positive().max(1000) }),
  z.object({ kind: z.literal("all-of-lot"), lotId: Id }),
  z.object({
    kind: z.literal("containers"),
    container: Container,
    count: z.int().min(1).max(500),
    place: z.enum(["fridge", "freezer"]),
  }),
  z.object({ kind: z.literal("loads"), count: z.int().min(1).max(50) }),
]);

const LineId = z.string().min(1).max(60);
const Food = z.string().min(1).max(60);

/** What is done otherwise this once; the recipe stays as it is. */
export const TonightsChanges = z
  .object({
    swaps: z
      .array(z.object({ lineId: LineId, ingredient: Food }))
      .max(40)
      .readonly()
      .default([])
      .meta({ description: "Lines filled with something else, in the amount that does the same work" }),
    joined: z
      .array(
        z.object({
          id: z.string().regex(/^joined-[1-9]\d?$/),
          ingredient: Food,
          grams: Grams,
          isCooked: z.boolean().default(false),
        }),
      )
      .max(20)
      .readonly()
      .default([])
      .meta({ description: "What the recipe never had: grams in the whole make" }),
    leftOut: z.array(LineId).max(60).readonly().default([]).meta({ description: "Lines that stay out" }),
  })
  .meta({ id: "TonightsChanges" });

export const PlanMake = z.object({
  recipeId: z.string().min(1).max(60),
  scale: Scale,
  take: z
    .array(z.object({ lineId: z.string().min(1).max(60).nullable(), lotId: Id }))
    .max(60)
    .default([])
    .meta({
      description:
        "Lots the cook chose, for a line or (null) wherever they fit, whatever they do to the date",
    }),
  changes: TonightsChanges.default(noChanges),
});

const Rounded = z.object({ text: z.string(), grams: z.number(), error: z.number() });

export const MakePart = z.object({
  ingredient: z.string(),
  name: z.string(),
  lotId: Id.nullable(),
  from: z.enum(["lot", "staple", "buy"]),
  grams: z.number(),
  toDo: z
    .object({ method: z.string(), words: z.string() })
    .nullable()
    .meta({ description: "The trim that its lot still needs; null where it is ready" }),
  form: z.string().meta({ description: "The form its lot is in, in words; empty without a lot" }),
  lotG: z
    .number()
    .meta({ description: "Grams of its lot as it lies, in whole pieces where it is trimmed first" }),
  per100gMinor: z.number().nullable().meta({ description: "Price of 100 g; null where it is not known" }),
  saltPer100g: z
    .number()
    .nullable()
    .meta({ description: "Grams of salt in 100 g; null where it is not known" }),
  inDish: Estimate.meta({ description: "Weight in the finished dish ÷ weight going in" }),
  scale: Rounded,
  spoon: Rounded.nullable(),
  gradualAddition: z
    .object({ startG: z.number(), stepG: z.number(), mostG: z.number() })
    .nullable()
    .meta({ description: "Begin with, add by, stop at: grams" }),
  whole: Rounded.nullable().meta({ description: "In wholes and halves, of what comes in wholes" }),
  pieces: Pieces.nullable().meta({ description: "Of a lot that lies as it was bought and comes in pieces" }),
});

const FittingLot = z.object({
  lotId: Id,
  name: z.string(),
  form: z.string(),
  toDo: z.string().nullable(),
  grams: z.number().meta({ description: "Usable grams that it would give" }),
  instead: z.boolean().meta({ description: "It is another food, in place of the written one" }),
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
  cookedG: z.number().nullable().meta({ description: "Grams cooked, where the recipe asks for cooked food" }),
  optional: z.boolean(),
  toTaste: z.boolean(),
  change: z
    .enum(["swapped", "joined"])
    .nullable()
    .meta({ description: "How it differs from the recipe this once" }),
  parts: z.array(MakePart),
  others: z.array(FittingLot).meta({ description: "Lots that would fit this line too" }),
});

export const ContainerOption = z.object({
  kind: Container,
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

/** A part that is made apart and can be kept by itself. */
const PartApart = z.object({
  part: z.string().meta({ description: "Its heading in the recipe" }),
  name: z.string(),
  containers: z.array(ContainerOption),
  useBy: z.object({ fridge: UseBy.nullable(), freezer: UseBy.nullable() }),
});

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
    remains: Estimate.meta({ description: "The share of what goes in that is left once it has cooked" }),
    output: Estimate,
    steps: z.array(Step).readonly(),
    left: z
      .array(z.object({ lineId: z.string(), name: z.string() }))
      .meta({ description: "Lines that stay out this once" }),
    nextTime: z
      .array(z.object({ batchId: Id, on: Day, text: z.string() }))
      .meta({ description: 'What was noted for "next time", the newest first' }),
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
    storeIn: z
      .object({ kind: Container, place: z.enum(["fridge", "freezer"]), count: z.int().nullable() })
      .nullable()
      .meta({ description: "The container first proposed; a count where containers were asked for" }),
    prepare: z
      .array(
        z.object({
          ...{ lotId: Id, name: z.string(), method: z.string(), words: z.string(), rawG: z.number() },
          pieces: Pieces.nullable(),
        }),
      )
      .meta({ description: "What has to be trimmed first, only as much as this needs, in whole pieces" }),
    useBy: z.object({ fridge: UseBy.nullable(), freezer: UseBy.nullable() }),
    apart: z.array(PartApart).meta({ description: "Parts that are made apart; none where it is all one" }),
    leftOut: z
      .array(FittingLot.omit({ toDo: true, instead: true }).extend({ useBy: Day }))
      .meta({ description: "Lots that fit but would shorten the dish's date to this day" }),
    gramsPerMl: z.number(),
    headspace: z.object({ fridge: z.number(), freezer: z.number() }),
    scaleChoices: z.array(z.object({ lotId: Id, name: z.string(), grams: z.number() })),
  })
  .meta({ id: "MakePlan" });

const FilledContainers = z.object({
  kind: Container,
  count: z.int().min(1).max(500),
  place: Place,
  grams: Grams.nullable()
    .default(null)
    .meta({ description: "What goes into all of these; null: a share of what is left" }),
});

const KeptApart = z.object({
  id: Id.meta({ description: "Of its own batch" }),
  part: z.string().min(1).max(200).meta({ description: "Its heading in the recipe" }),
  keptG: Grams.meta({ description: "What is kept of it by itself" }),
  weighedG: Grams.nullable()
    .default(null)
    .meta({ description: "What all of it weighed once it was made, or null for the estimate" }),
  containers: z.array(FilledContainers).min(1).max(4),
});

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
  changes: TonightsChanges.default(noChanges),
  containers: z
    .array(
      FilledContainers.extend({
        isPlain: z.boolean().default(false).meta({ description: "Set aside plain, before it was dressed" }),
      }),
    )
    .max(8),
  apart: z
    .array(KeptApart)
    .max(8)
    .default([])
    .meta({ description: "What is kept by itself of parts that were made apart: each a batch of its own" }),
  eatenPortions: z
    .number()
    .min(0)
    .max(1000)
    .default(0)
    .meta({ description: "What was eaten at once and never stored; all of it, from as many as it makes on" }),
  note: z.string().max(2000).default("").meta({ description: "A line for the notebook" }),
  nextTime: z.string().max(500).default("").meta({ description: "What to do differently" }),
  cookedBy: z
    .object({ planId: Id, dish: z.string().min(1).max(40) })
    .nullable()
    .default(null)
    .meta({ description: "The plan that it was cooked along with, and which of its dishes it is" }),
  takeReserved: z
    .boolean()
    .default(false)
    .meta({ description: "Takes what a plan has reserved for another dish: asked first (409 lot-reserved)" }),
  leftOvers: z
    .array(z.object({ id: Id, ingredient: z.string(), grams: Grams, place: Place }))
    .max(40)
    .default([])
    .meta({ description: "Opened and not used up: goes back as a dated lot" }),
});

export type MakePlan = z.infer<typeof MakePlan>;
export type MakePart = z.infer<typeof MakePart>;
export type PartApart = z.infer<typeof PartApart>;
export type FinishMake = z.infer<typeof FinishMake>;
export type UseBy = z.infer<typeof UseBy>;
export type ContainerOption = z.infer<typeof ContainerOption>;
export type PlanMake = z.infer<typeof PlanMake>;
export type TonightsChanges = z.infer<typeof TonightsChanges>;
