import type { Condition, EntryKind, Grade, LotState, MovedClock, SourceKind } from "@apron/core/basket";
import type { Place } from "@apron/core/catalogue";
import type { Day } from "@apron/core/measure";

/** What a bought pack says of itself, per 100 g; null where it was not typed. */
export type PackLabel = {
  readonly saltG: number | null;
  readonly sugarsG: number | null;
  readonly acidG: number | null;
  readonly allergens: readonly string[];
};

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
  readonly condition: Condition | null;
  /** Lots that came in together, and go out again together if that was a slip. */
  readonly intakeId: string | null;
  readonly bedId: string | null;
  readonly label: PackLabel | null;
  readonly moved: MovedClock | null;
  readonly clothRefreshes: number;
  /** What it is of its ingredient, where it came off beside the usable part: "stems". */
  readonly part: string | null;
  /** False of by-products that are good for nothing but the compost. */
  readonly useful: boolean;
  /** Grams of one piece, where its pieces were counted and weighed. */
  readonly pieceG: number | null;
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
  readonly undoes: string | null;
};

export type LotFilter = {
  readonly state: LotState | undefined;
  readonly place?: Place | undefined;
  readonly source?: SourceKind | undefined;
  readonly ingredients: readonly string[] | undefined;
  /** Without by-products that are good for nothing. */
  readonly useful?: boolean | undefined;
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
  readonly frequentIngredients: (limit: number) => Promise<string[]>;
  /** The entry that brought in each lot of an intake, by lot. */
  readonly receipts: (intakeId: string) => Promise<ReadonlyMap<string, string>>;
  readonly entry: (id: string) => Promise<(EntryRecord & { readonly undone: boolean }) | undefined>;
  /** What a batch drew from lots and gave back to them, the undone included. */
  readonly entriesOfBatch: (batchId: string) => Promise<EntryRecord[]>;
  readonly childrenOf: (lotId: string) => Promise<LotRecord[]>;
  readonly ofIntake: (intakeId: string) => Promise<LotRecord[]>;
  readonly onHandOf: (ingredient: string) => Promise<LotRecord[]>;
  /** Every lot, newest first, for a file. */
  readonly all: (limit: number) => Promise<LotRecord[]>;
  readonly change: (id: string, to: LotChange) => Promise<void>;
  /** A new lot starts at 0; its first entry brings it up. */
  readonly add: (lots: readonly LotRecord[], createdAt: Date) => Promise<void>;
  readonly append: (entries: readonly EntryRecord[]) => Promise<void>;
};

/** What of a lot may change beside its ledger. */
export type LotChange = Partial<
  Pick<LotRecord, "place" | "spoilsOn" | "moved" | "clothRefreshes" | "label" | "note" | "bestBefore">
>;
