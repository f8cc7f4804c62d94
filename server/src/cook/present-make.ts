import { saltPer100g } from "@apron/core/basket";
import type { MakePart, MakePlan } from "@apron/contract";
import { preparationsFor, roundingEffects, saidIn, type MakePlan as CorePlan } from "@apron/core/cook";
import {
  formWords,
  nameOnceCooked,
  needsNoTrimming,
  piecesToTake,
  toDoWords,
  trimWords,
} from "@apron/core/forms";
import {
  capacityOf,
  containerSizes,
  defaultContainer,
  fewestFor,
  fillFraction,
  placesFor,
  useByWith,
} from "@apron/core/larder";
import { accept, addDays, type Day } from "@apron/core/measure";
import {
  additionSteps,
  allergensOf,
  dinersOf,
  gramsInLoads,
  loadsOf,
  lotGramsPerBatch,
  partName,
  partsApart,
  writtenFiller,
  type Formula,
  type Line,
} from "@apron/core/recipes";
import type { Answer } from "../context/refusal.ts";
import type { RequestContext } from "../context/request-context.ts";
import { presentCautions } from "../recipes/read.ts";
import { factsOf, nameFor } from "../stock/present-lot.ts";
import type { PlannedMake } from "./planned-make.ts";
import { priceOf } from "./price-of.ts";
import { useByIn } from "./use-by-of.ts";

type Planned = PlannedMake & { readonly context: RequestContext };
type Part = CorePlan["lines"][number]["parts"][number];

/** What runs out first, by name. */
function limitingOf({ limiting: short, context }: Planned): MakePlan["limiting"] {
  return short && { name: nameFor(context, short.ingredient), batches: short.batches, shortG: short.shortG };
}

/** A planned make as it travels, with everything that the counter needs to know of it. */
export function presentMake(planned: Planned, nextTime: MakePlan["nextTime"]): Answer<MakePlan> {
  const { plan, formula, surplus, context, version, workings } = planned;
  const used = plan.lines.flatMap((l) => l.parts.map((p) => p.ingredient));
  const drawn = plan.lines.flatMap((l) => l.parts.map((p) => ({ ...p, lineId: l.line.id })));
  const made = { formula, drawn, lots: surplus.map((s) => s.lot), part: "" };
  const useBy = datesOf(made, context);
  const containers = containersFor(formula, plan.output.value);
  const { batches, servings, remains, output } = plan;
  return accept({
    version,
    workings,
    recipeId: formula.id,
    name: formula.name,
    kind: formula.kind,
    ...{ batches, servings, remains, output },
    lines: plan.lines.map((l) => presentLine(l, planned)),
    steps: formula.steps,
    left: leftOf(planned),
    nextTime,
    loads: loadsOf(formula, plan.output.value),
    limiting: limitingOf(planned),
    rounding: roundingEffects(plan, context.catalogue),
    canFill: gramsInLoads(formula, 1) !== undefined,
    allergens: allergensOf(used, context.catalogue),
    cautions: presentCautions(formula, drawn, context),
    containers,
    storeIn: storeInOf(planned, containers),
    prepare: prepareOf(planned),
    useBy,
    apart: partsApart(formula.lines).map((part) => ({
      ...{ part, name: partName(part), useBy: datesOf({ ...made, part }, context) },
      containers: containersFor(formula, plan.output.value),
    })),
    leftOut: leftOutOf(planned, useBy.fridge?.on),
    gramsPerMl: formula.gramsPerMl,
    headspace: { fridge: 1 - fillFraction.fridge, freezer: 1 - fillFraction.freezer },
    scaleChoices: scaleChoices(planned),
  });
}

const datesOf = (made: Parameters<typeof useByIn>[1], context: RequestContext): MakePlan["useBy"] => ({
  fridge: useByIn("fridge", made, context),
  freezer: useByIn("freezer", made, context),
});

const presentLine = (line: CorePlan["lines"][number], planned: Planned): MakePlan["lines"][number] => ({
  lineId: line.line.id,
  role: line.line.role,
  preparation: line.line.preparation,
  group: line.line.group,
  wantedG: line.wantedG,
  asBoughtG: line.asBoughtG,
  cookedG: line.cookedG,
  optional: line.line.optional,
  toTaste: line.line.toTaste,
  change: changeOf(line.line, planned),
  parts: line.parts.map((part) => presentPart(part, line.line, planned)),
  others: line.others.map((other) => ({
    ...{ lotId: other.lotId, name: nameFor(planned.context, other.ingredient), grams: other.grams },
    form: formOfLot(other.lotId, planned),
    toDo: toDoWords(other),
    instead: other.isSubstitute,
  })),
});

/** How a line differs from the recipe this once. */
function changeOf({ id }: Line, { changes }: Planned): MakePlan["lines"][number]["change"] {
  if (changes.joined.some((one) => one.id === id)) return "joined";
  return changes.swaps.some((one) => one.lineId === id) ? "swapped" : null;
}

/** Lines that stay out this once, by what they are written with. */
const leftOf = ({ written, changes, context }: Planned): MakePlan["left"] =>
  written.lines
    .filter((line) => changes.leftOut.includes(line.id))
    .map((line) => {
      const ingredient = writtenFiller(line)?.ingredient;
      return { lineId: line.id, name: ingredient ? nameFor(context, ingredient) : line.id };
    });

function presentPart(part: Part, line: Line, planned: Planned): MakePart {
  const { surplus, context } = planned;
  const { ingredient, lotId, from, grams, lotG, inDish, toDo, measured } = part;
  const name = nameFor(context, ingredient);
  return {
    ...{ ingredient, lotId, from, grams, lotG, inDish, ...measured },
    name: part.isCooked ? nameOnceCooked(name) : name,
    toDo: toDo === null ? null : { method: toDo, words: toDoWords(part) ?? "" },
    form: formOfLot(lotId, planned),
    per100gMinor: priceOf(part, { surplus, own: "zero", context }).per100gMinor,
    saltPer100g: saltIn(part, planned),
    gradualAddition: additionSteps(line.gradualAddition, grams),
    pieces: measured.whole ? null : piecesIn(part, lotG, planned),
  };
}

/** The pieces of a lot as it was bought that hold so many grams of it. */
function piecesIn(
  { lotId, pieceG }: Pick<Part, "lotId" | "pieceG">,
  grams: number,
  { surplus, context }: Planned,
): MakePart["pieces"] {
  const lot = surplus.find((one) => one.lotId === lotId);
  const facts = lot && context.catalogue.ingredients.get(lot.ingredient);
  if (!lot || !facts || lot.form !== "whole") return null;
  const name = nameFor(context, lot.ingredient);
  return piecesToTake(grams, lot.grams, { facts, weighedG: lot.pieceG ?? null, saidG: pieceG, name });
}

const saltIn = ({ ingredient, lotId }: Part, { surplus, context }: Planned): number | null =>
  saltPer100g(surplus.find((lot) => lot.lotId === lotId)?.lot.label, factsOf(context, ingredient));

/** The form of a lot in words; nothing of what comes ready to use and is as it came. */
function formOfLot(lotId: string | null, { surplus, context }: Planned): string {
  const lot = surplus.find((one) => one.lotId === lotId);
  const facts = lot && context.catalogue.ingredients.get(lot.ingredient);
  if (!lot || !facts || (lot.form === "whole" && needsNoTrimming(facts))) return "";
  return lot.part ?? formWords(lot.form, lot.method);
}

/** Lots left out for the sake of the date, each with the date of the dish if it went in all the same. */
const leftOutOf = (planned: Planned, without: Day | undefined): MakePlan["leftOut"] =>
  planned.leftOut.map((lot) => {
    const { lotId, usableG: grams } = lot;
    const safe = addDays(planned.context.today, lot.safeDays ?? 0);
    return {
      ...{ lotId, grams, name: nameFor(planned.context, lot.ingredient), form: formOfLot(lotId, planned) },
      useBy: useByWith(safe, without),
    };
  });

/** Containers that were asked for stay what is proposed; else what suits the kind of dish. */
function storeInOf({ formula, scale }: Planned, options: MakePlan["containers"]): MakePlan["storeIn"] {
  if (scale.kind === "containers") {
    const { container: kind, place, count } = scale;
    return { kind, place, count };
  }
  const first = options.find((one) => one.kind === defaultContainer(formula.kind)) ?? options[0];
  return first ? { kind: first.kind, place: first.place, count: null } : null;
}

function prepareOf(planned: Planned): MakePlan["prepare"] {
  const { plan, surplus, context } = planned;
  const parts = plan.lines.flatMap((line) => line.parts);
  return preparationsFor(parts, surplus, context.catalogue).map(({ keep, ...one }) => ({
    ...one,
    name: nameFor(context, surplus.find((lot) => lot.lotId === one.lotId)?.ingredient ?? ""),
    words: trimWords(one.method, keep),
    pieces: piecesIn(
      { lotId: one.lotId, pieceG: saidIn(parts.filter((part) => part.lotId === one.lotId)) },
      one.rawG,
      planned,
    ),
  }));
}

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
