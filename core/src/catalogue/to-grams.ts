import { estimate, exactly, refuse, accept, times, showEstimate, trimmedDecimals } from "../measure/index.ts";
import type { Amount, AmountIssue, Estimate, Result } from "../measure/index.ts";
import type { IngredientFacts } from "./catalogue.ts";
import { provenance } from "./provenance.ts";
import type { MeasureRow } from "./rows.ts";

/** Grams of what was typed, how they came about, and whether it was weighed. */
export type Weight = { readonly grams: Estimate; readonly weighed: boolean; readonly workings: string };

export type WeightIssue =
  | AmountIssue
  | { readonly code: "measure-unknown"; readonly word: string; readonly known: readonly string[] }
  | { readonly code: "volume-needs-density"; readonly ingredient: string };

type Facts = Pick<IngredientFacts, "id" | "us" | "uk" | "measures" | "composition">;

/** What a bare count or a spoken word may be called in the measures table, most usual first. */
const spokenMeasures: Readonly<Record<string, readonly string[]>> = {
  "": ["each-medium", "each", "head", "bunch"],
  medium: ["each-medium", "head"],
  large: ["each-large", "head-large"],
  small: ["each-small", "head-small", "small-bunch"],
  stick: ["stalk"],
  stem: ["sprig"],
  tin: ["can-drained"],
  can: ["can-drained"],
  cob: ["ear"],
  bulb: ["head", "each-medium"],
};

const singularWord = (word: string): string =>
  word === "leaves" ? "leaf" : word.replace(/(?<=ch)es$/, "").replace(/(?<=[^s])s$/, "");

function findMeasure(word: string, rest: string, measures: readonly MeasureRow[]): MeasureRow | undefined {
  const one = singularWord(word);
  const named = [`${one}-${singularWord(rest.split(" ")[0] ?? "")}`, one, ...(spokenMeasures[one] ?? [])];
  // A lot comes in as it was picked, so the whole measure is wanted before the trimmed one.
  const byState = [...measures].sort((a, b) => stateRank(a) - stateRank(b));
  return named.map((name) => byState.find((m) => m.measure === name)).find((m) => m !== undefined);
}

const stateRank = (m: MeasureRow): number => ["whole", "trimmed", "prepared"].indexOf(m.state);

const isOwnName = (word: string, facts: Facts): boolean =>
  [facts.us, facts.uk].some((name) =>
    name.split(" ").some((part) => singularWord(part) === singularWord(word)),
  );

/**
 * Grams of an amount of one ingredient, with an honest range. A count ("2 bunches") goes through the
 * ingredient's own measure; a volume through its own cup or spoon, else its density.
 * Refuses a measure the ingredient does not have (naming those it has) and a volume without a density.
 */
export function toGrams(amount: Amount, facts: Facts, rest = ""): Result<Weight, WeightIssue> {
  switch (amount.kind) {
    case "mass":
      return accept({ grams: exactly(amount.grams), weighed: true, workings: "weighed" });
    case "volume":
      return volumeToGrams(amount, facts, rest);
    case "count":
      return countToGrams(amount, facts, rest);
  }
}

function countToGrams(
  amount: Extract<Amount, { kind: "count" }>,
  facts: Facts,
  rest: string,
): Result<Weight, WeightIssue> {
  const word = isOwnName(amount.word, facts) ? "" : amount.word;
  const measure = findMeasure(word, rest, facts.measures);
  if (!measure)
    return refuse({
      code: "measure-unknown",
      word: amount.word,
      known: facts.measures.map((m) => m.measure),
    });
  const middle = (amount.low + amount.high) / 2;
  const grams = estimate(measure.grams * middle, measure.low * amount.low, measure.high * amount.high);
  return accept({ grams, weighed: false, workings: measuredWorkings(middle, measure, grams) });
}

function volumeToGrams(
  amount: Extract<Amount, { kind: "volume" }>,
  facts: Facts,
  rest: string,
): Result<Weight, WeightIssue> {
  const measure =
    findMeasure(amount.unit, rest, facts.measures) ?? firstOfVolume(amount.unit, facts.measures);
  if (measure) {
    const grams = times(estimate(measure.grams, measure.low, measure.high), amount.count);
    return accept({ grams, weighed: false, workings: measuredWorkings(amount.count, measure, grams) });
  }
  const density = facts.composition?.gramsPerMl;
  if (!density) return refuse({ code: "volume-needs-density", ingredient: facts.id });
  const grams = exactly(amount.ml * density);
  const workings = `${trimmedDecimals(amount.ml, 1)} ml × ${density} g/ml (${provenance(facts.composition)})`;
  return accept({ grams, weighed: false, workings });
}

const firstOfVolume = (unit: string, measures: readonly MeasureRow[]): MeasureRow | undefined =>
  measures.find((m) => m.measure.startsWith(`${unit}-`) || m.measure === unit);

const measuredWorkings = (count: number, m: MeasureRow, grams: Estimate): string =>
  `${trimmedDecimals(count, 2)} × ${m.measure.replaceAll("-", " ")} of ${m.grams} g (${m.low}–${m.high}) = ${showEstimate(grams)}; ${provenance(m)}`;
