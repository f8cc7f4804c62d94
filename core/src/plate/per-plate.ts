import type { Catalogue } from "../catalogue/index.ts";
import { cookingFactor, writtenFiller, type Line } from "../recipes/index.ts";

/** Grams of a line as it is eaten: as it is written, after its cooking. */
export const eatenGrams = (line: Line, catalogue: Catalogue): number =>
  line.grams * cookingFactor(line, writtenFiller(line)?.ingredient ?? "", catalogue).value;

/** Grams of some lines on one of so many plates (> 0), as they are eaten. */
export const perPlate = (lines: readonly Line[], plates: number, catalogue: Catalogue): number =>
  lines.reduce((total, line) => total + eatenGrams(line, catalogue), 0) / plates;
