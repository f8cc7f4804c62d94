import { z } from "zod";
import { Lot } from "./basket.ts";
import { tasteWords } from "@apron/core/cook";
import { TonightsChanges } from "./cook.ts";
import { Band, Day, Grams, Id, Instant } from "./quantities.ts";
import { Caution } from "./recipes.ts";

export const Container = z
  .object({
    id: Id,
    batchId: Id,
    name: z.string(),
    kind: z.enum(["jar", "tub", "cube", "bowl", "plate"]).meta({ description: "A plate: eaten at once" }),
    containerName: z.string(),
    place: z.enum(["fridge", "freezer"]),
    madeOn: Day,
    useBy: Day,
    daysLeft: z.int(),
    band: Band,
    limit: z.enum(["quality", "safety"]),
    mayBeEaten: z.boolean().meta({ description: "False past a safety date and when nothing is left" }),
    reason: z.string(),
    source: z.string(),
    practice: z.object({ from: Day, to: Day }).nullable(),
    thawDays: z.int().nullable(),
    startG: z.number(),
    remainingG: z.number(),
    portionG: z.number(),
    portionsLeft: z.number(),
    isPlain: z.boolean().meta({ description: "Set aside plain, before it was dressed" }),
  })
  .meta({ id: "Container" });

export const Larder = z.object({ containers: z.array(Container) }).meta({ id: "Larder" });

export const BatchMade = z
  .object({
    id: Id,
    name: z.string(),
    outputG: z.number(),
    eatenG: z.number(),
    containers: z.array(Container).meta({ description: "What is stored; not what was eaten at once" }),
    apart: z.array(Container).meta({ description: "What is stored of its parts by themselves" }),
    leftOvers: z.array(Lot),
  })
  .meta({ id: "BatchMade" });

export const Withdraw = z.object({
  grams: Grams.nullable().default(null).meta({ description: "Null takes one portion" }),
  fate: z.enum(["eaten", "given", "discarded"]).default("eaten"),
});

export const Withdrawn = z
  .object({ withdrawalId: Id, grams: z.number(), container: Container })
  .meta({ id: "Withdrawn" });

export const Label = z
  .object({
    container: Container,
    ingredients: z.array(z.string()).meta({ description: "In falling order of weight" }),
    allergens: z.array(z.string()),
    cautions: z.array(Caution),
    mustNever: z.string(),
    together: z
      .object({ count: z.int(), grams: z.number() })
      .meta({ description: "What the one label is for: cubes of a batch go into one bag" }),
  })
  .meta({ id: "Label" });

const MadeOf = z.object({
  lineId: z.string(),
  ingredient: z.string(),
  name: z.string(),
  lotId: Id.nullable(),
  grams: z.number(),
});

const Taken = z.object({
  at: Instant,
  by: z.string(),
  grams: z.number().meta({ description: "Negative: put back" }),
  fate: z.enum(["eaten", "given", "discarded", "undone"]),
  containerName: z.string(),
});

const Tasted = z.object({
  at: Instant,
  name: z.string(),
  grams: z.number().nullable().meta({ description: "Null: by eye" }),
  found: z.enum(tasteWords).nullable(),
  isCold: z.boolean(),
});

/** A batch with its whole course: made of what, by whom, tasted, stored, eaten. */
export const BatchView = z
  .object({
    id: Id,
    recipeId: z.string(),
    version: z.int(),
    name: z.string(),
    batches: z.number(),
    servings: z.number(),
    madeAt: Instant,
    madeOn: Day,
    by: z.string(),
    outputG: z.number(),
    weighed: z.boolean(),
    allergens: z.array(z.string()),
    madeOf: z.array(MadeOf).meta({ description: "In falling order of weight" }),
    changes: TonightsChanges,
    tasted: z.array(Tasted),
    containers: z.array(Container),
    taken: z.array(Taken),
    note: z.string(),
    nextTime: z.string(),
    photo: z.string().nullable(),
    undoneAt: Instant.nullable(),
    partOf: z
      .object({ id: Id, name: z.string(), part: z.string() })
      .nullable()
      .meta({ description: "The dish that it was made for, where it is a part kept by itself" }),
    apart: z
      .array(z.object({ id: Id, name: z.string(), outputG: z.number() }))
      .meta({ description: "Its parts that are kept by themselves; of an undone dish those that it had" }),
    mayBeUndone: z.boolean().meta({ description: "Nothing of it was taken yet" }),
  })
  .meta({ id: "BatchView" });

const BatchSummary = BatchView.pick({
  ...{ id: true, recipeId: true, version: true, name: true, madeOn: true, by: true, outputG: true },
  ...{ batches: true, note: true, nextTime: true, undoneAt: true },
}).meta({ id: "BatchSummary" });

export const BatchList = z.object({ batches: z.array(BatchSummary) }).meta({ id: "BatchList" });
export const BatchesQuery = z.object({
  recipe: z.string().max(60).optional(),
  limit: z.coerce.number().int().min(1).max(200).default(50),
});

/** Two batches beside each other, line by line. */
export const BatchesCompared = z
  .object({
    batches: z.tuple([BatchView, BatchView]),
    rows: z.array(
      z.object({
        ingredient: z.string(),
        name: z.string(),
        grams: z.tuple([z.number().nullable(), z.number().nullable()]),
        perPortion: z
          .tuple([z.number().nullable(), z.number().nullable()])
          .meta({ description: "Grams in one portion, so that batches of two sizes can be compared" }),
      }),
    ),
  })
  .meta({ id: "BatchesCompared" });

/** Bytes of a picture. */
export const BatchPhoto = z.string();
export const CompareBatches = z.object({ with: Id });
export const ChangeBatchNotes = z.object({
  note: z.string().max(2000).optional(),
  nextTime: z.string().max(500).optional(),
});
export const BatchUndone = z
  .object({
    id: Id,
    name: z.string(),
    returned: z.int().meta({ description: "Lots that got their grams back" }),
  })
  .meta({ id: "BatchUndone" });

export type Container = z.infer<typeof Container>;
export type Larder = z.infer<typeof Larder>;
export type BatchMade = z.infer<typeof BatchMade>;
export type Withdrawn = z.infer<typeof Withdrawn>;
export type Label = z.infer<typeof Label>;
export type BatchView = z.infer<typeof BatchView>;
export type BatchSummary = z.infer<typeof BatchSummary>;
export type BatchList = z.infer<typeof BatchList>;
export type BatchesCompared = z.infer<typeof BatchesCompared>;
