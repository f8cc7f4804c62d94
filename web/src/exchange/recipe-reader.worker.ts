import type { IngredientFacts as Sent } from "@apron/contract";
import { lineReader, type Catalogue, type OunceMeaning } from "@apron/core/catalogue";
import {
  acceptReview,
  foodNamer,
  readRecipes,
  reviewRecipe,
  type DraftIssue,
  type RecipeReview,
} from "@apron/core/exchange";
import type { CupSystem } from "@apron/core/measure";
import type { Formula } from "@apron/core/recipes";
import { factsOf } from "../client/sent-facts.ts";

export type ReaderKitchen = {
  readonly ingredients: readonly Sent[];
  readonly cup: CupSystem;
  readonly ounces: Readonly<Record<string, OunceMeaning>>;
};

/** One recipe as it was read, and the formula it makes as it stands; null where it does not yet. */
export type ReadRecipe = { readonly review: RecipeReview; readonly formula: Formula | null };

/** What the worker says: how far it is, then the answer. */
export type ReaderSays =
  | { readonly kind: "progress"; readonly done: number; readonly of: number }
  | { readonly kind: "refused"; readonly issue: DraftIssue }
  | { readonly kind: "read"; readonly recipes: readonly ReadRecipe[] };

const tellEvery = 20;

self.addEventListener("message", ({ data }: MessageEvent<{ text: string; kitchen: ReaderKitchen }>) => {
  const say = (message: ReaderSays): void => {
    self.postMessage(message);
  };
  const { ingredients, cup, ounces } = data.kitchen;
  const known = new Map(ingredients.map((one) => [one.id, factsOf(one)]));
  const catalogue: Catalogue = { ingredients: known, keeping: [], cautions: new Map() };
  const reader = lineReader(catalogue, { cup, ounces });
  const drafts = readRecipes(data.text, foodNamer(reader));
  if (!drafts.ok) return say({ kind: "refused", issue: drafts.issue });
  const recipes = drafts.value.map((draft, i) => {
    if (i % tellEvery === 0) say({ kind: "progress", done: i, of: drafts.value.length });
    const review = reviewRecipe(draft, reader);
    const formula = acceptReview(review, new Map(), catalogue);
    return { review, formula: formula.ok ? formula.value : null };
  });
  say({ kind: "read", recipes });
});
