import type { UseCases } from "../context/request-context.ts";
import { plateRecipe } from "./plate-recipe.ts";

export const plateUseCases = { plateRecipe } satisfies UseCases<"plateRecipe">;
