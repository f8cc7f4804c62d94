import type { Formula } from "@apron/core/recipes";

export type RecipeRecord = { readonly formula: Formula; readonly version: number };

/** Formulas are versioned: saving adds a version and moves the house version to it. */
export type RecipeStore = {
  readonly all: () => Promise<RecipeRecord[]>;
  readonly get: (id: string) => Promise<RecipeRecord | undefined>;
  readonly getVersion: (id: string, version: number) => Promise<RecipeRecord | undefined>;
  readonly save: (formula: Formula, version: number, createdAt: Date) => Promise<void>;
};
