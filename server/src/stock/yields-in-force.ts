import type { TrimYield } from "@apron/core/catalogue";
import { trimOf } from "@apron/core/forms";
import { hasJuices, kitchenYield, type Juices, type KitchenYield } from "@apron/core/trim";
import type { LotRecord } from "../context/ports/lot.store.ts";
import type { RequestContext } from "../context/request-context.ts";
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

/** Usable ÷ bought that this kitchen expects of an ingredient trimmed one way; its usual way where none is named. */
export type YieldInForce = (
  ingredient: string,
  method: string | null,
  grade: LotRecord["grade"],
) => number | undefined;

const known = new WeakMap<RequestContext, Promise<YieldInForce>>();

/** Weighings by ingredient and method, each in its order. */
function byWay(learned: readonly LearnedWeighing[]): ReadonlyMap<string, LearnedWeighing[]> {
  const ways = new Map<string, LearnedWeighing[]>();
  for (const one of learned) {
    const key = `${one.ingredient} ${one.method}`;
    const known = ways.get(key);
    if (known) known.push(one);
    else ways.set(key, [one]);
  }
  return ways;
}

/** The yields in force, each worked out once a request, and this kitchen's weighings read once. */
export function yieldsInForce(context: RequestContext): Promise<YieldInForce> {
  const found = known.get(context) ?? readYields(context);
  known.set(context, found);
  return found;
}

async function readYields({ stores, catalogue }: RequestContext): Promise<YieldInForce> {
  const learned = byWay(await stores.trims.learned("all"));
  const worked = new Map<string, number | undefined>();
  return (ingredient, method, grade) => {
    const facts = catalogue.ingredients.get(ingredient);
    const way = facts && trimOf(facts, method);
    if (!way) return undefined;
    const key = `${ingredient} ${way.method} ${grade}`;
    if (!worked.has(key))
      worked.set(
        key,
        yieldOf(way, defaultYieldKind(way.method, grade), learned.get(`${ingredient} ${way.method}`) ?? [])
          .next.value,
      );
    return worked.get(key);
  };
}
