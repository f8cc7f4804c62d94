import { madeFrom, type Catalogue } from "../catalogue/index.ts";
import type { AcceptedDish } from "../match/index.ts";
import type { Estimate } from "../measure/index.ts";
import { howSold, type Sold } from "./how-sold.ts";
import { counterFor, counters, type Counter } from "./tables/usual-packs.ts";

/** Something to buy for dishes of accepted plans. */
export type ShoppingNeed = Sold & {
  /** What dishes ask for. */
  readonly ingredient: string;
  /** What is bought for it, and how that becomes it: limes for their juice; the same and null where it is bought as it is asked for. */
  readonly bought: string;
  readonly method: string | null;
  readonly counter: Counter;
  /** Usable grams that the dishes ask for. */
  readonly usableG: number;
  /** The dishes it is for, each once. */
  readonly dishes: readonly string[];
  /** In minor units of the currency; null where nobody knows. */
  readonly priceMinor: number | null;
};

export type ShoppingFacts = {
  readonly catalogue: Catalogue;
  /** Usable ÷ bought that this kitchen expects of an ingredient. */
  readonly yieldOf: (ingredient: string, method: string | null) => Estimate;
  readonly perKgMinor: (ingredient: string) => number | undefined;
};

/** Juice and yolks are bought as what they come out of; what is boiled at home is bought boiled as well. */
const freshFor = (ingredient: string) =>
  madeFrom.find((edge) => edge.ingredient === ingredient && edge.method !== "boil");

/** Less is not gone shopping for, usable grams. */
const crumbG = 0.1;

/** What accepted dishes still need bought: each food once, through its yield, rounded up to how it is sold, counter by counter. */
export function shoppingNeeds(
  dishes: readonly Pick<AcceptedDish, "name" | "buys">[],
  facts: ShoppingFacts,
): ShoppingNeed[] {
  const wanted = new Map<string, { grams: number; dishes: Set<string> }>();
  for (const { name, buys } of dishes)
    for (const { ingredient, grams } of buys) {
      const known = wanted.get(ingredient) ?? { grams: 0, dishes: new Set<string>() };
      wanted.set(ingredient, { grams: known.grams + grams, dishes: known.dishes.add(name) });
    }
  const needs = [...wanted].flatMap(([ingredient, { grams: usableG, dishes: names }]) => {
    const { from: bought, method } = freshFor(ingredient) ?? { from: ingredient, method: null };
    const food = facts.catalogue.ingredients.get(bought);
    if (!food || usableG < crumbG) return [];
    const sold = howSold(food, usableG, facts.yieldOf(bought, method));
    const perKg = facts.perKgMinor(bought);
    return [
      {
        ...{
          ...sold,
          ingredient,
          bought,
          method,
          usableG,
          dishes: [...names],
          counter: counterFor(food.category),
        },
        priceMinor: perKg === undefined ? null : Math.round((perKg * sold.grams) / 1000),
      },
    ];
  });
  return needs.sort((a, b) => counters.indexOf(a.counter) - counters.indexOf(b.counter));
}

/**
 * Accepted dishes after something was bought for them: what of it they needed is theirs to take, the earliest day first,
 * until the lot (`grams` as it lies, a `share` of it usable) is spoken for; the rest still has to be bought.
 */
export function withBought<Dish extends Pick<AcceptedDish, "day" | "buys" | "uses">>(
  dishes: readonly Dish[],
  bought: {
    readonly ingredient: string;
    readonly lotId: string;
    readonly grams: number;
    /** The yield of its trim, above 0. */
    readonly share: number;
    /** How it is trimmed, null where it is ready as it is. */
    readonly toDo: string | null;
  },
): Dish[] {
  let left = bought.grams * bought.share;
  const perGram = 1 / bought.share;
  const inOrder = [...dishes].sort((a, b) => a.day.localeCompare(b.day));
  return inOrder.map((dish) => {
    const needed = dish.buys.find((one) => one.ingredient === bought.ingredient);
    const grams = Math.min(left, needed?.grams ?? 0);
    if (!needed || grams <= 0) return dish;
    left -= grams;
    const { lotId, ingredient, toDo } = bought;
    const use = { lineId: "", lotId, ingredient, grams, lotG: grams * perGram, toDo, part: null };
    const rest = needed.grams - grams;
    return {
      ...dish,
      uses: [...dish.uses, use],
      buys: dish.buys.flatMap((one) => {
        if (one !== needed) return [one];
        return rest > crumbG ? [{ ...one, grams: rest }] : [];
      }),
    };
  });
}

/** What a shopping list comes to as far as prices are known, in the smallest coin. */
export const totalMinor = (items: readonly { readonly priceMinor: number | null }[]): number =>
  items.reduce((sum, { priceMinor }) => sum + (priceMinor ?? 0), 0);
