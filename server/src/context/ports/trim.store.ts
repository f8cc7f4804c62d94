import type { Grade } from "@apron/core/basket";
import type { Juices } from "@apron/core/trim";

export type TrimRecord = {
  readonly id: string;
  readonly lotId: string;
  readonly ingredient: string;
  readonly method: string;
  readonly grade: Grade;
  readonly rawG: number;
  readonly usableG: number;
  readonly partsG: number;
  readonly lossG: number;
  readonly learned: boolean;
  readonly usableLotId: string;
  readonly at: Date;
  readonly memberId: string;
  readonly juices: Juices;
};

export type TrimPartRecord = {
  readonly id: string;
  readonly trimId: string;
  readonly part: string;
  readonly grams: number;
  readonly fate: "keep" | "compost";
  readonly lotId: string | null;
};

export type LearnedWeighing = {
  readonly ingredient: string;
  readonly method: string;
  readonly grade: Grade;
  readonly juices: Juices;
  readonly fraction: number;
  readonly at: Date;
  readonly trimId: string;
};

type TrimWithdrawalRecord = {
  readonly id: string;
  readonly trimId: string;
  readonly reason: string;
  readonly gramsBack: boolean;
  readonly at: Date;
  readonly memberId: string;
};

export type TrimStore = {
  /** Weighings that count and were not withdrawn, oldest first; of some ingredients, or of all. */
  readonly learned: (ingredients: readonly string[] | "all") => Promise<LearnedWeighing[]>;
  readonly get: (id: string) => Promise<(TrimRecord & { readonly withdrawn: boolean }) | undefined>;
  readonly partsOf: (trimId: string) => Promise<TrimPartRecord[]>;
  readonly withdraw: (withdrawal: TrimWithdrawalRecord) => Promise<void>;
  readonly add: (trim: TrimRecord, parts: readonly TrimPartRecord[]) => Promise<void>;
};
