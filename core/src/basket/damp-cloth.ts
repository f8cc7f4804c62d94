import type { FoodClass, IngredientFacts } from "../catalogue/index.ts";
import { foodClassOf } from "../keeping/index.ts";
import type { AgeingLot } from "./lot.ts";
import { formOfLot } from "./lot-form.ts";

/** A damp cloth made fresh gives what wilts this much more, twice at most. Quality only. Common practice, no source. */
const clothDays = 2;
const mostRefreshes = 2;

const wiltsWhole: readonly FoodClass[] = ["leaf", "soft-herb", "flower"];
const wiltsCut: readonly FoodClass[] = ["soft-herb", "flower"];

/** Is it kept in a damp cloth: whole leaves, herbs and flowers in the fridge, and picked herbs and flowers too? */
export function keepsInCloth(
  lot: Pick<AgeingLot, "state" | "method" | "place">,
  facts: Pick<IngredientFacts, "keepsAs" | "category" | "traits">,
): boolean {
  const form = formOfLot(lot);
  const wilting = form === "whole" ? wiltsWhole : form === "cut" ? wiltsCut : [];
  return lot.place === "fridge" && wilting.includes(foodClassOf(facts));
}

/** Days more that the cloth around a lot gives it; 0 of what is not kept in one. */
export const clothDaysOf = (lot: AgeingLot, facts: IngredientFacts): number =>
  keepsInCloth(lot, facts) ? clothDays * Math.min(mostRefreshes, lot.clothRefreshes) : 0;
