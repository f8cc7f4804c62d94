import type { NewFormula, RecipesImported } from "@apron/contract";
import { acceptReview, type LineAnswer, type RecipeReview } from "@apron/core/exchange";
import type { Formula } from "@apron/core/recipes";
import { computed, reactive } from "vue";
import { useSubmit } from "../client/use-submit.ts";
import { sentenceFor, sentenceOf } from "../client/words.ts";
import { useRecipeReader } from "./use-recipe-reader.ts";

/** So many recipes in one write: few enough to be sent over a weak network. */
const chunk = 25;

/** What a write takes: a formula without an id. */
const withoutId = (formula: Formula): NewFormula => {
  const { id: _id, ...rest } = formula;
  return rest;
};

/** Recipes on their way in: read in a worker, reviewed, then saved a few at a time with how far it is. */
export function useRecipeImport() {
  const { submit, problem: notSaved } = useSubmit();
  const reader = useRecipeReader();
  const { recipes, problem, progress, catalogue } = reader;

  /** The formula of one reviewed recipe with what the cook answered; says why there is none. */
  function formulaOf(review: RecipeReview, answers: ReadonlyMap<number, LineAnswer>): NewFormula | undefined {
    const accepted = acceptReview(review, answers, catalogue.value);
    problem.value = accepted.ok ? "" : sentenceFor(accepted.issue);
    return accepted.ok ? withoutId(accepted.value) : undefined;
  }

  /** Saves in chunks; what was saved before the network went is saved, and a second try leaves it alone. */
  async function saveAll(formulas: readonly NewFormula[]): Promise<RecipesImported | undefined> {
    const all: RecipesImported = { saved: [], same: [], refused: [] };
    problem.value = "";
    for (let i = 0; i < formulas.length; i += chunk) {
      progress.value = { done: i, of: formulas.length, what: "saved" };
      const some = formulas.slice(i, i + chunk);
      const done = await submit("importRecipes", { body: { formulas: some } }, some[0]?.name);
      if (!done) {
        progress.value = undefined;
        problem.value = sentenceOf(notSaved.value);
        return undefined;
      }
      all.saved.push(...done.saved);
      all.same.push(...done.same);
      all.refused.push(...done.refused);
    }
    progress.value = undefined;
    return all;
  }
  const formulas = computed(() =>
    recipes.value.flatMap(({ formula }) => (formula ? [withoutId(formula)] : [])),
  );
  return reactive({ ...reader, formulas, formulaOf, saveAll });
}

export type RecipeImport = ReturnType<typeof useRecipeImport>;
