import { z } from "zod";
import { Estimate, Place } from "./quantities.ts";

const Provenance = {
  source: z.string(),
  confidence: z.enum(["high", "medium", "low"]),
  basis: z.string(),
};

export const IngredientSummary = z
  .object({
    id: z.string(),
    us: z.string(),
    uk: z.string(),
    other: z.array(z.string()).readonly(),
    category: z.string(),
    raw: z.enum(["yes", "care", "no"]),
    rawNote: z.string(),
    bestPlace: Place,
    needsTrimming: z.boolean(),
    mayBeForaged: z.boolean(),
  })
  .meta({ id: "IngredientSummary" });

const Measure = z.object({
  ingredient: z.string(),
  measure: z.string(),
  grams: z.number(),
  low: z.number(),
  high: z.number(),
  state: z.enum(["whole", "trimmed", "prepared"]),
  ...Provenance,
});

const Composition = z.object({
  ingredient: z.string(),
  waterG: z.number().nullable(),
  saltG: z.number().nullable(),
  gramsPerMl: z.number().nullable(),
  ...Provenance,
});

export const IngredientDetail = IngredientSummary.extend({
  measures: z.array(Measure).readonly(),
  composition: Composition.nullable(),
  allergens: z.array(z.string()).readonly(),
  notes: z.string(),
  storage: z.string().nullable(),
}).meta({ id: "IngredientDetail" });

export const ReadAmount = z.object({ ingredient: z.string().min(1), amount: z.string().max(120) });

export const Weight = z
  .object({ grams: Estimate, weighed: z.boolean(), workings: z.string() })
  .meta({ id: "Weight" });

export type IngredientSummary = z.infer<typeof IngredientSummary>;
export type IngredientDetail = z.infer<typeof IngredientDetail>;
