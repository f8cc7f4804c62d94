import type { Lot } from "@apron/contract";
import { freshness, isUntrimmed, useFirstBand, type AgeingLot, type Freshness } from "@apron/core/basket";
import { nameOf, type IngredientFacts } from "@apron/core/catalogue";
import { piecesLeft } from "@apron/core/forms";
import { invariant } from "@apron/core/measure";
import type { RequestContext } from "../context/request-context.ts";
import type { LotRecord } from "../context/ports/lot.store.ts";

type View = Pick<RequestContext, "catalogue" | "today" | "session" | "experience">;

/** The facts of an ingredient that a stored row names; rows only ever name catalogue ingredients. */
export function factsOf(view: Pick<RequestContext, "catalogue">, ingredient: string): IngredientFacts {
  const facts = view.catalogue.ingredients.get(ingredient);
  invariant(facts !== undefined, `stored ingredient ${ingredient} is not in the catalogue`);
  return facts;
}

export const nameFor = (view: Pick<RequestContext, "catalogue" | "session">, ingredient: string): string =>
  nameOf(factsOf(view, ingredient), view.session.kitchen.dialect);

/** What of a stored lot its ageing depends on. */
export type AgeingRecord = AgeingLot & Pick<LotRecord, "ingredient">;

export const freshnessOf = (
  lot: AgeingRecord,
  view: Pick<RequestContext, "catalogue" | "today" | "experience">,
): Freshness => freshness(lot, factsOf(view, lot.ingredient), view);

/** A lot as it travels, with its freshness today. */
export function presentLot(lot: LotRecord, view: View): Lot {
  const fresh = freshnessOf(lot, view);
  return {
    id: lot.id,
    ingredient: lot.ingredient,
    name: nameFor(view, lot.ingredient),
    state: lot.state,
    untrimmed: isUntrimmed(lot, factsOf(view, lot.ingredient)),
    method: lot.method,
    grade: lot.grade,
    source: { kind: lot.sourceKind, note: lot.sourceNote },
    place: lot.place,
    since: lot.since,
    grams: lot.balanceG,
    estimate:
      lot.estimateLow !== null && lot.estimateHigh !== null
        ? { value: lot.receivedG, low: lot.estimateLow, high: lot.estimateHigh }
        : null,
    priceMinor: lot.priceMinor,
    note: lot.note,
    part: lot.part,
    pieces: lot.pieceG === null ? null : { left: piecesLeft(lot.balanceG, lot.pieceG), eachG: lot.pieceG },
    condition: lot.condition,
    intakeId: lot.intakeId,
    bedId: lot.bedId,
    label: lot.label,
    freshness: { ...fresh, band: useFirstBand(fresh.daysLeft) },
  };
}
