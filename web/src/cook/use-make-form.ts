import type { BatchMade, MakePlan, RequestOf } from "@apron/contract";
import { exactly } from "@apron/core/measure";
import { computed, type Ref } from "vue";
import { newId } from "../client/new-id.ts";
import { useSubmit, type Submission } from "../client/use-submit.ts";
import {
  eatenGrams,
  figuresOf,
  gramsOf,
  keptDrafts,
  keptIn,
  keptOf,
  makesOf,
  partsOf,
  proposedContainers,
  saidGrams,
  type ContainerDraft,
  type KeptDraft,
  type MakeDraft,
  type PartDraft,
} from "./make-draft.ts";
import { typedGrams } from "../ui/typed-grams.ts";

type Body = RequestOf<"finishMake">["body"];
type Typed = {
  readonly draft: MakeDraft;
  readonly parts: readonly PartDraft[];
  readonly containers: readonly ContainerDraft[];
  readonly cookedBy: Body["cookedBy"];
};

/** What cannot be read, at its field; undefined where all can. */
function unread({ draft, parts, containers }: Typed): [field: string, text: string] | undefined {
  const used = parts.filter(isUsed);
  const part = used.findIndex((p) => gramsOf(p) === undefined);
  if (part >= 0) return [`used.${part}.grams`, used[part]?.text ?? ""];
  const weighed = draft.weighed.trim();
  if (weighed !== "" && typedGrams(weighed) === undefined) return ["weighedG", weighed];
  const kept = apartWrong(draft);
  if (kept) return kept;
  const container = containers.find((one) => one.text.trim() !== "" && saidGrams(one) === null);
  return container && ["containers", container.text];
}

/** What cannot be read of what is kept by itself; parts left empty are not kept. */
function apartWrong({ apart }: MakeDraft): [field: string, text: string] | undefined {
  return keptDrafts(apart).flatMap(([, { kept, weighed }], i): [string, string][] => {
    const isWrong = (text: string): boolean => text.trim() !== "" && typedGrams(text) === undefined;
    return [kept, weighed].filter(isWrong).map((text) => [`apart.${i}`, text]);
  })[0];
}

const isUsed = ({ text }: PartDraft): boolean => text.trim() !== "" && text.trim() !== "0";

/** The batch as it is sent; refuses at its field what cannot be read. */
function bodyOf(plan: MakePlan, typed: Typed, submission: Submission): Body | undefined {
  const wrong = unread(typed);
  if (wrong) return void submission.refuse("amount-not-understood", wrong[0], { text: wrong[1] });
  const { draft, parts, containers, cookedBy } = typed;
  const leftOvers = draft.leftOvers.map(({ id, ingredient, text }) => ({
    ...{ id, ingredient, grams: typedGrams(text) ?? 0 },
    place: "fridge" as const,
  }));
  if (leftOvers.some((l) => l.grams <= 0)) return void submission.refuse("amount-empty", "leftOvers");
  const { recipeId, version, batches } = plan;
  const { id, changes, note, nextTime } = draft;
  return {
    ...{ id, recipeId, version, batches, leftOvers, changes, note, nextTime, cookedBy },
    weighedG: typedGrams(draft.weighed) ?? null,
    eatenPortions: draft.eaten,
    apart: keptDrafts(draft.apart).map(([part, one]) => keptBody(plan, part, one)),
    used: parts.filter(isUsed).map((p) => {
      const { lineId, ingredient, lotId } = p;
      return { lineId, ingredient, lotId, grams: gramsOf(p) ?? 0 };
    }),
    containers: containers.map((one) => {
      const { kind, place, count, isPlain } = one;
      return { kind, place, count, isPlain, grams: saidGrams(one) };
    }),
  };
}

function keptBody(plan: MakePlan, part: string, one: KeptDraft): NonNullable<Body["apart"]>[number] {
  const { id, kind, place } = one;
  const made = plan.apart.find((apart) => apart.part === part);
  const count = (made && keptIn(made, one)?.count) ?? 1;
  const [keptG, weighedG] = [typedGrams(one.kept) ?? 0, typedGrams(one.weighed) ?? null];
  return { id, part, keptG, weighedG, containers: [{ kind, place, count }] };
}

type Make = { readonly draft: Ref<MakeDraft>; readonly clear: () => void };

/** Where it goes: what is eaten at once, and the containers for the rest. */
function useWhere({ draft }: Make, plan: Ref<MakePlan | undefined>, madeG: Ref<number>) {
  const eatenG = computed(() => (plan.value ? eatenGrams(draft.value, plan.value, madeG.value) : 0));
  const isAllEaten = computed(() => plan.value !== undefined && draft.value.eaten >= plan.value.servings);
  const containers = computed<ContainerDraft[]>({
    get: () => {
      if (isAllEaten.value) return [];
      const proposed = plan.value && proposedContainers(plan.value, madeG.value - eatenG.value);
      return draft.value.containers ?? proposed ?? [];
    },
    set: (chosen) => (draft.value.containers = chosen),
  });
  return { eatenG, isAllEaten, containers };
}

/** It was recorded as it was sent first: what is sent now is another batch. */
function renewIds(draft: MakeDraft): void {
  draft.id = newId();
  for (const one of Object.values(draft.apart)) one.id = newId();
}

/** What was really used and where it goes, from the plan to the record. */
export function useMakeForm(make: Make, plan: Ref<MakePlan | undefined>, cookedBy: () => Body["cookedBy"]) {
  const { draft, clear } = make;
  const submission = useSubmit(["used", "weighedG", "containers", "apart", "leftOvers"], {
    recorded: clear,
    renew: () => renewIds(draft.value),
  });
  const parts = computed(() => (plan.value ? partsOf(plan.value, draft.value.used) : []));
  const kept = computed(() => keptOf(draft.value.apart));
  const makes = computed(() => makesOf(plan.value?.remains ?? exactly(1), parts.value, kept.value));
  /** What was made: as weighed, else as worked out. */
  const madeG = computed(() => typedGrams(draft.value.weighed) ?? makes.value.value);
  const figures = computed(
    () => plan.value && figuresOf(plan.value, parts.value, { massG: madeG.value, kept: kept.value }),
  );
  const { eatenG, isAllEaten, containers } = useWhere(make, plan, madeG);
  const setUsed = (key: string, text: string): void => {
    draft.value.used = { ...draft.value.used, [key]: text };
  };
  /** Still to be bought, and not said to be used yet. */
  const toBuy = computed(() => parts.value.filter((p) => p.from === "buy" && p.text === ""));
  const useBought = (): void => {
    for (const part of toBuy.value) setUsed(part.key, part.planned);
  };
  async function finish(takeReserved = false): Promise<BatchMade | undefined> {
    const now = plan.value;
    const shown = { parts: parts.value, containers: containers.value };
    const typed = { draft: draft.value, ...shown, cookedBy: cookedBy() };
    const body = now && bodyOf(now, typed, submission);
    if (!now || !body) return undefined;
    const request = { body: { ...body, takeReserved } };
    const made = await submission.submit("finishMake", request, now.name);
    if (made) clear();
    return made;
  }
  /** A plan keeps some of it for another dish: asked whether it is taken all the same. */
  const isReserved = computed(() => submission.problem.value?.code === "lot-reserved");
  return {
    ...{ parts, containers, isAllEaten, eatenG, makes, figures, madeG },
    ...{ setUsed, toBuy, useBought, finish, isReserved, submission },
  };
}
