import { stepTools } from "@apron/core/recipes";
import { z } from "zod";

/** A food as it is cooked: how, with what, how hot and in pieces of which size. */
export const CookedFood = z.object({
  ingredient: z.string(),
  method: z.string().nullable(),
  tool: z.enum(stepTools),
  celsius: z.number().nullable(),
  sizeMm: z.number().nullable(),
});

export const SpanMin = z.object({ low: z.number(), high: z.number() }).meta({ description: "Minutes" });

export const TimesOfFood = z
  .object({
    food: CookedFood,
    cooks: z.int(),
    took: SpanMin.meta({ description: "The shortest and the longest, minutes" }),
    said: SpanMin.nullable().meta({ description: "By the handbook; null: it has no time for it" }),
    expected: SpanMin.nullable().meta({ description: "From both: nine in ten of the next are in it" }),
  })
  .meta({ id: "TimesOfFood" });

export type TimesOfFood = z.infer<typeof TimesOfFood>;
