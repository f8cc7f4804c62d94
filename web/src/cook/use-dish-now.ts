import type { MakePlan } from "@apron/contract";
import {
  atHandOf,
  remediesFor,
  tasteBalance,
  type Addition,
  type Remedy,
  type TasteBalance,
  type TastedPart,
  type TasteWord,
} from "@apron/core/cook";
import { defaultSaltPercent } from "@apron/core/plate";
import type { DishKind } from "@apron/core/recipes";
import { useQuery } from "@pinia/colada";
import { computed, type ComputedRef } from "vue";
import { call } from "../client/api.ts";
import { useCatalogue } from "../client/queries.ts";

/** A dish that is being cooked along with a plan. */
export type CookedDish = {
  readonly key: string;
  readonly name: string;
  readonly recipeId: string;
  readonly batches: number;
};

/** What is on the counter for a dish: filled from stock as it is made. Shared by all that show something of it. */
export const useCounter = (dish: () => CookedDish | undefined) =>
  useQuery({
    key: () => ["make-plan", dish()?.recipeId ?? "", dish()?.batches ?? 0],
    query: () => {
      const { recipeId, batches } = dish() ?? { recipeId: "", batches: 1 };
      return call("planMake", { body: { recipeId, scale: { kind: "batches", batches } } });
    },
    enabled: () => dish() !== undefined,
  });

type Part = TastedPart & { readonly role: string };

/** What is known of each ingredient, as this kitchen sees it. */
function useFacts() {
  const { data: catalogue } = useCatalogue();
  return computed(() => {
    const known = catalogue.value?.ingredients ?? [];
    return new Map(known.map((one) => [one.id, { ...one, composition: one.composition ?? undefined }]));
  });
}

/** A dish with all that went in so far: its figures, and what would put it right. */
export function useDishNow(
  dish: () => CookedDish | undefined,
  additions: () => readonly Addition[],
): {
  readonly plan: ComputedRef<MakePlan | undefined>;
  readonly balance: ComputedRef<TasteBalance | undefined>;
  readonly remedies: (word: TasteWord) => readonly Remedy[];
} {
  const { data: plan } = useCounter(dish);
  const facts = useFacts();
  const laidOut = computed((): Part[] =>
    (plan.value?.lines ?? []).flatMap(({ role, parts }) =>
      parts.flatMap(({ ingredient, grams, saltPer100g, inDish }) => {
        const known = facts.value.get(ingredient);
        return known ? [{ facts: known, grams, saltPer100g, inDish: inDish.value, role }] : [];
      }),
    ),
  );
  const added = computed((): Part[] =>
    additions()
      .filter((one) => one.dish === dish()?.key)
      .flatMap(({ ingredient, grams }) => {
        const known = facts.value.get(ingredient);
        const saltPer100g = known?.composition?.saltG ?? null;
        return known && grams !== null ? [{ facts: known, grams, saltPer100g, inDish: 1, role: "" }] : [];
      }),
  );
  const parts = computed(() => [...laidOut.value, ...added.value]);
  const remedies = (word: TasteWord): readonly Remedy[] => {
    if (!plan.value) return [];
    const targetSaltPercent = defaultSaltPercent[plan.value.kind as DishKind];
    return remediesFor(word, { parts: parts.value, atHand: atHandOf(laidOut.value), targetSaltPercent });
  };
  return {
    plan: computed(() => plan.value),
    balance: computed(() => (parts.value.length > 0 ? tasteBalance(parts.value) : undefined)),
    remedies,
  };
}
