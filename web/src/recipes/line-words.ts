import type { NewFormula, Recipe } from "@apron/contract";
import { additionSteps } from "@apron/core/recipes";
import { showGrams, showPercent, type Display } from "@apron/core/measure";

type Line = NewFormula["lines"][number];
type Names = Pick<Recipe, "names" | "subRecipes">;

/** Of a line that is kept as text. */
export const uncountedWords = (text: string): string =>
  `“${text}” is not counted yet: write it with an ingredient and an amount.`;

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

type Forms = Pick<Line, "grams"> & {
  readonly asBoughtG?: number | null | undefined;
  readonly cookedG?: number | null | undefined;
};

/** Is an amount given in another form than the one that goes into the dish: whole pieces, cooked grain? */
export const hasTwoForms = ({ asBoughtG, cookedG }: Omit<Forms, "grams">): boolean =>
  asBoughtG != null || cookedG != null;

/** "808 g as bought, about 356 g usable", "390 g cooked, about 145 g dry", "640 g cooked, about 800 g raw"; of usable food just its grams. */
export function inBothForms({ grams, asBoughtG, cookedG }: Forms, display: Display): string {
  const shown = showGrams(grams, display);
  if (asBoughtG != null) return `${showGrams(asBoughtG, display)} as bought, about ${shown} usable`;
  return cookedG == null
    ? shown
    : `${showGrams(cookedG, display)} cooked, about ${shown} ${grams > cookedG ? "raw" : "dry"}`;
}

/** What else is said of a line: its range, the strong-herb cap, gradual addition, to taste, optional. */
export function lineMarks(line: Line, display: Display): string[] {
  const grams = (g: number): string => showGrams(g, display);
  const { range } = line;
  const held = additionSteps(line.gradualAddition, line.grams);
  return [
    line.amountText === "" ? "" : `“${line.amountText}”`,
    hasTwoForms(line) ? inBothForms(line, display) : "",
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
