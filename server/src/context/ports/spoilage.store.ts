import type { Spoilage } from "@apron/core/basket";

/** What this kitchen has seen go off, a row each; kept by the entry that recorded it. */
export type SpoilageStore = {
  /** Oldest first. */
  readonly history: () => Promise<Spoilage[]>;
  readonly add: (entryId: string, spoilage: Spoilage) => Promise<void>;
  /** The entry was undone: nothing went off after all. */
  readonly drop: (entryId: string) => Promise<void>;
};
