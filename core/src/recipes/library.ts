import { searchNames, type Catalogue, type IngredientFacts } from "../catalogue/index.ts";
import { withoutAccents } from "../measure/index.ts";
import { allergensOf } from "./allergens.ts";
import { dietsOf, isPartlyRead, type Diet } from "./diets.ts";
import { writtenIngredients, type DishKind, type Formula } from "./formula.ts";

/** What the library knows of a recipe without opening it. A version never changes, so neither does its card. */
export type RecipeCard = {
  readonly id: string;
  readonly name: string;
  readonly kind: DishKind;
  readonly servings: number;
  readonly minutes: number;
  /** Every ingredient that may go in, first what is written. */
  readonly ingredients: readonly string[];
  readonly allergens: readonly string[];
  readonly diets: readonly Diet[];
  readonly unread: number;
};

/** The card of a formula whose sub-recipes are already in place. */
export function cardOf(formula: Formula, catalogue: Catalogue): RecipeCard {
  const written = writtenIngredients(formula);
  const all = formula.lines.flatMap((line) => line.fillers.map((f) => f.ingredient));
  return {
    id: formula.id,
    name: formula.name,
    kind: formula.kind,
    servings: formula.servings,
    minutes: formula.minutes,
    ingredients: [...new Set([...written, ...all])],
    allergens: allergensOf(written, catalogue),
    diets: isPartlyRead(formula) ? [] : dietsOf(written, catalogue),
    unread: formula.unread.length,
  };
}

/** What the library is asked for; empty texts and lists ask for nothing in particular. */
export type LibraryQuestion = {
  readonly text: string;
  readonly kind: DishKind | null;
  readonly diet: Diet | null;
  readonly without: readonly string[];
  /** Ingredients on hand; null does not ask. */
  readonly onHand: ReadonlySet<string> | null;
};

const folded = (text: string): string => withoutAccents(text).toLowerCase();

/**
 * Recipes that fit a question. A text finds by title and by any name of any ingredient that may go in; "on hand" asks
 * for at least one of them, and those using the most of what is on hand come first.
 */
export function searchLibrary(
  cards: readonly RecipeCard[],
  question: LibraryQuestion,
  ingredients: ReadonlyMap<string, IngredientFacts>,
): RecipeCard[] {
  const wanted = folded(question.text.trim());
  const meant = wanted === "" ? [] : searchNames(wanted, ingredients.values()).map((one) => one.id);
  const named = new Set(meant);
  const { onHand } = question;
  const shares = (card: RecipeCard): number => card.ingredients.filter((id) => onHand?.has(id)).length;
  const fits = (card: RecipeCard): boolean =>
    (wanted === "" || folded(card.name).includes(wanted) || card.ingredients.some((id) => named.has(id))) &&
    (question.kind === null || card.kind === question.kind) &&
    (question.diet === null || card.diets.includes(question.diet)) &&
    !question.without.some((allergen) => card.allergens.includes(allergen)) &&
    (onHand === null || shares(card) > 0);
  const found = cards.filter(fits);
  const order = new Map(found.map((card) => [card, onHand ? shares(card) : 0]));
  return found.sort(
    (a, b) => (order.get(b) ?? 0) - (order.get(a) ?? 0) || a.name.localeCompare(b.name, "en"),
  );
}
