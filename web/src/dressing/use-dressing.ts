import type { IngredientFacts } from "@apron/core/catalogue";
import { measureOut } from "@apron/core/cook";
import {
  composeDressing,
  dressingStyles,
  mixingOrder,
  readDressing,
  type ComposedDressing,
  type DressingRole,
} from "@apron/core/dressing";
import type { Result } from "@apron/core/measure";
import { boardPrice } from "@apron/core/recipes";
import { nameOrId } from "../catalogue/name-or-id.ts";
import { useQuery } from "@pinia/colada";
import { computed, type Ref } from "vue";
import { call } from "../client/api.ts";
import { useCatalogue } from "../client/queries.ts";
import { factsOf } from "../client/sent-facts.ts";
import { useSession } from "../client/session.ts";
import type { DressingDraft } from "./dressing-draft.ts";
import { ownTargets, wishFrom, type TypedIssue } from "./dressing-wish.ts";

/** One part of a dressing as it is measured out. */
export type DressingLine = {
  readonly id: string;
  readonly name: string;
  readonly role: DressingRole;
  readonly facts: IngredientFacts;
  readonly grams: number;
} & ReturnType<typeof measureOut>;

/** Every ingredient as this kitchen sees it, for what is computed in the browser as it is typed. */
function useFacts() {
  const session = useSession();
  const { data } = useCatalogue();
  const known = computed(() => new Map((data.value?.ingredients ?? []).map((one) => [one.id, factsOf(one)])));
  const nameFor = (id: string): string => nameOrId(known.value.get(id), id, session.dialect);
  return { known, nameFor };
}

/** What 100 usable grams cost by the price board. */
function useBoardPrices(known: Ref<ReadonlyMap<string, IngredientFacts>>) {
  const { data: board } = useQuery({
    key: ["price-board"],
    query: () => call("readPriceBoard", {}),
    staleTime: 60 * 60 * 1000,
  });
  return computed(
    () =>
      new Map(
        (board.value?.prices ?? []).flatMap(({ ingredient, perKgMinor }) => {
          const facts = known.value.get(ingredient);
          const price = facts ? boardPrice(perKgMinor, facts) : null;
          return price === null ? [] : [[ingredient, price] as const];
        }),
      ),
  );
}

/** The dressing as it is typed: composed anew with every change, laid out in the order it is mixed. */
export function useDressing(draft: Ref<DressingDraft>) {
  const session = useSession();
  const { known, nameFor } = useFacts();
  const prices = useBoardPrices(known);
  const style = computed(() => dressingStyles.find((one) => one.id === draft.value.dressingStyle));

  const composed = computed<Result<ComposedDressing, TypedIssue> | undefined>(() => {
    if (known.value.size === 0 || !style.value) return undefined;
    const wish = wishFrom(draft.value, { style: style.value, known: known.value, cup: session.cup });
    return wish.ok ? composeDressing(wish.value) : wish;
  });
  const targets = computed(() => ownTargets(draft.value));
  const lines = computed<DressingLine[]>(() => {
    if (!composed.value?.ok) return [];
    const measuring = { cup: session.cup, display: session.display };
    return mixingOrder(composed.value.value.parts).flatMap(({ facts: { id }, role, grams }) => {
      const facts = known.value.get(id);
      return facts
        ? [{ id, facts, role, grams, name: nameFor(id), ...measureOut(grams, facts, measuring) }]
        : [];
    });
  });
  /** What the bowl comes to when every part is weighed as the scale shows it. */
  const figures = computed(() => {
    const weighed = lines.value.map((line) => ({
      ...line,
      grams: line.scale.grams,
      per100gMinor: prices.value.get(line.id) ?? null,
    }));
    const read = readDressing(weighed);
    if (read.ok) return read.value;
    return composed.value?.ok ? composed.value.value.figures : undefined;
  });
  return { style, composed, lines, figures, nameFor, known, targets };
}
