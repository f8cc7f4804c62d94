import { until } from "@vueuse/core";
import { computed, onUnmounted, ref, shallowRef, toRaw } from "vue";
import type { Catalogue } from "@apron/core/catalogue";
import { useCatalogue } from "../client/queries.ts";
import { factsOf } from "../client/sent-facts.ts";
import { useSession } from "../client/session.ts";
import { sentenceFor } from "../client/words.ts";
import type { RecipeDraft } from "@apron/core/exchange";
import type { ReaderKitchen, ReaderOrder, ReaderSays, ReadRecipe } from "./recipe-reader.worker.ts";

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
  /** Recipes that are being read again after a change. */
  const asked = ref(0);
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
    if (data.kind === "reviewed") {
      if (data.at < recipes.value.length) recipes.value = recipes.value.with(data.at, data.recipe);
      asked.value -= 1;
    }
  });
  worker.addEventListener("error", () => {
    progress.value = undefined;
    problem.value = sentenceFor({ code: "internal" });
  });
  /** Plain copies: a worker takes no reactive objects. */
  function kitchenNow(): ReaderKitchen | undefined {
    if (!known.value) return undefined;
    const { ingredients } = toRaw(known.value);
    const { cup, ounces, meanings } = session;
    return { ingredients, cup, ounces: { ...ounces }, meanings: { ...meanings } };
  }
  const ask = (order: ReaderOrder): void => {
    worker.postMessage(order);
  };
  function read(text: string): void {
    forget();
    const kitchen = kitchenNow();
    if (!kitchen) return;
    progress.value = { done: 0, of: 0, what: "read" };
    ask({ kind: "text", text, kitchen });
  }
  /** Reads one recipe again, with its lines as the cook has left them. */
  function review(at: number, { lines, minutes, language }: RecipeDraft): void {
    const kitchen = kitchenNow();
    if (!kitchen || at >= recipes.value.length) return;
    asked.value += 1;
    ask({
      kind: "draft",
      at,
      draft: { minutes, language, lines: lines.map((line) => ({ ...line })) },
      kitchen,
    });
  }
  /** Once every change has been read. */
  const settled = (): Promise<void> =>
    until(asked)
      .toBe(0)
      .then(() => undefined);
  const ready = computed(() => known.value !== undefined);
  return { read, review, settled, forget, recipes, problem, progress, ready, catalogue };
}
