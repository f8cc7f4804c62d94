import { z } from "zod";
import { DishKind, NewFormula, Role, Step } from "./formula.ts";

export const ReadRecipes = z.object({ text: z.string().max(8_000_000) });
const ReviewedLine = z.object({
  text: z.string(),
  group: z.string(),
  ingredient: z.string().nullable(),
  grams: z.number().nullable(),
  role: Role,
  preparation: z.string(),
  optional: z.boolean(),
  toTaste: z.boolean(),
  proposal: z.object({ grams: z.number(), why: z.string() }).nullable(),
  workings: z.string(),
  questions: z.array(z.looseObject({ code: z.string() })).readonly(),
});
export const RecipesRead = z
  .object({
    recipes: z.array(
      z.object({
        title: z.string(),
        kind: DishKind,
        servings: z.number().nullable(),
        servingsProposal: z.number(),
        lines: z.array(ReviewedLine).readonly(),
        steps: z.array(Step).readonly(),
        formula: NewFormula.nullable().meta({ description: "Ready to be saved; null when it cannot be" }),
        issue: z.string().nullable().meta({ description: "Why it cannot be saved as it stands" }),
      }),
    ),
  })
  .meta({ id: "RecipesRead" });
