import type { EntryKind, Grade, LotState, SourceKind } from "@apron/core/basket";
import type { Place } from "@apron/core/catalogue";
import type { Day } from "@apron/core/measure";

export type LotRecord = {
  readonly id: string;
  readonly ingredient: string;
  readonly state: LotState;
  readonly method: string | null;
  readonly grade: Grade;
  readonly sourceKind: SourceKind;
  readonly sourceNote: string;
  readonly place: Place;
  readonly since: Day;
  readonly bestBefore: Day | null;
  readonly priceMinor: number | null;
  readonly estimateLow: number | null;
  readonly estimateHigh: number | null;
  readonly receivedG: number;
  readonly balanceG: number;
  readonly spoilsOn: Day;
  readonly parentLotId: string | null;
  readonly note: string;
};

export type EntryRecord = {
  readonly id: string;
  readonly lotId: string;
  readonly kind: EntryKind;
  readonly grams: number;
  readonly at: Date;
  readonly memberId: string;
  readonly reason: string;
  readonly batchId: string | null;
  readonly trimId: string | null;
};

export type LotFilter = {
  readonly state: LotState | undefined;
  readonly ingredients: readonly string[] | undefined;
  readonly after: { readonly spoilsOn: Day; readonly id: string } | undefined;
  readonly limit: number;
};

export type LotCounts = { readonly toUseNow: number; readonly raw: number };

/** Lots and their ledger, always of one kitchen. */
export type LotStore = {
  /** Lots with something on hand, use first first. */
  readonly page: (filter: LotFilter) => Promise<LotRecord[]>;
  readonly onHand: () => Promise<LotRecord[]>;
  readonly get: (id: string) => Promise<LotRecord | undefined>;
  readonly getMany: (ids: readonly string[]) => Promise<LotRecord[]>;
  readonly entries: (lotId: string) => Promise<(EntryRecord & { readonly by: string })[]>;
  readonly counts: (nowUntil: Day) => Promise<LotCounts>;
  readonly usualIngredients: (limit: number) => Promise<string[]>;
  /** A new lot starts at 0; its first entry brings it up. */
  readonly add: (lots: readonly LotRecord[], createdAt: Date) => Promise<void>;
  readonly append: (entries: readonly EntryRecord[]) => Promise<void>;
};
