import type { Day } from "@apron/core/measure";
import type { ContainerKind } from "@apron/core/larder";
import type { DishKind } from "@apron/core/recipes";

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
};

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
  readonly kind: ContainerKind;
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
};

export type WithdrawalRecord = {
  readonly id: string;
  readonly containerId: string;
  readonly grams: number;
  readonly fate: "eaten" | "given" | "discarded";
  readonly at: Date;
  readonly memberId: string;
  readonly undoes: string | null;
};

export type LarderStore = {
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
