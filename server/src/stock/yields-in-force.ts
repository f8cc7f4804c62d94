import type { TrimYield } from "@apron/core/catalogue";
import { hasJuices, kitchenYield, type Juices, type KitchenYield } from "@apron/core/trim";
import type { LotRecord } from "../context/ports/lot.store.ts";
import type { LearnedWeighing } from "../context/ports/trim.store.ts";

export type YieldKind = { readonly grade: LotRecord["grade"]; readonly juices: Juices };

/** What this kitchen expects of one method, from its own weighings of the same ingredient and method. */
export const yieldOf = (
  handbook: TrimYield,
  kind: YieldKind,
  learned: readonly LearnedWeighing[],
): KitchenYield =>
  kitchenYield(
    handbook,
    kind,
    learned.filter((w) => w.ingredient === handbook.ingredient && w.method === handbook.method),
  );

/** What a method is learned as where nothing is said of juices: with them, if it has any. */
export const defaultYieldKind = (method: string, grade: LotRecord["grade"]): YieldKind => ({
  grade,
  juices: hasJuices(method) ? "kept" : null,
});
