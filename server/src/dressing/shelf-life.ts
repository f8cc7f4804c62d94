import { useBy } from "@apron/core/larder";
import { accept, daysBetween } from "@apron/core/measure";
import { keepingOf } from "@apron/core/recipes";
import { notFound, refuseWith } from "../context/refusal.ts";
import type { UseCase } from "../context/request-context.ts";

/** How long what is left in the jar keeps: by what is in it, never by how sharp it is. */
export const dressingShelfLife: UseCase<"dressingShelfLife"> = ({ query }, context) => {
  const ids = query.ingredients.split(",").filter(Boolean);
  const unknown = ids.find((id) => !context.catalogue.ingredients.has(id));
  if (unknown !== undefined) return Promise.resolve(notFound("ingredient-unknown", "ingredients"));
  const facts = ids.flatMap((id) => context.catalogue.ingredients.get(id) ?? []);
  const dish = {
    madeOn: context.today,
    place: "fridge" as const,
    keeping: keepingOf("dressing", facts),
    clocks: [],
  };
  const dated = useBy(dish, context.catalogue);
  if (!dated.ok) return Promise.resolve(refuseWith(dated.issue, "ingredients"));
  const { on, reason, source, mustNever } = dated.value;
  return Promise.resolve(accept({ on, days: daysBetween(context.today, on), reason, source, mustNever }));
};
