import { cutText, accept } from "@apron/core/measure";
import {
  adaptFormula,
  allergensOf,
  dinersOf,
  dietsOf,
  substitutionsFor,
  suits,
  writtenFiller,
  writtenIngredients,
  type Substitution,
} from "@apron/core/recipes";
import { nameFor } from "../stock/present-lot.ts";
import { notFound } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { expandedRecipe } from "./library.ts";

const presentSwap = (swap: Substitution, context: RequestContext) => ({
  ...swap,
  name: nameFor(context, swap.ingredient),
});

/** The same formula with other fillings; sub-recipes are opened up, since what must go may be in one. Saves nothing. */
export const adaptRecipe: UseCase<"adaptRecipe"> = async ({ params, body }, context) => {
  const found = await expandedRecipe(params.id, context);
  if (!found) return notFound("recipe-unknown");
  const adapted = adaptFormula(found.formula, body, context.catalogue);
  const used = writtenIngredients(adapted.formula);
  const { id: _id, ...formula } = adapted.formula;
  return accept({
    formula: {
      ...formula,
      name: cutText(`${formula.name}, ${[...body.diets, ...body.without].join(", ")}`, 120),
    },
    changes: adapted.changes.map(({ lineId, from, fromG, to }) => ({
      lineId,
      from: nameFor(context, from),
      fromG,
      to: presentSwap(to, context),
    })),
    leftOut: adapted.leftOut,
    cannot: adapted.cannot.map(({ lineId, ingredient }) => ({ lineId, name: nameFor(context, ingredient) })),
    saltChangeG: adapted.saltChangeG,
    allergens: allergensOf(used, context.catalogue),
    diets: dietsOf(used, context.catalogue),
  });
};

export const substitutions: UseCase<"substitutions"> = async ({ params, query }, context) => {
  const found = await expandedRecipe(params.id, context);
  const line = found?.formula.lines.find((one) => one.id === params.line);
  const ingredient = line && writtenFiller(line)?.ingredient;
  if (!line || ingredient === undefined) return notFound(found ? "line-unknown" : "recipe-unknown");
  const diners = dinersOf(context.session.kitchen.settings.eaters);
  const offered = substitutionsFor({ ...line, grams: line.grams * query.batches }, ingredient, {
    catalogue: context.catalogue,
    suits: (facts) => suits(facts, diners),
  });
  return accept({ substitutions: offered.map((swap) => presentSwap(swap, context)) });
};
