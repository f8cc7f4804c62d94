import type { NewFormula, RecipesImported } from "@apron/contract";
import { acceptReview, type RecipeFile, type RecipeReview } from "@apron/core/exchange";
import type { Formula } from "@apron/core/recipes";
import { computed, reactive, watch, type Ref } from "vue";
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

/** Pictures that came with recipes follow them, shrunk as any photo is; one that cannot be drawn is left out. */
function usePhotos() {
  const { submit } = useSubmit();
  return async (saved: RecipesImported["saved"], photos: ReadonlyMap<string, string>): Promise<void> => {
    for (const { id, name } of saved) {
      const held = photos.get(name);
      if (held === undefined) continue;
      const { fileOfDataAddress, shrinkPhoto } = await import("../recipes/shrink-photo.ts");
      const data = await shrinkPhoto(fileOfDataAddress(held));
      if (data !== undefined)
        await submit("setPhoto", { params: { id }, body: { data } }, `photo of ${name}`);
    }
  };
}

/** Saves in chunks; what was saved before the network went is saved, and a second try leaves it alone. */
function useSaving({ problem, progress }: Reader, photos: Ref<ReadonlyMap<string, string>>) {
  const { submit, problem: notSaved } = useSubmit();
  const sendPhotos = usePhotos();
  return async (formulas: readonly NewFormula[]): Promise<RecipesImported | undefined> => {
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
      await sendPhotos(done.saved, photos.value);
      all.same.push(...done.same);
      all.refused.push(...done.refused);
    }
    progress.value = undefined;
    return all;
  };
}

/** Recipes on their way in: read in a worker, reviewed, then saved a few at a time with how far it is. */
export function useRecipeImport() {
  const reader = useRecipeReader();
  const { recipes, problem, catalogue } = reader;
  const changes = useChanges(reader);
  /** The formula of one reviewed recipe; says why there is none. */
  function formulaOf(review: RecipeReview): NewFormula | undefined {
    const accepted = acceptReview(review, new Map(), catalogue.value);
    problem.value = accepted.ok ? "" : sentenceFor(accepted.issue);
    return accepted.ok ? withoutId(accepted.value) : undefined;
  }
  const formulas = computed(() =>
    recipes.value.flatMap((_, at) => {
      const review = changes.reviewOf(at);
      const accepted = review && acceptReview(review, new Map(), catalogue.value);
      return accepted?.ok ? [withoutId(accepted.value)] : [];
    }),
  );
  /** The pictures that came with the recipes, by the names they are saved under. */
  const photos = computed(
    () =>
      new Map(
        recipes.value.flatMap(({ draft }, at) => {
          const title = changes.reviewOf(at)?.title;
          return draft.photo === undefined || title === undefined ? [] : [[title, draft.photo] as const];
        }),
      ),
  );
  return reactive({ ...reader, ...changes, formulas, formulaOf, saveAll: useSaving(reader, photos) });
}

export type RecipeImport = ReturnType<typeof useRecipeImport>;
