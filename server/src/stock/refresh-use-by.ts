import { learnKeeping } from "@apron/core/basket";
import type { Catalogue } from "@apron/core/catalogue";
import type { Kit } from "../context/request-context.ts";
import { freshnessOf } from "./present-lot.ts";
import type { LotRecord } from "../context/ports/lot.store.ts";

/** Learns from a lot that went off, or was found not to have: dates of what is on hand follow. */
export async function seenGoingOff(lot: Pick<LotRecord, "ingredient" | "state">, kit: Kit): Promise<void> {
  if (lot.state !== "raw") return;
  const wentOff = await kit.stores.lots.wentOff();
  await kit.stores.kitchen.change({ settings: { ...kit.asker.kitchen.settings, wentOff } });
  await restamp(lot.ingredient, { ...kit, experience: learnKeeping(wentOff) });
}

/** Works out anew when the lots on hand of an ingredient are to be used by, after what that rests on has changed. */
export async function restamp(
  ingredient: string,
  kit: Pick<Kit, "stores" | "today" | "experience"> & { readonly catalogue: Catalogue },
): Promise<void> {
  for (const lot of await kit.stores.lots.onHandOf(ingredient)) {
    const { spoilsOn } = freshnessOf(lot, kit);
    if (spoilsOn !== lot.spoilsOn) await kit.stores.lots.change(lot.id, { spoilsOn });
  }
}
