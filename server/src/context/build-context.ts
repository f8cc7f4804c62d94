import { learnKeeping } from "@apron/core/basket";
import { dayIn } from "@apron/core/measure";
import type { KitchenCatalogues } from "./kitchen-catalogue.ts";
import { forMyself, type Once } from "./once.ts";
import type { SessionRecord } from "./ports/kitchen.store.ts";
import type { Deps, RequestContext } from "./request-context.ts";
import type { Stores } from "./stores.ts";

/** What a use case works with, put together for one transaction of a kitchen. */
export async function buildContext(
  stores: Stores,
  session: SessionRecord,
  {
    deps,
    catalogues,
    once = forMyself,
  }: { readonly deps: Deps; readonly catalogues: KitchenCatalogues; readonly once?: Once },
): Promise<RequestContext> {
  const now = deps.now();
  return {
    stores,
    session,
    now,
    today: dayIn(now, session.kitchen.timeZone),
    reference: deps.catalogue,
    catalogue: await catalogues.of(session.kitchen, stores.own),
    experience: learnKeeping(await stores.spoilage.history()),
    newId: deps.newId,
    priceBoard: deps.priceBoard,
    workers: deps.workers,
    backups: deps.backups,
    searchMs: deps.searchMs,
    once,
  };
}
