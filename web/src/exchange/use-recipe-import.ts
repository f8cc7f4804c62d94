import type { NewFormula, RecipesImported } from "@apron/contract";
import { acceptReview, type RecipeFile, type RecipeReview } from "@apron/core/exchange";
import type { Formula } from "@apron/core/recipes";
import { computed, reactive, watch } from "vue";
import { useSubmit } from "../client/use-submit.ts";
import { sentenceFor, sentenceOf } from "../client/words.ts";
import { headedBy, useReviewDraft, type ChangedRecipe } from "./recipe-review-draft.ts";
import { useRecipeReader } from "./use-recipe-reader.ts";

/** So many recipes in one write: few enough to be sent over a weak network. */
const chunk = 25;

/** What a write takes: a formula without an id. */
const withoutId = (formula: Formula): NewFormula => {
  const { id: _id, ...rest } = formula;
  return rest;
};

type Reader = ReturnType<typeof useRecipeReader>;

/** What the cook changes of the recipes of one text; it is read again, and kept over a reload. */
function useChanges({ recipes, read: readFiles, review }: Reader) {
  const { draft, open, change: keep, clear } = useReviewDraft();
  /** Reads files, or what was pasted; what was changed of the same text before is changed again. */
  function read(files: readonly RecipeFile[]): void {
    open(files.map(({ text }) => text).join("\n"));
    readFiles(files);
  }
  watch(recipes, (now, before) => {
    if (before.length > 0) return;
    for (const [at, recipe] of now.entries()) {
      const lines = draft.value.recipes[at]?.lines;
      if (lines) review(at, { ...recipe.draft, lines });
    }
  });
  const changedOf = (at: number): ChangedRecipe => draft.value.recipes[at] ?? {};
  function change(at: number, changed: ChangedRecipe): void {
    keep(at, changed);
    const recipe = recipes.value[at];
    if (changed.lines && recipe) review(at, { ...recipe.draft, lines: changed.lines });
  }
  /** A recipe with everything that was changed of it. */
  const reviewOf = (at: number): RecipeReview | undefined => {
    const recipe = recipes.value[at];
    return recipe && headedBy(recipe.review, changedOf(at));
  };
  return { read, change, changedOf, reviewOf, clear };
}

/** A recipe as it will be saved, with the picture that came with it as a data: address. */
export type ReadyRecipe = { readonly formula: NewFormula; readonly photo: string | undefined };

/** What became of the recipes, and the names of those whose picture this browser cannot draw. */
type ImportDone = RecipesImported & { readonly withoutPicture: readonly string[] };

/** The picture that came with a recipe follows it, shrunk as any photo is. False where it cannot be drawn. */
function usePhoto() {
  const { submit } = useSubmit();
  return async ({ id, name }: RecipesImported["saved"][number], held: string): Promise<boolean> => {
    const { fileOfDataAddress, shrinkPhoto } = await import("../recipes/shrink-photo.ts");
    const data = await shrinkPhoto(fileOfDataAddress(held));
    if (data === undefined) return false;
    await submit("setPhoto", { params: { id }, body: { data } }, `photo of ${name}`);
    return true;
  };
}

/** Saves in chunks; what was saved before the network went is saved, and a second try leaves it alone. */
function useSaving({ problem, progress }: Reader) {
  const { submit, problem: notSaved } = useSubmit();
  const sendPhoto = usePhoto();
  return async (recipes: readonly ReadyRecipe[]): Promise<ImportDone | undefined> => {
    const all: RecipesImported = { saved: [], same: [], refused: [] };
    const withoutPicture: string[] = [];
    problem.value = "";
    for (let i = 0; i < recipes.length; i += chunk) {
      progress.value = { done: i, of: recipes.length, what: "saved" };
      const some = recipes.slice(i, i + chunk);
      const body = { formulas: some.map(({ formula }) => formula) };
      const done = await submit("importRecipes", { body }, some[0]?.formula.name);
      if (!done) {
        progress.value = undefined;
        problem.value = sentenceOf(notSaved.value);
        return undefined;
      }
      for (const one of done.saved) {
        const held = some[one.at]?.photo;
        if (held !== undefined && !(await sendPhoto(one, held))) withoutPicture.push(one.name);
      }
      all.saved.push(...done.saved);
      all.same.push(...done.same);
      all.refused.push(...done.refused);
    }
    progress.value = undefined;
    return { ...all, withoutPicture };
  };
}

/** Recipes on their way in: read in a worker, reviewed, then saved a few at a time with how far it is. */
export function useRecipeImport() {
  const reader = useRecipeReader();
  const { recipes, problem, catalogue } = reader;
  const changes = useChanges(reader);
  const accepted = (at: number) => {
    const review = changes.reviewOf(at);
    return review && acceptReview(review, new Map(), catalogue.value);
  };
  const ready = (at: number, formula: Formula): ReadyRecipe => ({
    formula: withoutId(formula),
    photo: recipes.value[at]?.draft.photo,
  });
  /** One reviewed recipe as it will be saved; says why it cannot be. */
  function readyOf(at: number): ReadyRecipe | undefined {
    const one = accepted(at);
    problem.value = one && !one.ok ? sentenceFor(one.issue) : "";
    return one?.ok ? ready(at, one.value) : undefined;
  }
  const toSave = computed(() =>
    recipes.value.flatMap((_, at) => {
      const one = accepted(at);
      return one?.ok ? [ready(at, one.value)] : [];
    }),
  );
  return reactive({ ...reader, ...changes, toSave, readyOf, saveAll: useSaving(reader) });
}

export type RecipeImport = ReturnType<typeof useRecipeImport>;
