import type { TrimMethod, TrimOptions, TrimRecorded } from "@apron/contract";
import { accept, refuse, showGrams } from "@apron/core/measure";
import { closeBalance, netOf, suggestParts } from "@apron/core/trim";
import { computed, ref, watch, type Ref } from "vue";
import { call } from "../app/api.ts";
import { useSession } from "../app/session.ts";
import { sentenceFor } from "../app/words.ts";
import { useSubmit } from "../app/use-submit.ts";
import { typedGrams } from "../ui/typed-grams.ts";
import { partDrafts, partGrams, type PartDraft } from "./part-draft.ts";
import { emptyVessel, weighedVessels, type VesselDraft } from "./vessel-draft.ts";

/** Ways of trimming whose juices are kept or drained are two: each is learned on its own. */
export const keyOf = (method: Pick<TrimMethod, "method" | "juices">): string =>
  method.juices === null ? method.method : `${method.method}/${method.juices}`;

/** What is typed on the trim bench and what follows from it: yield, suggested parts, how it closes. */
function useTrimFields(options: Ref<TrimOptions | undefined>) {
  const methodKey = ref("");
  const rawText = ref("");
  const usableText = ref("");
  const vessels = ref<VesselDraft[]>([]);
  const parts = ref<PartDraft[]>([]);
  const method = computed<TrimMethod | undefined>(
    () => options.value?.methods.find((m) => keyOf(m) === methodKey.value) ?? options.value?.methods[0],
  );
  const rawG = computed(() =>
    rawText.value.trim() === "" ? options.value?.lot.grams : typedGrams(rawText.value),
  );
  const weighed = computed(() => weighedVessels(vessels.value));
  const net = computed(() => (weighed.value.length > 0 ? netOf(weighed.value) : undefined));
  const usableG = computed(() => {
    if (vessels.value.length === 0) return typedGrams(usableText.value);
    return net.value?.ok ? net.value.value : undefined;
  });
  const fraction = computed(() => (rawG.value && usableG.value ? usableG.value / rawG.value : undefined));

  watch(
    () => options.value?.lot.id,
    () => {
      methodKey.value = "";
      rawText.value = "";
      usableText.value = "";
      vessels.value = [];
    },
  );
  watch(method, (now) => (parts.value = now ? partDrafts(now) : []), { immediate: true });
  const typedParts = computed(() =>
    Object.fromEntries(
      parts.value.filter((p) => p.text.trim() !== "").map((p) => [p.part, partGrams(p)] as const),
    ),
  );
  watch([rawG, usableG, method, typedParts], () => {
    if (!method.value || !rawG.value) return;
    const restG = rawG.value - (usableG.value ?? method.value.next.value * rawG.value);
    const handbook = { mean: method.value.handbook.mean, byProducts: method.value.parts };
    const suggested = suggestParts(Math.floor(restG), handbook, typedParts.value);
    for (const part of parts.value) part.suggestedG = suggested.find((s) => s.part === part.part)?.grams ?? 0;
  });
  const addVessel = (): void => {
    vessels.value = [...vessels.value, emptyVessel()];
  };
  const dropVessel = (id: string): void => {
    vessels.value = vessels.value.filter((one) => one.id !== id);
  };
  return {
    ...{ methodKey, rawText, usableText, vessels, parts, method, rawG, usableG, fraction },
    ...{ weighed, net, addVessel, dropVessel },
  };
}

type TrimFields = ReturnType<typeof useTrimFields>;

/** How the weights close: "1,240 g raw = 790 g usable + 400 g stems + 50 g lost", or why they do not. */
function useBalance({ rawG, usableG, parts }: TrimFields) {
  const session = useSession();
  const weighedParts = computed(() =>
    parts.value.map((p) => ({ part: p.part, grams: partGrams(p), fate: p.fate })).filter((p) => p.grams > 0),
  );
  const closed = computed(() =>
    rawG.value && usableG.value && usableG.value <= rawG.value
      ? closeBalance(rawG.value, usableG.value, weighedParts.value)
      : undefined,
  );
  const balance = computed(() => {
    const now = closed.value;
    if (!now) return undefined;
    if (!now.ok) return refuse(sentenceFor(now.issue));
    const show = (grams: number): string => showGrams(grams, session.display);
    const named = now.value.parts.map((p) => `${show(p.grams)} ${p.part}`);
    const sum = [`${show(now.value.usableG)} usable`, ...named, `${show(now.value.lossG)} lost`].join(" + ");
    return accept(`${show(rawG.value ?? 0)} = ${sum}`);
  });
  return { weighedParts, balance };
}

/** The trim being weighed: its fields, and sending it. */
export function useTrimForm(options: Ref<TrimOptions | undefined>) {
  const fields = useTrimFields(options);
  const { rawText, usableText, vessels, weighed, method, rawG, usableG } = fields;
  const { weighedParts, balance } = useBalance(fields);
  const submission = useSubmit<TrimRecorded>(["rawG", "usableG", "vessels", "parts", "method"]);

  /** What is missing or unreadable on this side, refused in the server's own terms. */
  function isReadable(estimate: boolean): boolean {
    const unread = (field: string, text: string): false => {
      submission.refuse(text.trim() === "" ? "amount-empty" : "amount-not-understood", field, { text });
      return false;
    };
    if (rawG.value === undefined) return unread("rawG", rawText.value);
    if (estimate) return true;
    if (vessels.value.length > 0) return weighed.value.length > 0 || unread("vessels", "");
    return usableG.value !== undefined || unread("usableG", usableText.value);
  }

  async function record(
    how: { estimate?: boolean; confirmed?: boolean } = {},
  ): Promise<TrimRecorded | undefined> {
    const lot = options.value?.lot;
    const estimate = how.estimate ?? false;
    if (!lot || !method.value || !isReadable(estimate)) return undefined;
    const inVessels = !estimate && vessels.value.length > 0;
    const body = {
      id: crypto.randomUUID(),
      lotId: lot.id,
      method: method.value.method,
      juices: method.value.juices,
      rawG: rawG.value ?? lot.grams,
      usableG: estimate || inVessels ? null : (usableG.value ?? null),
      vessels: inVessels ? weighed.value : [],
      parts: estimate ? [] : weighedParts.value,
      confirmed: how.confirmed ?? false,
    };
    const recorded = await submission.submit((key) => call("recordTrim", { body }, key));
    if (recorded) {
      usableText.value = "";
      vessels.value = [];
    }
    return recorded;
  }
  return { ...fields, balance, record, submission };
}
