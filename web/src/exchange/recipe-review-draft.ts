import { sentenceFor } from "../client/words.ts";
import type { LineAnswer, RecipeReview, ReviewedLine } from "@apron/core/exchange";
import { useDraft } from "../client/use-draft.ts";
import { typedGrams } from "../ui/typed-grams.ts";
import { typedNumber } from "../ui/typed-number.ts";

/** What the cook says of one line that was not understood, or was understood wrong. */
type AnswerDraft = { ingredient: string; grams: string };

export type ReviewDraft = {
  /** What was read; what was answered to another text does not fit. */
  of: string;
  title: string;
  kind: RecipeReview["kind"];
  servings: string;
  answers: Record<number, AnswerDraft>;
};

export const textOf = (review: RecipeReview): string =>
  [review.title, ...review.lines.map((line) => line.text)].join("\n");

const afresh = (review: RecipeReview): ReviewDraft => ({
  of: textOf(review),
  title: review.title,
  kind: review.kind,
  servings: String(review.servings ?? ""),
  answers: {},
});

/** The answers to one review; they survive a reload for as long as the text stays the same. */
export function useReviewDraft(review: RecipeReview) {
  const { draft, clear } = useDraft<ReviewDraft>("recipe-review", () => afresh(review));
  if (draft.value.of !== textOf(review)) draft.value = afresh(review);
  return { draft, clear };
}

/** Lines that cannot be counted as they were read. */
export const isOpen = (line: ReviewedLine): boolean => line.ingredient === null || line.grams === null;

/** What is asked about a line. */
export const questionOf = (line: ReviewedLine): string => {
  const [first] = line.questions;
  if (first) return sentenceFor(first);
  return line.ingredient === null ? "Which ingredient is this?" : "How much?";
};

export function answersOf(draft: ReviewDraft): ReadonlyMap<number, LineAnswer> {
  const answers = new Map<number, LineAnswer>();
  for (const [i, { ingredient, grams }] of Object.entries(draft.answers)) {
    const typed = typedGrams(grams) ?? null;
    if (ingredient || typed !== null)
      answers.set(Number(i), { ingredient: ingredient || null, grams: typed, leaveAsWords: false });
  }
  return answers;
}

/** How many lines would be kept as words and counted for nothing. */
export const countOpen = (review: RecipeReview, answers: ReadonlyMap<number, LineAnswer>): number =>
  review.lines.filter((line, i) => {
    const answer = answers.get(i);
    return (
      (line.ingredient ?? answer?.ingredient ?? null) === null ||
      (line.grams ?? answer?.grams ?? null) === null
    );
  }).length;

/** The review with its head as the cook left it. */
export function headedBy(review: RecipeReview, { title, kind, servings }: ReviewDraft): RecipeReview {
  const typed = typedNumber(servings);
  return { ...review, title, kind, servings: typed !== undefined && typed > 0 ? typed : null };
}
