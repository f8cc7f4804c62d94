import {
  keepingRule,
  type Catalogue,
  type FoodClass,
  type KeepingRule,
  type Place,
} from "../catalogue/index.ts";
import { isCooked, type FoodForm } from "../forms/index.ts";
import { isProduce } from "./food-class.ts";
import type { Kept } from "./class-limit.ts";

/** The row of the keeping table that speaks of food of a class once it is cut or its pack is opened. */
const cutOrOpened: Readonly<Partial<Record<FoodClass, string>>> = {
  leaf: "cut-leafy-greens",
  tomato: "cut-tomatoes",
  melon: "cut-melon",
  sprout: "raw-sprouts",
  "soft-herb": "soft-herbs-damp-cloth",
  "woody-herb": "woody-herbs",
  flower: "edible-flowers",
  nut: "nuts-raw",
  "nut-butter": "nuts-fridge",
  "cooked-pulse": "beans-cooked",
  "citrus-juice": "lemon-juice-squeezed",
  "bottled-citrus-juice": "lemon-juice-squeezed",
  "fruit-juice": "lemon-juice-squeezed",
  vinegar: "vinegar-open",
  oil: "olive-oil-open",
  "nut-oil": "nut-oil-open",
  "hard-cheese": "hard-cheese-open",
  "fresh-cheese": "soft-cheese-open",
  "blue-cheese": "soft-cheese-open",
  // Opened yogurt has no row of its own; the fresh-cheese limit is the nearest cautious one.
  yogurt: "soft-cheese-open",
};

const frozen: Readonly<Partial<Record<FoodClass, string>>> = {
  nut: "nuts-frozen",
  "nut-butter": "nuts-frozen",
  "soft-herb": "herbs-frozen-cubes",
  "woody-herb": "herbs-frozen-cubes",
};

function subjectOf(foodClass: FoodClass, form: FoodForm): string | undefined {
  if (form === "drained" || (foodClass === "dry-pulse" && isCooked(form))) return "beans-cooked";
  return isCooked(form) && isProduce(foodClass) ? "roasted-vegetables" : cutOrOpened[foodClass];
}

/** A rule written for one place only (opened oil, in the dark) is read for that place wherever the food stands. */
const shelfOf = (subject: string, place: Place, catalogue: Catalogue): Place =>
  keepingRule(catalogue, subject, place)
    ? place
    : (catalogue.keeping.find((rule) => rule.subject === subject)?.place ?? place);

/**
 * The published rule for food that is cut, cooked or opened; undefined where none speaks of its class. It may be longer
 * than the limit of its class, which then binds.
 */
export function publishedRule(
  { class: foodClass, form, place }: Omit<Kept, "pack">,
  catalogue: Catalogue,
): KeepingRule | undefined {
  const subject =
    place === "freezer" ? (frozen[foodClass] ?? "blanched-vegetables-frozen") : subjectOf(foodClass, form);
  return subject === undefined
    ? undefined
    : keepingRule(catalogue, subject, shelfOf(subject, place, catalogue));
}
