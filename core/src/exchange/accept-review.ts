import type { Catalogue } from "../catalogue/index.ts";
import { accept, cutText, refuse, type Result } from "../measure/index.ts";
import {
  cautionsOfKind,
  fillerOf,
  impliedBy,
  keepingOf,
  lineOf,
  withLoadsSaid,
  defaultDensity,
  defaultLineRole,
  type Filler,
  type Formula,
  type Line,
} from "../recipes/index.ts";
import type { RecipeReview, ReviewedLine } from "./review-recipe.ts";

/** What the cook said to one line: another ingredient, an amount, or to leave it as words. Null is no answer. */
export type LineAnswer = {
  readonly ingredient: string | null;
  readonly grams: number | null;
  readonly leaveAsWords: boolean;
};

export type ReviewIssue = { readonly code: "title-missing" } | { readonly code: "recipe-has-no-line" };

/** More than this in one line of one batch was misread. */
const heaviestLineG = 50_000;
const mostServings = 500;

/** What else may fill the line, each once, and nothing that is never raw in a line that is. */
const alternativesOf = (
  { alternatives }: ReviewedLine,
  written: string,
  { eatenRaw, catalogue }: { readonly eatenRaw: boolean; readonly catalogue: Catalogue },
): Filler[] =>
  alternatives
    .filter(
      ({ ingredient: id }, i, all) =>
        id !== written &&
        all.findIndex((one) => one.ingredient === id) === i &&
        !(eatenRaw && catalogue.ingredients.get(id)?.raw === "no"),
    )
    .map((one) => fillerOf(one.ingredient, { maxShare: one.maxShare }));

function answeredLine(
  line: ReviewedLine,
  answer: LineAnswer | undefined,
  about: { readonly review: RecipeReview; readonly index: number; readonly catalogue: Catalogue },
): Line | undefined {
  const ingredient = answer?.ingredient ?? line.ingredient;
  const grams = answer?.grams ?? line.grams;
  const facts = about.catalogue.ingredients.get(ingredient ?? "");
  if (!facts || grams === null || !(grams > 0 && grams <= heaviestLineG) || answer?.leaveAsWords)
    return undefined;
  const other = facts.id !== line.ingredient;
  const implied = other ? impliedBy(`${line.preparation} ${line.text}`, facts) : line;
  const role = other ? defaultLineRole(facts, about.review.kind) : line.role;
  return lineOf(
    {
      id: `${role}-${about.index + 1}`,
      role,
      grams,
      fillers: [
        fillerOf(facts.id),
        ...alternativesOf(line, facts.id, { eatenRaw: implied.eatenRaw, catalogue: about.catalogue }),
      ],
    },
    {
      group: line.group,
      range: answer?.grams == null ? line.range : null,
      amountText:
        line.weighed && line.asBoughtG === null && line.cookedG === null ? "" : cutText(line.amountText, 120),
      asBoughtG: answer?.grams == null && !other ? line.asBoughtG : null,
      cookedG: answer?.grams == null && !other ? line.cookedG : null,
      preparation: cutText(line.preparation, 200),
      trim: implied.trim,
      cook: implied.cook,
      eatenRaw: implied.eatenRaw,
      optional: line.optional,
      toTaste: line.toTaste,
    },
  );
}

/**
 * The formula of a reviewed recipe. Lines without an ingredient or an amount are kept as they were written and count
 * for nothing; their number is on the recipe until they are answered. Refuses a recipe with no line that can be read.
 */
export function acceptReview(
  review: RecipeReview,
  answers: ReadonlyMap<number, LineAnswer>,
  catalogue: Catalogue,
): Result<Formula, ReviewIssue> {
  if (review.title.trim() === "") return refuse({ code: "title-missing" });
  const read = review.lines.map((line, index) =>
    answeredLine(line, answers.get(index), { review, index, catalogue }),
  );
  const lines = read.filter((line) => line !== undefined);
  if (lines.length === 0) return refuse({ code: "recipe-has-no-line" });
  const facts = lines.flatMap((line) => catalogue.ingredients.get(line.fillers[0]?.ingredient ?? "") ?? []);
  return accept({
    id: "",
    name: cutText(review.title.trim(), 120),
    kind: review.kind,
    servings: Math.min(mostServings, review.servings ?? review.servingsProposal),
    makes: review.makes,
    minutes: review.minutes ?? 0,
    lines,
    steps: withLoadsSaid(
      review.steps,
      lines.reduce((total, line) => total + line.grams, 0),
    ),
    keeping: keepingOf(review.kind, facts),
    gramsPerMl: defaultDensity(review.kind),
    cautions: cautionsOfKind(review.kind),
    notes: review.notes,
    unread: review.lines.filter((_, i) => read[i] === undefined).map((line) => cutText(line.text, 300)),
  });
}
