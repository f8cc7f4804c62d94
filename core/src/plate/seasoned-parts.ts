import type { Catalogue } from "../catalogue/index.ts";
import type { Formula, Line } from "../recipes/index.ts";
import { bySaltAndRest } from "./dress-by-weight.ts";

/** A part of a dish that is salted by itself; `name` is "" of the rest, or of the whole where nothing is apart. */
export type SeasonedPart = { readonly name: string; readonly lines: readonly Line[] };

const isSalted = (lines: readonly Line[], formula: Formula, catalogue: Catalogue): boolean =>
  bySaltAndRest({ ...formula, lines }, catalogue).handG > 0;

/**
 * The parts of a dish that are salted by themselves: each of `groups` (the recipe's own parts; what another recipe makes is
 * salted by that one) with salt of its own, and before them the rest, or the whole where nothing is apart.
 */
export function seasonedParts(
  formula: Formula,
  groups: readonly string[],
  catalogue: Catalogue,
): SeasonedPart[] {
  const apart = [...new Set(groups)]
    .filter((group) => group !== "")
    .map((name) => ({ name, lines: formula.lines.filter(({ group }) => group === name) }))
    .filter(({ lines }) => isSalted(lines, formula, catalogue));
  const rest = formula.lines.filter(({ group }) => !apart.some(({ name }) => name === group));
  return rest.length > 0 ? [{ name: "", lines: rest }, ...apart] : apart;
}
