import { partWanted, partYield, type IngredientFacts } from "../catalogue/index.ts";
import { formAfter, isUsedWhole, trimOf, type FoodWanted } from "../forms/index.ts";
import type { Line } from "./formula.ts";

/**
 * The form that a filler goes into a line in, before the dish's own cooking: by the trim that the line names, else by
 * the filler's usual one; as it comes where nothing is taken off.
 */
export function wantedForm(line: Line, facts: IngredientFacts): FoodWanted {
  // Flowers that lie whole on top are off their stalks all the same.
  const only = line.trim === null && facts.category !== "flower" && isUsedWhole(line.preparation);
  const way = only ? undefined : (trimOf(facts, line.trim) ?? trimOf(facts, null));
  const part = partWanted(line.preparation);
  const off = part && partYield(facts.trims, part);
  if (part && off) {
    const { method, ofRest } = off;
    return { ...asked(line, facts), method, form: "cut", only, part: { name: part, ofRest } };
  }
  return {
    ...asked(line, facts),
    method: way?.method ?? null,
    form: way ? formAfter(way.method) : "whole",
    only,
  };
}

/** What a line asks for whatever its trim: the ingredient, and what its own cooking does to it. */
function asked(line: Line, facts: IngredientFacts): Pick<FoodWanted, "ingredient" | "cook"> {
  const change = facts.changes.find((one) => one.method === line.cook);
  return {
    ingredient: facts.id,
    cook: change ? { method: change.method, form: formAfter(change.method), factor: change.factor } : null,
  };
}
