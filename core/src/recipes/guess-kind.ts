import { hasTrait, type IngredientFacts } from "../catalogue/index.ts";
import type { DishKind, StepTool } from "./formula.ts";
import { kindFromWords } from "./kind-of-dish.ts";
import { isMachine } from "./step-tool.ts";

/** What a dish is made of and with, before anybody has said what kind of dish it is. */
export type DishContents = {
  readonly title: string;
  readonly category: string;
  readonly parts: readonly {
    readonly facts: IngredientFacts;
    /** Null where the recipe gives no amount. */
    readonly grams: number | null;
    readonly isHeated: boolean;
  }[];
  readonly tools: readonly (StepTool | null)[];
};

/** A kind, and whether the recipe says it itself. */
export type KindGuess = { readonly kind: DishKind; readonly isSaid: boolean };

type Part = DishContents["parts"][number];
/** What is put in without an amount counts little. */
const unmeasuredG = 5;
const weightOf = (parts: readonly Part[]): number =>
  parts.reduce((total, part) => total + (part.grams ?? unmeasuredG), 0);

/** Shares above which something is what the dish is of. A judgement: common practice, no source. */
const most = 0.5;
const much = 0.25;

const isGreen = ({ facts }: Part): boolean => facts.category === "soft-herb" || facts.group === "allium-leaf";
const isLeaf = ({ facts }: Part): boolean => facts.category === "leaf";
const isGrain = ({ facts }: Part): boolean =>
  facts.category === "grain" && facts.keepsAs !== "bread" && facts.keepsAs !== "flour";
const isPoured = ({ facts }: Part): boolean =>
  ["oil", "acid", "emulsifier", "sweet", "salt-condiment", "spice"].includes(facts.category) ||
  facts.keepsAs === "garlic" ||
  ["creamy-base", "cream", "water"].includes(facts.group);
const isShredded = ({ facts }: Part): boolean =>
  facts.category === "brassica" || facts.group === "crunchy-root" || facts.group === "shred-cabbage";
const isNutOrCheese = ({ facts }: Part): boolean => ["nut", "seed", "cheese"].includes(facts.category);
const isSeasoning = ({ facts }: Part): boolean =>
  ["oil", "acid", "salt-condiment", "spice", "sweet"].includes(facts.category);

function blended(parts: readonly Part[], share: (test: (part: Part) => boolean) => number): DishKind {
  if (share((part) => isGreen(part) || isLeaf(part)) < much) return "dip";
  return parts.some(isNutOrCheese) ? "pesto" : "herb-sauce";
}

function fromContents({ parts, tools }: DishContents): DishKind {
  const total = weightOf(parts);
  const share = (test: (part: Part) => boolean): number =>
    total > 0 ? weightOf(parts.filter(test)) / total : 0;
  const food = parts.filter((part) => !isSeasoning(part));
  const foodG = weightOf(food);
  const of = (test: (part: Part) => boolean): number => (foodG > 0 ? weightOf(food.filter(test)) / foodG : 0);
  const isPickle =
    parts.some(({ facts }) => hasTrait(facts, "vinegar")) &&
    share(({ facts }) => hasTrait(facts, "vinegar") || facts.category === "sweet") > much;
  if (share(isPoured) > 0.85 && !isPickle) return "dressing";
  if (isPickle && foodG > 0) return "preserve";
  if (tools.some(isMachine)) return blended(parts, share);
  if (of(isGrain) > much) return "grain-salad";
  if (of((part) => part.isHeated) > most) return "cooked-vegetables";
  if (of(isShredded) > most) return "slaw";
  return of(isLeaf) > much ? "leaf-salad" : "chopped-salad";
}

/** A salad that is mostly cooked is one all the same. */
const asNamed = (kind: DishKind, title: string): DishKind =>
  kind === "cooked-vegetables" && /salad|salat|insalata|ensalada|salade/i.test(title) ? "cooked-salad" : kind;

/** "Charred leeks with hazelnut dressing" are leeks. */
const headOf = (title: string): string => title.split(/ (?:with|in|on|mit|con|avec|au|aux) /i)[0] ?? "";

/** "Salad" alone says little, what is in it more. */
const saysLeaf = /\blea(?:f|ves)\b/i;

/** What the category and the title say: a kind, or only that it is cooked. */
function said({ title, category }: DishContents): DishKind | undefined {
  for (const words of [category, headOf(title)]) {
    const kind = kindFromWords(words);
    if (kind === "cooked-salad" && !/salad/i.test(words)) return "cooked-vegetables";
    if (kind && (kind !== "leaf-salad" || saysLeaf.test(words))) return kind;
  }
  return undefined;
}

/**
 * The kind of a dish: as its category or title says, else by what is in it and what is done with it. A guess decides how
 * long it keeps and in what it is put, so that the cook is asked.
 */
export function guessKind(dish: DishContents): KindGuess {
  const named = said(dish);
  if (named) return { kind: named, isSaid: true };
  if (dish.parts.length === 0) return { kind: kindFromWords(dish.title) ?? "composed-plate", isSaid: false };
  return { kind: asNamed(fromContents(dish), dish.title), isSaid: false };
}
