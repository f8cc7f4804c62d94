import { accept } from "@apron/core/measure";
import { wordForWord } from "@apron/core/recipes";
import type { UseCase } from "../context/request-context.ts";
import { keepNew } from "../recipes/write.ts";

/** Each recipe is kept or refused on its own; those that are here already word for word are left alone. */
export const importRecipes: UseCase<"importRecipes"> = async ({ body }, context) => {
  const here = await context.stores.recipes.all();
  const known = new Set(here.map((record) => wordForWord(record.formula)));
  const taken = new Set(here.map((record) => record.formula.id));
  const saved: { id: string; name: string; version: number; at: number }[] = [];
  const same: string[] = [];
  const refused: { name: string; code: string; line: number | null }[] = [];
  for (const [at, formula] of body.formulas.entries()) {
    if (known.has(wordForWord(formula))) {
      same.push(formula.name);
      continue;
    }
    const kept = await keepNew(formula, taken, context);
    if (kept.ok) saved.push({ ...kept.value, at });
    else {
      const line = Number(/lines\.(\d+)/.exec(kept.issue.field ?? "")?.[1] ?? Number.NaN);
      refused.push({ name: formula.name, code: kept.issue.code, line: Number.isNaN(line) ? null : line });
    }
    known.add(wordForWord(formula));
  }
  return accept({ saved, same, refused });
};
