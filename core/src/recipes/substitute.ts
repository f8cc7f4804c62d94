import { hasTrait, type Catalogue, type IngredientFacts } from "../catalogue/index.ts";
import { swellingOf } from "../forms/index.ts";
import { trimmedDecimals } from "../measure/index.ts";
import { convert, type Converted } from "./conversion.ts";
import type { Line } from "./formula.ts";
import { isBarred } from "./slots.ts";
import { substitutionTable, type SubstitutionRow } from "./tables/substitutions.ts";

/** Something that may stand in for what a line asks, with what changes. */
export type Substitution = {
  readonly ingredient: string;
  readonly grams: number;
  /** Salt that the substitute carries more (+) or less (−) than what it replaces, grams; null where it is not known. */
  readonly saltChangeG: number | null;
  readonly workings: string;
  readonly note: string;
};

const gramForGram: Converted = { factor: 1, workings: "gram for gram" };

/** A dry pulse in place of a cooked one, or the other way: by what it weighs once it is boiled and drained. */
function byDrainedWeight(from: IngredientFacts, to: IngredientFacts): Converted {
  const dryFrom = hasTrait(from, "dry-pulse");
  const dryTo = hasTrait(to, "dry-pulse");
  const grown = swellingOf(dryFrom ? from : to)?.factor;
  if (dryFrom === dryTo || !grown) return gramForGram;
  return {
    factor: dryFrom ? grown : 1 / grown,
    workings: `1 g dry is ${trimmedDecimals(grown, 2)} g cooked and drained`,
  };
}

/** So much of it that the dry matter is the same; water is what differs between raw, roasted and dried. */
function byDryMatter(from: IngredientFacts, to: IngredientFacts): Converted {
  const [a, b] = [from.composition?.waterG, to.composition?.waterG];
  if (a === null || a === undefined || b === null || b === undefined || b >= 100) return gramForGram;
  return {
    factor: (100 - a) / (100 - b),
    workings: `dry matter ${trimmedDecimals(100 - a, 1)} % ÷ ${trimmedDecimals(100 - b, 1)} %`,
  };
}

function amountBy(by: SubstitutionRow["convertBy"], from: IngredientFacts, to: IngredientFacts): Converted {
  if (by === "drained") return byDrainedWeight(from, to);
  if (by === "dry-matter") return byDryMatter(from, to);
  const converted = convert(by, from, to);
  return converted.ok ? converted.value : gramForGram;
}

/** The usual relation of two of one kind: vinegars by sharpness, everything else gram for gram. */
const defaultConversion = (from: IngredientFacts, to: IngredientFacts): SubstitutionRow["convertBy"] =>
  from.category === "acid" && to.category === "acid" ? "strength" : "mass";

/** Grams of one ingredient that stand in for `grams` (> 0) of another, and what that does to the salt. */
export function substitutionFor(
  grams: number,
  [from, to]: readonly [IngredientFacts, IngredientFacts],
  about: Pick<SubstitutionRow, "convertBy" | "factor" | "note"> = {
    convertBy: defaultConversion(from, to),
    factor: 1,
    note: "",
  },
): Substitution {
  const converted = amountBy(about.convertBy, from, to);
  const needed = grams * converted.factor * about.factor;
  const [saltFrom, saltTo] = [from.composition?.saltG ?? null, to.composition?.saltG ?? null];
  const less = about.factor === 1 ? "" : ` × ${about.factor}`;
  return {
    ingredient: to.id,
    grams: needed,
    saltChangeG: saltFrom === null || saltTo === null ? null : (needed * saltTo - grams * saltFrom) / 100,
    workings: `${trimmedDecimals(grams, 1)} g × ${trimmedDecimals(converted.factor, 3)}${less} (${converted.workings})`,
    note: about.note,
  };
}

/**
 * Everything that may stand in for an ingredient of a line: the line's own other fillers, the table of stand-ins, then
 * others of its substitution group. `suits` says who may be at the table; nothing never-raw comes into a raw line.
 */
export function substitutionsFor(
  line: Line,
  ingredient: string,
  kitchen: { readonly catalogue: Catalogue; readonly suits: (facts: IngredientFacts) => boolean },
): Substitution[] {
  const { ingredients } = kitchen.catalogue;
  const from = ingredients.get(ingredient);
  if (!from) return [];
  const listed = substitutionTable.filter((row) => row.from === ingredient);
  const family = [...ingredients.values()].filter((f) => f.group === from.group);
  const order = [
    ...line.fillers.map((f) => f.ingredient),
    ...listed.map((row) => row.to),
    ...family.map((f) => f.id),
  ];
  return [...new Set(order)].flatMap((id) => {
    const to = ingredients.get(id);
    if (!to || id === ingredient || !kitchen.suits(to) || isBarred(line, to)) return [];
    return [
      substitutionFor(
        line.grams,
        [from, to],
        listed.find((row) => row.to === id),
      ),
    ];
  });
}
