import type { PlateView } from "@apron/contract";
import { accept } from "@apron/core/measure";
import {
  bowlFor,
  bySaltAndRest,
  dressByWeight,
  layersOf,
  roastedG,
  saltBudget,
  traysFor,
  usualSaltPercent,
  voicesOf,
} from "@apron/core/plate";
import { timesFormula, writtenFiller, writtenWeight, type Formula, type Line } from "@apron/core/recipes";
import { nameFor } from "../stock/present-lot.ts";
import { provenance } from "@apron/core/catalogue";
import { notFound } from "../context/refusal.ts";
import type { Kit, UseCase } from "../context/request-context.ts";
import { ownRates } from "../dressing/own-rates.ts";
import { subRecipeNames, wholeRecipe } from "../recipes/library.ts";

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
  const { handG, rest } = bySaltAndRest(formula, kit.catalogue);
  const parts = rest.map((line) => {
    const ingredient = writtenFiller(line)?.ingredient ?? "";
    return { ingredient, grams: line.grams, labelSaltG: labels.get(ingredient) ?? null };
  });
  const budget = saltBudget(parts, usualSaltPercent[formula.kind], kit.catalogue);
  const { targetPercent, carried, addG, range, alreadyOver, workings } = budget;
  const unknown = [...new Set(budget.unknown)].map((id) => nameFor(kit, id));
  return { targetPercent, carried, inFormulaG: handG, addG, range, alreadyOver, unknown, workings };
}

/** By the recipe as it is kept: a line that another recipe makes is a dressing as a whole. */
function dressingOf(formula: Formula, kit: Kit): PlateView["dressing"] {
  const dressed = dressByWeight(formula, kit.catalogue, (group) => ownRates(group, kit));
  if (!dressed) return null;
  const { rate, ...amounts } = dressed;
  return { ...amounts, when: rate.when, source: provenance(rate) };
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
    trays: traysFor(roastedG(formula)),
  });
};
