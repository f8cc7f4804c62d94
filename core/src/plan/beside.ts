import type { Catalogue } from "../catalogue/index.ts";
import { linesNamed, type Formula, type Line, type Step } from "../recipes/index.ts";

/**
 * How a recipe says that a step is done while the one before goes on, in the languages that recipes are read in. "While
 * stirring" and "while still warm" say how, not meanwhile.
 */
export const saysMeanwhile =
  /^\s*(?:meanwhile|in the meantime|at the same time|while (?!(?:it is |it's |they are |they're )?(?:still|hot|warm)\b)(?!(?:stirring|whisking|beating|mixing|tossing|turning|shaking|blending|kneading)\b)|mientras\b|entretanto|entre tanto|pendant ce temps|pendant que|entre-temps|nel frattempo|intanto|mentre|inzwischen|währenddessen|in der zwischenzeit)/i;

/** Words for putting together what stands already: such a step waits for all that came before. */
const joins =
  /\b(?:add|stir in|fold in|mix in|toss|return|combine|pour (?:it |them )?(?:over|into)|spoon (?:it |them )?(?:over|into)|scatter|top|serve|dress|assemble|season|(?:over|into|onto|with) (?:the|them|it))\b/i;

/** The one part of the recipe that a step's lines are of; undefined where they are of several, or of none with a name. */
function partOf(lines: readonly Line[]): string | undefined {
  const [first, ...others] = new Set(lines.map((line) => line.group));
  return first === "" || others.length > 0 ? undefined : first;
}

/**
 * Is a step done while the one before it goes on by itself? Where the recipe says so ("Meanwhile, …"), or where it begins a
 * part of its own that no step before had anything of, and puts nothing together. In doubt it waits.
 */
export function goesBeside(
  formula: Pick<Formula, "lines"> & { readonly steps: readonly Pick<Step, "text">[] },
  index: number,
  catalogue: Catalogue,
): boolean {
  const step = formula.steps[index];
  if (!step || index === 0) return false;
  if (saysMeanwhile.test(step.text)) return true;
  const lines = linesNamed(formula, step, catalogue);
  const part = partOf(lines);
  if (part === undefined || joins.test(step.text)) return false;
  const before = formula.steps.slice(0, index).flatMap((one) => linesNamed(formula, one, catalogue));
  return before.length > 0 && before.every((line) => line.group !== part);
}
