import type { SourceKind, SourceLine } from "@apron/core/exchange";

/** What can be done to the lines of a pasted recipe; each gives new lines and loses no words. */
type Lines = readonly SourceLine[];

const kindNames: Readonly<Record<SourceKind, string>> = {
  title: "Title",
  category: "Category",
  yield: "Makes",
  time: "Time",
  heading: "Heading",
  ingredient: "Ingredient",
  step: "Step",
  note: "Note",
};
export const kindChoices = (Object.keys(kindNames) as SourceKind[]).map((value) => ({
  value,
  label: kindNames[value],
}));

/** Another text is another line: what was answered to the old one does not fit. */
export const withText = (lines: Lines, at: number, text: string): SourceLine[] =>
  lines.map((line, i) => (i === at && line.text !== text ? { kind: line.kind, text } : line));

export const withKind = (lines: Lines, at: number, kind: SourceKind): SourceLine[] =>
  lines.map((line, i) => (i === at ? { ...line, kind } : line));

export const withAnswer = (
  lines: Lines,
  at: number,
  answer: Pick<SourceLine, "ingredient" | "amount">,
): SourceLine[] => lines.map((line, i) => (i === at ? { ...line, ...answer } : line));

export function moved(lines: Lines, at: number, by: -1 | 1): SourceLine[] {
  const [line, other] = [lines[at], lines[at + by]];
  return line && other ? lines.with(at, other).with(at + by, line) : [...lines];
}

export const without = (lines: Lines, at: number): SourceLine[] => lines.filter((_, i) => i !== at);

export const added = (lines: Lines, kind: SourceKind): SourceLine[] => [...lines, { kind, text: "" }];

/** The line and the next as one. */
export function merged(lines: Lines, at: number): SourceLine[] {
  const [line, next] = [lines[at], lines[at + 1]];
  if (!line || !next) return [...lines];
  const text = `${line.text} ${next.text}`.trim();
  return [...lines.slice(0, at), { kind: line.kind, text }, ...lines.slice(at + 2)];
}

/** "2 red peppers and 1 yellow": what joined two foods says nothing of the second. */
const joint = /^(?:and|plus|&)\s+/i;

/** A line as two, where the cook says; a place at either end splits nothing. */
export function splitAt(lines: Lines, at: number, place: number): SourceLine[] {
  const line = lines[at];
  if (!line) return [...lines];
  const { kind } = line;
  const before = line.text.slice(0, place).replace(/[\s,;]+$/, "");
  const behind = line.text.slice(place).replace(/^[\s,;]+/, "");
  const after = kind === "ingredient" ? behind.replace(joint, "") : behind;
  if (before === "" || after === "") return [...lines];
  return [...lines.slice(0, at), { kind, text: before }, { kind, text: after }, ...lines.slice(at + 1)];
}

/** A line that names several foods as a line for each. */
export const apart = (lines: Lines, at: number, texts: readonly string[]): SourceLine[] =>
  lines.flatMap((line, i) => (i === at ? texts.map((text) => ({ kind: line.kind, text })) : [line]));
