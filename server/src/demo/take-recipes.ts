import { accept } from "@apron/core/measure";
import type { UseCase } from "../context/request-context.ts";
import { starterSet } from "./starter-set.ts";

/** Copies the demo's recipes into this kitchen; those whose id is here already are left alone. */
export const takeDemoRecipes: UseCase<"takeDemoRecipes"> = async (_input, context) => {
  const here = new Set((await context.stores.recipes.all()).map((recipe) => recipe.formula.id));
  const missing = starterSet.filter((formula) => !here.has(formula.id));
  const about = { at: context.now, memberId: context.session.memberId, note: "" };
  for (const formula of missing) await context.stores.recipes.save(formula, 1, about);
  return accept({ saved: missing.length });
};
