import type { KitchenChanged } from "../context/ports/news.ts";
import type { ScaleRecord } from "../context/ports/scale.store.ts";
import type { Deps } from "../context/request-context.ts";
import { oneAtATime } from "./one-at-a-time.ts";
import { simulatedScale } from "./simulated-scale.ts";

/** How often the scale's display is worked out, and how often what has not changed is said all the same. */
const lookMs = 250;
const heartbeatMs = 5000;

type Watched = Pick<Deps, "database" | "news" | "now">;

/** What one stream is told: the scale's display, and what was changed (null: only the revision is known). */
export type LiveListener = {
  readonly reading: (data: string) => void;
  readonly kitchen: (revision: number, change: KitchenChanged | null) => void;
};

/**
 * One kitchen, looked at once for all who watch it: its scale and revision are asked of the database when they changed, and the
 * display, which swings and settles by itself, is worked out in memory.
 */
class LiveKitchen {
  private readonly listeners = new Set<LiveListener>();
  private readonly stops: (() => void)[] = [];
  private scale: ScaleRecord | undefined;
  private revision = 0;
  private shown = "";
  private saidAt = 0;

  constructor(
    private readonly id: string,
    private readonly deps: Watched,
    private readonly whenEmpty: () => void,
  ) {
    const look = oneAtATime(async () => {
      // A database that is away is looked at again when it is back.
      await this.look().catch(() => undefined);
    });
    const changed = (change: KitchenChanged): void => {
      this.sayRevision(change.revision, change);
    };
    const ticker = setInterval(() => {
      this.sayReading();
    }, lookMs).unref();
    this.stops.push(deps.news.ofKitchen(id, { changed, scale: look, missed: look }), () => {
      clearInterval(ticker);
    });
    look();
  }

  add(listener: LiveListener): () => void {
    this.listeners.add(listener);
    if (this.scale) {
      listener.reading(this.reading(this.scale));
      listener.kitchen(this.revision, null);
    }
    return () => {
      this.listeners.delete(listener);
      if (this.listeners.size > 0) return;
      for (const stop of this.stops) stop();
      this.whenEmpty();
    };
  }

  private reading(scale: ScaleRecord): string {
    return JSON.stringify(simulatedScale.read(scale, this.deps.now()));
  }

  private sayRevision(revision: number, change: KitchenChanged | null): void {
    this.revision = Math.max(this.revision, revision);
    for (const one of this.listeners) one.kitchen(this.revision, change);
  }

  private sayReading(): void {
    if (!this.scale) return;
    const now = this.reading(this.scale);
    const isDue = Date.now() - this.saidAt >= heartbeatMs;
    if (now === this.shown && !isDue) return;
    [this.shown, this.saidAt] = [now, Date.now()];
    for (const one of this.listeners) one.reading(now);
    if (isDue) this.sayRevision(this.revision, null);
  }

  private async look(): Promise<void> {
    const [found, revision] = await this.deps.database.read(this.id, async (stores) => [
      await stores.scale.get(),
      await stores.kitchen.revision(),
    ]);
    this.scale = found ?? simulatedScale.rest;
    this.sayReading();
    this.sayRevision(revision, null);
  }
}

/** The kitchens that somebody watches, each once. */
export function liveKitchens(deps: Watched): {
  readonly watch: (kitchenId: string, listener: LiveListener) => () => void;
} {
  const known = new Map<string, LiveKitchen>();
  return {
    watch: (kitchenId, listener) => {
      const kitchen = known.get(kitchenId) ?? new LiveKitchen(kitchenId, deps, () => known.delete(kitchenId));
      known.set(kitchenId, kitchen);
      return kitchen.add(listener);
    },
  };
}
