import { z } from "zod";
import { Diet, DishKind, Formula, NewFormula } from "./formula.ts";
import { Estimate, Grams, Id, Instant, Money, Pieces } from "./quantities.ts";

export const Caution = z
  .object({
    trigger: z.string(),
    severity: z.enum(["stop", "warn", "info"]),
    text: z.string(),
    source: z.string(),
  })
  .meta({ id: "Caution" });

export const RecipesQuery = z.object({
  text: z.string().max(80).default(""),
  kind: DishKind.optional(),
  diet: Diet.optional(),
  without: z.string().max(200).default("").meta({ description: "Allergens, comma-separated" }),
  onHand: z.enum(["yes", "no"]).default("no").meta({ description: "Only what uses something on hand" }),
  archived: z.enum(["yes", "no"]).default("no").meta({ description: "Archived ones instead" }),
  limit: z.coerce.number().int().min(1).max(1000).default(60).meta({ description: "The first so many" }),
});

export const RecipeSummary = z
  .object({
    id: z.string(),
    name: z.string(),
    kind: DishKind,
    servings: z.number(),
    minutes: z.int(),
    version: z.int(),
    allergens: z.array(z.string()).readonly(),
    diets: z.array(Diet).readonly(),
    unread: z.int().meta({ description: "Lines still to be answered" }),
    onHand: z.int().meta({ description: "Ingredients of it that are on hand" }),
    photo: z.string().nullable().meta({ description: "Address of its photo" }),
  })
  .meta({ id: "RecipeSummary" });

export const RecipeList = z
  .object({ total: z.int(), recipes: z.array(RecipeSummary) })
  .meta({ id: "RecipeList" });

const Proposed = { of: z.string(), source: z.string() };
const OpenQuestion = z.discriminatedUnion("about", [
  z.object({
    about: z.literal("temperature"),
    step: z.int(),
    proposal: z.object({ celsius: z.number(), ...Proposed }).nullable(),
  }),
  z.object({
    about: z.literal("time"),
    step: z.int(),
    proposal: z.object({ minutes: z.object({ low: z.number(), high: z.number() }), ...Proposed }).nullable(),
  }),
  z.object({ about: z.literal("doneness"), step: z.int(), proposal: z.string().nullable() }),
  z.object({
    about: z.literal("amount"),
    line: z.string(),
    ingredient: z.string(),
    text: z.string(),
    grams: z.number(),
    wordsG: z.number().meta({ description: "What the words give, as bought or cooked" }),
    usableG: z.number(),
  }),
  z.object({ about: z.literal("unread"), text: z.string() }),
]);

export const Recipe = z
  .object({
    formula: Formula,
    version: z.int(),
    archived: z.boolean().meta({ description: "Archived: neither listed nor matched" }),
    latest: z
      .int()
      .meta({ description: "The newest version there is; the default version may be an older one" }),
    names: z.record(z.string(), z.string()).meta({ description: "Ingredient id to this kitchen's name" }),
    subRecipes: z.record(z.string(), z.string()).meta({ description: "Names of recipes that make a line" }),
    allergens: z.array(z.string()),
    diets: z.array(Diet).readonly(),
    cautions: z.array(Caution),
    keeps: z.array(z.object({ place: z.string(), days: z.number(), reason: z.string(), source: z.string() })),
    pieces: z.record(z.string(), Pieces).meta({ description: "By line, what is counted in whole pieces" }),
    makesG: Estimate.meta({ description: "Grams of one batch, cooking reckoned in" }),
    photo: z.string().nullable().meta({ description: "Address of its photo" }),
    open: z.array(OpenQuestion).meta({ description: "What the recipe does not say, with proposals" }),
  })
  .meta({ id: "Recipe" });

export const ByRecipe = z.object({ id: z.string().min(1).max(60) });
export const ByLine = ByRecipe.extend({ line: z.string().min(1).max(130) });

export const SaveRecipe = z.object({ formula: NewFormula });
export const EditRecipe = z.object({
  basedOn: z
    .int()
    .positive()
    .meta({ description: "The version that was opened; refused when it has moved on" }),
  formula: NewFormula,
  note: z.string().trim().max(200).default(""),
});
export const RecipeSaved = z
  .object({ id: z.string(), name: z.string(), version: z.int() })
  .meta({ id: "RecipeSaved" });

export const SetPhoto = z.object({
  data: z
    .string()
    .min(8)
    .max(820_000)
    .regex(/^[A-Za-z0-9+/]+={0,2}$/)
    .meta({ description: "The picture, base64" }),
});
/** Where a dish's photo is read, named so that a new photo has a new address; null where there is none. */
const Photo = z.string().nullable();
export const PhotoSaved = z.object({ id: z.string(), photo: Photo }).meta({ id: "PhotoSaved" });

export const ImportRecipes = z.object({ formulas: z.array(NewFormula).min(1).max(100) });
export const RecipesImported = z
  .object({
    saved: z.array(
      RecipeSaved.safeExtend({
        at: z.int().meta({ description: "Its place among the formulas that were sent" }),
      }),
    ),
    same: z.array(z.string()).meta({ description: "Names that were here already, word for word" }),
    refused: z.array(z.object({ name: z.string(), code: z.string(), line: z.int().nullable() })),
  })
  .meta({ id: "RecipesImported" });

export const RecipeVersions = z
  .object({
    defaultVersion: z.int(),
    versions: z.array(
      z.object({ version: z.int(), at: Instant, by: z.string().nullable(), note: z.string() }),
    ),
    batches: z.array(
      z.object({ id: Id, version: z.int(), madeOn: z.string(), batches: z.number(), outputG: z.number() }),
    ),
  })
  .meta({ id: "RecipeVersions" });

export const CompareQuery = z.object({
  from: z.coerce.number().int().positive(),
  to: z.coerce.number().int().positive(),
});
const ChangeText = z.object({ field: z.string(), before: z.string(), after: z.string() });
export const RecipeChanges = z
  .object({
    head: z.array(ChangeText),
    lines: z.array(
      z.object({
        lineId: z.string(),
        kind: z.enum(["added", "removed", "changed"]),
        before: z.string(),
        after: z.string(),
        fields: z.array(z.string()).readonly(),
      }),
    ),
    steps: z.object({ added: z.array(z.string()).readonly(), removed: z.array(z.string()).readonly() }),
  })
  .meta({ id: "RecipeChanges" });

export const ArchiveRecipe = z.object({ archived: z.boolean() });
export const SetDefaultVersion = z.object({ version: z.int().positive() });
export const DefaultFromBatch = z.object({ batchId: Id, basedOn: z.int().positive() });

export const AdaptRecipe = z.object({
  diets: z.array(Diet).max(5).default([]),
  without: z.array(z.string().max(40)).max(20).default([]),
});
const Swap = z.object({
  ingredient: z.string(),
  name: z.string(),
  grams: z.number(),
  saltChangeG: z.number().nullable(),
  workings: z.string(),
  note: z.string(),
});
export const RecipeAdapted = z
  .object({
    formula: NewFormula,
    changes: z.array(z.object({ lineId: z.string(), from: z.string(), fromG: z.number(), to: Swap })),
    leftOut: z.array(z.string()).readonly(),
    cannot: z.array(z.object({ lineId: z.string(), name: z.string() })),
    saltChangeG: z.number(),
    allergens: z.array(z.string()),
    diets: z.array(Diet).readonly(),
  })
  .meta({ id: "RecipeAdapted" });
export const SubstitutionsQuery = z.object({ batches: z.coerce.number().positive().max(50).default(1) });
export const Substitutions = z.object({ substitutions: z.array(Swap) }).meta({ id: "Substitutions" });

export const CostQuery = z.object({
  batches: z.coerce.number().positive().max(50).default(1),
  own: z
    .enum(["zero", "market"])
    .default("zero")
    .meta({ description: "What own produce counts: nothing, or what the market asks" }),
});
export const RecipeCost = z
  .object({
    batchMinor: Money.nullable(),
    portionMinor: Money.nullable(),
    currency: z.string(),
    unpriced: z.array(z.string()).readonly(),
    parts: z.array(
      z.object({
        name: z.string(),
        grams: z.number(),
        per100gMinor: z.number().nullable(),
        costMinor: z.number().nullable(),
        from: z.enum(["own", "paid", "board"]),
      }),
    ),
    workings: z.string(),
  })
  .meta({ id: "RecipeCost" });

export const TimeBySize = z.object({
  mm: z.number().positive().max(400).meta({ description: "Across, millimetres" }),
  referenceMm: z.number().positive().max(400),
  minutes: z.object({ low: z.number().positive().max(2880), high: z.number().positive().max(2880) }),
  heat: z.enum(["oven", "grill", "water"]).default("oven"),
  whole: z
    .object({ grams: z.number().positive().max(50_000), referenceG: z.number().positive().max(50_000) })
    .nullable()
    .default(null)
    .meta({
      description: "A whole fruit by its weight, and that of the one across referenceMm; instead of mm",
    }),
  together: z
    .array(
      z.object({
        id: z.string().max(60),
        minutes: z.number().positive().max(2880),
        mm: z.number().positive().max(400),
      }),
    )
    .max(12)
    .default([])
    .meta({ description: "Roots for one tray: a size for each, so that all are done with this piece" }),
});
export const TimedBySize = z
  .object({
    factor: z.number(),
    minutes: z.object({ low: z.number(), high: z.number() }),
    together: z.array(z.object({ id: z.string(), mm: z.number() })),
    workings: z.string(),
  })
  .meta({ id: "TimedBySize" });

export const PriceBoard = z
  .object({
    on: z.string(),
    currency: z.string(),
    invented: z.literal(true).meta({ description: "A simulated board: these are nobody's prices" }),
    prices: z.array(z.object({ ingredient: z.string(), name: z.string(), perKgMinor: Money })),
  })
  .meta({ id: "PriceBoard" });

export const WeighJarBack = z.object({
  group: z.string().min(1).max(40),
  saladG: Grams,
  usedG: Grams.meta({ description: "Dressing that went on: the jar before less the jar after" }),
});

export type OpenQuestion = z.infer<typeof OpenQuestion>;
export type Recipe = z.infer<typeof Recipe>;
export type RecipeAdapted = z.infer<typeof RecipeAdapted>;
export type RecipeSummary = z.infer<typeof RecipeSummary>;
export type RecipesImported = z.infer<typeof RecipesImported>;
export type RecipeVersions = z.infer<typeof RecipeVersions>;
export type Caution = z.infer<typeof Caution>;
