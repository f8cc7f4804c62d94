import { useQuery, useQueryCache } from "@pinia/colada";
import { call } from "./api.ts";

/** All ingredients by name: needed wherever something is logged. */
export const useIngredients = () =>
  useQuery({ key: ["ingredients"], query: () => call("listIngredients", {}), staleTime: 60 * 60 * 1000 });

export const useToday = () => useQuery({ key: ["today"], query: () => call("today", {}) });

/** Reference figures do not change with what is logged. */
const lasting = ["ingredients", "ingredient", "start"];

/** Asks again for everything that what was just written may have changed. */
export function useRefresh(): () => Promise<unknown> {
  const cache = useQueryCache();
  return () => cache.invalidateQueries({ predicate: (entry) => !lasting.includes(String(entry.key[0])) });
}
