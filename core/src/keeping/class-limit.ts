import type { FoodClass, Place } from "../catalogue/index.ts";
import type { FoodForm } from "../forms/index.ts";
import { invariant } from "../measure/index.ts";
import { classLimits, shortestOfAll, type ClassLimit, type Pack } from "./tables/class-limits.ts";

export type Kept = {
  readonly class: FoodClass;
  readonly form: FoodForm;
  readonly pack: Pack;
  readonly place: Place;
};

const covers = (rule: ClassLimit, kept: Kept): boolean =>
  rule.classes.includes(kept.class) &&
  rule.forms.includes(kept.form) &&
  rule.packs.includes(kept.pack) &&
  rule.places.includes(kept.place);

/** Of every class, form, pack and place that was asked for: there are few, and each lot asks. */
const found = new Map<string, ClassLimit>();

/**
 * The most that food may keep: the shortest row that covers its class, form, pack and place; the shortest of all where
 * none does. There is always one. Days ≥ 0, counted after the day it was cut, cooked or opened.
 */
export function classLimit(kept: Kept): ClassLimit {
  const key = `${kept.class} ${kept.form} ${kept.pack} ${kept.place}`;
  const limit = found.get(key) ?? shortestOf(kept);
  found.set(key, limit);
  return limit;
}

function shortestOf(kept: Kept): ClassLimit {
  const [first, ...more] = classLimits.filter((rule) => covers(rule, kept));
  const fallback = shortestOfAll.find((rule) => rule.places.includes(kept.place));
  invariant(fallback !== undefined, `no shortest rule for the ${kept.place}`);
  return first ? more.reduce((least, rule) => (rule.days < least.days ? rule : least), first) : fallback;
}

/** Is there a rule for this food as a sealed tin or jar, out of the cold? */
export const comesSealed = (foodClass: FoodClass): boolean =>
  classLimits.some(
    (rule) => rule.packs.every((pack) => pack === "sealed") && rule.classes.includes(foodClass),
  );

const lowAcidPacks: readonly FoodClass[] = [
  "cooked-pulse",
  "stock",
  "tinned-fish",
  "in-oil",
  "plant-milk",
  "nut-butter",
];

/** Low in acid: kept out of the cold only in a pack sealed by a maker, since a home-made one may hold botulism. */
export const isLowAcidPack = (foodClass: FoodClass): boolean => lowAcidPacks.includes(foodClass);

const byTheStorageTable: readonly FoodClass[] = [
  ...(["leaf", "soft-herb", "woody-herb", "vegetable", "root", "bulb", "garlic"] as const),
  ...(["tomato", "fruit", "melon", "citrus", "avocado"] as const),
];

/** Whole produce keeps as the storage table says of that very plant; its class speaks where the table does not. */
export const isByStorageTable = ({ class: foodClass, form }: Kept): boolean =>
  form === "whole" && byTheStorageTable.includes(foodClass);
