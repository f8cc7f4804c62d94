import type { Day } from "@apron/core/measure";
import type { ContainerKind } from "@apron/core/larder";
import type { DishKind, TonightsChanges } from "@apron/core/recipes";

export type BatchRecord = {
  readonly id: string;
  readonly recipeId: string;
  readonly recipeVersion: number;
  readonly name: string;
  readonly kind: DishKind;
  readonly batches: number;
  readonly servings: number;
  readonly madeAt: Date;
  readonly madeOn: Day;
  readonly outputG: number;
  readonly weighed: boolean;
  readonly allergens: readonly string[];
  readonly memberId: string;
  readonly note: string;
  readonly nextTime: string;
  /** The plan that it was cooked along with, and which of its dishes it is. */
  readonly planId: string | null;
  readonly planDish: string | null;
  /** What was done otherwise this once. */
  readonly changes: TonightsChanges;
  readonly undoneAt: Date | null;
  /** The part of its recipe that it is, kept by itself ("For the cream"), and the batch it was made for; "" of a whole dish. */
  readonly part: string;
  readonly partOf: string | null;
};

/** A batch with the name of who made it. */
export type MadeBatch = BatchRecord & { readonly by: string };

export type BatchInputRecord = {
  readonly id: string;
  readonly batchId: string;
  readonly lineId: string;
  readonly ingredient: string;
  readonly lotId: string | null;
  readonly grams: number;
};

export type ContainerRecord = {
  readonly id: string;
  readonly batchId: string;
  /** A plate is what was eaten at once: it is filled and emptied in one act. */
  readonly kind: ContainerKind | "plate";
  readonly place: "fridge" | "freezer";
  readonly startG: number;
  readonly remainingG: number;
  readonly portionG: number;
  readonly useBy: Day;
  readonly limit: "quality" | "safety";
  readonly reason: string;
  readonly source: string;
  readonly practiceFrom: Day | null;
  readonly practiceTo: Day | null;
  readonly mustNever: string;
  readonly thawDays: number | null;
  /** Set aside plain, before it was dressed. */
  readonly isPlain: boolean;
};

/** The date on a container, and what it rests on. */
export type ContainerDate = Pick<
  ContainerRecord,
  "useBy" | "limit" | "reason" | "source" | "practiceFrom" | "practiceTo" | "mustNever" | "thawDays"
>;

/** A container with what its batch says of it. */
export type StoredContainer = ContainerRecord & {
  readonly name: string;
  readonly dish: DishKind;
  readonly madeOn: Day;
  readonly recipeId: string;
  readonly recipeVersion: number;
  readonly allergens: readonly string[];
  readonly changes: TonightsChanges;
  readonly part: string;
};

export type WithdrawalRecord = {
  readonly id: string;
  readonly containerId: string;
  readonly grams: number;
  readonly fate: "eaten" | "given" | "discarded" | "undone";
  readonly at: Date;
  readonly memberId: string;
  readonly undoes: string | null;
};

/** What was taken out of a batch's containers, by whom. */
export type TakenRecord = WithdrawalRecord & { readonly by: string };

export type LarderStore = {
  readonly batch: (id: string) => Promise<MadeBatch | undefined>;
  /** Whole dishes, the newest first, the undone among them. */
  readonly batches: (of: {
    readonly recipeId: string | undefined;
    readonly limit: number;
  }) => Promise<MadeBatch[]>;
  /** What was kept by itself of a batch's parts. */
  readonly partsOf: (batchId: string) => Promise<MadeBatch[]>;
  readonly containersOf: (batchId: string) => Promise<StoredContainer[]>;
  readonly takenFrom: (batchId: string) => Promise<TakenRecord[]>;
  readonly changeBatch: (
    id: string,
    to: Partial<Pick<BatchRecord, "note" | "nextTime" | "undoneAt">>,
  ) => Promise<void>;
  /** Containers with something in them, first expiring first. */
  readonly listStored: () => Promise<StoredContainer[]>;
  readonly getContainer: (id: string) => Promise<StoredContainer | undefined>;
  readonly inputsOf: (batchId: string) => Promise<BatchInputRecord[]>;
  readonly addBatch: (
    batch: BatchRecord,
    inputs: readonly BatchInputRecord[],
    containers: readonly ContainerRecord[],
  ) => Promise<void>;
  readonly getWithdrawal: (
    id: string,
  ) => Promise<(WithdrawalRecord & { readonly undone: boolean }) | undefined>;
  /** Gives a container another date, with what it rests on. */
  readonly redate: (id: string, to: ContainerDate) => Promise<void>;
  readonly withdraw: (withdrawal: WithdrawalRecord) => Promise<void>;
};
