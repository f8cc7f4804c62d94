import { splitLine, takePrice, type LineParts } from "../measure/index.ts";
import { bestLanguages, type InLanguage } from "./best-languages.ts";
import type { IngredientFacts } from "./catalogue.ts";
import { foreignLexicons } from "./foreign-lexicons.ts";
import { ingredientAfter } from "./ingredient-after.ts";
import { nameOfLine } from "./line-name.ts";
import { questionsOf } from "./line-questions.ts";
import type { LineIngredient, LineQuestion, LineReader, LineReading } from "./line-reading.ts";
import { partsAsked, weightOf } from "./line-weight.ts";
import { findExactly, isSameFood, nameIndexOf } from "./name-index.ts";
import { partOnly } from "./part-names.ts";
import { tinnedOf } from "./tinned-of.ts";
import type { Weight } from "./to-grams.ts";

/** "1 lemon, juiced" asks for its juice alone, which is an ingredient of its own. */
function asPressed(named: LineIngredient, parts: LineParts, weight: Weight | undefined): LineIngredient {
  const isPoured = parts.stated?.kind === "volume";
  if (named.kind !== "one" || weight?.form !== "usable" || (weight.weighed && !isPoured)) return named;
  const asked = partsAsked(parts);
  return asked.length > 0 && asked.every((part) => part === "juice")
    ? { ...named, id: ingredientAfter(named.id, "squeeze") }
    : named;
}

const measureOf = (parts: LineParts): string =>
  [parts.size, parts.unit?.id ?? parts.word].filter(Boolean).join(" ");

/** Until these are answered, nothing is said of the grams: they would be of half the line, or a guess. */
const leavesOpen: ReadonlySet<LineQuestion["code"]> = new Set(["amount-unclear", "two-ingredients"]);

type EnglishReading = { readonly reading: LineReading; readonly isKnown: boolean };

/** "2 ", "1 x 200 g ": the amount before a name that begins with what may be a measure. */
const leadingNumber = /^(?:[\d.,/½¼¾⅓⅔ -]+(?![\p{L}]))? ?(?:[x×] ?[\d.,]+ ?(?:kg|g|ml|cl|l|oz|lbs?)\b ?)?/u;

/** "glass noodles", "2 flat mushrooms": the measure that was read begins a name, and measures nothing. */
function partsOf(text: string, { cup, index }: LineReader): LineParts {
  const parts = splitLine(text, cup);
  const [number = ""] = leadingNumber.exec(text) ?? [];
  const [name = ""] = text.slice(number.length).split(/ ?[,;(]/);
  // "3 eggs, whites only": what goes in is called by another name than it stands under.
  if (parts.name.length > name.length) return parts;
  const whole = findExactly(name, index);
  if (!whole || isSameFood(whole.ids, findExactly(parts.name, index)?.ids)) return parts;
  // "extra virgin olive oil, 2 tbsp": a measure that stands behind begins no name.
  const alone = splitLine(name, cup);
  if (alone.word !== parts.word || alone.unit?.id !== parts.unit?.id) return parts;
  const isCounted = number.trim() !== "" || parts.count?.low !== alone.count?.low;
  const count = isCounted ? parts.count : null;
  return { ...parts, count, word: "", unit: null, name, wholeName: name };
}

function readEnglish(text: string, reader: LineReader): EnglishReading {
  const parts = partsOf(text, reader);
  const named = parts.heading
    ? { ingredient: { kind: "unknown" as const }, alternatives: [], part: undefined, isKnown: true }
    : nameOfLine(parts, reader);
  const ingredient = tinnedOf(named.ingredient, parts, reader);
  const facts: IngredientFacts | undefined =
    ingredient.kind === "one" ? reader.facts(ingredient.id) : undefined;
  const { part } = named;
  const read = facts ? weightOf({ ...parts, part }, facts, reader) : undefined;
  const questions = questionsOf({ parts, facts, reader }, ingredient, read);
  const weight = read?.ok && !questions.some(({ code }) => leavesOpen.has(code)) ? read.value : undefined;
  const reading: LineReading = {
    text,
    heading: parts.heading,
    ingredient: asPressed(ingredient, parts, weight),
    count: parts.count,
    measure: measureOf(parts),
    name: parts.name,
    preparation: part ? [partOnly(part), parts.preparation].filter(Boolean).join(", ") : parts.preparation,
    remarks: parts.remarks,
    alternatives: named.alternatives,
    grams: weight?.grams ?? null,
    weighed: weight?.weighed ?? false,
    form: weight?.form ?? "usable",
    isTrimmedPiece: weight?.isTrimmedPiece ?? false,
    workings: weight?.workings ?? "",
    questions,
    language: null,
  };
  return { reading, isKnown: named.isKnown };
}

type ForeignReading = EnglishReading & { readonly best: InLanguage };

/** The line as the language reads it that fits best; where two fit as well and name different foods, it is asked which. */
function readForeign(text: string, reader: LineReader): ForeignReading | undefined {
  const tied = bestLanguages(text, reader);
  // Neighbouring languages often put a line into the same English.
  const apart = tied.filter((one, i) => tied.findIndex(({ english }) => english === one.english) === i);
  const all = apart.map((best) => ({ ...readEnglish(best.english, reader), best }));
  const clear = all.filter(({ reading }) => reading.questions.length === 0);
  // "2 EL Feta": what is a measure in one language and a mere word in another is the measure.
  const chosen = clear.find(({ reading }) => reading.measure !== "") ?? clear[0] ?? all[0];
  const meant = all.flatMap(({ reading }) =>
    reading.ingredient.kind === "one" ? reading.ingredient.id : [],
  );
  const candidates = [...new Set(meant)];
  if (!chosen || candidates.length < 2) return chosen;
  const question: LineQuestion = { code: "ingredient-unclear", text: chosen.reading.name, candidates };
  return {
    ...chosen,
    isKnown: true,
    reading: {
      ...chosen.reading,
      ingredient: { kind: "ask", candidates },
      grams: null,
      questions: [question],
    },
  };
}

/**
 * Reads a recipe or market line into ingredient, amount, preparation and grams with a range. The grammar is
 * parse-ingredient's; names are looked up in the catalogue by their longest run of words; what cannot be
 * resolved is kept verbatim and becomes a question, never a silent guess. A line that is not English is put into it word
 * by word, in the language of its recipe or else in the one that knows its words. What it says it cost is left aside (`takePrice`).
 * @example readLine("2 large aubergines (about 1 kg)", reader) // eggplant, 1 kg as stated
 */
export function readLine(text: string, reader: LineReader): LineReading {
  const { text: unpriced } = takePrice(text);
  return unpriced === text || unpriced === ""
    ? readUnpriced(text, reader)
    : { ...readUnpriced(unpriced, reader), text };
}

function readUnpriced(text: string, reader: LineReader): LineReading {
  const english = reader.language === null ? readEnglish(text, reader) : undefined;
  if (english && (english.reading.heading || (english.isKnown && !maySayAmount(english.reading))))
    return english.reading;
  const foreign = readForeign(text, reader);
  if (english?.isKnown) return saysAmountOf(foreign, english) ? inItsWords(text, foreign) : english.reading;
  if (foreign?.isKnown && !english) return inItsWords(text, foreign);
  const plain = english ?? readEnglish(text, reader);
  // A line of a third language in a recipe of another: "due spicchi d'aglio" among Spanish ones.
  if (!english && !foreign && !plain.isKnown) return readUnpriced(text, { ...reader, language: null });
  if (!foreign) return plain.reading;
  // "rôti" in a French recipe is no flat bread of India: its own language knows all the words.
  const isMeant = english ? foreign.isKnown : foreign.best.isWhole || !plain.isKnown;
  return isMeant ? inItsWords(text, foreign) : plain.reading;
}

/** "kale, un kilo": a name that is English too, and words behind it that are not read as an amount. */
const maySayAmount = ({ grams, preparation, questions }: LineReading): boolean =>
  grams === null && preparation !== "" && questions.length === 0;

const saysAmountOf = (
  foreign: ForeignReading | undefined,
  { reading }: EnglishReading,
): foreign is ForeignReading =>
  foreign !== undefined &&
  (foreign.reading.grams !== null || foreign.reading.questions.length > 0) &&
  foreign.reading.ingredient.kind === "one" &&
  reading.ingredient.kind === "one" &&
  foreign.reading.ingredient.id === reading.ingredient.id;

const inItsWords = (text: string, { reading, best }: ForeignReading): LineReading => ({
  ...reading,
  text,
  language: best.language,
  // What is asked names the line as it was written, not the English it was put into.
  questions: reading.questions.map((one) => (one.code === "two-ingredients" ? { ...one, text } : one)),
});

/** A reader for one kitchen's catalogue. */
export const lineReader = (
  catalogue: { readonly ingredients: ReadonlyMap<string, IngredientFacts> },
  how: Pick<LineReader, "cup" | "ounces"> & Partial<Pick<LineReader, "meanings" | "language">>,
): LineReader => ({
  meanings: {},
  language: null,
  ...how,
  index: nameIndexOf(catalogue),
  facts: (id) => catalogue.ingredients.get(id),
  lexicons: foreignLexicons,
});
