import type { MakePlan } from "@apron/contract";
import {
  limitingLine,
  type Limiting,
  planMake as planInCore,
  preparationsFor,
  roundingEffects,
  type MakePlan as CorePlan,
} from "@apron/core/cook";
import {
  capacityOf,
  containerSizes,
  defaultContainer,
  fewestFor,
  fillFraction,
  gramsToFill,
  placesFor,
} from "@apron/core/larder";
import { formWords, nameOnceCooked, needsNoTrimming, toDoWords, trimWords } from "@apron/core/forms";
import { stockFor } from "@apron/core/match";
import { accept, addDays, showGrams } from "@apron/core/measure";
import {
  allergensOf,
  dinersOf,
  gramsInLoads,
  lotGramsPerBatch,
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
import { priceOf } from "./price-of.ts";
import { useByIn } from "./use-by-of.ts";
import type { InputOf } from "@apron/contract";

type Wish = InputOf<"planMake">["body"]["scale"];

export type PlannedMake = {
  readonly plan: CorePlan;
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
    staples: new Set(settings.staples),
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
  const plan = planInCore(formula, batches, from);
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

/** Scales a recipe and fills every line from what is on hand. Changes nothing. */
export const planMake: UseCase<"planMake"> = async ({ body }, context) => {
  const planned = await planFor(body, context);
  return planned.ok ? present({ ...planned.value, context }) : planned;
};

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

type Planned = PlannedMake & { readonly context: RequestContext };

/** What runs out first, by name. */
function limitingOf({ limiting: short, context }: Planned): MakePlan["limiting"] {
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
    storeIn: storeInOf(planned),
    prepare: prepareOf(planned),
    useBy: {
      fridge: useByIn("fridge", made, context),
      freezer: useByIn("freezer", made, context),
    },
    leftOut: leftOutOf(planned),
    headspace: { fridge: 1 - fillFraction.fridge, freezer: 1 - fillFraction.freezer },
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
  asBoughtG: l.asBoughtG,
  cookedG: l.cookedG,
  optional: l.line.optional,
  toTaste: l.line.toTaste,
  parts: l.parts.map((p) => ({
    ingredient: p.ingredient,
    name: p.isCooked ? nameOnceCooked(nameFor(context, p.ingredient)) : nameFor(context, p.ingredient),
    lotId: p.lotId,
    from: p.from,
    grams: p.grams,
    toDo: p.toDo === null ? null : { method: p.toDo, words: toDoWords(p) ?? "" },
    form: formOf(
      surplus.find((s) => s.lotId === p.lotId),
      context,
    ),
    lotG: p.lotG,
    inDish: p.inDish,
    per100gMinor: priceOf(p, { surplus, own: "zero", context }).per100gMinor,
    saltPer100g: saltIn(p, { surplus, context }),
    scale: p.measured.scale,
    spoon: p.measured.spoon,
    whole: p.measured.whole,
    gradualAddition: additionSteps(l.line.gradualAddition, p.grams),
  })),
  others: l.others.map((other) => ({
    ...{ lotId: other.lotId, name: nameFor(context, other.ingredient), grams: other.grams },
    form: formOf(
      surplus.find((s) => s.lotId === other.lotId),
      context,
    ),
    toDo: toDoWords(other),
    instead: other.isSubstitute,
  })),
});

/** Grams of salt in 100 g: by the label of its pack, else by the table; null where neither says. */
const saltIn = (
  part: CorePlan["lines"][number]["parts"][number],
  { surplus, context }: Pick<Planned, "surplus" | "context">,
): number | null =>
  surplus.find((lot) => lot.lotId === part.lotId)?.lot.label?.saltG ??
  context.catalogue.ingredients.get(part.ingredient)?.composition?.saltG ??
  null;

/** The form of a lot in words; nothing of what comes ready to use and is as it came. */
const formOf = (lot: Surplus | undefined, { catalogue }: RequestContext): string => {
  const facts = lot && catalogue.ingredients.get(lot.ingredient);
  if (!lot || !facts || (lot.form === "whole" && needsNoTrimming(facts))) return "";
  return formWords(lot.form, lot.method);
};

/** Lots left out for the sake of the date, each with the date that would follow: its own last safe day. */
const leftOutOf = ({ leftOut, context }: Planned): MakePlan["leftOut"] =>
  leftOut.map((lot) => ({
    ...{
      lotId: lot.lotId,
      name: nameFor(context, lot.ingredient),
      form: formOf(lot, context),
      grams: lot.usableG,
    },
    useBy: addDays(context.today, lot.safeDays ?? 0),
  }));

/** Containers that were asked for stay what is proposed; else what suits the kind of dish. */
function storeInOf({ formula, scale, plan }: Planned): MakePlan["storeIn"] {
  if (scale.kind === "containers") {
    const { container: kind, place, count } = scale;
    return { kind, place, count };
  }
  const options = containersFor(formula, plan.output.value);
  const first = options.find((one) => one.kind === defaultContainer(formula.kind)) ?? options[0];
  return first ? { kind: first.kind, place: first.place, count: null } : null;
}

const prepareOf = ({ plan, surplus, context }: Planned): MakePlan["prepare"] =>
  preparationsFor(
    plan.lines.flatMap((line) => line.parts),
    surplus,
    context.catalogue,
  ).map(({ keep, ...one }) => ({
    ...one,
    name: nameFor(context, surplus.find((lot) => lot.lotId === one.lotId)?.ingredient ?? ""),
    words: trimWords(one.method, keep),
  }));

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
    .filter((s) => s.urgencyWeight > 0.05 && lotGramsPerBatch(formula, s, kitchen) > 0)
    .map((s) => ({ lotId: s.lotId, name: nameFor(context, s.ingredient), grams: s.grams }));
}
