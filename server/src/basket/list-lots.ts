import { searchNames } from "@apron/core/catalogue";
import { accept } from "@apron/core/measure";
import type { UseCase } from "../context/request-context.ts";
import { presentLot } from "../stock/present-lot.ts";
import type { LotFilter } from "../context/ports/lot.store.ts";

const cursorPattern = /^(\d{4}-\d{2}-\d{2})_([0-9a-f-]{36})$/;

const readCursor = (cursor: string | undefined): LotFilter["after"] => {
  const [, spoilsOn, id] = cursorPattern.exec(cursor ?? "") ?? [];
  return spoilsOn && id ? { spoilsOn, id } : undefined;
};

/** Lots on hand, use first first, a page at a time. A cursor nobody made starts from the beginning. */
export const listLots: UseCase<"listLots"> = async ({ query }, context) => {
  const ingredients = query.text
    ? searchNames(query.text, context.catalogue.ingredients.values()).map((found) => found.id)
    : undefined;
  const after = readCursor(query.after);
  const found = await context.stores.lots.page({
    state: query.state,
    place: query.place,
    source: query.source,
    ingredients,
    after,
    limit: query.limit + 1,
  });
  const lots = found.slice(0, query.limit);
  const last = lots.at(-1);
  const next = found.length > query.limit && last ? `${last.spoilsOn}_${last.id}` : null;
  return accept({ lots: lots.map((lot) => presentLot(lot, context)), next });
};
