import type { Catalogue } from "@apron/core/catalogue";
import type { DraftIssue, RecipeDraft, RecipeFile } from "@apron/core/exchange";
import { until } from "@vueuse/core";
import { computed, onUnmounted, ref, shallowRef, toRaw } from "vue";
import { useCatalogue } from "../client/queries.ts";
import { factsOf } from "../client/sent-facts.ts";
import { useSession } from "../client/session.ts";
import { sentenceFor } from "../client/words.ts";
import type { ReaderKitchen, ReaderOrder, ReaderSays, ReadRecipe } from "./recipe-reader.worker.ts";

type Progress = { readonly done: number; readonly of: number; readonly what: "read" | "saved" };

/** What this kitchen reads with: for the worker as plain copies, for the page as a catalogue. */
function useReaderKitchen() {
  const session = useSession();
  const { data: known } = useCatalogue();
  function kitchenNow(): ReaderKitchen | undefined {
    if (!known.value) return undefined;
    const { ingredients } = toRaw(known.value);
    const { cup, ounces, meanings } = session;
    return { ingredients, cup, ounces: { ...ounces }, meanings: { ...meanings } };
  }
  const catalogue = computed<Catalogue>(() => ({
    ingredients: new Map((known.value?.ingredients ?? []).map((one) => [one.id, factsOf(one)])),
    keeping: [],
    cautions: new Map(),
  }));
  return { kitchenNow, catalogue, ready: computed(() => known.value !== undefined) };
}

/** "slaw.txt: No recipe was found." */
const unreadWords = ({ name, issue }: { readonly name: string; readonly issue: DraftIssue }): string =>
  name === "" ? sentenceFor(issue) : `${name}: ${sentenceFor(issue)}`;

/** What the worker has answered so far. */
function useReaderAnswers() {
  const problem = ref("");
  const progress = ref<Progress>();
  const recipes = shallowRef<readonly ReadRecipe[]>([]);
  /** Recipes that are being read again after a change. */
  const asked = ref(0);
  function forget(): void {
    recipes.value = [];
    problem.value = "";
    progress.value = undefined;
  }
  function hear(said: ReaderSays): void {
    progress.value = said.kind === "progress" ? { ...said, what: "read" } : undefined;
    if (said.kind === "read") {
      recipes.value = said.recipes;
      problem.value = said.unread.map(unreadWords).join(" ");
    }
    if (said.kind !== "reviewed") return;
    if (said.at < recipes.value.length) recipes.value = recipes.value.with(said.at, said.recipe);
    asked.value -= 1;
  }
  function fail(): void {
    progress.value = undefined;
    asked.value = 0;
    problem.value = sentenceFor({ code: "internal" });
  }
  return { problem, progress, recipes, asked, forget, hear, fail };
}

/** Recipes read from a text in a worker, with how far it is. */
export function useRecipeReader() {
  const { kitchenNow, catalogue, ready } = useReaderKitchen();
  const { asked, hear, fail, ...answers } = useReaderAnswers();
  const worker = new Worker(new URL("./recipe-reader.worker.ts", import.meta.url), { type: "module" });
  onUnmounted(() => {
    worker.terminate();
  });
  worker.addEventListener("message", ({ data }: MessageEvent<ReaderSays>) => {
    hear(data);
  });
  worker.addEventListener("error", fail);
  const ask = (order: ReaderOrder): void => {
    worker.postMessage(order);
  };
  function read(files: readonly RecipeFile[]): void {
    answers.forget();
    const kitchen = kitchenNow();
    if (!kitchen) return;
    answers.progress.value = { done: 0, of: 0, what: "read" };
    ask({ kind: "files", files, kitchen });
  }
  /** Reads one recipe again, with its lines as the cook has left them. */
  function review(at: number, { lines, ...said }: RecipeDraft): void {
    const kitchen = kitchenNow();
    if (!kitchen || at >= answers.recipes.value.length) return;
    asked.value += 1;
    const draft = { ...said, lines: lines.map((line) => ({ ...line })) };
    ask({ kind: "draft", at, draft, kitchen });
  }
  /** Once every change has been read. */
  const settled = (): Promise<void> =>
    until(asked)
      .toBe(0)
      .then(() => undefined);
  return { ...answers, read, review, settled, ready, catalogue };
}
