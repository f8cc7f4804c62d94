import { accept } from "@apron/core/measure";
import { notFound } from "../context/refusal.ts";
import type { UseCase } from "../context/request-context.ts";
import { presentSession } from "../http/sessions.ts";

/** Remembers what "oz" of something pourable means here; it is not asked again. */
export const setOunceMeaning: UseCase<"setOunceMeaning"> = async ({ body }, context) => {
  if (!context.catalogue.ingredients.has(body.ingredient))
    return notFound("ingredient-unknown", "ingredient");
  const settings = await context.stores.kitchen.changeSettings((now) => ({
    ...now,
    ounces: { ...now.ounces, [body.ingredient]: body.means },
  }));
  return accept(presentSession({ ...context.session, kitchen: { ...context.session.kitchen, settings } }));
};
