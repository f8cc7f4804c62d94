import type { Catalogue, IngredientFacts } from "../catalogue/index.ts";
import { writtenFiller, type Formula } from "../recipes/index.ts";

/** Flavours that lead a dish, and pairs that get in each other's way. */
export type FlavourBalance = {
  readonly dominantFlavours: readonly string[];
  /** One or two may lead; more is noise. */
  readonly tooMany: boolean;
  readonly clashes: readonly Clash[];
};
export type Clash = {
  readonly kind: "two-watery" | "two-strong-cheeses";
  readonly ingredients: readonly string[];
};

/** Two voices at most. Common practice, no source. */
const mostDominant = 2;

/** A flavour of middling strength leads, too, when there is so much of it. A judgement. */
const dominantShare = 0.05;

/** What seasons everything leads nothing: oil, acid, salt, sweet, cheese, what holds an emulsion. */
const backing = ["oil", "acid", "sweet", "cheese", "emulsifier", "grain", "nut", "seed"];

const isSalt = (facts: IngredientFacts): boolean => facts.group === "salt" || facts.group === "briny";

/** More than 94 g of water in 100 g: it weeps when salted and cut. A judgement. */
const wateryFrom = 94;
const crunchy = ["fruit-vegetable", "root", "other", "brassica"];

const pairOf = (kind: Clash["kind"], ingredients: readonly string[]): Clash[] =>
  ingredients.length > 1 ? [{ kind, ingredients }] : [];

/** Counts the leading flavours of a dish as written and names what clashes. A judgement by the catalogue's strengths. */
export function flavourBalanceOf(formula: Formula, catalogue: Catalogue): FlavourBalance {
  const lines = formula.lines.flatMap((line) => {
    const facts = catalogue.ingredients.get(writtenFiller(line)?.ingredient ?? "");
    return facts ? [{ line, facts }] : [];
  });
  const total = lines.reduce((grams, { line }) => grams + line.grams, 0);
  const dominantFlavours = lines
    .filter(({ facts }) => !backing.includes(facts.category) && !isSalt(facts))
    .filter(
      ({ line, facts }) =>
        facts.strength >= 3 || (facts.strength === 2 && line.grams / total >= dominantShare && line.eatenRaw),
    )
    .map(({ facts }) => facts.id);
  const watery = lines.filter(
    ({ line, facts }) =>
      line.eatenRaw && crunchy.includes(facts.category) && (facts.composition?.waterG ?? 0) >= wateryFrom,
  );
  const cheeses = lines.filter(
    ({ facts }) =>
      facts.category === "cheese" && (facts.strength >= 3 || (facts.composition?.saltG ?? 0) >= 2),
  );
  const named = (found: typeof lines): string[] => [...new Set(found.map(({ facts }) => facts.id))];
  return {
    dominantFlavours: [...new Set(dominantFlavours)],
    tooMany: new Set(dominantFlavours).size > mostDominant,
    clashes: [...pairOf("two-watery", named(watery)), ...pairOf("two-strong-cheeses", named(cheeses))],
  };
}
