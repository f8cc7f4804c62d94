import type { TrimMethod, TrimOptions, TrimRecorded } from "@apron/contract";
import { accept, refuse, showGrams } from "@apron/core/measure";
import { closeBalance, suggestParts } from "@apron/core/trim";
import { computed, ref, watch, type Ref } from "vue";
import { call } from "../app/api.ts";
import { sentenceFor } from "../app/words.ts";
import { useSubmit } from "../app/use-submit.ts";
import { partDrafts, partGrams, type PartDraft } from "./part-draft.ts";
import { typedGrams } from "../ui/typed-grams.ts";

/** What is typed on the trim bench and what follows from it: yield, suggested parts, how it closes. */
function useTrimFields(options: Ref<TrimOptions | undefined>) {
  const methodName = ref("");
  const rawText = ref("");
  const usableText = ref("");
  const parts = ref<PartDraft[]>([]);
  const method = computed<TrimMethod | undefined>(
    () => options.value?.methods.find((m) => m.method === methodName.value) ?? options.value?.methods[0],
  );
  const rawG = computed(() =>
    rawText.value.trim() === "" ? options.value?.lot.grams : typedGrams(rawText.value),
  );
  const usableG = computed(() => typedGrams(usableText.value));
  const fraction = computed(() => (rawG.value && usableG.value ? usableG.value / rawG.value : undefined));

  watch(
    () => options.value?.lot.id,
    () => {
      methodName.value = "";
      rawText.value = "";
      usableText.value = "";
    },
  );
  watch(method, (now) => (parts.value = now ? partDrafts(now) : []), { immediate: true });
  watch([rawG, usableG, method], () => {
    if (!method.value || !rawG.value) return;
    const restG = rawG.value - (usableG.value ?? method.value.next.value * rawG.value);
    const handbook = { mean: method.value.handbook.mean, byProducts: method.value.parts };
    for (const s of suggestParts(Math.floor(restG), handbook)) {
      const part = parts.value.find((p) => p.part === s.part);
      if (part) part.suggestedG = s.grams;
    }
  });

  const weighedParts = computed(() =>
    parts.value.map((p) => ({ part: p.part, grams: partGrams(p), fate: p.fate })).filter((p) => p.grams > 0),
  );
  const closed = computed(() =>
    rawG.value && usableG.value && usableG.value <= rawG.value
      ? closeBalance(rawG.value, usableG.value, weighedParts.value)
      : undefined,
  );
  /** "1,240 g raw = 790 g usable + 400 g stems + 50 g lost", or why it does not close. */
  const balance = computed(() => {
    const now = closed.value;
    if (!now) return undefined;
    if (!now.ok) return refuse(sentenceFor(now.issue));
    const named = now.value.parts.map((p) => `${showGrams(p.grams)} ${p.part}`);
    return accept(
      [`${showGrams(now.value.usableG)} usable`, ...named, `${showGrams(now.value.lossG)} lost`].join(" + "),
    );
  });

  return { methodName, rawText, usableText, parts, method, rawG, usableG, fraction, weighedParts, balance };
}

/** The trim being weighed: its fields, and sending it. */
export function useTrimForm(options: Ref<TrimOptions | undefined>) {
  const fields = useTrimFields(options);
  const { rawText, usableText, method, rawG, usableG, weighedParts } = fields;
  const submission = useSubmit<TrimRecorded>(["rawG", "usableG", "parts", "method"]);

  async function record(
    how: { estimate?: boolean; confirmed?: boolean } = {},
  ): Promise<TrimRecorded | undefined> {
    const lot = options.value?.lot;
    if (!lot || !method.value) return undefined;
    const raw = rawG.value;
    const usable = how.estimate ? null : usableG.value;
    if (raw === undefined)
      return void submission.refuse("amount-not-understood", "rawG", { text: rawText.value });
    if (usable === undefined) {
      const code = usableText.value.trim() === "" ? "amount-empty" : "amount-not-understood";
      return void submission.refuse(code, "usableG", { text: usableText.value });
    }
    const body = {
      id: crypto.randomUUID(),
      lotId: lot.id,
      method: method.value.method,
      rawG: raw,
      usableG: usable,
      parts: how.estimate ? [] : weighedParts.value,
      confirmed: how.confirmed ?? false,
    };
    const recorded = await submission.submit((key) => call("recordTrim", { body }, key));
    if (recorded) usableText.value = "";
    return recorded;
  }
  return { ...fields, record, submission };
}
