import { customaryMl, estimate, times, wordTable, type Estimate, type SizeWord } from "../measure/index.ts";
import type { IngredientFacts } from "./catalogue.ts";
import { singularWord, wordsOf } from "./name-keys.ts";
import type { Category } from "./row-words.ts";
import type { MeasureRow } from "./rows.ts";
import { countedBy, looseMeasuresFor } from "./tables/colloquial-measures.ts";

export type MeasuredFacts = Pick<
  IngredientFacts,
  "id" | "us" | "uk" | "category" | "measures" | "composition"
>;

/** What was said of a measure: "bunch", its size, and words about the preparation ("packed", "chopped"). */
export type MeasureAsk = {
  readonly word: string;
  readonly size: SizeWord;
  readonly preparation: readonly string[];
};

/** One of a measure in grams, and the row it comes from. */
export type OneMeasure = { readonly grams: Estimate; readonly row: MeasureRow };

/** Other words for what the tables call by one name, most usual first. */
const otherWords: Readonly<Record<string, readonly string[]>> = wordTable({
  "": [
    "each-medium",
    "each",
    "head",
    "block",
    "ball",
    "log",
    "ear",
    "stalk",
    "can",
    "loaf",
    "each-large",
    "each-small",
  ],
  baguette: ["each-baguette"],
  ciabatta: ["each-ciabatta"],
  roll: ["each-roll"],
  stick: ["stalk", "stick"],
  rib: ["stalk"],
  stem: ["sprig", "stalk"],
  frond: ["sprig"],
  crown: ["head"],
  tin: ["can-drained", "can"],
  can: ["can-drained", "can"],
  cob: ["ear"],
  heart: ["head-heart"],
  segment: ["clove"],
  squirt: ["squeeze"],
  trickle: ["drizzle"],
  slice: ["slice", "slice-1cm"],
  round: ["slice", "slice-1cm"],
  rasher: ["slice"],
  packet: ["block"],
  walnut: ["knob"],
  strip: ["slice"],
  pack: ["block"],
  package: ["block"],
  pkg: ["block"],
});

/** Other words for what only some kinds of food come in: a pot of basil is a bunch, a pot of spinach nobody knows. */
const otherWordsOfKind: Readonly<
  Record<string, { readonly of: readonly Category[]; readonly is: readonly string[] }>
> = {
  pot: { of: ["soft-herb", "woody-herb"], is: ["bunch"] },
};

const otherWordsFor = (word: string, category: Category): readonly string[] | undefined => {
  const ofKind = otherWordsOfKind[word];
  return ofKind ? (ofKind.of.includes(category) ? ofKind.is : undefined) : otherWords[word];
};

/** What a word about the preparation is called in the measures table. */
const formOf: Readonly<Record<string, readonly string[]>> = wordTable({
  packed: ["packed-leaves", "packed"],
  pressed: ["packed-leaves", "packed"],
  loosely: ["loose-leaves"],
  loose: ["loose-leaves"],
  chopped: ["chopped", "cubed"],
  snipped: ["chopped"],
  diced: ["cubed", "chopped"],
  cubed: ["cubed", "chopped"],
  torn: ["loose-leaves"],
  sliced: ["sliced", "shredded"],
  shredded: ["shredded", "chopped", "sliced"],
  grated: ["grated", "zest"],
  minced: ["minced", "chopped"],
  crushed: ["minced", "pureed"],
  crumbled: ["crumbled"],
  shaved: ["shaved", "sliced"],
  ground: ["ground"],
  slivered: ["slivered"],
  flaked: ["sliced"],
  halve: ["whole", "sections"],
  whole: ["whole"],
  cooked: ["cooked"],
  steamed: ["cooked"],
  leftover: ["cooked"],
  leaf: ["loose-leaves"],
  spiralized: ["spiralized"],
});

const stateRank = (m: MeasureRow): number => ["whole", "trimmed", "prepared"].indexOf(m.state);

const half = (row: MeasureRow, size: SizeWord): Estimate => {
  if (size === "small") return estimate((row.low + row.grams) / 2, row.low, row.grams);
  if (size === "large") return estimate((row.grams + row.high) / 2, row.grams, row.high);
  return estimate(row.grams, row.low, row.high);
};

/** A kind that is a size of its own ("each-plum", "each-baby") has no rows for smaller and larger ones. */
function sizedNames(name: string, size: SizeWord): string[] {
  if (/^each(?:-medium)?$/.test(name)) return [`each-${size}`];
  return name.startsWith("each") ? [] : [`${name}-${size}`, `${size}-${name}`];
}

/** The row of one name; a size the table does not have is the smaller or larger part of the range. */
function sized(name: string, size: SizeWord, rows: readonly MeasureRow[]): OneMeasure | undefined {
  const own =
    size === "" || size === "medium"
      ? undefined
      : rows.find((m) => sizedNames(name, size).includes(m.measure));
  if (own) return { grams: half(own, ""), row: own };
  const row = rows.find((m) => m.measure === name);
  return row && { grams: half(row, size), row };
}

type Prepared = { readonly ownWords: ReadonlySet<string>; readonly rows: readonly MeasureRow[] };

/** What food comes in is no name of it: "2 jars artichoke hearts" are no two hearts. */
const container = /^(?:jar|tin|can|bottle|tub|pot|pack|packet|bag|box|tube)$/;

const prepare = (facts: MeasuredFacts): Prepared => {
  const own = new Set(facts.measures.map((m) => m.measure));
  const loose = looseMeasuresFor({ ...facts, gramsPerMl: facts.composition?.gramsPerMl ?? null });
  return {
    ownWords: new Set(
      wordsOf(`${facts.us} ${facts.uk} ${facts.id.replaceAll("-", " ")}`).filter((w) => !container.test(w)),
    ),
    rows: [
      ...[...facts.measures].sort((a, b) => stateRank(a) - stateRank(b)),
      ...loose.filter((m) => !own.has(m.measure)),
    ],
  };
};

const preparedFacts = new WeakMap<MeasuredFacts, Prepared>();

/** The names and measures of an ingredient, worked out once and kept as long as its facts are. */
function prepared(facts: MeasuredFacts): Prepared {
  const known = preparedFacts.get(facts) ?? prepare(facts);
  preparedFacts.set(facts, known);
  return known;
}

/** Is a word one of the ingredient's own names? */
export const isOwnName = (word: string, facts: MeasuredFacts): boolean => prepared(facts).ownWords.has(word);

const allRows = (facts: MeasuredFacts): readonly MeasureRow[] => prepared(facts).rows;

/** Does the ingredient have a measure of this name in its own right, not a loose one of its kind? */
export const hasOwnMeasure = (
  word: string,
  facts: Pick<IngredientFacts, "category" | "measures" | "trims">,
): boolean => {
  const one = singularWord(word);
  const names =
    one === "" ? ["each-medium", "each-large", "head"] : [one, ...(otherWordsFor(one, facts.category) ?? [])];
  const tinned = /^(tin|can|jar)$/.test(one) && facts.trims.some((t) => t.method === "drain-can");
  return tinned || facts.measures.some((m) => names.includes(m.measure));
};

/** What else the tables may call a measure of this food: a spear is an asparagus, and no cube a whole aubergine. */
const otherNames = (word: string, { id, category }: MeasuredFacts): readonly string[] =>
  otherWordsFor(word, category) ?? (countedBy[word]?.includes(id) ? ["each-medium", "head"] : []);

/** "4 avocado halves": a share of one of them. */
const shareOfOne: Readonly<Record<string, number>> = wordTable({ half: 0.5, quarter: 0.25 });

/** One of what was counted ("bunch", "clove", or the thing itself); undefined when its weight is not known. */
export function findCounted(ask: MeasureAsk, facts: MeasuredFacts): OneMeasure | undefined {
  const rows = allRows(facts);
  const word = singularWord(ask.word.toLowerCase());
  const share = shareOfOne[word];
  if (share !== undefined) {
    const whole = findCounted({ ...ask, word: "" }, facts);
    return whole && { ...whole, grams: times(whole.grams, share) };
  }
  const plain = isOwnName(word, facts) && !rows.some((m) => m.measure === word) ? "" : word;
  const forms = ask.preparation.map((p) => `${plain}-${singularWord(p)}`);
  const names = [...forms, plain, ...otherNames(plain, facts)].filter((name) => name !== "");
  for (const name of names) {
    const one = sized(name, ask.size, rows);
    if (one) return one;
  }
  return undefined;
}

const spoonOf = (row: MeasureRow): string => row.measure.split("-")[0] ?? "";
const formName = (row: MeasureRow): string => row.measure.split("-").slice(1).join("-");

/** "A cup of leaves" may be loose or packed: the range spans both. */
function looseOrPacked(spoon: string, rows: readonly MeasureRow[]): OneMeasure | undefined {
  const loose = rows.find((m) => m.measure === `${spoon}-loose-leaves`);
  const packed = rows.find((m) => m.measure === `${spoon}-packed-leaves`);
  if (!loose || !packed || packed.low < loose.low) return undefined;
  return {
    grams: estimate((loose.grams + packed.grams) / 2, loose.low, packed.high),
    row: { ...loose, measure: `${spoon} of leaves, loose or packed`, low: loose.low, high: packed.high },
  };
}

/**
 * Grams of `ml` millilitres of an ingredient in the preparation named, through its own cup or spoon; a spoon of the
 * same form stands in for a cup. Undefined when it has no volume measure at all.
 */
export function findPoured(
  ml: number,
  ask: MeasureAsk & { readonly unit: string },
  facts: MeasuredFacts,
): OneMeasure | undefined {
  // A spoon of lemon is no spoon of its zest, unless that is said.
  const isZest = ask.preparation.some((p) => /^(?:zest|rind|peel|grate|finely)/.test(p));
  const rows = allRows(facts).filter(
    (m) => customaryMl[spoonOf(m)] !== undefined && (isZest || formName(m) !== "zest"),
  );
  const forms = ask.preparation.flatMap((p) => formOf[singularWord(p)] ?? formOf[p] ?? []);
  const leafy = ask.preparation.some((p) => /^lea(f|ves)$/.test(p)) || forms.length === 0;
  const definite = forms.filter(
    (f) => f !== "loose-leaves" || ask.preparation.some((p) => /^(loose|torn)/.test(p)),
  );
  const wanted = [...definite, "", ...(leafy ? ["loose-leaves"] : []), "whole"];
  const byUnit = [...rows].sort((a, b) => Number(spoonOf(b) === ask.unit) - Number(spoonOf(a) === ask.unit));
  const scale = (one: OneMeasure): OneMeasure => ({
    ...one,
    grams: times(one.grams, ml / (customaryMl[spoonOf(one.row).split(" ")[0] ?? ""] ?? ml)),
  });
  for (const form of wanted) {
    if (form === "loose-leaves" && definite.length === 0) {
      const either = looseOrPacked("cup", byUnit);
      if (either) return scale(either);
    }
    const row = byUnit.find((m) => formName(m) === form);
    if (row) return scale({ grams: half(row, ask.size), row });
  }
  return rows[0] && facts.composition?.gramsPerMl == null
    ? scale({ grams: half(rows[0], ask.size), row: rows[0] })
    : undefined;
}
