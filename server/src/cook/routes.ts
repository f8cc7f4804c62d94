import type { UseCases } from "../context/request-context.ts";
import { getCookAlong, recordCookEvent } from "./cook-along.ts";
import { costRecipe } from "./cost-recipe.ts";
import { finishMake } from "./finish-make.ts";
import { planMake } from "./plan-make.ts";

export const cookUseCases = {
  planMake,
  finishMake,
  costRecipe,
  getCookAlong,
  recordCookEvent,
} satisfies UseCases<"planMake" | "finishMake" | "costRecipe" | "getCookAlong" | "recordCookEvent">;
