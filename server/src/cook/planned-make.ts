import type { InputOf } from "@apron/contract";
import { limitingLine, planMake, type Limiting, type MakeKitchen, type MakePlan } from "@apron/core/cook";
import { containerSizes, gramsToFill } from "@apron/core/larder";
import { stockFor } from "@apron/core/match";
import { accept, showGrams } from "@apron/core/measure";
import {
  alwaysThere,
  dinersOf,
  gramsInLoads,
  lotGramsPerBatch,
  scaleFormula,
  withTonightsChanges,
  type Formula,
  type ScaleWish,
  type TonightsChanges,
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
  readonly changes: TonightsChanges;
  /** The recipe without what is done otherwise this once. */
  readonly written: Formula;
  readonly limiting: Limiting | null;
};

type Body = InputOf<"planMake">["body"];
type Tonight = { readonly formula: Formula; readonly batches: number; readonly workings: string };

/** The recipe as it is made this once, and how many batches of it. */
function scaledTonight(
  written: Formula,
  { scale, changes }: Body,
  from: { readonly surplus: readonly Surplus[]; readonly kitchen: MakeKitchen },
): Answer<Tonight> {
  const { catalogue } = from.kitchen;
  // What joins weighs what it weighs, however much is made: it comes in once that is known.
  const without = { ...changes, joined: [] };
  const changed = withTonightsChanges(written, without, { catalogue, batches: 1 });
  if (!changed.ok) return refuseWith(changed.issue, "changes");
  const wish = wishOf(scale, { surplus: from.surplus, formula: changed.value });
  if (!wish.ok) return wish;
  const scaled = scaleFormula(changed.value, wish.value, from.kitchen);
  if (!scaled.ok) return refuseWith(scaled.issue, "scale");
  const { batches, workings } = scaled.value;
  const joined = withTonightsChanges(written, changes, { catalogue, batches });
  return joined.ok
    ? accept({ formula: joined.value, batches, workings })
    : refuseWith(joined.issue, "changes");
}

function makeKitchenOf(context: RequestContext): MakeKitchen {
  const { settings, cup, units, locale } = context.session.kitchen;
  const { catalogue } = context;
  return {
    ...{ catalogue, cup, diners: dinersOf(settings.eaters) },
    staples: alwaysThere(settings.staples, catalogue),
    display: { system: units, locale },
  };
}

/** A recipe scaled and filled line by line from what is on hand; what other plans and prices are read from. */
export async function planFor(body: Body, context: RequestContext): Promise<Answer<PlannedMake>> {
  const { recipeId, scale, take, changes } = body;
  const recipe = await expandedRecipe(recipeId, context);
  if (!recipe) return notFound("recipe-unknown", "recipeId");
  const { version, formula: written } = recipe;
  const lineIds = written.lines.map((line) => line.id);
  const chosen = scale.kind === "all-of-lot" ? [...take, { lineId: null, lotId: scale.lotId }] : take;
  const making = { recipeId, chosen: chosen.map(({ lotId }) => lotId) };
  const surplus = (await surplusOnHand(context, making)).map((lot) => withChoice(lot, chosen, lineIds));
  const kitchen = makeKitchenOf(context);
  const tonight = scaledTonight(written, body, { surplus, kitchen });
  if (!tonight.ok) return tonight;
  const { formula, batches, workings } = tonight.value;
  const offered = stockFor(formula, batches, { stock: surplus, kitchen: await matchKitchenOf(context) });
  // A lot chosen by the cook goes in whatever it does to the date; otherwise the ranking's own choice stands.
  const isIn = (lot: Surplus): boolean =>
    (lot.chosenFor?.length ?? 0) > 0 || offered.some((one) => one.lotId === lot.lotId);
  const from = { stock: surplus.filter(isIn), kitchen };
  const plan = planMake(formula, batches, from);
  if (!plan.ok) return refuseWith(plan.issue, "recipeId");
  const limiting = limitingLine(formula, plan.value, from);
  const leftOut = surplus.filter((lot) => !isIn(lot) && lotGramsPerBatch(formula, lot, kitchen) > 0);
  const planned = { plan: plan.value, formula, version, surplus, leftOut, workings, scale, limiting };
  return accept({ ...planned, changes, written });
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
