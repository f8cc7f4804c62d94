import type { Formula, Line } from "./formula.ts";

/** Usable ÷ bought that a kitchen expects of a line's trim; undefined where it knows none. */
export type ExpectedYield = (ingredient: string, trim: string | null) => number | undefined;

function inKitchen(line: Line, expected: ExpectedYield): Line {
  const [written] = line.fillers;
  if (line.asBoughtG === null || !written) return line;
  const yielded = expected(written.ingredient, line.trim);
  if (yielded === undefined) return line;
  const grams = line.asBoughtG * yielded;
  const share = grams / line.grams;
  return {
    ...line,
    grams,
    range: line.range && { low: line.range.low * share, high: line.range.high * share },
  };
}

/**
 * A formula as a kitchen cooks it that has weighed its own trims: four leeks are four leeks, whatever they give here.
 * Lines of usable grams stay as they are; a formula without whole pieces comes back as it is.
 */
export const withKitchenYields = (formula: Formula, expected: ExpectedYield): Formula =>
  formula.lines.every((line) => line.asBoughtG === null)
    ? formula
    : { ...formula, lines: formula.lines.map((line) => inKitchen(line, expected)) };
