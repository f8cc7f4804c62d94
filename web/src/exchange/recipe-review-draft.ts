import type { RecipeDraft, RecipeReview, ReviewedLine, SourceLine } from "@apron/core/exchange";
import { sentenceFor } from "../client/words.ts";
import { useDraft } from "../client/use-draft.ts";
import { typedNumber } from "../ui/typed-number.ts";

/** What the cook has changed of one recipe of a paste. */
export type ChangedRecipe = {
  lines?: readonly SourceLine[];
  kind?: RecipeReview["kind"];
  servings?: string;
};

/** Everything that was changed of a paste, by the place of the recipe in it; it survives a reload. */
export type ReviewDraft = {
  /** What was pasted; what was changed of another text does not fit. */
  of: string;
  recipes: Record<number, ChangedRecipe>;
};

const afresh = (of = ""): ReviewDraft => ({ of, recipes: {} });

/** Enough of a text to tell it from another, without keeping it twice. */
const markOf = (text: string): string => `${text.length} ${text.slice(0, 200)} ${text.slice(-200)}`;

export function useReviewDraft() {
  const { draft, clear } = useDraft<ReviewDraft>("recipe-review", afresh);
  /** Forgets what was changed of another text. */
  function open(text: string): void {
    if (draft.value.of !== markOf(text)) draft.value = afresh(markOf(text));
  }
  const change = (at: number, change: ChangedRecipe): void => {
    draft.value.recipes[at] = { ...draft.value.recipes[at], ...change };
  };
  return { draft, open, change, clear };
}

/** Lines that cannot be counted as they were read. */
export const isOpen = (line: ReviewedLine): boolean => line.ingredient === null || line.grams === null;

/** What is asked about a line. */
export const questionOf = (line: ReviewedLine): string => {
  const [first] = line.questions;
  // The few it may be stand below as buttons.
  if (first?.code === "ingredient-unclear") return first.candidates.length > 1 ? "Which one?" : "Is it this?";
  if (first) return sentenceFor(first);
  return line.ingredient === null ? "Which ingredient is this?" : "How much?";
};

/** The few foods that a line may mean; none where nobody can say. */
export const candidatesOf = (line: ReviewedLine): readonly string[] =>
  line.questions.flatMap((question) => (question.code === "ingredient-unclear" ? question.candidates : []));

/** The name that a question is about, as it was written. */
export const askedNameOf = (line: ReviewedLine): string | undefined => {
  const asked = line.questions.find(
    (question) => question.code === "ingredient-unclear" || question.code === "ingredient-unknown",
  );
  return asked && "text" in asked ? asked.text : undefined;
};

/** The review with its head as the cook left it. */
export function headedBy(review: RecipeReview, { kind, servings }: ChangedRecipe): RecipeReview {
  const typed = typedNumber(servings ?? "");
  const said = servings === undefined ? review.servings : typed !== undefined && typed > 0 ? typed : null;
  return { ...review, kind: kind ?? review.kind, servings: said };
}

/** The lines of a recipe with another title; its first title line, or a new one before all others. */
export function retitled({ lines }: Pick<RecipeDraft, "lines">, title: string): SourceLine[] {
  const at = lines.findIndex((line) => line.kind === "title");
  return at < 0
    ? [{ kind: "title", text: title }, ...lines]
    : lines.map((line, i) => (i === at ? { ...line, text: title } : line));
}
