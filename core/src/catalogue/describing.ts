import { singularWord } from "./name-keys.ts";
import type { Ingredient } from "./rows.ts";
import type { Category, FoodClass } from "./row-words.ts";
import {
  alsoChanging,
  alwaysDescribing,
  cookedWords,
  describingSome,
  makesAnother,
  neverDescribing,
  notCookedWhen,
} from "./tables/describing-words.ts";

/** What of an ingredient tells which words merely describe it. */
export type Kind = {
  readonly id: string;
  readonly category: Category;
  readonly keepsAs: FoodClass | undefined;
};

export const kindOf = ({ id, category, keepsAs }: Pick<Ingredient, "id" | "category" | "keepsAs">): Kind => ({
  id,
  category,
  // Pulses keep as cooked ones where their row does not say otherwise.
  keepsAs: keepsAs ?? (category === "legume" ? "cooked-pulse" : undefined),
});

const always = new Set([...alwaysDescribing].map(singularWord));
type Rule = (typeof describingSome)[number];
const rulesByWord = new Map<string, Rule[]>();
for (const rule of describingSome)
  for (const word of rule.words) rulesByWord.set(word, [...(rulesByWord.get(word) ?? []), rule]);

const applies = (rule: Rule, { id, category, keepsAs }: Kind): boolean =>
  (rule.categories?.includes(category) ?? false) ||
  (keepsAs !== undefined && (rule.classes?.includes(keepsAs) ?? false)) ||
  (rule.ingredients?.includes(id) ?? false);

/**
 * Does a word beside the name of a food merely say how it looks or is prepared? "Dried", "ground", "smoked" change most
 * foods, and describe only those that are sold so.
 */
export function describes(word: string, kind: Kind | undefined): boolean {
  if (kind && neverDescribing.some((rule) => rule.words.includes(word) && applies(rule, kind))) return false;
  if (always.has(word) || /^\d+$/.test(word)) return true;
  if (!kind) return false;
  if ((cookedWords as readonly string[]).includes(word))
    return kind.keepsAs === undefined || !notCookedWhen.includes(kind.keepsAs);
  return rulesByWord.get(word)?.some((rule) => applies(rule, kind)) ?? false;
}

/** Does a word make another food of this one wherever it is said: "dried" of a mango, "smoked" of a tomato? */
export const changesFood = (word: string, kind: Kind | undefined): boolean =>
  (rulesByWord.has(word) || alsoChanging.has(word) || (makesAnother as readonly string[]).includes(word)) &&
  !describes(word, kind);

/** Does a word never say what a food is, whatever stands beside it: "chopped", "fresh"? */
export const describesOnly = (word: string): boolean => always.has(word);

/** Does a word describe any food at all? */
export const describesAny = (word: string): boolean =>
  always.has(word) || rulesByWord.has(word) || (cookedWords as readonly string[]).includes(word);
