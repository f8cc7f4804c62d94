import type { Catalogue, IngredientFacts } from "../catalogue/index.ts";
import type { FoodWanted } from "../forms/index.ts";
import { invariant } from "../measure/index.ts";
import { convert } from "./conversion.ts";
import { suits, type Diners } from "./diners.ts";
import { wantedForm } from "./wanted-form.ts";
import { writtenFiller, type Filler, type Line } from "./formula.ts";

/** A filler that may be used, the form it goes in, and the grams of it that stand for one gram of the line. */
export type AllowedFiller = Filler & {
  readonly facts: IngredientFacts;
  readonly wanted: FoodWanted;
  readonly gramsPerGram: number;
};

const dominant = 3;

/** Dominant enough (strength 3 of 3) to fall under a line's strong-herb cap. A judgement per ingredient. */
export const isStrong = (facts: IngredientFacts): boolean => facts.strength >= dominant;

/**
 * Never in a raw line: what must not be eaten raw, and woody herbs as one of its greens – unless the line is written of
 * it. A judgement for the second.
 */
export const isBarred = (line: Line, facts: IngredientFacts): boolean =>
  line.eatenRaw &&
  (facts.raw === "no" ||
    (facts.category === "woody-herb" &&
      (line.role === "green" || line.role === "base") &&
      writtenFiller(line)?.ingredient !== facts.id));

/**
 * The fillers a line may take for these diners, in written order. A line eaten raw never takes an ingredient
 * marked never-raw, whatever the formula says. Formulas are judged before they are kept, so every conversion holds.
 */
export function allowedFillers(line: Line, catalogue: Catalogue, diners: Diners): AllowedFiller[] {
  const written = catalogue.ingredients.get(writtenFiller(line)?.ingredient ?? "");
  return line.fillers.flatMap((filler) => {
    const facts = catalogue.ingredients.get(filler.ingredient);
    invariant(facts !== undefined, `formula names unknown ingredient ${filler.ingredient}`);
    const allowed = suits(facts, diners) && !isBarred(line, facts);
    const converted = written && convert(filler.convertBy, written, facts);
    const gramsPerGram = converted?.ok ? converted.value.factor : 1;
    return allowed ? [{ ...filler, facts, gramsPerGram, wanted: wantedForm(line, facts) }] : [];
  });
}

/** Largest share of a line that one filler may take, its own cap and the strong-herb cap together. */
export const shareCap = (line: Line, filler: AllowedFiller): number =>
  Math.min(filler.maxShare, isStrong(filler.facts) ? line.maxStrongHerbShare : 1);
