import { accept } from "@apron/core/measure";
import { notFound } from "../context/refusal.ts";
import type { UseCase } from "../context/request-context.ts";
import { detailOf, factsSent, summaryOf } from "./present-ingredient.ts";

/** Every ingredient by name. */
export const listIngredients: UseCase<"listIngredients"> = (_input, context) =>
  Promise.resolve(accept([...context.catalogue.ingredients.values()].map(summaryOf)));

/** One ingredient with every figure, its source, and the handbook's beside this kitchen's own. */
export const getIngredient: UseCase<"getIngredient"> = async ({ params }, context) => {
  const facts = context.catalogue.ingredients.get(params.id);
  if (!facts) return notFound("ingredient-unknown");
  const { figures } = await context.stores.own.entries();
  return accept(detailOf(facts, { reference: context.reference, figures }));
};

/** The whole catalogue as this kitchen sees it, for what is worked out in the browser. */
export const getCatalogue: UseCase<"getCatalogue"> = (_input, context) =>
  Promise.resolve(
    accept({
      revision: Number(context.session.kitchen.catalogueRevision),
      ingredients: [...context.catalogue.ingredients.values()].map(factsSent),
      keeping: context.catalogue.keeping.map(({ subject, name, place, cautiousDays }) => ({
        subject,
        name,
        place,
        days: cautiousDays,
      })),
    }),
  );
