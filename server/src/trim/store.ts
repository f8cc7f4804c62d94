import type { Grade } from "@apron/core/basket";

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
  readonly fraction: number;
  readonly at: Date;
};

export type TrimStore = {
  /** Weighings that count, oldest first; of some ingredients, or of all. */
  readonly learned: (ingredients: readonly string[] | "all") => Promise<LearnedWeighing[]>;
  readonly add: (trim: TrimRecord, parts: readonly TrimPartRecord[]) => Promise<void>;
};
