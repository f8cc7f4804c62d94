import type { IngredientFacts as Sent } from "@apron/contract";
import { lineReader, type Catalogue, type LineReader, type OunceMeaning } from "@apron/core/catalogue";
import {
  acceptReview,
  foodNamer,
  readRecipeFiles,
  reviewRecipe,
  type DraftIssue,
  type RecipeDraft,
  type RecipeFile,
  type RecipeReview,
} from "@apron/core/exchange";
import type { CupSystem } from "@apron/core/measure";
import type { Formula } from "@apron/core/recipes";
import { factsOf } from "../client/sent-facts.ts";

export type ReaderKitchen = {
  readonly ingredients: readonly Sent[];
  readonly cup: CupSystem;
  readonly ounces: Readonly<Record<string, OunceMeaning>>;
  readonly meanings: Readonly<Record<string, string>>;
};

/** A recipe's lines, how they were read, and the formula it makes as it stands; null where it does not yet. */
export type ReadRecipe = {
  readonly draft: RecipeDraft;
  readonly review: RecipeReview;
  readonly formula: Formula | null;
};

/** What the page asks: files (a pasted text is one without a name) from the start, or one recipe again after the cook has changed its lines. */
export type ReaderOrder = { readonly kitchen: ReaderKitchen } & (
  | { readonly kind: "files"; readonly files: readonly RecipeFile[] }
  | { readonly kind: "draft"; readonly at: number; readonly draft: RecipeDraft }
);

/** What the worker says: how far it is, then the answer. */
export type ReaderSays =
  | { readonly kind: "progress"; readonly done: number; readonly of: number }
  | {
      readonly kind: "read";
      readonly recipes: readonly ReadRecipe[];
      readonly unread: readonly { readonly name: string; readonly issue: DraftIssue }[];
    }
  | { readonly kind: "reviewed"; readonly at: number; readonly recipe: ReadRecipe };

const tellEvery = 20;
const say = (message: ReaderSays): void => {
  self.postMessage(message);
};

function read(draft: RecipeDraft, reader: LineReader, catalogue: Catalogue): ReadRecipe {
  const review = reviewRecipe(draft, reader);
  const formula = acceptReview(review, new Map(), catalogue);
  return { draft, review, formula: formula.ok ? formula.value : null };
}

function readFiles(files: readonly RecipeFile[], reader: LineReader, catalogue: Catalogue): void {
  const { drafts, unread } = readRecipeFiles(files, foodNamer(reader));
  const recipes = drafts.map((draft, i) => {
    if (i % tellEvery === 0) say({ kind: "progress", done: i, of: drafts.length });
    return read(draft, reader, catalogue);
  });
  say({ kind: "read", recipes, unread });
}

self.addEventListener("message", ({ data }: MessageEvent<ReaderOrder>) => {
  const { ingredients, cup, ounces, meanings } = data.kitchen;
  const known = new Map(ingredients.map((one) => [one.id, factsOf(one)]));
  const catalogue: Catalogue = { ingredients: known, keeping: [], cautions: new Map() };
  const reader = lineReader(catalogue, { cup, ounces, meanings });
  if (data.kind === "files") return readFiles(data.files, reader, catalogue);
  say({ kind: "reviewed", at: data.at, recipe: read(data.draft, reader, catalogue) });
});
