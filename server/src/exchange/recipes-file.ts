import {
  acceptReview,
  foodNamer,
  readRecipes as readAll,
  recipeJson,
  recipeMarkdown,
  recipeWriter,
  reviewRecipe,
  type RecipeWriter,
} from "@apron/core/exchange";
import { accept } from "@apron/core/measure";
import { readerOf } from "../stock/line-reader.ts";
import { inTurn } from "../context/in-turn.ts";
import { notFound, refuseWith } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";

const writerOf = async (context: RequestContext): Promise<RecipeWriter> => {
  const names = new Map(
    (await context.stores.recipes.all()).map(({ formula }) => [formula.id, formula.name]),
  );
  return recipeWriter(context.catalogue, context.session.kitchen.dialect, (id) => names.get(id) ?? id);
};

/** Reads, and saves nothing: every line as this kitchen understands it, and the formula where there is one. */
export const readRecipes: UseCase<"readRecipes"> = ({ body }, context) => {
  const reader = readerOf(context);
  const drafts = readAll(body.text, foodNamer(reader));
  if (!drafts.ok) return Promise.resolve(refuseWith(drafts.issue, "text"));
  const recipes = drafts.value.map((draft) => {
    const review = reviewRecipe(draft, reader);
    const formula = acceptReview(review, new Map(), context.catalogue);
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

/** The photo inside the file: it is seen wherever the file goes, and asks this kitchen nothing. */
async function imageOf(recipeId: string, context: RequestContext): Promise<string | undefined> {
  const photo = await context.stores.photos.get(recipeId);
  return photo && `data:${photo.mediaType};base64,${Buffer.from(photo.bytes).toString("base64")}`;
}

export const exportRecipe: UseCase<"exportRecipe"> = async ({ params }, context) => {
  const found = await context.stores.recipes.get(params.id);
  if (!found) return notFound("recipe-unknown");
  const image = await imageOf(params.id, context);
  return accept(written(recipeJson(found.formula, await writerOf(context), image)));
};

export const exportRecipeText: UseCase<"exportRecipeText"> = async ({ params }, context) => {
  const found = await context.stores.recipes.get(params.id);
  return found ? accept(recipeMarkdown(found.formula, await writerOf(context))) : notFound("recipe-unknown");
};

/** All of them in one graph: what this kitchen reads back, and any other reader of schema.org. */
export const exportRecipes: UseCase<"exportRecipes"> = async (_input, context) => {
  const writer = await writerOf(context);
  const graph = await inTurn(await context.stores.recipes.all(), async ({ formula }) => {
    const image = await imageOf(formula.id, context);
    const { "@context": _context, ...recipe } = recipeJson(formula, writer, image);
    return recipe;
  });
  return accept(written({ "@context": "https://schema.org", "@graph": graph }));
};
