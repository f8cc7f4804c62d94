import type { KitchenChanged } from "../context/ports/news.ts";
import type { ScaleRecord } from "../context/ports/scale.store.ts";
import type { Deps } from "../context/request-context.ts";
import { simulatedScale } from "./simulated-scale.ts";

/** How often the scale's display is worked out, and how often what has not changed is said all the same. */
const lookMs = 250;
const heartbeatMs = 5000;

/** What one stream is told: the scale's display, and what was changed (null: only the revision is known). */
export type LiveListener = {
  readonly reading: (data: string) => void;
  readonly kitchen: (revision: number, change: KitchenChanged | null) => void;
};

type LiveKitchen = { readonly add: (listener: LiveListener) => () => void };

/**
 * One kitchen, looked at once for all who watch it: its scale and revision are asked of the database when they changed, and the
 * display, which swings and settles by itself, is worked out in memory.
 */
function liveKitchen(kitchenId: string, deps: Deps, whenEmpty: () => void): LiveKitchen {
  const listeners = new Set<LiveListener>();
  let scale: ScaleRecord | undefined;
  let revision = 0;
  let shown = "";
  let saidAt = 0;

  function sayReading(): void {
    if (!scale) return;
    const now = JSON.stringify(simulatedScale.read(scale, deps.now()));
    const isDue = Date.now() - saidAt >= heartbeatMs;
    if (now === shown && !isDue) return;
    [shown, saidAt] = [now, Date.now()];
    for (const one of listeners) one.reading(now);
    if (isDue) for (const one of listeners) one.kitchen(revision, null);
  }
  async function look(): Promise<void> {
    const [found, at] = await deps.database.read(kitchenId, async (stores) => [
      await stores.scale.get(),
      await stores.kitchen.revision(),
    ]);
    scale = found ?? simulatedScale.rest;
    revision = Math.max(revision, at);
    sayReading();
    for (const one of listeners) one.kitchen(revision, null);
  }
  // A database that is away is looked at again when it is back.
  const lookAgain = (): void => void look().catch(() => undefined);
  const stop = deps.news.ofKitchen(kitchenId, {
    changed: (change) => {
      revision = Math.max(revision, change.revision);
      for (const one of listeners) one.kitchen(revision, change);
    },
    scale: lookAgain,
    missed: lookAgain,
  });
  const ticker = setInterval(sayReading, lookMs).unref();
  lookAgain();
  return {
    add: (listener) => {
      listeners.add(listener);
      if (scale) {
        listener.reading(JSON.stringify(simulatedScale.read(scale, deps.now())));
        listener.kitchen(revision, null);
      }
      return () => {
        listeners.delete(listener);
        if (listeners.size > 0) return;
        clearInterval(ticker);
        stop();
        whenEmpty();
      };
    },
  };
}

/** The kitchens that somebody watches, each once. */
export function liveKitchens(deps: Deps): {
  readonly watch: (kitchenId: string, listener: LiveListener) => () => void;
} {
  const known = new Map<string, LiveKitchen>();
  return {
    watch: (kitchenId, listener) => {
      const kitchen = known.get(kitchenId) ?? liveKitchen(kitchenId, deps, () => known.delete(kitchenId));
      known.set(kitchenId, kitchen);
      return kitchen.add(listener);
    },
  };
}
