import type { BedState, Harvest } from "@apron/core/basket";
import type { Day } from "@apron/core/measure";

export type BedRecord = {
  readonly id: string;
  readonly name: string;
  readonly ingredient: string;
  readonly state: BedState;
  readonly nextOn: Day | null;
  readonly nextG: number | null;
};

/** Named beds and what was picked from them. */
export type BedStore = {
  readonly all: () => Promise<BedRecord[]>;
  readonly get: (id: string) => Promise<BedRecord | undefined>;
  readonly add: (bed: BedRecord, createdAt: Date) => Promise<void>;
  readonly change: (
    id: string,
    to: Partial<Pick<BedRecord, "name" | "state" | "nextOn" | "nextG">>,
  ) => Promise<void>;
  /** Pickings by bed, oldest first. */
  readonly harvests: () => Promise<ReadonlyMap<string, Harvest[]>>;
};
