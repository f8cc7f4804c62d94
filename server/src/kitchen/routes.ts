import { accept } from "@apron/core/measure";
import { notFound, refuseWith } from "../context/refusal.ts";
import type { UseCase, UseCases } from "../context/request-context.ts";
import { presentSession } from "../http/sessions.ts";

/** Only locales and currencies that can be written out are taken. */
const known = (kind: "currency", value: string): boolean => Intl.supportedValuesOf(kind).includes(value);

/** Changes how the kitchen measures, names and writes things. */
const changeKitchen: UseCase<"changeKitchen"> = async ({ body }, kit) => {
  if (body.currency !== undefined && !known("currency", body.currency))
    return refuseWith({ code: "currency-unknown" }, "currency");
  if (body.locale !== undefined && Intl.NumberFormat.supportedLocalesOf([body.locale]).length === 0)
    return refuseWith({ code: "locale-unknown" }, "locale");
  await kit.stores.kitchen.change(body);
  const kitchen = { ...kit.asker.kitchen, ...(body as Partial<typeof kit.asker.kitchen>) };
  return accept(presentSession({ ...kit.asker, kitchen }));
};

/** Remembers what "oz" of something pourable means here; it is not asked again. */
const sayOunces: UseCase<"sayOunces"> = async ({ body }, kit) => {
  if (!kit.catalogue.ingredients.has(body.ingredient)) return notFound("ingredient-unknown", "ingredient");
  const before = kit.asker.kitchen.settings;
  const settings = { ...before, ounces: { ...before.ounces, [body.ingredient]: body.means } };
  await kit.stores.kitchen.change({ settings });
  return accept(presentSession({ ...kit.asker, kitchen: { ...kit.asker.kitchen, settings } }));
};

export const kitchenUseCases = { changeKitchen, sayOunces } satisfies UseCases<"changeKitchen" | "sayOunces">;
