import type { Formula, Line } from "./formula.ts";
import { textWithWays } from "./other-ways.ts";

export type LineChange = {
  readonly lineId: string;
  readonly kind: "added" | "removed" | "changed";
  readonly before: Line | null;
  readonly after: Line | null;
  readonly fields: readonly string[];
};

export type VersionChanges = {
  /** Names of what differs at the head: name, kind, servings, keeping … */
  readonly head: readonly string[];
  readonly lines: readonly LineChange[];
  readonly steps: { readonly added: readonly string[]; readonly removed: readonly string[] };
};

/** Formulas are plain data: written out with their keys in order, whatever order a store gave them back in. */
const writtenOut = (part: unknown): string =>
  JSON.stringify(part, (_key, value: unknown) =>
    typeof value === "object" && value !== null && !Array.isArray(value)
      ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
      : value,
  );
const same = (a: unknown, b: unknown): boolean => writtenOut(a) === writtenOut(b);

/** A recipe word for word, whatever its id: two that read the same are the same recipe. */
export const wordForWord = (formula: Omit<Formula, "id">): string => writtenOut({ ...formula, id: "" });

function changedFields<Part extends object>(before: Part, after: Part, leaving: readonly string[]): string[] {
  const keys = Object.keys({ ...before, ...after }).filter((key) => !leaving.includes(key));
  return keys.filter((key) => !same(before[key as keyof Part], after[key as keyof Part]));
}

/** What changed from one version of a formula to another; lines are told apart by their ids. */
export function compareVersions(before: Formula, after: Formula): VersionChanges {
  const now = new Map(after.lines.map((line) => [line.id, line]));
  const then = new Map(before.lines.map((line) => [line.id, line]));
  const kept = before.lines.flatMap((line): LineChange[] => {
    const other = now.get(line.id);
    if (!other) return [{ lineId: line.id, kind: "removed", before: line, after: null, fields: [] }];
    const fields = changedFields(line, other, ["id"]);
    return fields.length > 0
      ? [{ lineId: line.id, kind: "changed", before: line, after: other, fields }]
      : [];
  });
  const added = after.lines
    .filter((line) => !then.has(line.id))
    .map((line): LineChange => ({ lineId: line.id, kind: "added", before: null, after: line, fields: [] }));
  const texts = (formula: Formula): string[] => formula.steps.map(textWithWays);
  return {
    head: changedFields(before, after, ["id", "lines", "steps"]),
    lines: [...kept, ...added],
    steps: {
      added: texts(after).filter((text) => !texts(before).includes(text)),
      removed: texts(before).filter((text) => !texts(after).includes(text)),
    },
  };
}
