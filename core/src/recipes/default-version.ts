import { accept, refuse, toMilligram, type Result } from "../measure/index.ts";
import { fillerOf, type Formula, type Line, weighedAmount } from "./formula.ts";

type Used = { readonly lineId: string; readonly ingredient: string; readonly grams: number };
export type DefaultVersionIssue = { readonly code: "nothing-used" };

const belongsTo = (line: Line, used: Used): boolean =>
  used.lineId === line.id || used.lineId.startsWith(`${line.id}.`);

/** What was used most stands first, and so becomes what is written; fillers that were not used stay choices. */
function fillersAsUsed(line: Line, used: readonly Used[]): Line["fillers"] {
  const grams = (ingredient: string): number =>
    used.filter((u) => u.ingredient === ingredient).reduce((total, u) => total + u.grams, 0);
  const known = line.fillers.map((f) => f.ingredient);
  const met = [...new Set(used.map((u) => u.ingredient))].filter((id) => !known.includes(id));
  const all = [...line.fillers, ...met.map((id) => fillerOf(id))];
  return [...all]
    .sort((a, b) => grams(b.ingredient) - grams(a.ingredient))
    .map((filler, i) => (i === 0 ? { ...filler, maxShare: 1 } : filler));
}

/**
 * The formula as it was really made: each line at what went in, by the batch, its written filler what was used most.
 * A line of which nothing was used is left out. Refuses a make of which nothing is known.
 */
export function defaultVersion(
  formula: Formula,
  used: readonly Used[],
  batches: number,
): Result<Formula, DefaultVersionIssue> {
  const lines = formula.lines.flatMap((line): Line[] => {
    const mine = used.filter((u) => belongsTo(line, u));
    const grams = toMilligram(mine.reduce((total, u) => total + u.grams, 0) / batches);
    if (!(grams > 0)) return [];
    const fillers = line.recipe === null ? fillersAsUsed(line, mine) : line.fillers;
    return [{ ...line, grams, ...weighedAmount, fillers }];
  });
  return lines.length > 0 ? accept({ ...formula, lines }) : refuse({ code: "nothing-used" });
}
