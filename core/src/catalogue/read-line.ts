import { splitLine, type LineParts } from "../measure/index.ts";
import { translate, type Language, type Lexicon } from "../languages/index.ts";
import type { IngredientFacts } from "./catalogue.ts";
import { foreignLexicons } from "./foreign-lexicons.ts";
import { ingredientAfter } from "./ingredient-after.ts";
import { nameOfLine } from "./line-name.ts";
import type { LineIngredient, LineQuestion, LineReader, LineReading } from "./line-reading.ts";
import { partsAsked, weightOf } from "./line-weight.ts";
import { findExactly, nameIndexOf } from "./name-index.ts";
import { partOnly } from "./part-names.ts";
import { tinnedOf } from "./tinned-of.ts";
import type { Weight } from "./to-grams.ts";

/** "1 lemon, juiced" asks for its juice alone, which is an ingredient of its own. */
function asPressed(named: LineIngredient, parts: LineParts, weight: Weight | undefined): LineIngredient {
  const isPoured = parts.parts.length > 0 && parts.stated?.kind === "volume";
  if (named.kind !== "one" || weight?.form !== "usable" || (weight.weighed && !isPoured)) return named;
  const asked = partsAsked(parts);
  return asked.length > 0 && asked.every((part) => part === "juice")
    ? { ...named, id: ingredientAfter(named.id, "squeeze") }
    : named;
}

const measureOf = (parts: LineParts): string =>
  [parts.size, parts.unit?.id ?? parts.word].filter(Boolean).join(" ");

/** Numbers that say how something is cut, cooked or bought, and not how much of it there is. */
const telling =
  /\d[\d.,/½¼¾-]*[- ]?(?:cm|mm|inch(?:es)?|in\b|"|%|°|º|minutes?|mins?|hours?|hrs?|days?|ways|lengths?|parts?|pieces?|slices?|wedges?|strips?|chunks?|rounds?|per ?cent|months?|years?)|\b(?:no|type|size|gas|mark|step|page|tipo) ?\d+/gi;

/** "garlic, one fat clove": an amount in words behind the name that was not read as one. */
const spokenAmount =
  /\b(?:an?|one|two|three|four|half an?) (?:\p{L}+ ){0,2}(?:bunch|clove|sprig|stalk|stick|handful|head|bulb|tin|can|jar|spoon|teaspoon|tablespoon|cup|slice|knob|splash|pinch|glug|leaf|piece)(?:e?s|ful)?\b/iu;

const aWeight = /\d ?(?:kg|g|grams?|lbs?|oz|pounds?|ounces?)\b/i;

/** Is there a number in the words that nobody has read? It might be the amount. */
const hasUnreadNumber = ({ name, preparation, count, stated, unit }: LineParts): boolean =>
  /\d/.test(name.replace(telling, "")) ||
  (count === null && stated === null && /\d/.test(preparation.replace(telling, ""))) ||
  (unit === null && stated === null && aWeight.test(preparation)) ||
  (count === null && stated === null && spokenAmount.test(`${name}, ${preparation}`)) ||
  pressedApart.test(preparation) ||
  timesOver.test(preparation);

/** "carrots (1 kg bag) x 3": how many times, left unread. */
const timesOver = /(?:^|\s)[x×] ?\d+$/i;

/** "zest 1 lemon, juice ½": another number for the other part. */
const pressedApart =
  /\b(?:juice|zest)(?: of)?:? (?:[\d½¼¾]|half|one|two|three)|(?:[\d½¼¾]|\b(?:half|one|two|three))(?: of (?:it|them))? (?:juiced|zested|squeezed)/i;

const saysAmount =
  /^(?:[\d½¼¾⅓⅔]|(?:an?|one|two|three|four|half|some|pinch|dash|handful|splash|squeeze|drizzle|knob|sprig|clove)\b)/i;

/** The food of "pepper", "pinch salt", "2 tbsp oil": a name and nothing else, with an amount or without. */
function plainFood(text: string, { index, cup }: LineReader): readonly string[] | undefined {
  const exactly = findExactly(text, index);
  if (exactly) return exactly.ids;
  if (!saysAmount.test(text)) return undefined;
  const { count, name, preparation } = splitLine(text, cup);
  return count && preparation === "" ? findExactly(name, index)?.ids : undefined;
}

/**
 * "salt, pepper", "1 t sugar, pinch salt", "watercress, spinach and rocket": what stands after the comma is a food of its
 * own, or several.
 */
function namesAnother({ preparation }: LineParts, ingredient: LineIngredient, reader: LineReader): boolean {
  const [first = ""] = preparation.split(/[,;]/);
  const all = first.split(/ (?:and|&) /i).map((one) => plainFood(one, reader));
  const isOwn = (ids: readonly string[]): boolean => ingredient.kind === "one" && ids.includes(ingredient.id);
  return all.every((ids) => ids !== undefined && !isOwn(ids));
}

/** "1 egg each", "2 figs per person": how many that is, the line does not say. */
const isForEachEater = ({ name, preparation, stated }: LineParts): boolean =>
  stated === null && /\b(?:each|apiece|per (?:person|head|portion|plate)|pp)$/i.test(preparation || name);

function questionsOf(
  { parts, reader }: { readonly parts: LineParts; readonly reader: LineReader },
  ingredient: LineIngredient,
  weight: ReturnType<typeof weightOf>,
): LineQuestion[] {
  if (parts.heading) return [];
  if (/^salt ?\/ ?(?:black )?pepper$/i.test(parts.name))
    return [{ code: "two-ingredients", text: parts.name }];
  if (/ (?:and|&) /i.test(parts.name) && ingredient.kind !== "one")
    return [{ code: "two-ingredients", text: parts.name }];
  if (namesAnother(parts, ingredient, reader))
    return [{ code: "two-ingredients", text: `${parts.name}, ${parts.preparation}` }];
  if (ingredient.kind === "unknown") return [{ code: "ingredient-unknown", text: parts.name }];
  if (ingredient.kind === "ask")
    return [{ code: "ingredient-unclear", text: parts.name, candidates: ingredient.candidates }];
  if (parts.disagrees || parts.isOdd || hasUnreadNumber(parts) || isForEachEater(parts))
    return [{ code: "amount-unclear", text: parts.name }];
  return weight && !weight.ok ? [weight.issue] : [];
}

/** Until these are answered, nothing is said of the grams: they would be of half the line, or a guess. */
const leavesOpen: ReadonlySet<LineQuestion["code"]> = new Set(["amount-unclear", "two-ingredients"]);

type EnglishReading = { readonly reading: LineReading; readonly isKnown: boolean };

const leadingNumber = /^(?:[\d.,/½¼¾⅓⅔ -]+(?![\p{L}]))? ?/u;

const isSameFood = (ids: readonly string[], others: readonly string[] = []): boolean =>
  ids.length === others.length && ids.every((id) => others.includes(id));

/** "glass noodles", "2 flat mushrooms": the measure that was read begins a name, and measures nothing. */
function partsOf(text: string, { cup, index }: LineReader): LineParts {
  const parts = splitLine(text, cup);
  const [number = ""] = leadingNumber.exec(text) ?? [];
  const [name = ""] = text.slice(number.length).split(/ ?[,;(]/);
  const isMeasured = parts.word !== "" || parts.unit !== null;
  if (!isMeasured || name.length <= parts.name.length || !name.endsWith(parts.name)) return parts;
  const whole = findExactly(name, index);
  if (!whole || isSameFood(whole.ids, findExactly(parts.name, index)?.ids)) return parts;
  const count = number.trim() === "" ? null : parts.count;
  return { ...parts, count, word: "", unit: null, name, wholeName: name };
}

function readEnglish(text: string, reader: LineReader): EnglishReading {
  const parts = partsOf(text, reader);
  const named = parts.heading
    ? { ingredient: { kind: "unknown" as const }, alternatives: [], part: undefined, isKnown: true }
    : nameOfLine(parts, reader);
  const ingredient = tinnedOf(named.ingredient, parts.word, reader);
  const facts: IngredientFacts | undefined =
    ingredient.kind === "one" ? reader.facts(ingredient.id) : undefined;
  const { part } = named;
  const read = facts ? weightOf({ ...parts, part }, facts, reader) : undefined;
  const questions = questionsOf({ parts, reader }, ingredient, read);
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

type InLanguage = {
  readonly english: string;
  readonly language: Language;
  readonly known: number;
  readonly exact: number;
  readonly isWhole: boolean;
};

function inLanguage(text: string, lexicon: Lexicon): InLanguage | undefined {
  const { text: english, known, unknown, exact } = translate(text, lexicon);
  return known > unknown
    ? { english, language: lexicon.language, known, exact, isWhole: unknown === 0 }
    : undefined;
}

/** The languages that know most of the line's words, as many as know it equally well. */
function bestLanguages(text: string, reader: LineReader): InLanguage[] {
  const own = reader.language === null ? undefined : reader.lexicons().get(reader.language);
  const tried = [...(own ? [own] : reader.lexicons().values())].flatMap(
    (lexicon) => inLanguage(text, lexicon) ?? [],
  );
  const byFit = (a: InLanguage, b: InLanguage): number =>
    Number(b.isWhole) - Number(a.isWhole) || b.exact - a.exact || b.known - a.known;
  const [best, ...others] = tried.sort(byFit);
  return best ? [best, ...others.filter((one) => byFit(best, one) === 0)] : [];
}

/** Two readings that fit equally well are enough to know that it must be asked. */
const mostTried = 2;

type ForeignReading = EnglishReading & { readonly best: InLanguage };

/** The line as the language reads it that fits best; where two fit as well and name different foods, it is asked which. */
function readForeign(text: string, reader: LineReader): ForeignReading | undefined {
  const tied = bestLanguages(text, reader);
  // Neighbouring languages often put a line into the same English.
  const apart = tied
    .filter((one, i) => tied.findIndex(({ english }) => english === one.english) === i)
    .slice(0, mostTried);
  const all = apart.map((best) => ({ ...readEnglish(best.english, reader), best }));
  const clear = all.find(
    ({ reading }) => reading.ingredient.kind === "one" && reading.questions.length === 0,
  );
  const chosen = clear ?? all[0];
  const meant = all.flatMap(({ reading }) =>
    reading.ingredient.kind === "one" ? reading.ingredient.id : [],
  );
  const candidates = [...new Set(meant)];
  if (!chosen || candidates.length < 2) return chosen;
  const question: LineQuestion = { code: "ingredient-unclear", text: chosen.reading.name, candidates };
  return {
    ...chosen,
    isKnown: false,
    reading: {
      ...chosen.reading,
      ingredient: { kind: "ask", candidates },
      grams: null,
      questions: [question],
    },
  };
}

/** Does a reading say which food, or at least which few it may be, where another says nothing? */
const isBetter = (one: EnglishReading, than: EnglishReading): boolean =>
  one.reading.heading ||
  (one.isKnown && !than.isKnown) ||
  (one.reading.ingredient.kind === "one" && than.reading.ingredient.kind !== "one");

/**
 * Reads a recipe or market line into ingredient, amount, preparation and grams with a range. The grammar is
 * parse-ingredient's; names are looked up in the catalogue by their longest run of words; what cannot be
 * resolved is kept verbatim and becomes a question, never a silent guess. A line that is not English is put into it word
 * by word, in the language of its recipe or in the one that knows its words.
 * @example readLine("2 large aubergines (about 1 kg)", reader) // eggplant, 1 kg as stated
 */
export function readLine(text: string, reader: LineReader): LineReading {
  const english = reader.language === null ? readEnglish(text, reader) : undefined;
  if (english && (english.isKnown || english.reading.heading)) return english.reading;
  const foreign = readForeign(text, reader);
  if (foreign?.isKnown && !english) return inItsWords(text, foreign);
  const plain = english ?? readEnglish(text, reader);
  if (!foreign) return plain.reading;
  const isMeant = english ? isBetter(foreign, plain) : !plain.isKnown;
  return isMeant ? inItsWords(text, foreign) : plain.reading;
}

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
