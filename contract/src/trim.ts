import { z } from "zod";
import { Lot } from "./basket.ts";
import { Estimate, Grade, Grams, Id, Instant, Juices, Money, Place } from "./quantities.ts";

const Share = z.number().min(0);

export const TrimMethod = z
  .object({
    method: z.string(),
    juices: Juices.nullable().meta({
      description: "Kept and drained are learned apart; null where there are none",
    }),
    suits: z.boolean().meta({ description: "The method that suits the lot's condition" }),
    fallback: z.enum(["own", "prime", "handbook"]).meta({ description: "Whose figures these are" }),
    handbook: z.object({ mean: Share, low: Share, high: Share, source: z.string() }),
    next: Estimate.meta({ description: "Yield expected of the next weighing, 90 % interval" }),
    wide: Estimate.meta({ description: "99 % interval: outside it a weighing is questioned" }),
    ownWeighings: z.int(),
    weighings: z.array(z.object({ trimId: Id, fraction: z.number(), grade: Grade, at: Instant })),
    usable: Estimate.meta({ description: "Usable grams expected of the whole lot" }),
    parts: z.array(z.object({ part: z.string(), use: z.string(), fraction: Share, grams: z.number() })),
    costPer100gMinor: Estimate.nullable(),
    workings: z.string(),
  })
  .meta({ id: "TrimMethod" });

export const TrimOptions = z
  .object({
    lot: Lot,
    methods: z.array(TrimMethod),
    furtherParts: z.array(z.object({ part: z.string(), use: z.string(), compost: z.boolean() })),
    cooking: z.array(z.string()).meta({ description: "Ways of cooking it that the tables know" }),
  })
  .meta({ id: "TrimOptions" });

export const RecordTrim = z.object({
  id: Id,
  lotId: Id,
  method: z.string().min(1).max(60),
  rawG: Grams.meta({ description: "Grams of the lot that were trimmed" }),
  usableG: Grams.nullable().meta({ description: "Weighed usable grams; null lets the yield estimate it" }),
  vessels: z
    .array(z.object({ grossG: z.number().max(250_000), tareG: z.number().max(250_000) }))
    .max(8)
    .default([])
    .meta({ description: "Bowls the usable part was weighed in; instead of usableG" }),
  juices: Juices.nullable().default(null),
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

export const WithdrawTrim = z.object({ reason: z.string().trim().min(1).max(200) });
export const TrimWithdrawn = z
  .object({
    id: Id,
    gramsBack: z
      .boolean()
      .meta({ description: "Did the grams go back too? Only while nothing of them was used" }),
    lot: Lot,
  })
  .meta({ id: "TrimWithdrawn" });

const PlanAbout = {
  ingredient: z.string().min(1),
  method: z.string().optional(),
  grade: Grade.default("prime"),
};

export const PlanPurchaseQuery = z.object({
  ...PlanAbout,
  usableG: z.coerce.number().positive().max(250_000).optional().meta({ description: "Usable grams wanted" }),
  rawG: z.coerce.number().positive().max(250_000).optional().meta({ description: "Or raw grams at hand" }),
});

const Whole = z.object({
  measure: z.string(),
  eachG: Estimate,
  likely: z.int(),
  safe: z.int().meta({ description: "Enough even if they are light and waste much" }),
});

export const PurchasePlan = z
  .object({
    method: z.string(),
    raw: Estimate,
    usable: Estimate,
    safeG: z.number(),
    whole: Whole.nullable().meta({ description: "In whole bunches or heads, where it comes so" }),
    workings: z.string(),
  })
  .meta({ id: "PurchasePlan" });

export const CompareBuys = z.object({
  ingredient: z.string().min(1).max(60),
  method: z.string().max(60).optional(),
  usableG: z.number().positive().max(250_000),
  candidates: z
    .array(
      z.object({
        label: z.string().trim().min(1).max(60),
        unit: z.string().trim().min(1).max(60).meta({ description: '"1 kg", "1 bunch", "250 g"' }),
        priceMinor: Money,
        grade: Grade.default("prime"),
      }),
    )
    .min(1)
    .max(8),
});

export const BuysCompared = z
  .object({
    buys: z
      .array(
        z.object({
          label: z.string(),
          usablePerUnit: Estimate,
          per100g: Estimate,
          likelyUnits: z.number(),
          safeUnits: z.number(),
          safePriceMinor: z.int(),
          workings: z.string(),
        }),
      )
      .readonly(),
    clear: z.boolean().meta({ description: "Is the first cheaper beyond its range?" }),
  })
  .meta({ id: "BuysCompared" });

export const PrepareLots = z.object({
  id: Id,
  trims: z
    .array(z.object({ id: Id, lotId: Id, method: z.string().min(1).max(60), rawG: Grams }))
    .min(1)
    .max(60)
    .meta({ description: "Each recorded at the yield expected of it, all or none" }),
});
export const LotsPrepared = z.object({ id: Id, trims: z.array(TrimRecorded) }).meta({ id: "LotsPrepared" });
export const WithdrawTrims = WithdrawTrim.extend({ id: Id, trimIds: z.array(Id).min(1).max(60) });
export const TrimsWithdrawn = z.object({ trims: z.array(TrimWithdrawn) }).meta({ id: "TrimsWithdrawn" });

export type TrimOptions = z.infer<typeof TrimOptions>;
export type TrimMethod = z.infer<typeof TrimMethod>;
export type RecordTrim = z.infer<typeof RecordTrim>;
export type TrimWithdrawn = z.infer<typeof TrimWithdrawn>;
export type TrimRecorded = z.infer<typeof TrimRecorded>;
export type PurchasePlan = z.infer<typeof PurchasePlan>;
