import type { Day } from "@apron/core/measure";
import type { Formula, TonightsChanges } from "@apron/core/recipes";

export type RecipeRecord = {
  readonly formula: Formula;
  readonly version: number;
  /** Archived: kept, with its versions and batches, but neither listed nor matched. */
  readonly archived: boolean;
};

export type VersionRecord = {
  readonly version: number;
  readonly createdAt: Date;
  readonly by: string | null;
  readonly note: string;
};

type BatchOfRecipe = {
  readonly id: string;
  readonly version: number;
  readonly madeOn: Day;
  readonly batches: number;
  readonly outputG: number;
};

export type UsedInBatch = { readonly lineId: string; readonly ingredient: string; readonly grams: number };

/** Formulas are versioned: a version never changes; the default version is the one the kitchen cooks by. */
export type RecipeStore = {
  /** Default versions, by id, archived ones included. */
  readonly all: () => Promise<RecipeRecord[]>;
  readonly get: (id: string) => Promise<RecipeRecord | undefined>;
  readonly getVersion: (id: string, version: number) => Promise<RecipeRecord | undefined>;
  readonly versions: (id: string) => Promise<VersionRecord[]>;
  /** Adds a version and makes it the default version. */
  readonly save: (
    formula: Formula,
    version: number,
    about: { readonly at: Date; readonly memberId: string | null; readonly note: string },
  ) => Promise<void>;
  readonly archiveRecipe: (id: string, archived: boolean) => Promise<void>;
  readonly setDefaultVersion: (id: string, version: number) => Promise<void>;
  readonly batchesOf: (id: string) => Promise<BatchOfRecipe[]>;
  readonly batch: (batchId: string) => Promise<
    | {
        readonly recipeId: string;
        readonly version: number;
        readonly batches: number;
        readonly used: readonly UsedInBatch[];
        /** What was done otherwise that once. */
        readonly changes: TonightsChanges;
      }
    | undefined
  >;
};
