import type { Catalogue } from "../catalogue/index.ts";
import { accept, refuse, type Result } from "../measure/index.ts";
import { writtenWeight } from "./batch-weight.ts";
import type { Formula, Line } from "./formula.ts";

export type SubRecipeIssue =
  | { readonly code: "recipe-unknown"; readonly recipe: string }
  | { readonly code: "recipe-in-itself"; readonly recipes: readonly string[] }
  | { readonly code: "recipes-nested-too-deep"; readonly atMost: number }
  | { readonly code: "too-many-lines-in-all"; readonly atMost: number };

/** How deep recipes may be parts of recipes, and how many lines they may have together. */
export const subRecipeLimits = { depth: 6, lines: 360 } as const;

type Known = {
  readonly find: (id: string) => Formula | undefined;
  readonly catalogue: Catalogue;
};

/** The lines of another formula in the place of the line it makes, so much of each that they weigh what it asks. */
function linesInPlaceOf(line: Line, sub: Formula, catalogue: Catalogue): Line[] {
  const share = line.grams / writtenWeight(sub, catalogue).value;
  return sub.lines.map((inner) => ({
    ...inner,
    id: `${line.id}.${inner.id}`,
    group: line.group === "" ? sub.name : line.group,
    grams: inner.grams * share,
    asBoughtG: inner.asBoughtG && inner.asBoughtG * share,
    cookedG: inner.cookedG && inner.cookedG * share,
    range: inner.range && { low: inner.range.low * share, high: inner.range.high * share },
    optional: line.optional || inner.optional,
  }));
}

/**
 * A formula with every line that another recipe makes replaced by that recipe's own lines, to any depth, its steps
 * first and its cautions added. Refuses a recipe that is not there, and one that leads back to itself (`recipes` is
 * the way round), one that lies too deep, and more lines together than a cook could follow.
 */
export function withSubRecipes(
  formula: Formula,
  known: Known,
  path: readonly string[] = [],
): Result<Formula, SubRecipeIssue> {
  const way = [...path, formula.id];
  if (path.includes(formula.id)) return refuse({ code: "recipe-in-itself", recipes: way });
  if (formula.lines.every((line) => line.recipe === null)) return accept(formula);
  if (path.length >= subRecipeLimits.depth)
    return refuse({ code: "recipes-nested-too-deep", atMost: subRecipeLimits.depth });
  const lines: Line[] = [];
  const subs = new Map<string, Formula>();
  for (const line of formula.lines) {
    if (line.recipe === null) {
      lines.push(line);
      continue;
    }
    const written = known.find(line.recipe);
    if (!written) return refuse({ code: "recipe-unknown", recipe: line.recipe });
    const sub = withSubRecipes(written, known, way);
    if (!sub.ok) return sub;
    subs.set(sub.value.id, sub.value);
    lines.push(...linesInPlaceOf(line, sub.value, known.catalogue));
    if (lines.length > subRecipeLimits.lines)
      return refuse({ code: "too-many-lines-in-all", atMost: subRecipeLimits.lines });
  }
  const inner = [...subs.values()];
  return accept({
    ...formula,
    lines,
    steps: [...inner.flatMap((sub) => sub.steps), ...formula.steps],
    cautions: [...new Set([...formula.cautions, ...inner.flatMap((sub) => sub.cautions)])],
  });
}
