import { nameOf, type IngredientFacts } from "@apron/core/catalogue";
import { measureOut } from "@apron/core/cook";
import {
  composeDressing,
  mixingOrder,
  readDressing,
  dressingStyles,
  wishAt,
  type ComposedDressing,
  type DressingStyle,
} from "@apron/core/dressing";
import { parseAmount, refuse, type Result } from "@apron/core/measure";
import { per100gUsable } from "@apron/core/recipes";
import { useQuery } from "@pinia/colada";
import { computed, type Ref } from "vue";
import { call } from "../app/api.ts";
import { useCatalogue } from "../app/queries.ts";
import { factsOf } from "../app/sent-facts.ts";
import { useSession } from "../app/session.ts";
import type { DressingDraft } from "./dressing-draft.ts";

/** Every ingredient as this kitchen sees it, for what is computed in the browser as it is typed. */
function useFacts() {
  const session = useSession();
  const { data } = useCatalogue();
  const known = computed(() => new Map((data.value?.ingredients ?? []).map((one) => [one.id, factsOf(one)])));
  const nameFor = (id: string): string => {
    const facts = known.value.get(id);
    return facts ? nameOf(facts, session.dialect) : id.replaceAll("-", " ");
  };
  return { known, nameFor };
}

const millilitres = (text: string, cup: Parameters<typeof parseAmount>[1]): number | undefined => {
  const bare = /^\s*\d+([.,]\d+)?\s*$/.test(text) ? `${text} ml` : text;
  const read = parseAmount(bare, cup);
  return read.ok && read.value.amount.kind === "volume" ? read.value.amount.ml : undefined;
};

const plain = (text: string): number => Number(text.trim().replace(",", "."));

/** Targets are percentages and a ratio; nothing of a dressing is more than these. */
const mostOf = { ratio: 30, saltPercent: 60, sugarPercent: 60, emulsifierG: 2000, flavourG: 2000 } as const;

/** The first of the typed figures that cannot be one; undefined when all can be read or stand empty. */
function unreadTarget(draft: DressingDraft): Issue | undefined {
  for (const [key, atMost] of Object.entries(mostOf)) {
    const text = draft[key as keyof typeof mostOf];
    const value = plain(text);
    if (text.trim() === "") continue;
    if (!(value >= 0)) return { code: "amount-not-understood", text };
    if (value > atMost) return { code: "too-large", atMost };
  }
  return undefined;
}

type Issue = { readonly code: string } & Readonly<Record<string, unknown>>;

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
        (board.value?.prices ?? []).map(({ ingredient, perKgMinor }) => [
          ingredient,
          per100gUsable(perKgMinor, known.value.get(ingredient)?.trims[0]?.mean ?? 1),
        ]),
      ),
  );
}

/** The dressing as it is typed: composed anew with every change, laid out in the order it is mixed. */
export function useDressing(draft: Ref<DressingDraft>) {
  const session = useSession();
  const { known, nameFor } = useFacts();
  const prices = useBoardPrices(known);
  const dressingStyle = computed<DressingStyle | undefined>(() => dressingStyles.find((one) => one.id === draft.value.dressingStyle));
  const ready = computed(() => known.value.size > 0);

  const composed = computed<Result<ComposedDressing, Issue> | undefined>(() => {
    const { value: now } = draft;
    const salt = known.value.get("salt-sea-fine");
    if (!ready.value || !dressingStyle.value || !salt) return undefined;
    const volumeMl = millilitres(now.volume, session.cup);
    if (volumeMl === undefined || volumeMl > 20_000)
      return refuse({ code: "amount-not-understood", text: now.volume });
    const pourings = (ids: readonly string[]) =>
      ids.flatMap((id) => {
        const facts = known.value.get(id);
        return facts ? [{ facts, share: 1 }] : [];
      });
    const acids = pourings(now.acids);
    if (acids.length === 0) return refuse({ code: "acid-missing" });
    const unread = unreadTarget(now);
    if (unread) return refuse(unread);
    const number = (text: string): number | undefined => (text.trim() === "" ? undefined : plain(text));
    const weighed = (id: string, text: string) => {
      const facts = known.value.get(id);
      const grams = number(text) ?? 0;
      return facts && grams > 0 ? [{ facts, grams }] : [];
    };
    return composeDressing(
      wishAt(dressingStyle.value, {
        volumeMl,
        ratio: number(now.ratio),
        oils: pourings(now.oils),
        acids,
        salt,
        saltPercent: now.salted ? number(now.saltPercent) : null,
        sweet: now.sweet === null ? null : (known.value.get(now.sweet) ?? null),
        sugarPercent: number(now.sugarPercent),
        emulsifier: now.emulsifier === null ? null : (weighed(now.emulsifier, now.emulsifierG)[0] ?? null),
        flavours: now.flavours.flatMap((id) => weighed(id, now.flavourG)),
      }),
    );
  });
  /** The cook's own targets, for a bowl that is mixed already. */
  const targets = computed(() => {
    const typed = (text: string): number | undefined => (plain(text) > 0 ? plain(text) : undefined);
    return { ratio: typed(draft.value.ratio), saltPercent: typed(draft.value.saltPercent) };
  });
  const lines = computed(() => {
    const made = composed.value;
    if (!made?.ok) return [];
    const measuring = { cup: session.cup, display: session.display };
    return mixingOrder(made.value.parts).flatMap((part) => {
      const facts = known.value.get(part.facts.id);
      return facts
        ? [
            {
              ...part,
              id: facts.id,
              facts,
              name: nameFor(facts.id),
              ...measureOut(part.grams, facts, measuring),
            },
          ]
        : [];
    });
  });
  /** What the bowl comes to when every part is weighed as the scale shows it. */
  const rounded = computed(() => {
    const weighed = lines.value.map((line) => ({
      ...line,
      grams: line.scale.grams,
      per100gMinor: prices.value.get(line.id) ?? null,
    }));
    const read = readDressing(weighed);
    return read.ok ? read.value : undefined;
  });
  return { dressingStyle, composed, lines, rounded, nameFor, known, ready, targets };
}
