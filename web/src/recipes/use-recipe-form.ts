import type { Recipe } from "@apron/contract";
import { nextTick, watch, type Ref } from "vue";
import { useIngredients } from "../client/queries.ts";
import { useSubmit } from "../client/use-submit.ts";
import {
  lineWithoutIngredient,
  useRecipeDraft,
  writtenSteps,
  type FormulaDraft,
} from "./use-recipe-draft.ts";

type Saved = { readonly id: string; readonly name: string; readonly version: number };

type Refusal = { readonly code: string; readonly field: string };

/** What can be seen to be wrong with a recipe before it is sent. */
function refusalOf(formula: FormulaDraft, unreadable: Readonly<Record<string, string>>): Refusal | undefined {
  const unread = formula.lines.findIndex((line) => unreadable[line.id] !== undefined);
  if (unread >= 0) return { code: "amount-not-read", field: `formula.lines.${unread}` };
  if (unreadable["makes"] !== undefined) return { code: "makes-not-read", field: "formula.makes" };
  const empty = lineWithoutIngredient(formula);
  return empty < 0 ? undefined : { code: "line-says-nothing", field: `formula.lines.${empty}` };
}

const fields = ["lines", "name", "servings", "minutes", "makes", "keeping"].map((one) => `formula.${one}`);

/** A recipe on its way from what is being written to a saved version. */
export function useRecipeForm(id: string | undefined, recipe: Ref<Recipe | undefined>) {
  const kept = useRecipeDraft(id);
  const { draft, basedOn } = kept;
  const startAfresh = (): void => {
    kept.discard();
    if (id === undefined) kept.open();
  };
  const submission = useSubmit(fields, {
    recorded: startAfresh,
    // What was changed since is a version on top of the one that was recorded.
    renew: (reply) => (basedOn.value = (reply as Saved).version),
  });
  const { refresh: ingredientsArrived } = useIngredients();
  watch(recipe, (now) => now && kept.open(now), { immediate: true });
  if (id === undefined) kept.open();

  async function save(): Promise<Saved | undefined> {
    submission.forget();
    // A name that was entered before the list of ingredients arrived is taken from it first.
    await ingredientsArrived();
    await nextTick();
    const now = draft.value;
    if (!now) return undefined;
    const formula: FormulaDraft = { ...now, steps: writtenSteps(now.steps) };
    const refusal = refusalOf(formula, kept.unreadable.value);
    if (refusal) return void submission.refuse(refusal.code, refusal.field);
    const saved = await (id === undefined
      ? submission.submit("saveRecipe", { body: { formula } }, formula.name)
      : submission.submit(
          "editRecipe",
          { params: { id }, body: { basedOn: basedOn.value, formula } },
          formula.name,
        ));
    if (saved) kept.discard();
    return saved;
  }
  /** The cook has seen the other version, and puts this one on top of it. */
  async function saveOnTop(): Promise<Saved | undefined> {
    const now = Number(submission.problem.value?.measurements["now"]);
    if (now > 0) basedOn.value = now;
    return save();
  }
  return { ...kept, submission, save, saveOnTop };
}
