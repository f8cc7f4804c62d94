import type { RequestOf } from "@apron/contract";
import { allergenChoices } from "../catalogue/allergen-words.ts";
import { dietWords, kindWords } from "./kind-words.ts";

type Query = RequestOf<"listRecipes">["query"];

/** What narrows the library down; "all" chooses nothing. */
export type RecipeFilters = {
  text: string;
  kind: string;
  diet: string;
  without: string;
  onHand: boolean;
  archived: boolean;
};
export const noFilters = (): RecipeFilters => ({
  ...{ text: "", kind: "all", diet: "all", without: "all", onHand: false, archived: false },
});

const choicesOf = (all: string, words: Readonly<Record<string, string>>) => [
  { value: "all", label: all },
  ...Object.entries(words).map(([value, label]) => ({ value, label })),
];
export const kindChoices = choicesOf("Any kind", kindWords);
export const dietChoices = choicesOf("Any diet", dietWords);
export const withoutChoices = [
  { value: "all", label: "Any allergens" },
  ...allergenChoices.map(({ value, label }) => ({ value: value as string, label: `No ${label}` })),
];

const chosen = (value: string): string | undefined => (value === "all" ? undefined : value);

export const queryOf = (filters: RecipeFilters): Query => ({
  text: filters.text,
  kind: chosen(filters.kind) as keyof typeof kindWords | undefined,
  diet: chosen(filters.diet) as keyof typeof dietWords | undefined,
  without: chosen(filters.without) ?? "",
  onHand: filters.onHand ? "yes" : "no",
  archived: filters.archived ? "yes" : "no",
});

export const isNarrowed = (filters: RecipeFilters): boolean =>
  JSON.stringify(filters) !== JSON.stringify(noFilters());
