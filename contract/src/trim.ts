import { z } from "zod";
import { Lot } from "./basket.ts";
import { Estimate, Grade, Grams, Id, Instant, Place } from "./quantities.ts";

const Share = z.number().min(0);

export const TrimMethod = z
  .object({
    method: z.string(),
    handbook: z.object({ mean: Share, low: Share, high: Share, source: z.string() }),
    next: Estimate.meta({ description: "Yield expected of the next weighing, 90 % interval" }),
    wide: Estimate.meta({ description: "99 % interval: outside it a weighing is questioned" }),
    ownWeighings: z.int(),
    weighings: z.array(z.object({ fraction: z.number(), grade: Grade, at: Instant })),
    usable: Estimate.meta({ description: "Usable grams expected of the whole lot" }),
    parts: z.array(z.object({ part: z.string(), use: z.string(), fraction: Share, grams: z.number() })),
    costPer100gMinor: Estimate.nullable(),
    workings: z.string(),
  })
  .meta({ id: "TrimMethod" });

export const TrimOptions = z.object({ lot: Lot, methods: z.array(TrimMethod) }).meta({ id: "TrimOptions" });

export const RecordTrim = z.object({
  id: Id,
  lotId: Id,
  method: z.string().min(1).max(60),
  rawG: Grams.meta({ description: "Grams of the lot that were trimmed" }),
  usableG: Grams.nullable().meta({ description: "Weighed usable grams; null lets the yield estimate it" }),
  parts: z
    .array(z.object({ part: z.string().min(1).max(60), grams: Grams, fate: z.enum(["keep", "compost"]) }))
    .max(12)
    .default([]),
  place: Place.default("fridge"),
  confirmed: z.boolean().default(false).meta({ description: "The cook confirms an unlikely weighing" }),
});

export const TrimRecorded = z
  .object({
    id: Id,
    usableLot: Lot,
    partLots: z.array(Lot),
    fraction: z.number(),
    lossG: z.number(),
    learned: z.boolean(),
  })
  .meta({ id: "TrimRecorded" });

export const PlanPurchaseQuery = z.object({
  ingredient: z.string().min(1),
  usableG: z.coerce.number().positive().max(250_000),
  method: z.string().optional(),
  grade: Grade.default("prime"),
});

export const PurchasePlan = z
  .object({ method: z.string(), raw: Estimate, safeG: z.number(), workings: z.string() })
  .meta({ id: "PurchasePlan" });

export type TrimOptions = z.infer<typeof TrimOptions>;
export type TrimMethod = z.infer<typeof TrimMethod>;
export type RecordTrim = z.infer<typeof RecordTrim>;
export type TrimRecorded = z.infer<typeof TrimRecorded>;
