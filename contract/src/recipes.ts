import { z } from "zod";

const DishKind = z.enum([
  "leaf-salad",
  "slaw",
  "pesto",
  "herb-sauce",
  "dip",
  "dressing",
  "grain-salad",
  "cooked-salad",
]);

const Role = z.enum([
  "base",
  "body",
  "creamy",
  "crunch",
  "bright",
  "salty",
  "finish",
  "green",
  "nut",
  "cheese",
  "oil",
  "acid",
  "allium",
  "salt",
  "sweet",
  "liquid",
]);

const Share = z.number().gt(0).max(1);

const FormulaLine = z
  .object({
    id: z.string().min(1).max(40),
    role: Role,
    grams: z.number().positive().max(50_000),
    fillers: z
      .array(z.object({ ingredient: z.string(), maxShare: Share }))
      .min(1)
      .readonly(),
    preparation: z.string().max(200),
    eatenRaw: z.boolean(),
    cook: z.string().nullable(),
    strongShare: Share,
  })
  .meta({ id: "FormulaLine" });

export const Formula = z
  .object({
    id: z.string().regex(/^[a-z0-9-]{1,60}$/),
    name: z.string().min(1).max(120),
    kind: DishKind,
    servings: z.number().positive().max(500),
    minutes: z.int().positive().max(2880),
    lines: z.array(FormulaLine).min(1).max(40).readonly(),
    steps: z.array(z.string().max(500)).readonly(),
    keeping: z.object({ fridge: z.string().nullable(), freezer: z.string().nullable() }),
    gramsPerMl: z.number().positive().max(3),
    cautions: z.array(z.string()).readonly(),
  })
  .meta({ id: "Formula" });

export const Caution = z
  .object({
    trigger: z.string(),
    severity: z.enum(["stop", "warn", "info"]),
    text: z.string(),
    source: z.string(),
  })
  .meta({ id: "Caution" });

export const RecipeSummary = z
  .object({
    id: z.string(),
    name: z.string(),
    kind: DishKind,
    servings: z.number(),
    minutes: z.int(),
    version: z.int(),
    allergens: z.array(z.string()),
  })
  .meta({ id: "RecipeSummary" });

export const Recipe = z
  .object({
    formula: Formula,
    version: z.int(),
    names: z.record(z.string(), z.string()).meta({ description: "Ingredient id to this kitchen's name" }),
    allergens: z.array(z.string()),
    cautions: z.array(Caution),
    keeps: z.array(z.object({ place: z.string(), days: z.number(), reason: z.string(), source: z.string() })),
  })
  .meta({ id: "Recipe" });

export const ByRecipe = z.object({ id: z.string().min(1).max(60) });

export type RecipeSummary = z.infer<typeof RecipeSummary>;
export type Recipe = z.infer<typeof Recipe>;
export type Caution = z.infer<typeof Caution>;
