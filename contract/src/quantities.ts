import { conditions } from "@apron/core/basket";
import { heaviestEntryG, lightestEntryG } from "@apron/core/measure";
import { z } from "zod";

export const Id = z.uuid();
export const Day = z.iso.date().meta({ description: "Calendar day, YYYY-MM-DD" });
export const Instant = z.iso.datetime().meta({ description: "UTC instant, ISO 8601" });
export const Grams = z
  .number()
  .min(lightestEntryG)
  .max(heaviestEntryG)
  .meta({ description: "Grams, kept to the milligram" });
export const Place = z.enum(["fridge", "freezer", "room", "cupboard"]);
export const Grade = z.enum(["prime", "seconds"]);
export const Condition = z
  .enum(conditions)
  .meta({ description: "How a part of a lot differs from the rest" });
export const Juices = z.enum(["kept", "drained"]);
export const Money = z
  .int()
  .min(0)
  .max(10_000_000)
  .meta({ description: "Minor units of the kitchen's currency" });

export const Estimate = z
  .object({ value: z.number(), low: z.number(), high: z.number() })
  .readonly()
  .meta({ id: "Estimate", description: "A value with the range it is likely to lie in (about nine in ten)" });

export const ById = z.object({ id: Id });
/** Ingredients have names for ids. */
export const ByIngredient = z.object({ id: z.string().min(1).max(60) });
export const Band = z.enum(["over", "now", "soon", "keeps"]);

export const Pieces = z
  .object({ count: z.int(), name: z.string(), grams: z.number(), isWeighed: z.boolean() })
  .meta({
    description:
      "Whole pieces as they are bought: how many of what, and what they weigh, by this kitchen's weighing or a table",
  });
