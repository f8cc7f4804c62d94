import type { MakePlan } from "@apron/contract";
import {
  limitingLine,
  planMake as planInCore,
  roundingEffects,
  type MakePlan as CorePlan,
} from "@apron/core/cook";
import { capacityOf, containerSizes, fewestFor, gramsToFill, placesFor } from "@apron/core/larder";
import { stockFor } from "@apron/core/match";
import { accept, showGrams } from "@apron/core/measure";
import {
  allergensOf,
  dinersOf,
  gramsInLoads,
  gramsPerBatch,
  additionSteps,
  loadsOf,
  scaleFormula,
  type Formula,
  type ScaleWish,
} from "@apron/core/recipes";
import { nameFor } from "../stock/present-lot.ts";
import { notFound, refuseWith, type Answer } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { matchKitchenOf } from "../match/list-matches.ts";
import { surplusOnHand, type Surplus } from "../stock/surplus.ts";
import { expandedRecipe } from "../recipes/library.ts";
import { presentCautions } from "../recipes/read.ts";
import { useByIn } from "./use-by-of.ts";
import type { InputOf } from "@apron/contract";

type Wish = InputOf<"planMake">["body"]["scale"];

/** A lot that a recipe is scaled to is taken before any other. */
const chosenLotWorth = 10;

export type PlannedMake = {
  readonly plan: CorePlan;
  readonly formula: Formula;
  readonly version: number;
  readonly surplus: readonly Surplus[];
  readonly workings: string;
};

/** A recipe scaled and filled line by line from what is on hand; what other plans and prices are read from. */
export async function planFor(
  recipeId: string,
  scale: Wish,
  context: RequestContext,
): Promise<Answer<PlannedMake>> {
  const recipe = await expandedRecipe(recipeId, context);
  if (!recipe) return notFound("recipe-unknown", "recipeId");
  const { formula, version } = recipe;
  const surplus = prioritise(await surplusOnHand(context), scale);
  const wish = wishOf(scale, { surplus, formula });
  if (!wish.ok) return wish;
  const { settings, cup, units, locale } = context.session.kitchen;
  const kitchen = {
    diners: dinersOf(settings.eaters),
    staples: new Set(settings.staples),
    catalogue: context.catalogue,
    cup,
    display: { system: units, locale },
  };
  const scaled = scaleFormula(formula, wish.value, kitchen);
  if (!scaled.ok) return refuseWith(scaled.issue, "scale");
  const { batches, workings } = scaled.value;
  // A lot chosen by the cook goes in whatever it does to the date; otherwise the ranking's own choice stands.
  const stock =
    scale.kind === "all-of-lot"
      ? surplus
      : stockFor(formula, batches, { stock: surplus, kitchen: await matchKitchenOf(context) });
  const plan = planInCore(formula, batches, { stock, kitchen });
  if (!plan.ok) return refuseWith(plan.issue, "recipeId");
  return accept({ plan: plan.value, formula, version, surplus, workings });
}

/** Scales a recipe and fills every line from what is on hand. Changes nothing. */
export const planMake: UseCase<"planMake"> = async ({ body }, context) => {
  const planned = await planFor(body.recipeId, body.scale, context);
  return planned.ok ? present({ ...planned.value, context }) : planned;
};

const prioritise = (surplus: readonly Surplus[], scale: Wish): Surplus[] =>
  surplus.map((s) =>
    scale.kind === "all-of-lot" && s.lotId === scale.lotId
      ? { ...s, urgencyWeight: s.urgencyWeight + chosenLotWorth }
      : s,
  );

type Scaling = { readonly surplus: readonly Surplus[]; readonly formula: Formula };

function wishOf(scale: Wish, { surplus, formula }: Scaling): Answer<ScaleWish> {
  switch (scale.kind) {
    case "batches":
    case "servings":
      return accept(scale);
    case "containers": {
      const { count, ml, place } = scale;
      const grams = gramsToFill(scale, formula, place);
      return accept({ kind: "weight", grams, as: `${count} × ${ml} ml with headspace, ${showGrams(grams)}` });
    }
    case "loads": {
      const grams = gramsInLoads(formula, scale.count);
      if (grams === undefined) return refuseWith({ code: "no-machine-load" }, "scale.count");
      return accept({ kind: "weight", grams, as: `${scale.count} full loads, ${showGrams(grams)}` });
    }
    case "all-of-lot": {
      const lot = surplus.find((s) => s.lotId === scale.lotId);
      return lot
        ? accept({ kind: "all-of", ingredient: lot.ingredient, grams: lot.grams })
        : notFound("lot-unknown", "scale.lotId");
    }
  }
}

type Planned = PlannedMake & { readonly context: RequestContext };

/** What runs out first, by name. */
function limitingOf({ plan, context }: Planned): MakePlan["limiting"] {
  const short = limitingLine(plan);
  return short && { name: nameFor(context, short.ingredient), batches: short.batches, shortG: short.shortG };
}

function present(planned: Planned): Answer<MakePlan> {
  const { plan, formula, surplus, context, version, workings } = planned;
  const used = plan.lines.flatMap((l) => l.parts.map((p) => p.ingredient));
  const drawn = plan.lines.flatMap((l) => l.parts.map((p) => ({ ...p, lineId: l.line.id })));
  const made = { formula, drawn, lots: surplus.map((s) => s.lot) };
  return accept({
    version,
    workings,
    recipeId: formula.id,
    name: formula.name,
    kind: formula.kind,
    batches: plan.batches,
    servings: plan.servings,
    lines: plan.lines.map((l) => presentLine(l, planned)),
    output: plan.output,
    steps: formula.steps.map((step) => step.text),
    loads: loadsOf(formula, plan.output.value),
    limiting: limitingOf(planned),
    rounding: roundingEffects(plan, context.catalogue),
    canFill: gramsInLoads(formula, 1) !== undefined,
    allergens: allergensOf(used, context.catalogue),
    cautions: presentCautions(formula, drawn, context),
    containers: containersFor(formula, plan.output.value),
    useBy: {
      fridge: useByIn("fridge", made, context),
      freezer: useByIn("freezer", made, context),
    },
    scaleChoices: scaleChoices(planned),
  });
}

const presentLine = (
  l: CorePlan["lines"][number],
  { surplus, context }: Planned,
): MakePlan["lines"][number] => ({
  lineId: l.line.id,
  role: l.line.role,
  preparation: l.line.preparation,
  group: l.line.group,
  wantedG: l.wantedG,
  asBoughtG: l.line.asBoughtG && (l.line.asBoughtG * l.wantedG) / l.line.grams,
  optional: l.line.optional,
  toTaste: l.line.toTaste,
  parts: l.parts.map((p) => ({
    ingredient: p.ingredient,
    name: nameFor(context, p.ingredient),
    lotId: p.lotId,
    from: p.from,
    grams: p.grams,
    toTrim: surplus.some((s) => s.lotId === p.lotId && s.toTrim),
    scale: p.measured.scale,
    spoon: p.measured.spoon,
    whole: p.measured.whole,
    gradualAddition: additionSteps(l.line.gradualAddition, p.grams),
  })),
});

const containersFor = (formula: Formula, grams: number): MakePlan["containers"] =>
  placesFor(formula.keeping).flatMap((place) =>
    containerSizes
      .filter((size) => size.places.includes(place))
      .map((size) => {
        const capacityG = capacityOf(size, formula, place);
        return { kind: size.kind, name: size.name, place, fewest: fewestFor(grams, capacityG), capacityG };
      }),
  );

/** Lots this recipe could be scaled to use up entirely, the most urgent first. */
function scaleChoices({ formula, surplus, context }: Planned): MakePlan["scaleChoices"] {
  const diners = dinersOf(context.session.kitchen.settings.eaters);
  const kitchen = { catalogue: context.catalogue, diners };
  return surplus
    .filter((s) => s.urgencyWeight > 0.05 && gramsPerBatch(formula, s.ingredient, kitchen) > 0)
    .map((s) => ({ lotId: s.lotId, name: nameFor(context, s.ingredient), grams: s.grams }));
}
