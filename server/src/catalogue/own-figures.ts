import type { IngredientDetail } from "@apron/contract";
import { judgeFigure, nameFree, withOwn, type OwnIngredient } from "@apron/core/catalogue";
import { accept } from "@apron/core/measure";
import { restamp } from "../stock/refresh-use-by.ts";
import { notFound, refuseWith, type Answer } from "../context/refusal.ts";
import type { Kit, UseCase } from "../context/request-context.ts";
import { detailOf } from "./present-ingredient.ts";

/** After a change: the kitchen's catalogue has a new revision, and its lots new dates. */
async function afterChange(ingredient: string, kit: Kit): Promise<Answer<IngredientDetail>> {
  await kit.stores.kitchen.catalogueChanged();
  const entries = await kit.stores.own.entries();
  const catalogue = withOwn(kit.reference, entries);
  const facts = catalogue.ingredients.get(ingredient);
  if (!facts) return notFound("ingredient-unknown", "ingredient");
  await restamp(ingredient, { ...kit, catalogue });
  return accept(detailOf(facts, { reference: kit.reference, figures: entries.figures }));
}

/** Adds an ingredient of this kitchen's own; its name must be nobody's yet. */
export const addIngredient: UseCase<"addIngredient"> = async ({ body }, kit) => {
  for (const name of [body.name, ...body.other]) {
    const free = nameFree(name, kit.catalogue);
    if (!free.ok) return refuseWith(free.issue, name === body.name ? "name" : "other");
  }
  const id = nameFree(body.name, kit.catalogue);
  if (!id.ok) return refuseWith(id.issue, "name");
  if (kit.catalogue.ingredients.has(id.value)) return refuseWith({ code: "name-taken" }, "name");
  const own: OwnIngredient = {
    id: id.value,
    us: body.name,
    uk: body.name,
    other: body.other,
    category: body.category,
    strength: 1,
    allergens: body.allergens,
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
  await kit.stores.own.addIngredient(own);
  return afterChange(own.id, kit);
};

/** Sets this kitchen's own figure in place of the handbook's, which stays to be seen. */
export const setFigure: UseCase<"setFigure"> = async ({ body }, kit) => {
  const facts = kit.catalogue.ingredients.get(body.ingredient);
  if (!facts) return notFound("ingredient-unknown", "ingredient");
  const figure = judgeFigure(body, facts);
  if (!figure.ok) return refuseWith(figure.issue, "value");
  await kit.stores.own.setFigure(figure.value);
  return afterChange(facts.id, kit);
};

/** Goes back to the handbook's figure. */
export const dropFigure: UseCase<"dropFigure"> = async ({ body }, kit) => {
  const dropped = await kit.stores.own.dropFigure(body);
  return dropped ? afterChange(body.ingredient, kit) : notFound("figure-unknown", "key");
};
