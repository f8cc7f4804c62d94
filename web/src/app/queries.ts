import { useQuery } from "@pinia/colada";
import { call } from "./api.ts";

/** All ingredients by name: needed wherever something is logged. */
export const useIngredients = () =>
  useQuery({ key: ["ingredients"], query: () => call("listIngredients", {}), staleTime: 60 * 60 * 1000 });

export const useToday = () => useQuery({ key: ["today"], query: () => call("today", {}) });
