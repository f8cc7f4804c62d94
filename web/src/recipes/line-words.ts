import type { NewFormula, Recipe } from "@apron/contract";
import { additionSteps } from "@apron/core/recipes";
import { showGrams, showPercent, type Display } from "@apron/core/measure";

type Line = NewFormula["lines"][number];
type Names = Pick<Recipe, "names" | "subRecipes">;

/** "fennel (at least 50 %, up to 75 %)" with how its amount is converted. */
function fillerText(filler: Line["fillers"][number], names: Names["names"]): string {
  const name = names[filler.ingredient] ?? filler.ingredient.replaceAll("-", " ");
  const marks = [
    filler.minShare > 0 ? `at least ${showPercent(filler.minShare)}` : "",
    filler.maxShare < 1 ? `up to ${showPercent(filler.maxShare)}` : "",
    filler.convertBy === "volume" ? "by volume" : filler.convertBy === "strength" ? "by strength" : "",
  ].filter(Boolean);
  return marks.length > 0 ? `${name} (${marks.join(", ")})` : name;
}

/** What may fill a line; of a line that another recipe makes, that recipe's name. */
export const filledBy = (line: Line, { names, subRecipes }: Names): string =>
  line.recipe === null
    ? line.fillers.map((filler) => fillerText(filler, names)).join(" or ")
    : (subRecipes[line.recipe] ?? line.recipe);

/** "808 g as bought, about 356 g usable"; of usable food just its grams. */
export const boughtAndUsable = (
  { grams, asBoughtG }: Pick<Line, "grams"> & { readonly asBoughtG?: number | null | undefined },
  display: Display,
): string =>
  asBoughtG == null
    ? showGrams(grams, display)
    : `${showGrams(asBoughtG, display)} as bought, about ${showGrams(grams, display)} usable`;

/** What else is said of a line: its range, the strong-herb cap, gradual addition, to taste, optional. */
export function lineMarks(line: Line, display: Display): string[] {
  const grams = (g: number): string => showGrams(g, display);
  const { range } = line;
  const held = additionSteps(line.gradualAddition, line.grams);
  return [
    line.amountText === "" ? "" : `“${line.amountText}”`,
    line.asBoughtG == null ? "" : boughtAndUsable(line, display),
    range ? `${grams(range.low)} to ${grams(range.high)}` : "",
    line.maxStrongHerbShare < 1 ? `strong herbs at most ${showPercent(line.maxStrongHerbShare)}` : "",
    held
      ? `start with ${grams(held.startG)}, then by ${grams(held.stepG)}, at most ${grams(held.mostG)}`
      : "",
    line.cook === null ? (line.eatenRaw ? "" : "heated") : line.cook.replaceAll("-", " "),
    line.toTaste ? "to taste" : "",
    line.optional ? "optional" : "",
  ].filter(Boolean);
}
