import {
  allergens,
  bases,
  categories,
  compositionKeys,
  dietMarks,
  foodClasses,
  ingredientTraits,
  ownTables,
  perishableStates,
  seasonKeys,
} from "@apron/core/catalogue";
import { languages } from "@apron/core/languages";
import { z } from "zod";
import { Estimate, Grade, Grams, Juices, Place } from "./quantities.ts";

const Provenance = {
  source: z.string(),
  confidence: z.enum(["high", "medium", "low"]),
  basis: z.enum(bases),
};
const Raw = z.enum(["yes", "care", "no"]);
const Words = z.array(z.string()).readonly();

export const IngredientSummary = z
  .object({
    id: z.string(),
    us: z.string(),
    uk: z.string(),
    other: Words,
    category: z.enum(categories),
    raw: Raw,
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
  saltLowG: z.number().nullable(),
  saltHighG: z.number().nullable(),
  sugarsG: z.number().nullable(),
  fatG: z.number().nullable(),
  titratableAcidG: z.number().nullable(),
  acidAs: z.enum(["acetic", "citric", "lactic", "malic", "tartaric"]).nullable(),
  gramsPerMl: z.number().nullable(),
  notes: z.string(),
  ...Provenance,
});

const Trim = z.object({
  ingredient: z.string(),
  method: z.string(),
  mean: z.number(),
  low: z.number(),
  high: z.number(),
  byProducts: z.array(z.object({ part: z.string(), fraction: z.number(), use: z.string() })).readonly(),
  ...Provenance,
});

const Change = z.object({
  ingredient: z.string(),
  method: z.string(),
  factor: z.number(),
  low: z.number(),
  high: z.number(),
  waterBefore: z.number().nullable(),
  waterAfter: z.number().nullable(),
  solidsRetained: z.number(),
  minutesLow: z.number().nullable(),
  minutesHigh: z.number().nullable(),
  celsius: z.number().nullable(),
  piece: z.string(),
  doneWhen: z.string(),
  ...Provenance,
});

const Season = z.object({
  ingredient: z.string(),
  fromMonth: z.int(),
  toMonth: z.int(),
  daysWhole: z.number(),
  bestPlace: Place,
  advice: z.string(),
  ...Provenance,
});

export const OwnFigure = z
  .object({
    ingredient: z.string().min(1).max(60),
    table: z.enum(ownTables),
    key: z
      .string()
      .trim()
      .min(1)
      .max(60)
      .meta({
        description: `A measure, a way of trimming or of cooking; of composition one of ${compositionKeys.join(", ")}; of season ${seasonKeys.join(" or ")}; of keeping "days"; of strength "strength"`,
      }),
    value: z.number(),
    low: z.number(),
    high: z.number(),
    note: z.string().trim().max(120).default(""),
  })
  .meta({ id: "OwnFigure" });

/** Everything known of one ingredient, as this kitchen sees it. */
export const IngredientFacts = IngredientSummary.extend({
  strength: z.number(),
  allergens: z.array(z.enum(allergens)).readonly(),
  diet: z.array(z.enum(dietMarks)).readonly(),
  tcsWhen: z.array(z.enum(perishableStates)).readonly(),
  group: z.string(),
  traits: z.array(z.enum(ingredientTraits)).readonly(),
  notes: z.string(),
  measures: z.array(Measure).readonly(),
  trims: z.array(Trim).readonly(),
  changes: z.array(Change).readonly(),
  composition: Composition.nullable(),
  season: Season.nullable(),
  ...Provenance,
}).meta({ id: "IngredientFacts" });

const IngredientCaution = z.object({
  trigger: z.string(),
  severity: z.enum(["stop", "warn", "info"]),
  text: z.string(),
  source: z.string(),
});

export const IngredientDetail = IngredientFacts.extend({
  storage: z.string().nullable(),
  cautions: z.array(IngredientCaution).readonly(),
  foraging: z
    .array(IngredientCaution)
    .readonly()
    .meta({ description: "What to be sure of when it is foraged" }),
  own: z.array(OwnFigure).readonly().meta({ description: "This kitchen's figures" }),
  handbook: z
    .object({
      strength: z.number(),
      measures: z.array(Measure).readonly(),
      trims: z.array(Trim).readonly(),
      changes: z.array(Change).readonly(),
      composition: Composition.nullable(),
      season: Season.nullable(),
    })
    .nullable()
    .meta({ description: "What the handbook says; null for an ingredient of this kitchen's own" }),
}).meta({ id: "IngredientDetail" });

export const Catalogue = z
  .object({
    revision: z.number(),
    ingredients: z.array(IngredientFacts),
    keeping: z
      .array(z.object({ subject: z.string(), name: z.string(), place: Place, days: z.number() }))
      .meta({ description: "Kinds of prepared food, and the cautious days each keeps in a place" }),
  })
  .meta({ id: "Catalogue" });

export const AddIngredient = z.object({
  name: z.string().trim().min(2).max(60),
  other: z.array(z.string().trim().min(1).max(60)).max(8).default([]),
  category: z.enum(categories),
  raw: Raw.default("care"),
  rawNote: z.string().trim().max(200).default(""),
  allergens: z.array(z.enum(allergens)).max(16).default([]),
  traits: z.array(z.enum(ingredientTraits)).max(6).default([]),
  keepsAs: z
    .enum(foodClasses)
    .nullable()
    .default(null)
    .meta({ description: "What it keeps like; null for the shortest of its category" }),
  diet: z
    .array(z.enum(["vegan", "vegetarian"]))
    .max(2)
    .default([]),
});

export const DropFigure = OwnFigure.pick({ ingredient: true, table: true, key: true });

export const ReadAmount = z.object({ ingredient: z.string().min(1), amount: z.string().max(120) });

const Rounded = z.object({
  text: z.string(),
  grams: z.number(),
  error: z.number().meta({ description: "(rounded − wanted) ÷ wanted" }),
});

const Weight = z
  .object({ grams: Estimate, weighed: z.boolean(), workings: z.string() })
  .meta({ id: "Weight" });

export const ShownWeight = Weight.extend({
  shown: z.string().meta({ description: "In the kitchen's units and locale" }),
  scale: Rounded.meta({ description: "As the scale shows it" }),
  spoon: Rounded.nullable().meta({ description: "As spoons, cups or pieces, where one comes near enough" }),
}).meta({ id: "ShownWeight" });

export const ReadLines = z.object({ lines: z.array(z.string().max(500)).min(1).max(2000) });

const LineIngredient = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("one"), id: z.string(), how: z.enum(["name", "usual"]) }),
  z.object({ kind: z.literal("ask"), candidates: Words }),
  z.object({ kind: z.literal("unknown") }),
]);

export const LineReading = z
  .object({
    text: z.string(),
    heading: z.boolean(),
    ingredient: LineIngredient,
    count: z.object({ low: z.number(), high: z.number() }).nullable(),
    measure: z.string(),
    name: z.string(),
    preparation: z.string(),
    remarks: z.object({
      optional: z.boolean(),
      toTaste: z.boolean(),
      divided: z.boolean(),
      moreIfNeeded: z.boolean(),
    }),
    alternatives: z
      .array(z.object({ text: z.string(), ingredient: LineIngredient, maxShare: z.number() }))
      .readonly(),
    grams: Estimate.nullable(),
    weighed: z.boolean(),
    form: z
      .enum(["as-bought", "usable", "cooked"])
      .meta({ description: "Of which form of the food the grams are" }),
    workings: z.string(),
    questions: z.array(z.looseObject({ code: z.string() })).readonly(),
    language: z.enum(languages).nullable().meta({ description: "Where it was not read as English" }),
  })
  .meta({ id: "LineReading" });

export const LinesRead = z.object({ lines: z.array(LineReading) }).meta({ id: "LinesRead" });

/** From raw to plate: ways of trimming and cooking in their order. */
export const ChainQuery = z.object({
  ingredient: z.string().min(1).max(60),
  rawG: Grams,
  grade: Grade.default("prime"),
  steps: z
    .array(
      z.discriminatedUnion("kind", [
        z.object({
          kind: z.literal("trim"),
          method: z.string().max(60),
          juices: Juices.nullable().default(null),
        }),
        z.object({ kind: z.literal("cook"), method: z.string().max(60), juices: Juices.default("kept") }),
      ]),
    )
    .max(6),
});

export const Chained = z
  .object({
    stages: z
      .array(z.object({ method: z.string(), factor: Estimate, grams: Estimate, workings: z.string() }))
      .readonly(),
    grams: Estimate,
    factor: Estimate,
    water: z.number().nullable().meta({ description: "Water fraction at the end" }),
    waterNote: z.string(),
    concentration: Estimate.meta({ description: "How much saltier and sourer each gram became by cooking" }),
  })
  .meta({ id: "Chained" });

export const TrayWeighing = z.object({
  beforeG: z.number(),
  afterG: z.number(),
  extrasG: z
    .number()
    .default(0)
    .meta({ description: "Oil, salt and spice on the food as it is scraped out" }),
  waterBefore: z.number().min(0).max(0.999).nullable().default(null),
});

export const TrayWeighed = z
  .object({ factor: z.number(), waterAfter: z.number().nullable(), concentration: z.number() })
  .meta({ id: "TrayWeighed" });

export type IngredientSummary = z.infer<typeof IngredientSummary>;
export type IngredientFacts = z.infer<typeof IngredientFacts>;
export type IngredientDetail = z.infer<typeof IngredientDetail>;
export type CatalogueReply = z.infer<typeof Catalogue>;
export type LineReading = z.infer<typeof LineReading>;
export type OwnFigure = z.infer<typeof OwnFigure>;
