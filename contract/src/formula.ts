import { conversions, diets, dishKinds, mostOtherWays, roles, stepTools } from "@apron/core/recipes";
import { z } from "zod";

export const DishKind = z.enum(dishKinds);
export const Role = z.enum(roles);
export const Diet = z.enum(diets);
const Share = z.number().gt(0).max(1);
const Floor = z.number().min(0).max(1);
const LineGrams = z.number().positive().max(50_000);
const RecipeId = z.string().regex(/^[a-z0-9-]{1,60}$/);
const Minutes = z.number().min(0).max(20_160);

const Filler = z.object({
  ingredient: z.string().min(1).max(60),
  maxShare: Share,
  minShare: Floor.default(0),
  convertBy: z
    .enum(conversions)
    .default("mass")
    .meta({ description: "How much of it replaces the written one" }),
});

const FormulaLine = z
  .object({
    id: z.string().min(1).max(130),
    group: z.string().max(60).default(""),
    role: Role,
    grams: LineGrams,
    range: z.object({ low: LineGrams, high: LineGrams }).nullable().default(null),
    amountText: z.string().max(120).default("").meta({ description: "The amount in the recipe's own words" }),
    asBoughtG: z.number().positive().max(100_000).nullable().default(null).meta({
      description: "Grams as bought, where whole pieces are counted; grams is what is left of them",
    }),
    cookedG: z.number().positive().max(100_000).nullable().default(null).meta({
      description: "Grams cooked, where cooked food is asked for; grams is the dry food that gives them",
    }),
    fillers: z.array(Filler).max(24).readonly(),
    recipe: RecipeId.nullable()
      .default(null)
      .meta({ description: "Another recipe that makes this line; then it has no fillers" }),
    preparation: z.string().max(200),
    trim: z.string().max(60).nullable().default(null),
    eatenRaw: z.boolean(),
    cook: z.string().max(60).nullable(),
    maxStrongHerbShare: Share,
    optional: z.boolean().default(false),
    toTaste: z.boolean().default(false),
    gradualAddition: z
      .object({ start: Share, step: Share, most: z.number().min(1).max(3) })
      .nullable()
      .default(null)
      .meta({ description: "Shares of the written amount: begin with, add by, stop at" }),
  })
  .meta({ id: "FormulaLine" });

export const StepWay = z
  .object({
    text: z.string().trim().min(1).max(500),
    activeMin: Minutes.nullable().default(null),
    passiveMin: z.object({ low: Minutes, high: Minutes }).nullable().default(null),
    tool: z.enum(stepTools).nullable().default(null),
    celsius: z.number().min(0).max(350).nullable().default(null),
    trayShare: Share.nullable().default(null),
    warmUpMin: Minutes.nullable().default(null),
    doneWhen: z.string().max(160).default("").meta({ description: "The sign that it is done" }),
    checkEveryMin: z.number().positive().max(1440).nullable().default(null),
    wait: z.object({ leastMin: Minutes, mostMin: Minutes.nullable() }).nullable().default(null),
    load: z
      .object({ leastG: z.number().min(0), mostG: LineGrams })
      .nullable()
      .default(null),
    setAside: z.boolean().default(false),
    tasteCold: z.boolean().default(false),
  })
  .meta({ id: "StepWay" });

export const Step = StepWay.extend({
  otherWays: z
    .array(StepWay)
    .max(mostOtherWays)
    .readonly()
    .optional()
    .meta({ description: "Other ways to do the same: a plan may take any of them" }),
}).meta({ id: "FormulaStep" });

const Makes = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("mass"), grams: LineGrams }),
  z.object({ kind: z.literal("volume"), ml: LineGrams }),
]);

/** A formula before it has an id: what is written, edited or imported. */
export const NewFormula = z
  .object({
    name: z.string().trim().min(1).max(120),
    kind: DishKind,
    servings: z.number().positive().max(500),
    makes: Makes.nullable().default(null),
    minutes: z.int().min(0).max(2880).meta({ description: "0 where the recipe does not say" }),
    lines: z.array(FormulaLine).min(1).max(120).readonly(),
    steps: z.array(Step).max(120).readonly(),
    keeping: z.object({ fridge: z.string().max(60).nullable(), freezer: z.string().max(60).nullable() }),
    gramsPerMl: z.number().positive().max(3),
    cautions: z.array(z.string().max(60)).max(30).readonly(),
    notes: z.string().max(2000).default(""),
    layers: z
      .array(z.string().max(120))
      .max(60)
      .readonly()
      .optional()
      .meta({ description: "The cook's own order on the plate, bottom first; left out: as the steps go" }),
    unread: z
      .array(z.string().max(300))
      .max(120)
      .readonly()
      .default([])
      .meta({ description: "Lines nobody could read, kept as they were written" }),
  })
  .meta({ id: "NewFormula" });

export const Formula = NewFormula.extend({ id: RecipeId }).meta({ id: "Formula" });

export type NewFormula = z.infer<typeof NewFormula>;
