import type { BatchMade, FinishMake, MakePlan } from "@apron/contract";
import { computed, type Ref } from "vue";
import { newId } from "../client/new-id.ts";
import { useSubmit, type Submission } from "../client/use-submit.ts";
import {
  figuresOf,
  gramsOf,
  makesOf,
  partsOf,
  proposedContainers,
  useMakeDraft,
  type ContainerDraft,
  type MakeDraft,
  type PartDraft,
} from "./make-draft.ts";
import { typedGrams } from "../ui/typed-grams.ts";

type Typed = {
  readonly draft: MakeDraft;
  readonly parts: readonly PartDraft[];
  readonly containers: readonly ContainerDraft[];
};

/** The batch as it is sent; refuses at its field what cannot be read. */
function bodyOf(
  plan: MakePlan,
  { draft, parts, containers }: Typed,
  submission: Submission,
): FinishMake | undefined {
  const used = parts.filter((p) => p.text.trim() !== "" && p.text.trim() !== "0");
  const unread = used.findIndex((p) => gramsOf(p) === undefined);
  if (unread >= 0)
    return void submission.refuse("amount-not-understood", `used.${unread}.grams`, {
      text: used[unread]?.text,
    });
  const weighedG = draft.weighed.trim() === "" ? null : typedGrams(draft.weighed);
  if (weighedG === undefined)
    return void submission.refuse("amount-not-understood", "weighedG", { text: draft.weighed });
  const leftOvers = draft.leftOvers.map(({ id, ingredient, text }) => ({
    ...{ id, ingredient, grams: typedGrams(text) ?? 0 },
    place: "fridge" as const,
  }));
  if (leftOvers.some((l) => l.grams <= 0)) return void submission.refuse("amount-empty", "leftOvers");
  const { recipeId, version, batches } = plan;
  return {
    ...{ id: draft.id, recipeId, version, batches, weighedG, leftOvers },
    used: used.map((p) => {
      const { lineId, ingredient, lotId } = p;
      return { lineId, ingredient, lotId, grams: gramsOf(p) ?? 0 };
    }),
    containers: containers.map((c) => ({ ...c })),
  };
}

/** What was really used and where it goes, from the plan to the record. */
export function useMakeForm(recipeId: string, plan: Ref<MakePlan | undefined>) {
  const { draft, clear } = useMakeDraft(recipeId);
  const submission = useSubmit(["used", "weighedG", "containers", "leftOvers"], {
    recorded: clear,
    renew: () => (draft.value.id = newId()),
  });
  const parts = computed(() => (plan.value ? partsOf(plan.value, draft.value.used) : []));
  const makes = computed(() => makesOf(parts.value));
  /** What is to be stored: as weighed, else as worked out. */
  const storedG = computed(() => typedGrams(draft.value.weighed) ?? makes.value.value);
  const figures = computed(() => plan.value && figuresOf(plan.value, parts.value, storedG.value));
  const containers = computed<ContainerDraft[]>({
    get: () => draft.value.containers ?? (plan.value ? proposedContainers(plan.value, storedG.value) : []),
    set: (chosen) => (draft.value.containers = chosen),
  });
  const setUsed = (key: string, text: string): void => {
    draft.value.used = { ...draft.value.used, [key]: text };
  };
  /** Still to be bought, and not said to be used yet. */
  const toBuy = computed(() => parts.value.filter((p) => p.from === "buy" && p.text === ""));
  const useBought = (): void => {
    for (const part of toBuy.value) setUsed(part.key, part.planned);
  };
  async function finish(): Promise<BatchMade | undefined> {
    const now = plan.value;
    const typed = { draft: draft.value, parts: parts.value, containers: containers.value };
    const body = now && bodyOf(now, typed, submission);
    if (!now || !body) return undefined;
    const made = await submission.submit("finishMake", { body }, now.name);
    if (made) clear();
    return made;
  }
  return { draft, parts, containers, makes, figures, storedG, setUsed, toBuy, useBought, finish, submission };
}
