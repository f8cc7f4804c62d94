import type { IngredientFacts } from "../catalogue/index.ts";
import { formAfter, isUsedWhole, trimOf, type FoodWanted } from "../forms/index.ts";
import type { Line } from "./formula.ts";

/**
 * The form that a filler goes into a line in, before the dish's own cooking: by the trim that the line names, else by
 * the filler's usual one; as it comes where nothing is taken off.
 */
export function wantedForm(line: Line, facts: IngredientFacts): FoodWanted {
  const only = line.trim === null && isUsedWhole(line.preparation);
  const way = only ? undefined : (trimOf(facts, line.trim) ?? trimOf(facts, null));
  const change = facts.changes.find((one) => one.method === line.cook);
  return {
    ingredient: facts.id,
    method: way?.method ?? null,
    form: way ? formAfter(way.method) : "whole",
    only,
    cook: change ? { method: change.method, form: formAfter(change.method), factor: change.factor } : null,
  };
}
