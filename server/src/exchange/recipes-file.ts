import { lineReader } from "@apron/core/catalogue";
import {
  acceptReview,
  readRecipes as readAll,
  recipeJson,
  recipeMarkdown,
  recipeWriter,
  reviewRecipe,
  type RecipeWriter,
} from "@apron/core/exchange";
import { accept } from "@apron/core/measure";
import { notFound, refuseWith } from "../context/refusal.ts";
import type { Kit, UseCase } from "../context/request-context.ts";

const writerOf = async (kit: Kit): Promise<RecipeWriter> => {
  const names = new Map((await kit.stores.recipes.all()).map(({ formula }) => [formula.id, formula.name]));
  return recipeWriter(kit.catalogue, kit.asker.kitchen.dialect, (id) => names.get(id) ?? id);
};

/** Reads, and saves nothing: every line as this kitchen understands it, and the formula where there is one. */
export const readRecipes: UseCase<"readRecipes"> = ({ body }, kit) => {
  const { cup, settings } = kit.asker.kitchen;
  const drafts = readAll(body.text);
  if (!drafts.ok) return Promise.resolve(refuseWith(drafts.issue, "text"));
  const reader = lineReader(kit.catalogue, { cup, ounces: settings.ounces ?? {} });
  const recipes = drafts.value.map((draft) => {
    const review = reviewRecipe(draft, reader);
    const formula = acceptReview(review, new Map(), kit.catalogue);
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
  return Promise.resolve(accept({ recipes }));
};

const written = (value: unknown): string => `${JSON.stringify(value, null, 2)}\n`;

export const exportRecipe: UseCase<"exportRecipe"> = async ({ params }, kit) => {
  const found = await kit.stores.recipes.get(params.id);
  return found ? accept(written(recipeJson(found.formula, await writerOf(kit)))) : notFound("recipe-unknown");
};

export const exportRecipeText: UseCase<"exportRecipeText"> = async ({ params }, kit) => {
  const found = await kit.stores.recipes.get(params.id);
  return found ? accept(recipeMarkdown(found.formula, await writerOf(kit))) : notFound("recipe-unknown");
};

/** All of them in one graph: what this kitchen reads back, and any other reader of schema.org. */
export const exportRecipes: UseCase<"exportRecipes"> = async (_input, kit) => {
  const writer = await writerOf(kit);
  const graph = (await kit.stores.recipes.all()).map(({ formula }) => {
    const { "@context": _context, ...recipe } = recipeJson(formula, writer);
    return recipe;
  });
  return accept(written({ "@context": "https://schema.org", "@graph": graph }));
};
