import { dressingRoles } from "@apron/core/dressing";
import { z } from "zod";
import { Day, Estimate, Money } from "./quantities.ts";

const Ingredient = z.string().min(1).max(60);
const Percent = z.number().min(0).max(60);
const Range = z.object({ low: z.number(), high: z.number() });

const Provenance = { source: z.string(), confidence: z.enum(["high", "medium", "low"]), basis: z.string() };

const DressingStyle = z
  .object({
    id: z.string(),
    name: z.string(),
    suits: z.string(),
    acidPercent: z.number().meta({ description: "Strength of the acid it is written for, g per 100 ml" }),
    oilToAcidPoured: Range.meta({ description: "Oil to one of acid, by volume" }),
    oilToAcidEffective: Estimate.meta({
      description: "Oil to one of acid, as 5 % vinegar: the style's own ratio and its band",
    }),
    saltPercent: Range,
    sugarPercent: Range,
    other: z.string(),
    notes: z.string(),
    ...Provenance,
  })
  .meta({ id: "DressingStyle" });

export const DressingHandbook = z
  .object({
    dressingStyles: z.array(DressingStyle),
    rates: z.array(
      z.object({
        group: z.string(),
        examples: z.string(),
        grams: z.number().meta({ description: "Grams of dressing for 100 g of salad" }),
        low: z.number(),
        high: z.number(),
        when: z.string(),
        ...Provenance,
      }),
    ),
  })
  .meta({ id: "DressingHandbook" });

const Part = z.object({
  ingredient: Ingredient,
  role: z.enum(dressingRoles).optional().meta({ description: "What it does; its usual role when left out" }),
  grams: z.number().max(20_000),
  per100gMinor: Money.nullable().default(null),
});

export const ReadDressing = z.object({ parts: z.array(Part).min(1).max(24) });

export const DressingFigures = z
  .object({
    grams: z.number(),
    ml: z.number(),
    oilToAcidPoured: z.number().nullable(),
    oilToAcidEffective: z.number().nullable(),
    acidAsVinegarMl: z.number(),
    oilVolumeFraction: z.number().meta({ description: "Share of the volume that is oil" }),
    thick: z.boolean(),
    saltPercent: z.number(),
    sugarPercent: z.number(),
    sugarToAcid: z.number().nullable(),
    mustardPer100ml: z.number(),
    costMinor: z.int().nullable(),
    unknown: z.array(z.string()).readonly(),
    workings: z.string(),
  })
  .meta({ id: "DressingFigures" });

const Pourings = z
  .array(z.object({ ingredient: Ingredient, share: z.number().min(0).max(1).default(1) }))
  .max(4);

export const ComposeDressing = z.object({
  volumeMl: z.number().min(5).max(20_000),
  dressingStyle: Ingredient,
  ratio: z
    .number()
    .min(0)
    .max(30)
    .optional()
    .meta({ description: "Oil to one of acid, instead of the style's own" }),
  ratioMeaning: z
    .enum(["as-poured", "by-strength"])
    .default("as-poured")
    .meta({ description: "By volume as poured, or with the acid counted as 5 % vinegar" }),
  oils: Pourings,
  acids: Pourings.min(1),
  saltPercent: Percent.nullable().optional().meta({ description: "null adds none; left out: the style's" }),
  salt: Ingredient.default("salt-sea-fine"),
  sugarPercent: Percent.nullable().optional(),
  sweet: Ingredient.nullable().default(null),
  emulsifier: z
    .object({ ingredient: Ingredient, grams: z.number().min(0.1).max(2000) })
    .nullable()
    .default(null),
  flavours: z
    .array(z.object({ ingredient: Ingredient, grams: z.number().min(0.1).max(2000) }))
    .max(8)
    .default([]),
});

const Rounded = z.object({ text: z.string(), grams: z.number(), error: z.number() });

export const ComposedDressing = z
  .object({
    parts: z
      .array(
        z.object({
          ingredient: z.string(),
          name: z.string(),
          role: z.enum(dressingRoles),
          grams: z.number(),
          ml: z.number(),
          scale: Rounded,
          spoon: Rounded.nullable(),
        }),
      )
      .meta({ description: "In the order they go into the bowl" }),
    figures: DressingFigures,
    rounded: DressingFigures.meta({ description: "With every part as the scale rounds it" }),
    saltAlreadyOver: z.boolean(),
  })
  .meta({ id: "ComposedDressing" });

export const CorrectDressing = z.object({
  parts: z.array(Part).min(1).max(24),
  dressingStyle: Ingredient,
  correctors: z.array(Ingredient).min(1).max(6).meta({ description: "In the cook's order" }),
  targets: z
    .object({
      oilToAcidPoured: Range.nullable(),
      oilToAcidEffective: Range.nullable(),
      sugarToAcid: Range.nullable(),
      saltPercent: Range.nullable(),
    })
    .partial()
    .default({})
    .meta({ description: "Bands in place of the style's; null does not matter" }),
});

export const DressingCorrected = z
  .object({
    additions: z.array(z.object({ id: z.string(), grams: z.number(), text: z.string() })).readonly(),
    before: DressingFigures,
    after: DressingFigures,
    cannot: z
      .array(z.enum(["oilToAcidPoured", "oilToAcidEffective", "sugarToAcid", "saltPercent"]))
      .readonly(),
  })
  .meta({ id: "DressingCorrected" });

export const DressingForSalad = z.object({
  group: z.string().min(1).max(40),
  saladG: z.coerce.number().positive().max(50_000),
  madeG: z.coerce
    .number()
    .positive()
    .max(50_000)
    .optional()
    .meta({ description: "What was made of it, for how much is left" }),
});
export const DressingNeeded = z
  .object({
    grams: Estimate,
    left: Estimate.nullable().meta({ description: "What stays in the jar of what was made" }),
    when: z.string(),
    source: z.string(),
    ownWeighings: z.int().meta({ description: "Jars of this kitchen that were weighed back" }),
  })
  .meta({ id: "DressingNeeded" });

export const KeepDressing = z.object({
  ingredients: z.string().min(1).max(600).meta({ description: "Ingredient ids, comma-separated" }),
});
export const DressingKept = z
  .object({ days: z.number(), on: Day, reason: z.string(), source: z.string(), mustNever: z.string() })
  .meta({ id: "DressingKept" });

export const SaveDressing = z.object({
  name: z.string().trim().min(1).max(120),
  parts: z
    .array(
      z.object({
        ingredient: Ingredient,
        role: z.enum(dressingRoles),
        grams: z.number().positive().max(20_000),
      }),
    )
    .min(1)
    .max(24),
  halved: z.boolean().default(false).meta({ description: "Half to roast in, half to finish with" }),
  intoRecipe: z
    .object({ id: z.string().max(60), basedOn: z.int().positive(), grams: z.number().positive().max(20_000) })
    .nullable()
    .default(null)
    .meta({ description: "A salad to pour it into, as a part of it" }),
});
