import { withKitchenYields, type Formula } from "@apron/core/recipes";
import type { RequestContext } from "../context/request-context.ts";
import { yieldsInForce } from "../stock/yields-in-force.ts";

const countsPieces = (formula: Formula): boolean => formula.lines.some((line) => line.asBoughtG !== null);

/** How this kitchen cooks formulas that count whole pieces: by its own yields. Asks for them only where they count. */
export async function kitchenFormulas(
  formulas: readonly Formula[],
  context: RequestContext,
): Promise<(formula: Formula) => Formula> {
  if (!formulas.some(countsPieces)) return (formula) => formula;
  const yieldOf = await yieldsInForce(context);
  return (formula) => withKitchenYields(formula, (ingredient, trim) => yieldOf(ingredient, trim, "prime"));
}
