import { keepingVersion } from "@apron/core/keeping";
import { mayRelabel } from "@apron/core/larder";
import { accept } from "@apron/core/measure";
import { buildContext } from "../context/build-context.ts";
import type { KitchenCatalogues } from "../context/kitchen-catalogue.ts";
import { programSession } from "../context/program-session.ts";
import type { StoredContainer } from "../context/ports/larder.store.ts";
import type { Deps, RequestContext } from "../context/request-context.ts";
import { madeFormula } from "../recipes/made-formula.ts";
import { refreshUseByDates } from "../stock/refresh-use-by.ts";
import { dateOf, useByIn } from "./use-by-of.ts";

/**
 * Works out anew the dates of every kitchen whose dates come from older rules: what is in stock, and what is stored. A
 * label never gets a later date by it, only an earlier one. Whatever kitchen fails keeps its dates and is tried again at
 * the next start.
 */
export async function redateKitchens(deps: Deps, catalogues: KitchenCatalogues): Promise<void> {
  for (const kitchen of await deps.database.authStore.kitchensDatedBefore(keepingVersion)) {
    const claim = {
      kitchenId: kitchen.id,
      key: deps.newId(),
      fingerprint: `dates by rules ${keepingVersion}`,
      at: deps.now(),
    };
    try {
      await deps.database.write(claim, async (stores) => {
        await redate(await buildContext(stores, programSession(kitchen), { deps, catalogues }));
        return accept(null);
      });
    } catch (error) {
      deps.log("dates not worked out anew", { kitchen: kitchen.id, error: String(error) });
    }
  }
}

/** Nobody asks: the program does it by itself. */

async function redate(context: RequestContext): Promise<void> {
  const { lots, larder, kitchen } = context.stores;
  const ingredients = new Set((await lots.onHand()).map((lot) => lot.ingredient));
  for (const ingredient of ingredients) await refreshUseByDates(ingredient, context);
  for (const stored of await larder.listStored()) await redateContainer(stored, context);
  await kitchen.dated(keepingVersion);
}

async function redateContainer(stored: StoredContainer, context: RequestContext): Promise<void> {
  const formula = await madeFormula(stored, context);
  if (!formula) return;
  const drawn = await context.stores.larder.inputsOf(stored.batchId);
  const lots = await context.stores.lots.getMany(drawn.flatMap((input) => input.lotId ?? []));
  const asMade = { ...context, today: stored.madeOn };
  const date = useByIn(stored.place, { formula, drawn, lots, part: stored.part }, asMade);
  if (date && mayRelabel(stored.useBy, date.on)) await context.stores.larder.redate(stored.id, dateOf(date));
}
