import type { UseBy } from "@apron/contract";
import {
  daysAfterThawing,
  hazardsOf,
  hazardsOfPart,
  useBy,
  type IngredientClock,
  type Used,
} from "@apron/core/larder";
import { partOnly, type Formula } from "@apron/core/recipes";
import { freshnessOf, nameFor } from "../stock/present-lot.ts";
import type { ContainerDate } from "../context/ports/larder.store.ts";
import type { LotRecord } from "../context/ports/lot.store.ts";
import type { RequestContext } from "../context/request-context.ts";

type Made = {
  readonly formula: Formula;
  readonly drawn: readonly (Used & { readonly lotId: string | null })[];
  readonly lots: readonly LotRecord[];
  /** The part of the dish that it is, kept by itself; "" of a whole dish. */
  readonly part: string;
};

/** Safety clocks of the lots that go in uncooked: a leaf cut three days ago is not new again in a pesto. */
function clocksOf({ formula, drawn, lots }: Made, context: RequestContext): IngredientClock[] {
  return drawn.flatMap(({ lineId, lotId }) => {
    const lot = lots.find((l) => l.id === lotId);
    // What stands in no line is not known to have been cooked.
    const cook = formula.lines.find((l) => l.id === lineId)?.cook ?? null;
    if (!lot || cook !== null) return [];
    const fresh = freshnessOf(lot, context);
    return fresh.safeUntil === null
      ? []
      : [{ name: nameFor(context, lot.ingredient), lastDay: fresh.safeUntil }];
  });
}

/** A use-by as it is kept with a container. */
export const dateOf = ({ on, practice, ...date }: UseBy): ContainerDate => ({
  ...date,
  useBy: on,
  practiceFrom: practice?.from ?? null,
  practiceTo: practice?.to ?? null,
});

/** What was made, as if it were only its part. */
function ofPart(made: Made): Pick<Made, "formula" | "drawn"> {
  const formula = partOnly(made.formula, made.part);
  const ids = new Set(formula.lines.map(({ id }) => id));
  return { formula, drawn: made.drawn.filter(({ lineId }) => ids.has(lineId)) };
}

/** The use-by of a dish made today, or of a part of it, in one place; null where it is not kept. */
export function useByIn(place: "fridge" | "freezer", made: Made, context: RequestContext): UseBy | null {
  const { catalogue } = context;
  const { formula, drawn } = made.part === "" ? made : ofPart(made);
  const hazards = made.part === "" ? hazardsOf : hazardsOfPart;
  const dish = {
    madeOn: context.today,
    keeping: formula.keeping,
    clocks: clocksOf({ ...made, drawn }, context),
    hazards: hazards(formula, drawn, catalogue),
  };
  const dated = useBy({ ...dish, place }, catalogue);
  if (!dated.ok) return null;
  const { on, limit, reason, source, practice, mustNever } = dated.value;
  const chilled = place === "freezer" ? useBy({ ...dish, place: "fridge" }, catalogue) : undefined;
  const thawDays = chilled?.ok ? daysAfterThawing(context.today, chilled.value.on, catalogue) : null;
  return { on, limit, reason, source, practice, mustNever, thawDays };
}
