import { hazardsOf, useBy, writtenUse } from "@apron/core/larder";
import { accept, daysBetween } from "@apron/core/measure";
import { fillerOf, keepingOf, lineOf } from "@apron/core/recipes";
import { notFound, refuseWith } from "../context/refusal.ts";
import type { UseCase } from "../context/request-context.ts";

/** How long what is left in the jar keeps: by what is in it, never by how sharp it is. */
export const dressingShelfLife: UseCase<"dressingShelfLife"> = ({ query }, context) => {
  const ids = query.ingredients.split(",").filter(Boolean);
  const unknown = ids.find((id) => !context.catalogue.ingredients.has(id));
  if (unknown !== undefined) return Promise.resolve(notFound("ingredient-unknown", "ingredients"));
  const facts = ids.flatMap((id) => context.catalogue.ingredients.get(id) ?? []);
  const keeping = keepingOf("dressing", facts);
  // Only what is in it counts here: the amounts are not asked.
  const lines = ids.map((id) => lineOf({ id, role: "bright", grams: 1, fillers: [fillerOf(id)] }));
  const bowl = { kind: "dressing" as const, keeping, lines };
  const dish = {
    madeOn: context.today,
    place: "fridge" as const,
    keeping,
    clocks: [],
    hazards: hazardsOf(bowl, writtenUse(bowl), context.catalogue),
  };
  const dated = useBy(dish, context.catalogue);
  if (!dated.ok) return Promise.resolve(refuseWith(dated.issue, "ingredients"));
  const { on, reason, source, mustNever } = dated.value;
  return Promise.resolve(accept({ on, days: daysBetween(context.today, on), reason, source, mustNever }));
};
