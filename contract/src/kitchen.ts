import { allergens } from "@apron/core/catalogue";
import { dishKinds, eatingDiets } from "@apron/core/recipes";
import { z } from "zod";
import { CookingPlaces } from "./cooking-places.ts";
import { Id } from "./quantities.ts";

const Name = z.string().trim().min(1).max(60);
const IngredientId = z.string().min(1).max(60);

const Choices = {
  dialect: z.enum(["us", "uk"]),
  units: z.enum(["metric", "us", "both"]),
  cup: z.enum(["us-customary", "us-label", "metric"]),
  currency: z
    .string()
    .regex(/^[A-Z]{3}$/)
    .meta({ description: "ISO 4217" }),
  locale: z
    .string()
    .min(2)
    .max(20)
    .regex(/^[a-z]{2,3}(-[A-Za-z0-9]{2,8})*$/)
    .meta({ description: "BCP 47" }),
  timeZone: z
    .string()
    .min(1)
    .max(64)
    .regex(/^[A-Za-z0-9_+/-]+$/)
    .meta({ description: "IANA name: what day it is in this kitchen" }),
};

const Eater = z
  .object({
    name: Name,
    diet: z.enum(eatingDiets),
    avoidAllergens: z.array(z.enum(allergens)).max(40).readonly(),
    avoidIngredients: z.array(IngredientId).max(100).readonly().meta({ description: "Dislikes" }),
  })
  .meta({ id: "Eater" });

const Portions = z.number().min(0).max(5000);

const Appetite = z.number().min(0).max(10);

const Settings = {
  eaters: z.array(Eater).min(1).max(30).readonly(),
  freezerPortions: Portions.meta({ description: "Portions the freezer has room for, in all" }),
  givePortions: Portions.meta({ description: "Portions of one dish that can be given away in time" }),
  portionsPerPersonDay: z
    .record(z.enum(dishKinds), Appetite)
    .meta({ description: "Appetite by kind of dish" }),
  staples: z.array(IngredientId).max(300).readonly().meta({ description: "Dry goods always there" }),
  scale: z.enum(["none", "simulated"]),
  places: CookingPlaces.meta({ description: "What there is to cook with; a plan may say otherwise" }),
};

/** What a new kitchen starts from where the form leaves something out. */
const first = {
  dialect: Choices.dialect.default("uk"),
  units: Choices.units.default("metric"),
  cup: Choices.cup.default("us-customary"),
  currency: Choices.currency.default("GBP"),
  locale: Choices.locale.default("en-GB"),
  timeZone: Choices.timeZone.default("UTC"),
};

export const SetUp = z
  .object({
    kitchen: z.string().trim().min(1).max(80),
    name: Name,
    password: z.string().min(8).max(200),
    ...first,
  })
  .extend({
    eaters: Settings.eaters.optional(),
    freezerPortions: Settings.freezerPortions.optional(),
    scale: Settings.scale.optional(),
  })
  .meta({ id: "SetUp" });

export const SignIn = z.object({ name: Name, password: z.string().min(1).max(200) });

export const StartPage = z.object({
  needsSetUp: z.boolean().meta({ description: "No kitchen but the demo's is here yet" }),
  demoCook: z.string().meta({ description: "Name of the demo cook" }),
});

export const ChangeKitchen = z
  .object({ name: z.string().trim().min(1).max(80), ...Choices, ...Settings })
  .extend({
    portionsPerPersonDay: z.partialRecord(z.enum(dishKinds), Appetite),
    places: CookingPlaces.partial(),
  })
  .partial();

export const SetOunceMeaning = z.object({
  ingredient: IngredientId,
  means: z.enum(["mass", "fluid"]),
});

export const SetNameMeaning = z.object({
  name: z.string().trim().min(1).max(120).meta({ description: "As it was written: “mixed leaves”" }),
  ingredient: IngredientId.nullable().meta({ description: "Null: it is asked again" }),
});

export const Kitchen = z
  .object({
    id: Id,
    name: z.string(),
    ...Choices,
    scale: Settings.scale,
    places: Settings.places,
    ounces: z
      .record(z.string(), z.enum(["mass", "fluid"]))
      .meta({ description: 'What "oz" means here, by ingredient' }),
    meanings: z
      .record(z.string(), z.string())
      .meta({ description: "What names that could mean several foods mean here, by their words" }),
    demo: z.boolean(),
    deleteAfter: z.string().nullable().meta({ description: "It goes for good then; null: it stays" }),
  })
  .meta({ id: "Kitchen" });

export const KitchenSettings = z
  .object({ name: z.string(), ...Choices, ...Settings })
  .meta({ id: "KitchenSettings" });

/** A kitchen's own row, as it is taken along: brought in by a stranger's hand it has to be one that can be worked with. */
export const KitchenRow = z.looseObject({
  id: Id,
  name: z.string().trim().min(1).max(80),
  dialect: Choices.dialect,
  units: Choices.units,
  cup: Choices.cup,
  currency: Choices.currency,
  locale: Choices.locale,
  time_zone: Choices.timeZone,
  settings: z.looseObject({
    eaters: Settings.eaters,
    household: z.looseObject({
      portionsPerPersonDay: z.partialRecord(z.enum(dishKinds), Appetite),
      freezerPortions: Portions,
      givePortions: Portions,
    }),
    staples: Settings.staples,
    scale: Settings.scale,
    places: Settings.places.optional(),
    ounces: Kitchen.shape.ounces.optional(),
    meanings: Kitchen.shape.meanings.optional(),
  }),
});

export const Session = z
  .object({
    member: z.object({ id: Id, name: z.string(), role: z.enum(["owner", "cook"]) }),
    kitchen: Kitchen,
  })
  .meta({ id: "Session" });

export type Eater = z.infer<typeof Eater>;
export type Kitchen = z.infer<typeof Kitchen>;
export type KitchenSettings = z.infer<typeof KitchenSettings>;
export type Session = z.infer<typeof Session>;
export type StartPage = z.infer<typeof StartPage>;
