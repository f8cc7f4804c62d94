import type { IngredientFacts } from "../catalogue/index.ts";
import { formAfter, type FoodForm } from "../forms/index.ts";
import { comesSealed, foodClassOf, isLowAcidPack, isProduce, type Kept } from "../keeping/index.ts";
import type { AgeingLot, SourceKind } from "./lot.ts";

/** The form a lot is in: whole until it is trimmed or cooked; what came off another lot is cut. */
export function formOfLot(lot: Pick<AgeingLot, "state" | "method">): FoodForm {
  if (lot.method !== null) return formAfter(lot.method);
  return lot.state === "by-product" ? "cut" : "whole";
}

/**
 * Is it food as it grew, that can still be trimmed? A cut half is: half a lemon still has its juice. A part of something
 * is not, nor what was trimmed or cooked, nor a pack.
 */
export const isUntrimmed = (
  { state, method, part }: Pick<AgeingLot, "state" | "method"> & { readonly part: string | null },
  facts: IngredientFacts,
): boolean =>
  state === "raw" ||
  (state === "opened" && method === null && part === null && isProduce(foodClassOf(facts)));

/** What of a lot decides how long its class of food keeps. */
export type KeptLot = Pick<AgeingLot, "state" | "method" | "place" | "bestBefore" | "sourceKind">;

const packedBy: readonly (SourceKind | undefined)[] = ["shop", "market", "box-share", "gift"];

/**
 * Is a lot a pack nobody has opened: one with a date on it, or a tin or jar in the cupboard? What is low in acid must
 * come from a shop for that: a cook's own jar of beans is not a tin.
 */
export function isSealed(lot: KeptLot, facts: IngredientFacts): boolean {
  if (lot.method !== null || lot.state === "opened" || lot.state === "by-product") return false;
  if (lot.bestBefore !== null) return true;
  const foodClass = foodClassOf(facts);
  const isPacked = isLowAcidPack(foodClass) ? lot.sourceKind === "shop" : packedBy.includes(lot.sourceKind);
  return comesSealed(foodClass) && isPacked && (lot.place === "cupboard" || lot.place === "room");
}

/** What the keeping rules ask of a lot. Half an onion is a cut one, whatever else may still be done to it. */
export function keptOf(lot: KeptLot, facts: IngredientFacts): Kept {
  const foodClass = foodClassOf(facts);
  const form = formOfLot(lot);
  return {
    class: foodClass,
    form: lot.state === "opened" && form === "whole" && isProduce(foodClass) ? "cut" : form,
    pack: isSealed(lot, facts) ? "sealed" : "opened",
    place: lot.place,
  };
}
