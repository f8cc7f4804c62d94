import type { UseCases } from "../context/request-context.ts";
import { takeDemoRecipes } from "./take-recipes.ts";

export const demoUseCases = { takeDemoRecipes } satisfies UseCases<"takeDemoRecipes">;
