import type { TrimMethod, TrimOptions } from "@apron/contract";
import { netOf, suggestParts } from "@apron/core/trim";
import { computed, type ComputedRef, type Ref } from "vue";
import { typedGrams } from "../ui/typed-grams.ts";
import { partGrams, partsOf, type PartDraft, type TypedPart } from "./part-draft.ts";
import type { TrimDraft } from "./trim-draft.ts";
import { emptyVessel, weighedVessels } from "./vessel-draft.ts";

/** Ways of trimming whose juices are kept or drained are two: each is learned on its own. */
export const keyOf = (method: Pick<TrimMethod, "method" | "juices">): string =>
  method.juices === null ? method.method : `${method.method}/${method.juices}`;

type Weighing = {
  readonly method: ComputedRef<TrimMethod | undefined>;
  readonly rawG: ComputedRef<number | undefined>;
  readonly usableG: ComputedRef<number | undefined>;
};

/** By-products as typed, and suggested where nothing is typed of them. */
function useParts(options: Ref<TrimOptions>, draft: Ref<TrimDraft>, { method, rawG, usableG }: Weighing) {
  return computed<PartDraft[]>(() => {
    const now = method.value;
    if (!now) return [];
    const parts = partsOf(now, options.value.furtherParts, draft.value.parts);
    const typed = Object.fromEntries(
      parts.flatMap((p) => (p.text.trim() === "" ? [] : [[p.part, typedGrams(p.text) ?? 0] as const])),
    );
    const raw = rawG.value ?? 0;
    const restG = Math.floor(raw - (usableG.value ?? now.next.value * raw));
    const suggested = suggestParts(
      restG,
      { mean: now.handbook.mean, byProducts: now.parts },
      { weighed: typed },
    );
    return parts.map((p) => ({
      ...p,
      suggestedG: suggested.find((one) => one.part === p.part)?.grams ?? 0,
    }));
  });
}

/** What is typed on the trim bench and what follows from it: yield, by-products, what was weighed in bowls. */
export function useTrimFields(options: Ref<TrimOptions>, draft: Ref<TrimDraft>) {
  const method = computed<TrimMethod | undefined>(
    () => options.value.methods.find((m) => keyOf(m) === draft.value.methodKey) ?? options.value.methods[0],
  );
  const rawG = computed(() =>
    draft.value.rawText.trim() === "" ? options.value.lot.grams : typedGrams(draft.value.rawText),
  );
  const weighed = computed(() => weighedVessels(draft.value.vessels));
  const net = computed(() => (weighed.value.length > 0 ? netOf(weighed.value) : undefined));
  const usableG = computed(() => {
    if (draft.value.vessels.length === 0) return typedGrams(draft.value.usableText);
    return net.value?.ok ? net.value.value : undefined;
  });
  const fraction = computed(() => (rawG.value && usableG.value ? usableG.value / rawG.value : undefined));
  const parts = useParts(options, draft, { method, rawG, usableG });
  const weighedParts = computed(() =>
    parts.value.map((p) => ({ part: p.part, grams: partGrams(p), fate: p.fate })).filter((p) => p.grams > 0),
  );
  const changePart = (part: string, to: TypedPart): void => {
    draft.value.parts = { ...draft.value.parts, [part]: to };
  };
  const addVessel = (): void => {
    draft.value.vessels = [...draft.value.vessels, emptyVessel()];
  };
  const dropVessel = (id: string): void => {
    draft.value.vessels = draft.value.vessels.filter((one) => one.id !== id);
  };
  const figures = { method, rawG, usableG, weighed, net, fraction, parts, weighedParts };
  return { ...figures, changePart, addVessel, dropVessel };
}

export type TrimFields = ReturnType<typeof useTrimFields>;
