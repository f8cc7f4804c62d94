import { bedStates, entryKinds, priceBases, sourceKinds } from "@apron/core/basket";
import { z } from "zod";
import { Band, Condition, Day, Estimate, Grade, Grams, Id, Instant, Money, Place } from "./quantities.ts";

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
  kind: z.enum(sourceKinds),
  note: z.string().trim().max(120).default(""),
});

const PackLabel = z
  .object({
    saltG: z.number().min(0).max(100).nullable(),
    sugarsG: z.number().min(0).max(100).nullable(),
    acidG: z.number().min(0).max(100).nullable(),
    allergens: z.array(z.string().min(1).max(40)).max(16).readonly(),
  })
  .meta({ id: "PackLabel", description: "What a bought pack says of itself, grams per 100 g" });

export const Lot = z
  .object({
    id: Id,
    ingredient: z.string(),
    name: z.string(),
    state: z.enum(["raw", "usable", "by-product", "opened"]),
    /** It can still be trimmed: as it came in, or what is left of something cut. */
    untrimmed: z.boolean(),
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
    part: z
      .string()
      .nullable()
      .meta({ description: "What it is of its ingredient, where it is a by-product" }),
    pieces: z
      .object({ left: z.number(), eachG: z.number() })
      .nullable()
      .meta({ description: "How many are left, where its pieces were counted and weighed" }),
    condition: Condition.nullable(),
    intakeId: Id.nullable(),
    bedId: Id.nullable(),
    label: PackLabel.nullable(),
    freshness: Freshness,
  })
  .meta({ id: "Lot" });

const LotEntry = z.object({
  id: Id,
  kind: z.enum(entryKinds),
  grams: z.number(),
  canUndo: z.boolean().meta({ description: "Can this movement be taken back?" }),
  effectG: z.number(),
  at: Instant,
  by: z.string(),
  reason: z.string(),
});

export const LotDetail = Lot.extend({
  entries: z.array(LotEntry),
  clothRefreshes: z.int().meta({ description: "How often its damp cloth was made fresh" }),
  keepsInCloth: z.boolean(),
  trims: z.array(
    z.object({
      trimId: Id,
      method: z.string(),
      fraction: z.number(),
      at: Instant,
      withdrawn: z.boolean(),
    }),
  ),
  cautions: z.array(z.object({ severity: z.string(), text: z.string(), source: z.string() })),
}).meta({ id: "LotDetail" });

const Price = z.object({ minor: Money, per: z.enum(priceBases) }).meta({
  id: "Price",
  description: "A price for all of it, a kilogram, 100 g, or each of what was counted",
});

const Arrival = {
  place: Place,
  since: Day,
  source: Source,
  grade: Grade.default("prime"),
  bestBefore: Day.nullable().default(null),
  method: z
    .string()
    .max(60)
    .nullable()
    .default(null)
    .meta({ description: "The trim or cooking it has had already; null for food as it comes" }),
  note: z.string().trim().max(200).default(""),
  bedId: Id.nullable().default(null),
};

export const LogLot = z.object({
  id: Id.meta({ description: "Made by the client" }),
  ingredient: z.string().min(1).max(60),
  amount: z.string().max(120).meta({ description: 'As a cook says it: "430", "1 lb 4 oz", "2 bunches"' }),
  ...Arrival,
  priceMinor: Money.nullable().default(null).meta({ description: "What all of it cost; or give `price`" }),
  price: Price.nullable().default(null),
  label: PackLabel.nullable().default(null),
});

/** Several things at once: a box share, a market bag. */
export const LogIntake = z.object({
  id: Id.meta({ description: "Of the intake; made by the client" }),
  since: Day,
  source: Source,
  priceMinor: Money.nullable()
    .default(null)
    .meta({ description: "Of it all; shared over the lines by weight" }),
  lines: z
    .array(
      z.object({
        id: Id.meta({ description: "Of the lot to be" }),
        text: z.string().max(200).meta({ description: '"2 bunches chard", "plums 1.2 kg"' }),
        ingredient: z
          .string()
          .max(60)
          .nullable()
          .default(null)
          .meta({ description: "Chosen by the cook where the text leaves it open" }),
        amount: z.string().max(120).nullable().default(null),
        place: Place.nullable().default(null),
        grade: Grade.default("prime"),
        bestBefore: Day.nullable().default(null),
      }),
    )
    .min(1)
    .max(2000),
});

export const IntakeLogged = z.object({ id: Id, lots: z.array(Lot) }).meta({ id: "IntakeLogged" });

export const ImportLots = z.object({
  id: Id.meta({ description: "Of the intake" }),
  csv: z.string().max(1_500_000),
  dryRun: z.boolean().default(false).meta({ description: "Only read and report; nothing goes in" }),
});

export const LotsImported = z
  .object({
    id: Id,
    accepted: z.int(),
    rows: z.array(z.object({ line: z.int(), name: z.string(), amount: z.string(), lotId: Id.nullable() })),
    faults: z.array(
      z.object({
        line: z.int(),
        column: z.string(),
        text: z.string(),
        issue: z.looseObject({ code: z.string() }),
      }),
    ),
  })
  .meta({ id: "LotsImported" });

export const IntakeUndone = z.object({ lots: z.int(), grams: z.number() }).meta({ id: "IntakeUndone" });

export const LotsQuery = z.object({
  state: z.enum(["raw", "usable", "by-product", "opened"]).optional(),
  text: z.string().max(60).optional(),
  place: Place.optional(),
  source: z.enum(sourceKinds).optional(),
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

const EntryId = Id.meta({ description: "The movement written, by which it can be taken back" });

export const LotChanged = z
  .object({ lot: Lot, changedG: z.number(), entryId: EntryId })
  .meta({ id: "LotChanged" });

const Some = Grams.nullable().default(null).meta({ description: "Grams; null for all that is left" });

export const TakeFromLot = z.object({
  grams: Some,
  fate: z.enum(["used", "given", "composted", "spoiled"]),
  reason: z.string().trim().max(200).default(""),
  takeReserved: z
    .boolean()
    .default(false)
    .meta({ description: "Uses or gives away what a plan keeps for a dish: asked first (409 lot-reserved)" }),
});

export const FreezeLot = z.object({ grams: Some });
export const CutLot = z.object({
  grams: Some.meta({ description: "Grams of the cut remainder; null for all" }),
});
export const SplitLot = z.object({
  parts: z
    .array(z.object({ condition: Condition, grams: z.number() }))
    .min(1)
    .max(6),
});
export const MoveLot = z.object({ place: Place });
export const LabelLot = z.object({ label: PackLabel, bestBefore: Day.nullable().default(null) });
export const WeighBack = z.object({
  beforeG: z.number().max(250_000),
  afterG: z.number().max(250_000),
  reason: z.string().trim().max(200).default(""),
});
export const LotParted = z
  .object({ lot: Lot, parts: z.array(Lot).meta({ description: "The new lots" }), entryId: EntryId })
  .meta({ id: "LotParted" });

export const Bed = z
  .object({
    id: Id,
    name: z.string(),
    ingredient: z.string(),
    crop: z.string(),
    state: z.enum(bedStates),
    forecast: z.object({ on: Day, grams: z.number() }).nullable(),
    harvests: z.int(),
    next: z
      .object({ on: Day, inDays: z.int(), grams: Estimate, basis: z.enum(["forecast", "harvests"]) })
      .nullable(),
  })
  .meta({ id: "Bed" });
export const Beds = z.object({ beds: z.array(Bed) }).meta({ id: "Beds" });
export const AddBed = z.object({
  id: Id,
  name: z.string().trim().min(1).max(60),
  ingredient: z.string().min(1).max(60),
});
export const ChangeBed = z.object({
  name: z.string().trim().min(1).max(60).optional(),
  state: z.enum(bedStates).optional(),
  forecast: z.object({ on: Day, grams: Grams }).nullable().optional(),
});

export type Lot = z.infer<typeof Lot>;
export type LotDetail = z.infer<typeof LotDetail>;
export type LotPage = z.infer<typeof LotPage>;
export type LogLot = z.infer<typeof LogLot>;
export type LogIntake = z.infer<typeof LogIntake>;
export type LotsQuery = z.infer<typeof LotsQuery>;
export type LotsImported = z.infer<typeof LotsImported>;
export type Bed = z.infer<typeof Bed>;
