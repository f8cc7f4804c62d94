import type { PlateView } from "@apron/contract";
import { dressingFor } from "@apron/core/dressing";
import { accept } from "@apron/core/measure";
import {
  bowlFor,
  layersOf,
  rateFor,
  saltBudget,
  traysFor,
  usualSaltPercent,
  voicesOf,
} from "@apron/core/plate";
import { timesFormula, writtenFiller, writtenWeight, type Formula, type Line } from "@apron/core/recipes";
import { nameFor } from "../basket/present-lot.ts";
import { provenance } from "@apron/core/catalogue";
import { notFound } from "../http/refusal.ts";
import type { Kit, UseCase } from "../kit.ts";
import { ownRates } from "../dressing/own-rates.ts";
import { subRecipeNames, wholeRecipe } from "./library.ts";

const isHandSalt = (line: Line, kit: Kit): boolean =>
  kit.catalogue.ingredients.get(writtenFiller(line)?.ingredient ?? "")?.group === "salt";

/** Salt of the labels in the basket, where one of this ingredient has been read. */
async function labelSalts(kit: Kit): Promise<ReadonlyMap<string, number>> {
  const lots = await kit.stores.lots.onHand();
  return new Map(
    lots.flatMap((lot) =>
      lot.label?.saltG === null || lot.label?.saltG === undefined
        ? []
        : [[lot.ingredient, lot.label.saltG] as const],
    ),
  );
}

async function saltOf(formula: Formula, kit: Kit): Promise<PlateView["salt"]> {
  const labels = await labelSalts(kit);
  const hand = formula.lines.filter((line) => isHandSalt(line, kit));
  const parts = formula.lines
    .filter((line) => !hand.includes(line))
    .map((line) => {
      const ingredient = writtenFiller(line)?.ingredient ?? "";
      return { ingredient, grams: line.grams, labelSaltG: labels.get(ingredient) ?? null };
    });
  const budget = saltBudget(parts, usualSaltPercent[formula.kind], kit.catalogue);
  const { targetPercent, carried, addG, range, alreadyOver, workings } = budget;
  const inFormulaG = hand.reduce((total, line) => total + line.grams, 0);
  const unknown = [...new Set(budget.unknown)].map((id) => nameFor(kit, id));
  return { targetPercent, carried, inFormulaG, addG, range, alreadyOver, unknown, workings };
}

const dressed = ["oil", "acid", "sweet"];

/** By the recipe as it is kept: a line that another recipe makes is a dressing as a whole. */
function dressingOf(formula: Formula, kit: Kit): PlateView["dressing"] {
  const rate = rateFor(formula, kit.catalogue);
  if (!rate) return null;
  const isDressing = (line: Line): boolean => line.recipe !== null || dressed.includes(line.role);
  const sum = (lines: readonly Line[]): number => lines.reduce((total, line) => total + line.grams, 0);
  const leavesG = sum(formula.lines.filter((line) => !isDressing(line) && !isHandSalt(line, kit)));
  return {
    leavesG,
    needed: dressingFor(leavesG, rate, ownRates(rate.group, kit)),
    inFormulaG: sum(formula.lines.filter(isDressing)),
    when: rate.when,
    source: provenance(rate),
  };
}

/** How a dish goes on the plate, as written, for so many batches. */
export const plateRecipe: UseCase<"plateRecipe"> = async ({ params, query }, kit) => {
  const found = await wholeRecipe(params.id, kit);
  if (!found) return notFound("recipe-unknown");
  const { batches } = query;
  const formula = timesFormula(found.formula, batches);
  const written = timesFormula(found.written, batches);
  const recipes = await subRecipeNames(written, kit);
  const voices = voicesOf(formula, kit.catalogue);
  const roasted = formula.lines.filter((line) => line.cook?.startsWith("roast"));
  const nameOfLine = (line: Line): string =>
    line.recipe === null
      ? nameFor(kit, writtenFiller(line)?.ingredient ?? "")
      : (recipes[line.recipe] ?? line.recipe);
  return accept({
    layers: layersOf(written, kit.catalogue).map(({ layer, lineIds }) => ({
      layer,
      parts: written.lines
        .filter((line) => lineIds.includes(line.id))
        .map((line) => ({ lineId: line.id, name: nameOfLine(line), grams: line.grams })),
    })),
    dressing: dressingOf(written, kit),
    salt: await saltOf(formula, kit),
    leads: voices.leads.map((id) => nameFor(kit, id)),
    tooMany: voices.tooMany,
    clashes: voices.clashes.map(({ kind, ingredients }) => ({
      kind,
      names: ingredients.map((id) => nameFor(kit, id)),
    })),
    bowl: bowlFor(writtenWeight(formula, kit.catalogue).value, formula),
    trays: traysFor(roasted.reduce((total, line) => total + line.grams, 0)),
  });
};
