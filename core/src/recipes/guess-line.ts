import type { IngredientFacts } from "../catalogue/index.ts";
import { staysUntrimmed } from "../forms/index.ts";
import { includesHeat } from "../trim/index.ts";
import type { DishKind, Line, Role } from "./formula.ts";
import { methodWords, trimWords } from "./tables/kinds.ts";

const byCategory: Readonly<Record<string, Role>> = {
  leaf: "base",
  brassica: "base",
  root: "body",
  legume: "body",
  grain: "body",
  "fruit-vegetable": "body",
  fruit: "bright",
  "soft-herb": "green",
  "woody-herb": "green",
  flower: "finish",
  spice: "finish",
  nut: "nut",
  seed: "nut",
  cheese: "cheese",
  oil: "oil",
  acid: "acid",
  allium: "allium",
  sweet: "sweet",
  emulsifier: "creamy",
};

const byGroup: Readonly<Record<string, Role>> = {
  salt: "salt",
  briny: "salty",
  "umami-salt": "salty",
  "salty-sauce": "salty",
  caper: "salty",
  "creamy-base": "creamy",
  cream: "creamy",
  stock: "liquid",
  water: "liquid",
  "crunchy-stem": "crunch",
  "crunchy-root": "crunch",
  bread: "crunch",
  crunch: "crunch",
};

/** The part an ingredient usually plays in a dish of a kind. In a pesto or a herb sauce every leaf is the green. */
export function defaultLineRole(facts: Pick<IngredientFacts, "category" | "group">, kind: DishKind): Role {
  const sauce = kind === "pesto" || kind === "herb-sauce";
  if (sauce && ["leaf", "brassica", "soft-herb"].includes(facts.category)) return "green";
  if (facts.category === "nut" && !sauce) return "crunch";
  return byGroup[facts.group] ?? byCategory[facts.category] ?? "body";
}

/** The cooking change that words of a preparation name, where a figure for it exists; null is raw or unknown. */
const cookFor = (words: string, facts: IngredientFacts): string | null =>
  methodWords.find(
    ([method, said]) => said.test(words) && facts.changes.some((c) => c.method === method),
  )?.[0] ?? null;

/** The way of trimming that words of a preparation name, where a figure for it exists. */
const trimFor = (words: string, facts: IngredientFacts): string | null =>
  trimWords.find(([method, said]) => said.test(words) && facts.trims.some((t) => t.method === method))?.[0] ??
  null;

/** Is it heated at all by these words, figure or no figure? */
const isHeated = (words: string): boolean => methodWords.some(([, said]) => said.test(words));

type Preparation = Pick<Line, "trim" | "cook" | "eatenRaw">;

/**
 * What a preparation implies: the trim method, how it is cooked, and whether it is eaten raw. Something
 * never eaten raw counts as cooked whatever the words.
 */
export function impliedBy(words: string, facts: IngredientFacts): Preparation {
  const trim = staysUntrimmed(words) ? null : trimFor(words, facts);
  // "Charred whole, flesh scooped": the way of trimming has the heat and the water it takes in it already.
  const isInTrim = trim !== null && includesHeat(trim);
  return {
    trim,
    cook: isInTrim ? null : cookFor(words, facts),
    eatenRaw: !isInTrim && !isHeated(words) && facts.raw !== "no",
  };
}
