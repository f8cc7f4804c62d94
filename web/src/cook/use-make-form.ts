import type { BatchMade, ContainerOption, FinishMake, MakePart, MakePlan } from "@apron/contract";
import { parseAmount } from "@apron/core/measure";
import { computed, ref, watch, type Ref } from "vue";
import { call } from "../app/api.ts";
import { useSubmit } from "../app/use-submit.ts";

/** One amount as it is being confirmed: the plan's grams until the cook says otherwise. */
export type PartDraft = MakePart & { readonly lineId: string; readonly planned: string; text: string };

export type ContainerDraft = { kind: ContainerOption["kind"]; place: "fridge" | "freezer"; count: number };

export type LeftOverDraft = { id: string; ingredient: string; name: string; text: string };

const typed = (text: string): number | undefined => {
  const read = parseAmount(text, "us-customary");
  return read.ok && read.value.amount.kind === "mass" ? read.value.amount.grams : undefined;
};

const draftsOf = (plan: MakePlan): PartDraft[] =>
  plan.lines.flatMap((line) =>
    line.parts.map((part) => {
      const planned = String(Math.round(part.grams * 10) / 10);
      return { ...part, lineId: line.lineId, planned, text: planned };
    }),
  );

/**
 * Grams of a part: what was typed, or the plan's own to the milligram where nothing was changed, so that a
 * lot of 566.99 g shown as 567 g is used up and not overdrawn. Undefined when it cannot be read.
 */
const gramsOf = (part: PartDraft): number | undefined =>
  part.text === part.planned ? Math.floor(part.grams * 1000) / 1000 : typed(part.text);

/** A bowl for what is eaten now, a tub for a dip, jars for what keeps: the first guess, changed in two taps. */
const usualKind: Readonly<Record<string, ContainerOption["kind"]>> = {
  "leaf-salad": "bowl",
  "grain-salad": "bowl",
  "cooked-salad": "bowl",
  slaw: "bowl",
  dip: "tub",
};

function firstContainer(plan: MakePlan): ContainerDraft {
  const wanted = usualKind[plan.kind] ?? "jar";
  const option = plan.containers.find((c) => c.kind === wanted) ?? plan.containers[0];
  return { kind: option?.kind ?? "jar", place: option?.place ?? "fridge", count: option?.fewest ?? 1 };
}

/** What was really used and where it goes, from the plan to the record. */
export function useMakeForm(plan: Ref<MakePlan | undefined>) {
  const parts = ref<PartDraft[]>([]);
  const containers = ref<ContainerDraft[]>([]);
  const leftOvers = ref<LeftOverDraft[]>([]);
  const weighedText = ref("");
  const submission = useSubmit<BatchMade>(["used", "weighedG", "containers", "leftOvers"]);
  let batchId = crypto.randomUUID();

  watch(
    plan,
    (now) => {
      if (!now) return;
      parts.value = draftsOf(now);
      containers.value = [firstContainer(now)];
      weighedText.value = "";
    },
    { immediate: true },
  );
  const toTrim = computed(() => parts.value.filter((p) => p.toTrim));

  function bodyOf(now: MakePlan): FinishMake | undefined {
    const used = parts.value.filter((p) => p.text.trim() !== "" && p.text.trim() !== "0");
    const unread = used.findIndex((p) => gramsOf(p) === undefined);
    if (unread >= 0)
      return void submission.refuse("amount-not-understood", `used.${unread}.grams`, {
        text: used[unread]?.text,
      });
    const weighedG = weighedText.value.trim() === "" ? null : typed(weighedText.value);
    if (weighedG === undefined)
      return void submission.refuse("amount-not-understood", "weighedG", { text: weighedText.value });
    const left = leftOvers.value.map((l) => ({
      id: l.id,
      ingredient: l.ingredient,
      grams: typed(l.text) ?? 0,
      place: "fridge" as const,
    }));
    if (left.some((l) => l.grams <= 0)) return void submission.refuse("amount-empty", "leftOvers");
    return {
      id: batchId,
      recipeId: now.recipeId,
      version: now.version,
      batches: now.batches,
      used: used.map((p) => ({
        lineId: p.lineId,
        ingredient: p.ingredient,
        lotId: p.lotId,
        grams: gramsOf(p) ?? 0,
      })),
      weighedG,
      containers: containers.value.map((c) => ({ ...c })),
      leftOvers: left,
    };
  }

  async function finish(): Promise<BatchMade | undefined> {
    const body = plan.value && bodyOf(plan.value);
    if (!body) return undefined;
    const made = await submission.submit((key) => call("finishMake", { body }, key));
    if (made) batchId = crypto.randomUUID();
    return made;
  }
  return { parts, containers, leftOvers, weighedText, toTrim, finish, submission };
}
