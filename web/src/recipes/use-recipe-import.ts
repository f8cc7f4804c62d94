import type { NewFormula, RecipesImported } from "@apron/contract";
import type { Catalogue } from "@apron/core/catalogue";
import { acceptReview, type LineAnswer, type RecipeReview } from "@apron/core/exchange";
import type { Formula } from "@apron/core/recipes";
import { computed, onUnmounted, ref, shallowRef, toRaw } from "vue";
import { ApiProblem, call } from "../app/api.ts";
import { useCatalogue, useRefresh } from "../app/queries.ts";
import { factsOf } from "../app/sent-facts.ts";
import { useSession } from "../app/session.ts";
import { sentenceFor, sentenceOf } from "../app/words.ts";
import type { ReaderSays, ReadRecipe } from "./recipe-reader.worker.ts";

const chunk = 25;

/** What a write takes: a formula without an id. */
const sent = (formula: Formula): NewFormula => {
  const { id: _id, ...rest } = formula;
  return rest;
};

/** Recipes on their way in: read in a worker, reviewed, then saved a few at a time with how far it is. */
export function useRecipeImport() {
  const session = useSession();
  const refresh = useRefresh();
  const { data: known } = useCatalogue();
  const worker = new Worker(new URL("./recipe-reader.worker.ts", import.meta.url), { type: "module" });
  onUnmounted(() => {
    worker.terminate();
  });
  const problem = ref("");
  const progress = ref<{ done: number; of: number; what: "read" | "saved" }>();
  const recipes = shallowRef<readonly ReadRecipe[]>([]);
  const catalogue = computed<Catalogue>(() => ({
    ingredients: new Map((known.value?.ingredients ?? []).map((one) => [one.id, factsOf(one)])),
    keeping: [],
    cautions: new Map(),
  }));

  function forget(): void {
    recipes.value = [];
    problem.value = "";
    progress.value = undefined;
  }
  worker.addEventListener("message", ({ data }: MessageEvent<ReaderSays>) => {
    switch (data.kind) {
      case "progress":
        progress.value = { ...data, what: "read" };
        return;
      case "refused":
        progress.value = undefined;
        problem.value = sentenceFor(data.issue);
        return;
      case "read":
        progress.value = undefined;
        recipes.value = data.recipes;
    }
  });
  worker.addEventListener("error", () => {
    progress.value = undefined;
    problem.value = sentenceFor({ code: "internal" });
  });
  function read(text: string): void {
    forget();
    if (!known.value) return;
    progress.value = { done: 0, of: 0, what: "read" };
    const kitchen = {
      ingredients: toRaw(known.value).ingredients,
      cup: session.cup,
      ounces: { ...session.ounces },
    };
    worker.postMessage({ text, kitchen });
  }

  /** The formula of one reviewed recipe with what the cook answered; says why there is none. */
  function formulaOf(review: RecipeReview, answers: ReadonlyMap<number, LineAnswer>): NewFormula | undefined {
    const accepted = acceptReview(review, answers, catalogue.value);
    problem.value = accepted.ok ? "" : sentenceFor(accepted.issue);
    return accepted.ok ? sent(accepted.value) : undefined;
  }

  /** Saves in chunks; what was saved before the network went is saved, and a second try leaves it alone. */
  async function saveAll(formulas: readonly NewFormula[]): Promise<RecipesImported | undefined> {
    const all: RecipesImported = { saved: [], same: [], refused: [] };
    problem.value = "";
    try {
      for (let i = 0; i < formulas.length; i += chunk) {
        progress.value = { done: i, of: formulas.length, what: "saved" };
        const done = await call("importRecipes", { body: { formulas: formulas.slice(i, i + chunk) } });
        all.saved.push(...done.saved);
        all.same.push(...done.same);
        all.refused.push(...done.refused);
      }
      return all;
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error;
      problem.value = sentenceOf(error);
      return undefined;
    } finally {
      progress.value = undefined;
      void refresh();
    }
  }
  const formulas = computed(() => recipes.value.flatMap(({ formula }) => (formula ? [sent(formula)] : [])));
  const ready = computed(() => known.value !== undefined);
  return { read, forget, recipes, formulas, formulaOf, saveAll, problem, progress, ready, catalogue };
}
