import { computed, onUnmounted, ref, shallowRef, toRaw } from "vue";
import type { Catalogue } from "@apron/core/catalogue";
import { useCatalogue } from "../client/queries.ts";
import { factsOf } from "../client/sent-facts.ts";
import { useSession } from "../client/session.ts";
import { sentenceFor } from "../client/words.ts";
import type { ReaderSays, ReadRecipe } from "./recipe-reader.worker.ts";

export type Progress = { readonly done: number; readonly of: number; readonly what: "read" | "saved" };

/** Recipes read from a text in a worker, with how far it is. */
export function useRecipeReader() {
  const session = useSession();
  const { data: known } = useCatalogue();
  const worker = new Worker(new URL("./recipe-reader.worker.ts", import.meta.url), { type: "module" });
  onUnmounted(() => {
    worker.terminate();
  });
  const problem = ref("");
  const progress = ref<Progress>();
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
    progress.value = data.kind === "progress" ? { ...data, what: "read" } : undefined;
    if (data.kind === "refused") problem.value = sentenceFor(data.issue);
    if (data.kind === "read") recipes.value = data.recipes;
  });
  worker.addEventListener("error", () => {
    progress.value = undefined;
    problem.value = sentenceFor({ code: "internal" });
  });
  function read(text: string): void {
    forget();
    if (!known.value) return;
    progress.value = { done: 0, of: 0, what: "read" };
    const { ingredients } = toRaw(known.value);
    worker.postMessage({ text, kitchen: { ingredients, cup: session.cup, ounces: { ...session.ounces } } });
  }
  const ready = computed(() => known.value !== undefined);
  return { read, forget, recipes, problem, progress, ready, catalogue };
}
