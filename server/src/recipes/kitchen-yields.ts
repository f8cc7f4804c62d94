import { trimOf } from "@apron/core/forms";
import { withKitchenYields, type Formula } from "@apron/core/recipes";
import type { RequestContext } from "../context/request-context.ts";
import { defaultYieldKind, yieldOf } from "../stock/yields-in-force.ts";

const countsPieces = (formula: Formula): boolean => formula.lines.some((line) => line.asBoughtG !== null);

/** How this kitchen cooks formulas that count whole pieces: by its own yields. Asks for them only where they count. */
export async function kitchenFormulas(
  formulas: readonly Formula[],
  { stores, catalogue }: RequestContext,
): Promise<(formula: Formula) => Formula> {
  if (!formulas.some(countsPieces)) return (formula) => formula;
  const learned = await stores.trims.learned("all");
  const known = new Map<string, number | undefined>();
  const expected = (ingredient: string, trim: string | null): number | undefined => {
    const key = `${ingredient} ${trim ?? ""}`;
    if (known.has(key)) return known.get(key);
    const facts = catalogue.ingredients.get(ingredient);
    const way = facts && trimOf(facts, trim);
    const value = way && yieldOf(way, defaultYieldKind(way.method, "prime"), learned).next.value;
    known.set(key, value);
    return value;
  };
  return (formula) => withKitchenYields(formula, expected);
}
