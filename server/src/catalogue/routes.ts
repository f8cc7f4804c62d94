import { measureOut } from "@apron/core/cook";
import { readLine } from "@apron/core/catalogue";
import { accept, showEstimate } from "@apron/core/measure";
import { readerOf } from "../basket/log-intake.ts";
import { weigh } from "../stock/weigh.ts";
import { notFound } from "../context/refusal.ts";
import type { UseCase, UseCases } from "../context/request-context.ts";
import { chainYields, weighTray } from "../trim/yield-chain.ts";
import { addIngredient, dropFigure, setFigure } from "./own-figures.ts";
import { detailOf, factsSent, summaryOf } from "./present-ingredient.ts";

const listIngredients: UseCase<"listIngredients"> = (_input, kit) =>
  Promise.resolve(accept([...kit.catalogue.ingredients.values()].map(summaryOf)));

const getIngredient: UseCase<"getIngredient"> = async ({ params }, kit) => {
  const facts = kit.catalogue.ingredients.get(params.id);
  if (!facts) return notFound("ingredient-unknown");
  const { figures } = await kit.stores.own.entries();
  return accept(detailOf(facts, { reference: kit.reference, figures }));
};

const getCatalogue: UseCase<"getCatalogue"> = (_input, kit) =>
  Promise.resolve(
    accept({
      revision: Number(kit.asker.kitchen.catalogueRevision),
      ingredients: [...kit.catalogue.ingredients.values()].map(factsSent),
      keeping: kit.catalogue.keeping.map(({ subject, name, place, cautiousDays }) => ({
        subject,
        name,
        place,
        days: cautiousDays,
      })),
    }),
  );

/** Grams of an amount, in the kitchen's own units, and as a cook would measure it out. */
const readAmount: UseCase<"readAmount"> = ({ body }, kit) => {
  const facts = kit.catalogue.ingredients.get(body.ingredient);
  if (!facts) return Promise.resolve(notFound("ingredient-unknown", "ingredient"));
  const weight = weigh(body.amount, facts, kit);
  if (!weight.ok) return Promise.resolve(weight);
  const { units, locale, cup } = kit.asker.kitchen;
  const { grams, weighed, workings } = weight.value;
  const display = { system: units, locale };
  const shown = showEstimate(grams, display);
  const out = measureOut(grams.value, facts, { cup, display });
  return Promise.resolve(accept({ grams, weighed, workings, shown, ...out }));
};

const readLines: UseCase<"readLines"> = ({ body }, kit) => {
  const reader = readerOf(kit);
  return Promise.resolve(accept({ lines: body.lines.map((line) => readLine(line, reader)) }));
};

export const catalogueUseCases = {
  listIngredients,
  getIngredient,
  getCatalogue,
  addIngredient,
  setFigure,
  dropFigure,
  readAmount,
  readLines,
  chainYields,
  weighTray,
} satisfies UseCases<
  | "listIngredients"
  | "getIngredient"
  | "getCatalogue"
  | "addIngredient"
  | "setFigure"
  | "dropFigure"
  | "readAmount"
  | "readLines"
  | "chainYields"
  | "weighTray"
>;
