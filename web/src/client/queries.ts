import { useQuery, useQueryCache } from "@pinia/colada";
import { call } from "./api.ts";

/** All ingredients by name: needed wherever something is logged. */
export const useIngredients = () =>
  useQuery({ key: ["ingredients"], query: () => call("listIngredients", {}), staleTime: 60 * 60 * 1000 });

/** Every ingredient with its figures, as this kitchen sees it: for what is read or worked out in the browser. */
export const useCatalogue = () =>
  useQuery({ key: ["catalogue"], query: () => call("getCatalogue", {}), staleTime: 60 * 60 * 1000 });

/** Every recipe by name, to choose one from. */
export const useAllRecipes = () =>
  useQuery({ key: ["recipes", "all"], query: () => call("listRecipes", { query: { limit: 1000 } }) });

/** One recipe's default version; the tabs of its page share it. */
export const useRecipe = (id: () => string | undefined) =>
  useQuery({
    key: () => ["recipe", id() ?? ""],
    query: () => call("getRecipe", { params: { id: id() ?? "" } }),
    enabled: () => id() !== undefined,
  });

export const useToday = () => useQuery({ key: ["today"], query: () => call("today", {}) });

/** What was accepted for the coming days, and what it has reserved. */
export const useAcceptedPlan = () =>
  useQuery({ key: ["accepted-plan"], query: () => call("acceptedPlan", {}) });

/** Reference figures do not change with what is logged. */
const figures = ["ingredients", "ingredient", "catalogue"];
const lasting = [...figures, "start"];

/** Of one thing that the write may have used up: its page asks again once it knows that it is still there. */
const ofOneThing = ["trim-options"];

/** Asks again for everything that what was just written may have changed. */
export function useRefresh(): () => Promise<unknown> {
  const cache = useQueryCache();
  const isOf = (names: readonly string[], key: readonly unknown[]): boolean => names.includes(String(key[0]));
  return () =>
    Promise.all([
      cache.invalidateQueries({ predicate: ({ key }) => isOf(ofOneThing, key) }, false),
      cache.invalidateQueries({ predicate: ({ key }) => !isOf([...lasting, ...ofOneThing], key) }),
    ]);
}

/** Asks again for the reference figures, after the kitchen set or added one of its own. */
export function useForgetFigures(): () => Promise<unknown> {
  const cache = useQueryCache();
  return () => cache.invalidateQueries({ predicate: (entry) => figures.includes(String(entry.key[0])) });
}
