import { z } from "zod";
import { Lot } from "./basket.ts";
import { Band, Day, Grams, Id } from "./quantities.ts";
import { Caution } from "./recipes.ts";

export const Container = z
  .object({
    id: Id,
    batchId: Id,
    name: z.string(),
    kind: z.enum(["jar", "tub", "cube", "bowl"]),
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
  })
  .meta({ id: "Container" });

export const Larder = z.object({ containers: z.array(Container) }).meta({ id: "Larder" });

export const BatchMade = z
  .object({
    id: Id,
    name: z.string(),
    outputG: z.number(),
    containers: z.array(Container),
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
  })
  .meta({ id: "Label" });

export type Container = z.infer<typeof Container>;
export type Larder = z.infer<typeof Larder>;
export type BatchMade = z.infer<typeof BatchMade>;
export type Withdrawn = z.infer<typeof Withdrawn>;
export type Label = z.infer<typeof Label>;
