import { learnKeeping } from "@apron/core/basket";
import type { Catalogue } from "@apron/core/catalogue";
import { daysBetween } from "@apron/core/measure";
import type { RequestContext } from "../context/request-context.ts";
import { freshnessOf } from "./present-lot.ts";
import type { LotRecord } from "../context/ports/lot.store.ts";

/**
 * Learns from a lot that went off, or was found not to have: dates of what is on hand follow. A lot says something of
 * keeping only where it went off whole, in the place it came in to.
 */
export async function learnFromSpoilage(
  lot: LotRecord,
  entryId: string,
  context: RequestContext,
): Promise<void> {
  if (lot.state !== "raw" || lot.moved !== null || lot.place === "freezer") return;
  const { ingredient, place } = lot;
  const days = daysBetween(lot.since, context.today);
  await context.stores.spoilage.add(entryId, { ingredient, place, days });
  await refreshFromHistory(ingredient, context);
}

/** It had not spoiled after all: what was learned from it is forgotten. */
export async function forgetSpoilage(
  lot: LotRecord,
  entryId: string,
  context: RequestContext,
): Promise<void> {
  await context.stores.spoilage.drop(entryId);
  await refreshFromHistory(lot.ingredient, context);
}

async function refreshFromHistory(ingredient: string, context: RequestContext): Promise<void> {
  const experience = learnKeeping(await context.stores.spoilage.history());
  await refreshUseByDates(ingredient, { ...context, experience });
}

/** Works out anew when the lots on hand of an ingredient are to be used by, after what that rests on has changed. */
export async function refreshUseByDates(
  ingredient: string,
  context: Pick<RequestContext, "stores" | "today" | "experience"> & { readonly catalogue: Catalogue },
): Promise<void> {
  for (const lot of await context.stores.lots.onHandOf(ingredient)) {
    const { spoilsOn } = freshnessOf(lot, context);
    if (spoilsOn !== lot.spoilsOn) await context.stores.lots.change(lot.id, { spoilsOn });
  }
}
