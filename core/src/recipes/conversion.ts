import type { IngredientFacts } from "../catalogue/index.ts";
import { equivalentsIn } from "../dressing/index.ts";
import { accept, refuse, trimmedDecimals, type Result } from "../measure/index.ts";
import type { Conversion } from "./formula.ts";

export type ConversionIssue = {
  readonly code: "conversion-unknown";
  readonly ingredient: string;
  readonly convertBy: string;
};

/** Grams of a filler that do the work of one gram of the written one, and how that came about. */
export type Converted = { readonly factor: number; readonly workings: string };

/** Volume measures, the most telling first: like is compared with like (a packed cup with a packed cup). */
const volumes = [
  "cup-packed-leaves",
  "cup-loose-leaves",
  "cup-chopped",
  "cup-sliced",
  "cup-shredded",
  "cup-grated",
  "cup-crumbled",
  "cup-cubed",
  "cup-whole",
  "cup",
  "tbsp-chopped",
  "tbsp-grated",
  "tbsp",
  "tsp",
];

const gramsOf = (facts: IngredientFacts, measure: string): number | undefined =>
  facts.measures.find((m) => m.measure === measure)?.grams;

/** Grams of the filler in the space of one gram of the written one. */
function byVolume(written: IngredientFacts, filler: IngredientFacts): Converted | undefined {
  for (const measure of volumes) {
    const [a, b] = [gramsOf(written, measure), gramsOf(filler, measure)];
    if (a && b) return { factor: b / a, workings: `${measure.replaceAll("-", " ")}: ${b} g for ${a} g` };
  }
  const [a, b] = [written.composition?.gramsPerMl, filler.composition?.gramsPerMl];
  return a && b ? { factor: b / a, workings: `${b} g/ml for ${a} g/ml` } : undefined;
}

const isDried = (facts: IngredientFacts): boolean => facts.group === "dried-herb";

/** Fresh is three of dried by volume. Common practice, no source. */
const freshToDried = 3;

const tablespoonOf = (facts: IngredientFacts): number | undefined =>
  gramsOf(facts, "tbsp-chopped") ?? gramsOf(facts, "tbsp") ?? timesThree(gramsOf(facts, "tsp"));
const timesThree = (teaspoon: number | undefined): number | undefined => teaspoon && teaspoon * 3;

function driedForFresh(written: IngredientFacts, filler: IngredientFacts): Converted | undefined {
  if (isDried(written) === isDried(filler)) return undefined;
  const [a, b] = [tablespoonOf(written), tablespoonOf(filler)];
  if (!a || !b) return undefined;
  const spoons = isDried(filler) ? 1 / freshToDried : freshToDried;
  return {
    factor: (spoons * b) / a,
    workings: `fresh to dried 3 : 1 by volume, a tablespoon ${a} g and ${b} g`,
  };
}

/** From so many grams of salt in 100 g a thing is used for its salt. A judgement. */
const saltyFromG = 1;

/** As sour, as salty, or dried for fresh: whichever the two have in common. */
function byStrength(written: IngredientFacts, filler: IngredientFacts): Converted | undefined {
  const dried = driedForFresh(written, filler);
  if (dried) return dried;
  const [sourA, sourB] = [equivalentsIn(1, written.composition), equivalentsIn(1, filler.composition)];
  if (written.category === "acid" && sourA > 0 && sourB > 0)
    return {
      factor: sourA / sourB,
      workings: `acid ${trimmedDecimals(sourA * 1000, 2)} ÷ ${trimmedDecimals(sourB * 1000, 2)} meq/g`,
    };
  const [saltA, saltB] = [written.composition?.saltG ?? 0, filler.composition?.saltG ?? 0];
  return saltA >= saltyFromG && saltB >= saltyFromG
    ? { factor: saltA / saltB, workings: `salt ${saltA} ÷ ${saltB} g in 100 g` }
    : undefined;
}

/**
 * Grams of a filler that stand for one gram of what is written (> 0). Refuses a volume where the two share no measure,
 * and a strength where they are neither both sour, nor both salty, nor fresh and dried.
 */
export function convert(
  by: Conversion,
  written: IngredientFacts,
  filler: IngredientFacts,
): Result<Converted, ConversionIssue> {
  if (by === "mass" || written.id === filler.id) return accept({ factor: 1, workings: "gram for gram" });
  const found = by === "volume" ? byVolume(written, filler) : byStrength(written, filler);
  return found ? accept(found) : refuse({ code: "conversion-unknown", ingredient: filler.id, convertBy: by });
}
