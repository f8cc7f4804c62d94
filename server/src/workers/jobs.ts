import { lineReader, readLine, withOwn, type Catalogue } from "@apron/core/catalogue";
import { referenceCatalogue } from "@apron/core/catalogue/reference";
import {
  acceptReview,
  foodNamer,
  readLotsCsv,
  readRecipes as readAll,
  reviewRecipe,
} from "@apron/core/exchange";
import { highsSolver, searchSeed, solveMealPlan as solve, writtenPlan } from "@apron/core/match";
import { accept } from "@apron/core/measure";
import type { Jobs, ReadingKitchen, Workers } from "../context/ports/workers.ts";
import { refuseWith } from "../context/refusal.ts";

const catalogueOf = ({ own }: ReadingKitchen): Catalogue =>
  own.ingredients.length + own.figures.length > 0 ? withOwn(referenceCatalogue, own) : referenceCatalogue;

function readerOf(kitchen: ReadingKitchen) {
  const { cup, ounces, meanings } = kitchen;
  const catalogue = catalogueOf(kitchen);
  return { catalogue, reader: lineReader(catalogue, { cup, ounces, meanings }) };
}

const readLines: Jobs["readLines"] = (lines, kitchen) => {
  const { reader } = readerOf(kitchen);
  return lines.map((line) => readLine(line, reader));
};

const readLots: Jobs["readLots"] = (csv, kitchen, today) => {
  const { cup, ounces } = kitchen;
  return readLotsCsv(csv, { catalogue: catalogueOf(kitchen), cup, ounces, today });
};

const readRecipes: Jobs["readRecipes"] = (text, kitchen) => {
  const { catalogue, reader } = readerOf(kitchen);
  const drafts = readAll(text, foodNamer(reader));
  if (!drafts.ok) return refuseWith(drafts.issue, "text");
  const recipes = drafts.value.map((draft) => {
    const review = reviewRecipe(draft, reader);
    const formula = acceptReview(review, new Map(), catalogue);
    const { title, kind, servings, servingsProposal, steps } = review;
    return {
      title,
      kind,
      servings,
      servingsProposal,
      steps,
      lines: review.lines.map((line) => ({ ...line, questions: line.questions.map((q) => ({ ...q })) })),
      formula: formula.ok ? formula.value : null,
      issue: formula.ok ? null : formula.issue.code,
    };
  });
  return accept({ recipes });
};

const solveMealPlan: Jobs["solveMealPlan"] = async (problem, seconds) => {
  // The solver is large, and loads with the first plan that is asked for.
  const { default: loadHighs } = await import("highs");
  const solved = solve(problem, highsSolver(await loadHighs()), { seconds });
  if (!solved) return undefined;
  const { plan, value, bound, isProven } = solved;
  return { written: writtenPlan(plan), proof: { value, bound, isProven, seconds, seed: searchSeed } };
};

export const jobs: Jobs = { readLines, readLots, readRecipes, solveMealPlan };

/** The same jobs without a thread: where nobody else is kept waiting. */
export const workersHere: Workers = {
  run: (name, ...given) => Promise.resolve((jobs[name] as (...all: unknown[]) => unknown)(...given) as never),
};
