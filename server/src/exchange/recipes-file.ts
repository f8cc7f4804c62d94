import { recipeJson, recipeMarkdown, recipeWriter, type RecipeWriter } from "@apron/core/exchange";
import { accept } from "@apron/core/measure";
import { readingKitchen } from "../stock/line-reader.ts";
import { inTurn } from "../context/in-turn.ts";
import { notFound } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";

const writerOf = async (context: RequestContext): Promise<RecipeWriter> => {
  const names = new Map(
    (await context.stores.recipes.all()).map(({ formula }) => [formula.id, formula.name]),
  );
  return recipeWriter(context.catalogue, context.session.kitchen.dialect, (id) => names.get(id) ?? id);
};

/** Reads, and saves nothing: every line as this kitchen understands it, and the formula where there is one. */
export const readRecipes: UseCase<"readRecipes"> = async ({ body }, context) =>
  context.workers.run("readRecipes", body.text, await readingKitchen(context));

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
