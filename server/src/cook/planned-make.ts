import type { InputOf } from "@apron/contract";
import { limitingLine, planMake, type Limiting, type MakePlan } from "@apron/core/cook";
import { containerSizes, gramsToFill } from "@apron/core/larder";
import { stockFor } from "@apron/core/match";
import { accept, showGrams } from "@apron/core/measure";
import {
  alwaysThere,
  dinersOf,
  gramsInLoads,
  lotGramsPerBatch,
  scaleFormula,
  type Formula,
  type ScaleWish,
} from "@apron/core/recipes";
import { notFound, refuseWith, type Answer } from "../context/refusal.ts";
import type { RequestContext } from "../context/request-context.ts";
import { matchKitchenOf } from "../match/list-matches.ts";
import { expandedRecipe } from "../recipes/library.ts";
import { surplusOnHand, type Surplus } from "../stock/surplus.ts";

type Wish = InputOf<"planMake">["body"]["scale"];

export type PlannedMake = {
  readonly plan: MakePlan;
  readonly formula: Formula;
  readonly version: number;
  readonly surplus: readonly Surplus[];
  /** Lots that would fit, and are not offered because they would shorten the dish's date. */
  readonly leftOut: readonly Surplus[];
  readonly workings: string;
  readonly scale: Wish;
  readonly limiting: Limiting | null;
};

/** A recipe scaled and filled line by line from what is on hand; what other plans and prices are read from. */
export async function planFor(
  { recipeId, scale, take }: InputOf<"planMake">["body"],
  context: RequestContext,
): Promise<Answer<PlannedMake>> {
  const recipe = await expandedRecipe(recipeId, context);
  if (!recipe) return notFound("recipe-unknown", "recipeId");
  const { formula, version } = recipe;
  const lineIds = formula.lines.map((line) => line.id);
  const chosen = scale.kind === "all-of-lot" ? [...take, { lineId: null, lotId: scale.lotId }] : take;
  const surplus = (await surplusOnHand(context)).map((lot) => withChoice(lot, chosen, lineIds));
  const wish = wishOf(scale, { surplus, formula });
  if (!wish.ok) return wish;
  const { settings, cup, units, locale } = context.session.kitchen;
  const kitchen = {
    diners: dinersOf(settings.eaters),
    staples: alwaysThere(settings.staples, context.catalogue),
    catalogue: context.catalogue,
    cup,
    display: { system: units, locale },
  };
  const scaled = scaleFormula(formula, wish.value, kitchen);
  if (!scaled.ok) return refuseWith(scaled.issue, "scale");
  const { batches, workings } = scaled.value;
  const offered = stockFor(formula, batches, { stock: surplus, kitchen: await matchKitchenOf(context) });
  // A lot chosen by the cook goes in whatever it does to the date; otherwise the ranking's own choice stands.
  const isIn = (lot: Surplus): boolean =>
    (lot.chosenFor?.length ?? 0) > 0 || offered.some((one) => one.lotId === lot.lotId);
  const from = { stock: surplus.filter(isIn), kitchen };
  const plan = planMake(formula, batches, from);
  if (!plan.ok) return refuseWith(plan.issue, "recipeId");
  const limiting = limitingLine(formula, plan.value, from);
  const leftOut = surplus.filter((lot) => !isIn(lot) && lotGramsPerBatch(formula, lot, kitchen) > 0);
  return accept({ plan: plan.value, formula, version, surplus, leftOut, workings, scale, limiting });
}

/** A lot with the lines that the cook chose it for. */
function withChoice(
  lot: Surplus,
  chosen: readonly { readonly lineId: string | null; readonly lotId: string }[],
  lineIds: readonly string[],
): Surplus {
  const mine = chosen.filter((one) => one.lotId === lot.lotId);
  return mine.length === 0 ? lot : { ...lot, chosenFor: mine.flatMap((one) => one.lineId ?? lineIds) };
}

type Scaling = { readonly surplus: readonly Surplus[]; readonly formula: Formula };

function wishOf(scale: Wish, { surplus, formula }: Scaling): Answer<ScaleWish> {
  switch (scale.kind) {
    case "batches":
    case "servings":
      return accept(scale);
    case "containers": {
      const { count, container: kind, place } = scale;
      const name = containerSizes.find((size) => size.kind === kind)?.name ?? kind;
      const grams = gramsToFill({ kind, count, place }, formula);
      return accept({ kind: "weight", grams, as: `${count} × ${name} with headspace, ${showGrams(grams)}` });
    }
    case "loads": {
      const grams = gramsInLoads(formula, scale.count);
      if (grams === undefined) return refuseWith({ code: "no-machine-load" }, "scale.count");
      return accept({ kind: "weight", grams, as: `${scale.count} full loads, ${showGrams(grams)}` });
    }
    case "all-of-lot": {
      const lot = surplus.find((s) => s.lotId === scale.lotId);
      return lot ? accept({ kind: "all-of", lot }) : notFound("lot-unknown", "scale.lotId");
    }
  }
}
