import { z } from "zod";
import { Band, Day, Estimate, Grade, Grams, Id, Instant, Place } from "./quantities.ts";

const Freshness = z
  .object({
    spoilsOn: Day,
    daysLeft: z.int(),
    band: Band,
    limit: z.enum(["quality", "safety"]),
    safeUntil: Day.nullable().meta({ description: "Last safe day of what is cut or opened" }),
    reason: z.string(),
    source: z.string(),
  })
  .meta({ id: "Freshness" });

const Source = z.object({
  kind: z.enum(["own-bed", "market", "box-share", "foraged", "gift", "shop"]),
  note: z.string().trim().max(120).default(""),
});

export const Lot = z
  .object({
    id: Id,
    ingredient: z.string(),
    name: z.string(),
    state: z.enum(["raw", "usable", "by-product", "opened"]),
    method: z.string().nullable(),
    grade: Grade,
    source: z.object({ kind: z.string(), note: z.string() }),
    place: Place,
    since: Day,
    grams: z.number().meta({ description: "On hand now, the sum of the lot's entries" }),
    estimate: Estimate.nullable().meta({
      description: "Range of the amount received when it was not weighed",
    }),
    priceMinor: z.int().nullable(),
    note: z.string(),
    freshness: Freshness,
  })
  .meta({ id: "Lot" });

const LotEntry = z.object({
  id: Id,
  kind: z.string(),
  grams: z.number(),
  effectG: z.number(),
  at: Instant,
  by: z.string(),
  reason: z.string(),
});

export const LotDetail = Lot.extend({
  entries: z.array(LotEntry),
  cautions: z.array(z.object({ severity: z.string(), text: z.string(), source: z.string() })),
}).meta({ id: "LotDetail" });

export const LogLot = z.object({
  id: Id.meta({ description: "Made by the client" }),
  ingredient: z.string().min(1).max(60),
  amount: z.string().max(120).meta({ description: 'As a cook says it: "430", "1 lb 4 oz", "2 bunches"' }),
  place: Place,
  since: Day,
  source: Source,
  grade: Grade.default("prime"),
  priceMinor: z.int().min(0).max(10_000_000).nullable().default(null),
  bestBefore: Day.nullable().default(null),
  note: z.string().trim().max(200).default(""),
});

export const LotsQuery = z.object({
  state: z.enum(["raw", "usable", "by-product", "opened"]).optional(),
  text: z.string().max(60).optional(),
  limit: z.coerce.number().int().min(1).max(200).default(50),
  after: z.string().max(80).optional().meta({ description: "Cursor of the page before" }),
});

export const LotPage = z.object({ lots: z.array(Lot), next: z.string().nullable() }).meta({ id: "LotPage" });

export const GoneOff = z.object({ reason: z.string().trim().max(200).default("gone off") });

export const CorrectLot = z.object({
  deltaG: z
    .number()
    .min(-250_000)
    .max(250_000)
    .meta({ description: "Grams to add (negative: to take off), not 0" }),
  reason: z.string().trim().min(1).max(200),
});

export const LotChanged = z.object({ lot: Lot, changedG: Grams.or(z.number()) }).meta({ id: "LotChanged" });

export type Lot = z.infer<typeof Lot>;
export type LotDetail = z.infer<typeof LotDetail>;
export type LotPage = z.infer<typeof LotPage>;
export type LogLot = z.infer<typeof LogLot>;
export type LotsQuery = z.infer<typeof LotsQuery>;
