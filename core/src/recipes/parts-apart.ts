import type { Formula, Line } from "./formula.ts";

/** Lines that have a heading of their own. */
type Headed = Pick<Line, "group">;

/** The parts of a dish that are made apart ("For the cream"), in the recipe's order; none where all of it is one. */
export function partsApart(lines: readonly Headed[]): string[] {
  const groups = [...new Set(lines.map(({ group }) => group))];
  return groups.length > 1 ? groups.filter((group) => group !== "") : [];
}

/** A part by its own name: "For the cream:" is "cream". */
export const partName = (group: string): string =>
  group
    .trim()
    .replace(/^for\s+(?:the\s+)?/i, "")
    .replace(/\s*:$/, "");

/** A dish as if it were only one of its parts. */
export const partOnly = (formula: Formula, part: string): Formula => ({
  ...formula,
  name: `${formula.name} – ${partName(part)}`,
  lines: formula.lines.filter(({ group }) => group === part),
});
