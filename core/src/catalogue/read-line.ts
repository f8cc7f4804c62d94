import {
  accept,
  exactly,
  heaviestEntryG,
  refuse,
  showGrams,
  splitLine,
  sum,
  times,
  trimmedDecimals,
  type CupSystem,
  type Estimate,
  type LineParts,
  type LineRemarks,
  type Result,
} from "../measure/index.ts";
import type { IngredientFacts } from "./catalogue.ts";
import { hasOwnMeasure } from "./find-measure.ts";
import { ingredientAfter } from "./ingredient-after.ts";
import { findNamed, nameIndexOf, type NameIndex, type NameMatch } from "./name-index.ts";
import { wordsOf } from "./name-keys.ts";
import { partOnly, partYield, splitPart, type FoodPart } from "./part-names.ts";
import { provenance } from "./provenance.ts";
import { hasTrait } from "./rows.ts";
import {
  countToGrams,
  toGrams,
  volumeToGrams,
  type AmountForm,
  type OunceMeaning,
  type Weight,
  type WeightIssue,
} from "./to-grams.ts";

/** Whom a text names: one ingredient and how it was recognised, several to choose from, or nobody known. */
export type LineIngredient =
  | { readonly kind: "one"; readonly id: string; readonly how: NameMatch["how"] }
  | { readonly kind: "ask"; readonly candidates: readonly string[] }
  | { readonly kind: "unknown" };

/** What the cook must be asked before the line counts. */
export type LineQuestion =
  | { readonly code: "ingredient-unknown"; readonly text: string }
  | { readonly code: "ingredient-unclear"; readonly text: string; readonly candidates: readonly string[] }
  | { readonly code: "two-ingredients"; readonly text: string }
  | WeightIssue;

/** A recipe or market line as the kitchen understands it; `text` is kept as it was written. */
export type LineReading = {
  readonly text: string;
  readonly heading: boolean;
  readonly ingredient: LineIngredient;
  readonly count: LineParts["count"];
  /** Unit or measure, with its size: "cup", "large clove", "". */
  readonly measure: string;
  readonly name: string;
  readonly preparation: string;
  readonly remarks: LineRemarks;
  readonly alternatives: readonly { readonly text: string; readonly ingredient: LineIngredient }[];
  /** Null where no amount was given, or a question stands in the way. */
  readonly grams: Estimate | null;
  readonly weighed: boolean;
  /** Of which form of the food the grams are. */
  readonly form: AmountForm;
  /** Pieces were counted whose weight the table gives trimmed. */
  readonly isTrimmedPiece: boolean;
  readonly workings: string;
  readonly questions: readonly LineQuestion[];
};

/** What a kitchen reads lines with. */
export type LineReader = {
  readonly index: NameIndex;
  readonly facts: (id: string) => IngredientFacts | undefined;
  readonly cup: CupSystem;
  /** What this kitchen has said "oz" means, by ingredient. */
  readonly ounces: Readonly<Record<string, OunceMeaning>>;
};

const asIngredient = (match: NameMatch | undefined): LineIngredient => {
  const [only] = match?.ids ?? [];
  if (!match || only === undefined) return { kind: "unknown" };
  return match.ids.length === 1 && match.leftOver === ""
    ? { kind: "one", id: only, how: match.how }
    : { kind: "ask", candidates: match.ids };
};

type Named = {
  readonly ingredient: LineIngredient;
  readonly alternatives: LineReading["alternatives"];
  /** What of it is asked for, where that is not what it is usually bought for. */
  readonly part?: FoodPart;
};

const idsOf = (named: LineIngredient): readonly string[] =>
  named.kind === "one" ? [named.id] : named.kind === "ask" ? named.candidates : [];

/**
 * "cauliflower core", "chard stems": a part that comes off when the food is trimmed. Not of what is a food by that name
 * ("pumpkin seeds") or is bought for it ("celery stalks"): only one ingredient that gives the part may be meant.
 */
function partOfLine(name: string, reader: LineReader): Named | undefined {
  const said = splitPart(name);
  if (!said) return undefined;
  const food = idsOf(asIngredient(findNamed(said.food, reader.index)));
  const whole = idsOf(asIngredient(findNamed(name, reader.index)));
  const giving = food.filter((id) => {
    const facts = reader.facts(id);
    return facts && whole.includes(id) && partYield(facts.trims, said.part);
  });
  const [only] = giving;
  return only !== undefined && giving.length === 1
    ? { ingredient: { kind: "one", id: only, how: "name" }, alternatives: [], part: said.part }
    : undefined;
}

/** "red or white wine vinegar", "lemon or lime juice": what comes before "or" borrows the end of what comes after. */
function withBorrowedEnd(first: string, second: string, index: NameIndex): LineIngredient {
  const words = second.split(" ");
  for (let from = 1; from < words.length; from++) {
    const whole = asIngredient(findNamed(`${first} ${words.slice(from).join(" ")}`, index));
    if (whole.kind === "one") return whole;
  }
  return asIngredient(findNamed(first, index));
}

function nameOfLine(parts: LineParts, reader: LineReader): Named {
  const part = partOfLine(parts.name, reader);
  if (part) return part;
  const [first = "", ...others] = parts.name.split(/ (?:and\/or|or) |\s*\/\s*(?=[a-z])/i);
  const { index } = reader;
  const alternatives = others.map((text) => ({ text, ingredient: asIngredient(findNamed(text, index)) }));
  const head =
    others[0] === undefined
      ? asIngredient(findNamed(first, index))
      : withBorrowedEnd(first, others[0], index);
  if (head.kind === "one") return { ingredient: head, alternatives };
  // "tomatoes, tinned": the preparation may be what tells one kind from another.
  const clearer =
    parts.preparation === "" ? head : asIngredient(findNamed(`${parts.preparation} ${first}`, index));
  const ingredient = clearer.kind === "one" ? clearer : byMeasure(head, parts, reader);
  return { ingredient, alternatives };
}

const seasonings = ["spice", "salt-condiment"];

/** Only one of the candidates comes in bunches, or in tins, or is put in "to taste": then that one is meant. */
function byMeasure(named: LineIngredient, parts: LineParts, reader: LineReader): LineIngredient {
  if (named.kind !== "ask" || parts.unit) return named;
  if (findNamed(parts.name, reader.index)?.leftOver !== "") return named;
  const fits = named.candidates.filter((id) => {
    const facts = reader.facts(id);
    if (!facts) return false;
    return parts.count ? hasOwnMeasure(parts.word, facts) : seasonings.includes(facts.category);
  });
  const [only] = fits;
  return only !== undefined && fits.length === 1 ? { kind: "one", id: only, how: "usual" } : named;
}

const drained = "drain-can";

/** A tin's stated weight is what it holds; drained, only its drained share counts. */
function statedWeight(parts: LineParts, facts: IngredientFacts): Weight | undefined {
  const { stated } = parts;
  if (!stated) return undefined;
  if (stated.kind === "volume") {
    const density = facts.composition?.gramsPerMl ?? 1;
    return {
      grams: exactly(stated.ml * density),
      weighed: true,
      form: "usable",
      workings: `${trimmedDecimals(stated.ml, 0)} ml as stated`,
    };
  }
  const isTin = /^(tin|can|jar|packet|tub)$/.test(parts.word);
  const how = facts.trims.find((t) => t.method === drained);
  const keepsLiquid = /undrained|with (?:its|their|the) (?:liquid|juice)|in (?:its|their) juice/i.test(
    parts.preparation,
  );
  if (isTin && how && !keepsLiquid && (facts.category === "legume" || /drain/i.test(parts.preparation)))
    return {
      grams: times({ value: how.mean, low: how.low, high: how.high }, stated.grams),
      weighed: false,
      form: "usable",
      workings: `${showGrams(stated.grams)} as stated, drained × ${how.mean} (${how.low}–${how.high}): ${provenance(how)}`,
    };
  // "2 aubergines (about 1 kg)": the pieces weigh that, as they are bought.
  const isPieces = parts.count !== null && parts.unit === null && !isTin;
  return {
    grams: exactly(stated.grams),
    weighed: true,
    form: isPieces ? "as-bought" : "usable",
    workings: `${showGrams(stated.grams)} as stated`,
  };
}

const zestOrJuice = (text: string): ("juice" | "zest")[] =>
  [...text.matchAll(/\b(juice|zest)(?:d|ed)?\b/gi)].map((m) =>
    m[1]?.toLowerCase() === "zest" ? "zest" : "juice",
  );

/** "1 lemon, juiced" asks for its juice alone, which is an ingredient of its own. */
function asPressed(named: LineIngredient, parts: LineParts, weight: Weight | undefined): LineIngredient {
  const asked = parts.parts.length > 0 ? parts.parts : zestOrJuice(parts.preparation);
  const isPressed = weight?.form === "usable" && !weight.weighed && asked.length > 0;
  return named.kind === "one" && isPressed && asked.every((part) => part === "juice")
    ? { ...named, id: ingredientAfter(named.id, "squeeze") }
    : named;
}

/** "juice of half a lemon": so much of the fruit's own juice or zest. */
function fruitWeight(parts: LineParts, facts: IngredientFacts): Result<Weight, WeightIssue> | undefined {
  const asked = parts.parts.length > 0 ? parts.parts : zestOrJuice(parts.preparation);
  if (
    asked.length === 0 ||
    !facts.measures.some((m) => m.measure === "zest-of-one" || m.measure === "juice-of-one")
  )
    return undefined;
  if (parts.unit || parts.word || !parts.count) return undefined;
  const count = parts.count;
  const each = [...new Set(asked)].map((part) =>
    countToGrams(count, { word: `${part}-of-one`, size: "", preparation: [] }, facts),
  );
  const refused = each.find((one) => !one.ok);
  if (refused) return refused;
  const weights = each.flatMap((one) => (one.ok ? [one.value] : []));
  return {
    ok: true,
    value: {
      grams: sum(weights.map((w) => w.grams)),
      weighed: false,
      form: "usable",
      workings: weights.map((w) => w.workings).join(" + "),
    },
  };
}

/** "300 g cooked rice": the weight is of cooked grain or pulses. After a comma ("300 g rice, cooked") it is of the dry. */
function cookedWeight(weight: Weight, parts: LineParts, facts: IngredientFacts): Weight {
  const swells = facts.category === "grain" || hasTrait(facts, "dry-pulse");
  return swells && weight.form === "usable" && /\b(?:cooked|boiled)\b/i.test(parts.name)
    ? { ...weight, form: "cooked" }
    : weight;
}

/** Nothing, or more than a quarter of a tonne, is a slip of the pen. */
function believable(weight: Result<Weight, WeightIssue> | undefined, text: string): typeof weight {
  if (!weight?.ok) return weight;
  const grams = weight.value.grams.value;
  if (!(grams > 0)) return refuse({ code: "amount-not-positive", text });
  return grams > heaviestEntryG
    ? refuse({ code: "amount-too-large", grams, atMostG: heaviestEntryG })
    : weight;
}

function weightOf(
  parts: LineParts & { readonly part?: FoodPart | undefined },
  facts: IngredientFacts,
  reader: LineReader,
): Result<Weight, WeightIssue> | undefined {
  const stated = statedWeight(parts, facts);
  if (stated) return { ok: true, value: stated };
  const fruit = fruitWeight(parts, facts);
  if (fruit) return fruit;
  const { count, unit } = parts;
  if (!count) return undefined;
  // What one core or the stems of one head weigh, no table says.
  if (parts.part && !unit) return refuse({ code: "measure-unknown", word: parts.part, known: [] });
  const middle = (count.low + count.high) / 2;
  const preparation = wordsOf(`${parts.preparation} ${parts.name}`);
  const ask = { word: parts.word, size: parts.size, preparation };
  if (!unit) return countToGrams(count, ask, facts);
  if (unit.kind === "volume") {
    const weight = volumeToGrams(
      { ml: middle * unit.factor, count: middle, unit: unit.id },
      { ...ask, unit: unit.id },
      facts,
    );
    return weight.ok && middle > 0 ? { ok: true, value: spread(weight.value, count, middle) } : weight;
  }
  const grams = middle * unit.factor;
  const amount = { kind: "mass" as const, grams, ...(unit.id === "oz" ? { ounces: middle } : {}) };
  const weight = toGrams(amount, facts, { ounces: reader.ounces[facts.id] });
  return weight.ok && middle > 0 ? { ok: true, value: spread(weight.value, count, middle) } : weight;
}

/** A written range ("2–3 tbsp") widens the grams on both sides. */
const spread = (weight: Weight, count: { low: number; high: number }, middle: number): Weight => ({
  ...weight,
  grams: {
    value: weight.grams.value,
    low: weight.grams.low * (count.low / middle),
    high: weight.grams.high * (count.high / middle),
  },
});

const measureOf = (parts: LineParts): string =>
  [parts.size, parts.unit?.id ?? parts.word].filter(Boolean).join(" ");

function questionsOf(
  parts: LineParts,
  ingredient: LineIngredient,
  weight: ReturnType<typeof weightOf>,
): LineQuestion[] {
  if (parts.heading) return [];
  if (/ (?:and|&) /i.test(parts.name) && ingredient.kind !== "one")
    return [{ code: "two-ingredients", text: parts.name }];
  if (ingredient.kind === "unknown") return [{ code: "ingredient-unknown", text: parts.name }];
  if (ingredient.kind === "ask")
    return [{ code: "ingredient-unclear", text: parts.name, candidates: ingredient.candidates }];
  return weight && !weight.ok ? [weight.issue] : [];
}

/**
 * Reads a recipe or market line into ingredient, amount, preparation and grams with a range. The grammar is
 * parse-ingredient's; names are looked up in the catalogue by their longest run of words; what cannot be
 * resolved is kept verbatim and becomes a question, never a silent guess.
 * @example readLine("2 large aubergines (about 1 kg)", reader) // eggplant, 1 kg as stated
 */
export function readLine(text: string, reader: LineReader): LineReading {
  const parts = splitLine(text, reader.cup);
  const { ingredient, alternatives, part }: Named = parts.heading
    ? { ingredient: { kind: "unknown" as const }, alternatives: [] }
    : nameOfLine(parts, reader);
  const facts = ingredient.kind === "one" ? reader.facts(ingredient.id) : undefined;
  const read = facts ? believable(weightOf({ ...parts, part }, facts, reader), text) : undefined;
  const weight = facts && read?.ok ? accept(cookedWeight(read.value, parts, facts)) : read;
  return {
    text,
    heading: parts.heading,
    ingredient: asPressed(ingredient, parts, read?.ok ? read.value : undefined),
    count: parts.count,
    measure: measureOf(parts),
    name: parts.name,
    preparation: part ? [partOnly(part), parts.preparation].filter(Boolean).join(", ") : parts.preparation,
    remarks: parts.remarks,
    alternatives,
    grams: weight?.ok ? weight.value.grams : null,
    weighed: weight?.ok ? weight.value.weighed : false,
    form: weight?.ok ? weight.value.form : "usable",
    isTrimmedPiece: weight?.ok ? (weight.value.isTrimmedPiece ?? false) : false,
    workings: weight?.ok ? weight.value.workings : "",
    questions: questionsOf(parts, ingredient, weight),
  };
}

/** A reader for one kitchen's catalogue. */
export const lineReader = (
  catalogue: { readonly ingredients: ReadonlyMap<string, IngredientFacts> },
  how: Pick<LineReader, "cup" | "ounces">,
): LineReader => ({ ...how, index: nameIndexOf(catalogue), facts: (id) => catalogue.ingredients.get(id) });
