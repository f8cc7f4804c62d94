import type { IngredientSummary } from "@apron/contract";
import { comesReady, mayBeForaged } from "@apron/core/basket";
import type { IngredientFacts } from "@apron/core/catalogue";
import { accept } from "@apron/core/measure";
import { weigh } from "../basket/log-lot.ts";
import { notFound } from "../http/refusal.ts";
import type { UseCase, UseCases } from "../kit.ts";

const dryCategories = ["salt-condiment", "spice", "grain", "sweet", "oil", "acid", "nut", "seed"];

const usualPlace = (facts: IngredientFacts): IngredientSummary["bestPlace"] =>
  facts.season?.bestPlace ?? (dryCategories.includes(facts.category) ? "cupboard" : "fridge");

const summaryOf = (facts: IngredientFacts): IngredientSummary => ({
  id: facts.id,
  us: facts.us,
  uk: facts.uk,
  other: facts.other,
  category: facts.category,
  raw: facts.raw,
  rawNote: facts.rawNote,
  bestPlace: usualPlace(facts),
  needsTrimming: !comesReady(facts),
  mayBeForaged: mayBeForaged(facts),
});

const listIngredients: UseCase<"listIngredients"> = (_input, kit) =>
  Promise.resolve(accept([...kit.catalogue.ingredients.values()].map(summaryOf)));

const getIngredient: UseCase<"getIngredient"> = ({ params }, kit) => {
  const facts = kit.catalogue.ingredients.get(params.id);
  if (!facts) return Promise.resolve(notFound("ingredient-unknown"));
  return Promise.resolve(
    accept({
      ...summaryOf(facts),
      measures: facts.measures,
      composition: facts.composition ?? null,
      allergens: facts.allergens,
      notes: facts.notes,
      storage: facts.season?.advice ?? null,
    }),
  );
};

const readAmount: UseCase<"readAmount"> = ({ body }, kit) => {
  const facts = kit.catalogue.ingredients.get(body.ingredient);
  return Promise.resolve(
    facts ? weigh(body.amount, facts, kit) : notFound("ingredient-unknown", "ingredient"),
  );
};

export const catalogueUseCases = { listIngredients, getIngredient, readAmount } satisfies UseCases<
  "listIngredients" | "getIngredient" | "readAmount"
>;
