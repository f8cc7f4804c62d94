import type { IngredientDetail } from "@apron/contract";
import { judgeFigure, nameFree, withOwn, type OwnIngredient } from "@apron/core/catalogue";
import { accept } from "@apron/core/measure";
import { refreshUseByDates } from "../stock/refresh-use-by.ts";
import { notFound, refuseWith, type Answer } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { detailOf } from "./present-ingredient.ts";

/** After a change: the kitchen's catalogue has a new revision, and its lots new dates. */
async function afterChange(ingredient: string, context: RequestContext): Promise<Answer<IngredientDetail>> {
  await context.stores.kitchen.catalogueChanged();
  const entries = await context.stores.own.entries();
  const catalogue = withOwn(context.reference, entries);
  const facts = catalogue.ingredients.get(ingredient);
  if (!facts) return notFound("ingredient-unknown", "ingredient");
  await refreshUseByDates(ingredient, { ...context, catalogue });
  return accept(detailOf(facts, { reference: context.reference, figures: entries.figures }));
}

/** Adds an ingredient of this kitchen's own; its name must be nobody's yet. */
export const addIngredient: UseCase<"addIngredient"> = async ({ body }, context) => {
  for (const name of [body.name, ...body.other]) {
    const free = nameFree(name, context.catalogue);
    if (!free.ok) return refuseWith(free.issue, name === body.name ? "name" : "other");
  }
  const id = nameFree(body.name, context.catalogue);
  if (!id.ok) return refuseWith(id.issue, "name");
  if (context.catalogue.ingredients.has(id.value)) return refuseWith({ code: "name-taken" }, "name");
  const own: OwnIngredient = {
    id: id.value,
    us: body.name,
    uk: body.name,
    other: body.other,
    category: body.category,
    strength: 1,
    allergens: body.allergens,
    traits: body.traits,
    ...(body.keepsAs === null ? {} : { keepsAs: body.keepsAs }),
    diet: body.diet,
    tcsWhen: ["cut", "cooked"],
    group: "",
    raw: body.raw,
    rawNote: body.rawNote,
    notes: "",
    source: "your own entry",
    confidence: "medium",
    basis: "own",
  };
  await context.stores.own.addIngredient(own);
  return afterChange(own.id, context);
};

/** Sets this kitchen's own figure in place of the handbook's, which stays to be seen. */
export const setFigure: UseCase<"setFigure"> = async ({ body }, context) => {
  const facts = context.catalogue.ingredients.get(body.ingredient);
  if (!facts) return notFound("ingredient-unknown", "ingredient");
  const figure = judgeFigure(body, facts);
  if (!figure.ok) return refuseWith(figure.issue, "value");
  await context.stores.own.setFigure(figure.value);
  return afterChange(facts.id, context);
};

/** Goes back to the handbook's figure. */
export const dropFigure: UseCase<"dropFigure"> = async ({ body }, context) => {
  const dropped = await context.stores.own.dropFigure(body);
  return dropped ? afterChange(body.ingredient, context) : notFound("figure-unknown", "key");
};
