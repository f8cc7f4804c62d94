import type { Catalogue, IngredientFacts } from "../catalogue/index.ts";
import { fitsDiet, type Diet } from "./diets.ts";
import { fillerOf, writtenFiller, type Formula, type Line, weighedAmount } from "./formula.ts";
import { substitutionsFor, type Substitution } from "./substitute.ts";

/** What the version must fit: diets, and allergens that must not be in it. */
export type AdaptWish = { readonly diets: readonly Diet[]; readonly without: readonly string[] };

export type Adaptation = {
  readonly lineId: string;
  readonly from: string;
  readonly fromG: number;
  readonly to: Substitution;
};

export type Adapted = {
  readonly formula: Formula;
  readonly changes: readonly Adaptation[];
  /** Lines that are left out (they were optional), and lines for which nothing stands in. */
  readonly leftOut: readonly string[];
  readonly cannot: readonly { readonly lineId: string; readonly ingredient: string }[];
  /** Hand salt more (+) or less (−), to keep the dish as salty as it was. */
  readonly saltChangeG: number;
};

type Suits = (facts: IngredientFacts) => boolean;

const suitsWish =
  (wish: AdaptWish): Suits =>
  (facts) =>
    wish.diets.every((diet) => fitsDiet(facts, diet)) &&
    !facts.allergens.some((allergen) => wish.without.includes(allergen));

/** Salt that can be put in or left out by hand follows what the substitutes carry; it never goes below nothing. */
function withSaltChanged(lines: readonly Line[], bySaltG: number): { lines: Line[]; changed: number } {
  const salt = lines.find((line) => line.role === "salt" && line.recipe === null);
  if (!salt || Math.abs(bySaltG) < 0.05) return { lines: [...lines], changed: 0 };
  const grams = Math.max(0, salt.grams + bySaltG);
  const changed = grams - salt.grams;
  const rest = grams > 0.05 ? [{ ...salt, grams, ...weighedAmount }] : [];
  return { lines: lines.flatMap((line) => (line === salt ? rest : [line])), changed };
}

/**
 * The same formula with other fillings: every line takes a filler that fits the wish, in the amount that does its work,
 * and fillers that do not fit are struck out. Optional lines without one are left out; others are reported in `cannot`
 * and stay as they are, so that the result is only what was asked for when `cannot` is empty.
 */
export function adaptFormula(formula: Formula, wish: AdaptWish, catalogue: Catalogue): Adapted {
  const suits = suitsWish(wish);
  const fits = (ingredient: string): boolean => {
    const facts = catalogue.ingredients.get(ingredient);
    return facts !== undefined && suits(facts);
  };
  const changes: Adaptation[] = [];
  const leftOut: string[] = [];
  const cannot: { lineId: string; ingredient: string }[] = [];
  const lines = formula.lines.flatMap((line): Line[] => {
    const written = writtenFiller(line);
    if (!written) return [line];
    const others = line.fillers.slice(1).filter((f) => fits(f.ingredient));
    if (fits(written.ingredient)) return [{ ...line, fillers: [written, ...others] }];
    const to = substitutionsFor(line, written.ingredient, { catalogue, suits })[0];
    if (!to) {
      if (line.optional) leftOut.push(line.id);
      else cannot.push({ lineId: line.id, ingredient: written.ingredient });
      return line.optional ? [] : [line];
    }
    changes.push({ lineId: line.id, from: written.ingredient, fromG: line.grams, to });
    const rest = others.filter((f) => f.ingredient !== to.ingredient);
    const fillers = [fillerOf(to.ingredient), ...rest];
    return [{ ...line, grams: to.grams, fillers, ...rawAs(line, to, catalogue) }];
  });
  const carried = changes.reduce((total, change) => total + (change.to.saltChangeG ?? 0), 0);
  const salted = withSaltChanged(lines, -carried);
  return {
    formula: { ...formula, lines: salted.lines },
    changes,
    leftOut,
    cannot,
    saltChangeG: salted.changed,
  };
}

/** What was said of the written amount is not true of the substitute's, nor is a cooking change without a figure. */
export function rawAs(line: Line, to: Substitution, catalogue: Catalogue): Partial<Line> {
  const known = catalogue.ingredients.get(to.ingredient)?.changes.some((c) => c.method === line.cook);
  const cook = line.cook !== null && !known ? { cook: null } : {};
  return { ...weighedAmount, trim: null, ...cook };
}
