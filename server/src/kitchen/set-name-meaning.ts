import { meaningKey } from "@apron/core/catalogue";
import { accept } from "@apron/core/measure";
import type { UseCase } from "../context/request-context.ts";
import { notFound } from "../context/refusal.ts";
import { presentSession } from "../http/sessions.ts";

/** Names that a kitchen may have answered for; beyond it the oldest answer goes. */
const mostMeanings = 1000;

/** Remembers which food a name means here ("mixed leaves"); it is not asked again. Null forgets it. */
export const setNameMeaning: UseCase<"setNameMeaning"> = async ({ body }, context) => {
  const { name, ingredient } = body;
  if (ingredient !== null && !context.catalogue.ingredients.has(ingredient))
    return notFound("ingredient-unknown", "ingredient");
  const key = meaningKey(name);
  const settings = await context.stores.kitchen.changeSettings((now) => {
    const others = Object.entries(now.meanings ?? {}).filter(([known]) => known !== key);
    const all = ingredient === null || key === "" ? others : [...others, [key, ingredient] as const];
    return { ...now, meanings: Object.fromEntries(all.slice(-mostMeanings)) };
  });
  return accept(presentSession({ ...context.session, kitchen: { ...context.session.kitchen, settings } }));
};
