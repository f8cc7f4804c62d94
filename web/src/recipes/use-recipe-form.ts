import type { NewFormula, Recipe } from "@apron/contract";
import { computed, nextTick, watch, type Ref } from "vue";
import { useIngredients } from "../client/queries.ts";
import { useSubmit } from "../client/use-submit.ts";
import { lineWithoutIngredient, useRecipeDraft } from "./use-recipe-draft.ts";

type Saved = { readonly id: string; readonly name: string; readonly version: number };

/** A recipe on its way from what is being written to a saved version. */
export function useRecipeForm(id: string | undefined, recipe: Ref<Recipe | undefined>) {
  const { draft, basedOn, unreadable, setUnreadable, open, discard } = useRecipeDraft(id);
  const submission = useSubmit(["formula.lines", "formula.name", "formula.servings", "formula.minutes"], {
    recorded: () => {
      discard();
      if (id === undefined) open();
    },
  });
  const { refresh: ingredientsArrived } = useIngredients();
  watch(
    recipe,
    (now) => {
      if (now) open(now);
    },
    { immediate: true },
  );
  if (id === undefined) open();

  const lineProblem = (i: number): string | undefined => submission.sentenceAt(`formula.lines.${i}`);
  const wasEditedMeanwhile = computed(() => submission.problem.value?.code === "recipe-moved-on");

  /** What can be seen to be wrong before it is sent; true when it was refused. */
  function refused(formula: NewFormula): boolean {
    const unread = formula.lines.findIndex((line) => unreadable.value[line.id] !== undefined);
    if (unread >= 0) submission.refuse("amount-not-read", `formula.lines.${unread}`);
    else if (unreadable.value["makes"] !== undefined) submission.refuse("makes-not-read", "formula.makes");
    else {
      const empty = lineWithoutIngredient(formula as never);
      if (empty < 0) return false;
      submission.refuse("line-says-nothing", `formula.lines.${empty}`);
    }
    return true;
  }

  async function save(): Promise<Saved | undefined> {
    submission.forget();
    // A name that was entered before the list of ingredients arrived is taken from it first.
    await ingredientsArrived();
    await nextTick();
    const now = draft.value;
    if (!now) return undefined;
    const formula: NewFormula = { ...now, steps: now.steps.filter((step) => step.text.trim() !== "") };
    if (refused(formula)) return undefined;
    const saved =
      id === undefined
        ? await submission.submit("saveRecipe", { body: { formula } }, formula.name)
        : await submission.submit(
            "editRecipe",
            { params: { id }, body: { basedOn: basedOn.value, formula } },
            formula.name,
          );
    if (saved) discard();
    return saved;
  }
  /** The cook has seen the other version, and puts this one on top of it. */
  async function saveOnTop(): Promise<Saved | undefined> {
    const now = Number(submission.problem.value?.measurements["now"]);
    if (now > 0) basedOn.value = now;
    return save();
  }
  return {
    ...{ draft, basedOn, unreadable, setUnreadable, discard },
    ...{ submission, lineProblem, wasEditedMeanwhile, save, saveOnTop },
  };
}
