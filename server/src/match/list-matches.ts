import type { Match, MatchLimit, ReplyOf } from "@apron/contract";
import {
  rankRecipes,
  defaultAppetite,
  type MatchKitchen,
  type RecipeMatch,
  portionsOf,
} from "@apron/core/match";
import { accept, showGrams, trimmedDecimals } from "@apron/core/measure";
import { allergensOf, alwaysThere, dinersOf, type Formula } from "@apron/core/recipes";
import { nameFor } from "../stock/present-lot.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { expandedRecipes } from "../recipes/library.ts";
import { photoAddresses } from "../recipes/photo.ts";
import { surplusOnHand, type Surplus } from "../stock/surplus.ts";

/** Recipes ranked by what they rescue today; worked out once for Match and Today. */
export const matchesNow = (context: RequestContext): Promise<ReplyOf<"listMatches">> =>
  context.once("matches", () => rankNow(context));

async function rankNow(context: RequestContext): Promise<ReplyOf<"listMatches">> {
  const surplus = await surplusOnHand(context);
  const formulas = (await expandedRecipes(context))
    .filter((recipe) => !recipe.archived)
    .map((recipe) => recipe.formula);
  const ranked = rankRecipes(formulas, surplus, await matchKitchenOf(context));
  const photoOf = await photoAddresses(context);
  const matches = ranked.flatMap((match) => {
    const formula = formulas.find((f) => f.id === match.recipeId);
    return formula ? [presentMatch(match, { formula, surplus, photo: photoOf(formula.id), context })] : [];
  });
  return { matches, surplusG: surplus.reduce((g, s) => g + s.usableG, 0), lots: surplus.length };
}

/** The kitchen as matching sees it: who eats, what stands on the shelf, what is already stored. */
export async function matchKitchenOf(context: RequestContext): Promise<MatchKitchen> {
  const { household, eaters, staples } = context.session.kitchen.settings;
  return {
    catalogue: context.catalogue,
    diners: dinersOf(eaters),
    household: {
      ...household,
      people: eaters.length,
      // Kitchens that were set up before a kind of dish was known have no appetite for it of their own.
      portionsPerPersonDay: { ...defaultAppetite, ...household.portionsPerPersonDay },
    },
    staples: alwaysThere(staples, context.catalogue),
    // What stands in the larder already competes for the same appetite.
    waiting: (await context.stores.larder.listStored()).map((one) => portionsOf(one, context.today)),
  };
}

type Seen = {
  readonly formula: Formula;
  readonly surplus: readonly Surplus[];
  readonly photo: string | null;
  readonly context: RequestContext;
};

function presentMatch(match: RecipeMatch, seen: Seen): Match {
  const { formula, photo, context } = seen;
  const name = (id: string): string => nameFor(context, id);
  const bought = match.topUps.filter((t) => t.from === "buy");
  const shelf = match.topUps.filter((t) => t.from === "staple");
  const used = [...match.fillings, ...match.topUps].map((f) => f.ingredient);
  return {
    recipeId: formula.id,
    name: formula.name,
    kind: formula.kind,
    minutes: formula.minutes,
    photo,
    batches: match.batches,
    servings: match.servings,
    rescuedG: match.rescuedG,
    score: match.score,
    uses: usesOf(match, seen),
    fromShelf: [...new Set(shelf.map((t) => name(t.ingredient)))],
    missing: bought.map((t) => ({ name: name(t.ingredient), grams: t.grams })),
    limit: presentLimit(match, name),
    allergens: allergensOf(used, context.catalogue),
    workings: workingsOf(match, seen),
  };
}

function usesOf(match: RecipeMatch, { surplus, context }: Seen): Match["uses"] {
  const ingredients = [...new Set(match.fillings.map((f) => f.ingredient))];
  return ingredients.map((ingredient) => {
    const mine = match.fillings.filter((f) => f.ingredient === ingredient);
    const lots = surplus.filter((s) => mine.some((f) => f.lotId === s.lotId));
    return {
      ingredient,
      name: nameFor(context, ingredient),
      grams: mine.reduce((total, f) => total + f.grams, 0),
      daysLeft: Math.min(...lots.map((s) => s.daysLeft)),
      toTrim: mine.some((f) => f.toDo !== null),
      lotIds: lots.map((s) => s.lotId),
    };
  });
}

function presentLimit(match: RecipeMatch, name: (id: string) => string): MatchLimit {
  const { limit } = match;
  switch (limit.kind) {
    case "stock":
      return { kind: "stock", names: limit.ingredients.map(name), shortG: limit.shortG };
    case "appetite": {
      const { eaten, frozen, given } = limit.consumableInTime;
      return { kind: "appetite", eaten, frozen, given };
    }
    case "not-worth-more":
      return { kind: "not-worth-more" };
  }
}

function workingsOf(match: RecipeMatch, { surplus, context }: Seen): string {
  const parts = match.fillings.map((f) => {
    const urgencyWeight = surplus.find((s) => s.lotId === f.lotId)?.urgencyWeight ?? 0;
    return `${showGrams(f.grams)} ${nameFor(context, f.ingredient)} × ${trimmedDecimals(urgencyWeight, 2)}`;
  });
  const bought = match.topUps.filter((t) => t.from === "buy").reduce((g, t) => g + t.grams, 0);
  const less = bought > 0 ? ` less ${showGrams(bought)} to buy` : "";
  return `${parts.join(" + ")}${less} = ${Math.round(match.score)} (a gram counts 1 on its last day, half as much three days earlier)`;
}

export const listMatches: UseCase<"listMatches"> = async (_input, context) =>
  accept(await matchesNow(context));
