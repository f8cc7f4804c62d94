import { measureOut } from "@apron/core/cook";
import { accept, showEstimate } from "@apron/core/measure";
import { notFound } from "../context/refusal.ts";
import type { UseCase } from "../context/request-context.ts";
import { readLinesOf } from "../stock/line-reader.ts";
import { weigh } from "../stock/weigh.ts";

/** Grams of an amount, in the kitchen's own units, and as a cook would measure it out. */
export const readAmount: UseCase<"readAmount"> = ({ body }, context) => {
  const facts = context.catalogue.ingredients.get(body.ingredient);
  if (!facts) return Promise.resolve(notFound("ingredient-unknown", "ingredient"));
  const weight = weigh(body.amount, facts, context);
  if (!weight.ok) return Promise.resolve(weight);
  const { units, locale, cup } = context.session.kitchen;
  const { grams, weighed, workings } = weight.value;
  const display = { system: units, locale };
  const shown = showEstimate(grams, display);
  const out = measureOut(grams.value, facts, { cup, display });
  return Promise.resolve(accept({ grams, weighed, workings, shown, ...out }));
};

/** Recipe or market lines, each read into ingredient, amount and grams. */
export const readLines: UseCase<"readLines"> = async ({ body }, context) =>
  accept({ lines: await readLinesOf(body.lines, context) });
