import {
  anyOf,
  measureWords,
  numberWords,
  packWords,
  splitLine,
  type LineParts,
  type Result,
} from "../measure/index.ts";
import type { LineIngredient, LineQuestion, LineReader } from "./line-reading.ts";
import type { IngredientFacts } from "./catalogue.ts";
import { findCounted } from "./find-measure.ts";
import { findExactly, isSameFood } from "./name-index.ts";
import type { Weight, WeightIssue } from "./to-grams.ts";

/** Numbers that say how something is cut, cooked or bought, and not how much of it there is. */
const telling =
  /\d[\d.,/½¼¾-]*[- ]?(?:cm|mm|inch(?:es)?|in\b|"|%|°|º|minutes?|mins?|hours?|hrs?|days?|ways|lengths?|parts?|pieces?|slices?|wedges?|strips?|chunks?|rounds?|per ?cent|months?|years?)|\b\d+ of them\b|\b(?:no|type|size|gas|mark|step|page|tipo) ?\d+|\b(?:in|into|in with) \d+\b/gi;

/** "garlic, one fat clove": an amount in words behind the name that was not read as one. */
const spokenAmount = new RegExp(
  `\\b(?:an?|${numberWords.join("|")}|half an?|couple|few) (?:\\p{L}+ ){0,2}(?:${anyOf(measureWords)}|doz(?:en)?|kilo|kg|litre|liter|pound|pint|(?:tea|table)?spoons?)(?:ful|s)?\\b|\\b(?:kilo|kg|litre|liter|l|pint|pound) and a (?:half|quarter)\\b`,
  "iu",
);

/** "onions, net of": what it comes in, and not how much of it. */
const packOf = new RegExp(`^(?:${anyOf(packWords)})(?: of)?$`, "i");

/** "500 g chard, 200 g stems removed": of something else. */
const ofSomethingElse =
  /\d[\d.,]* ?(?:kg|g|oz|lbs?|ml) [^,;\d]*\b(?:removed|discarded|reserved|saved|set aside)\b/gi;

/** "2 jalapeños (1 seeded, 1 not)", "4 eggs, two separated": what is done with some of them. */
const someOfThem =
  /\b\d+ (?:\p{L}+ed|whole|not|left whole|chopped|cut \p{L}+)(?: and \p{L}+)?(?=$|[,;)]| and \d)/giu;

const aNumber = /[\d¼½¾⅓⅔⅛]/;

/** Is there a number in the words that nobody has read? It might be the amount. */
const hasUnreadNumber = ({ name, preparation, count, stated }: LineParts): boolean =>
  aNumber.test(name.replace(telling, "")) ||
  aNumber.test(preparation.replace(someOfThem, "").replace(ofSomethingElse, "").replace(telling, "")) ||
  (count === null && stated === null && spokenAmount.test(`${name}, ${preparation}`)) ||
  (count === null && stated === null && (likeAThing.test(preparation) || packOf.test(preparation))) ||
  halfOfIt.test(preparation) ||
  pressedApart.test(preparation) ||
  timesOver.test(preparation);

/** "ginger, thumb-sized piece", "feta, the size of a matchbox", "olive oil, a good slug": an amount nobody has read. */
const likeAThing = /\b(?:size of|sized|slug|dollop|swirl|blob)\b/i;

/** "1 egg, beaten, half of it", "250 g pack, half", "1 iceberg, half used"; "half of it can be spinach" is of something else. */
const halfOfIt =
  /\bhalf of (?:it|them)\b(?! (?:can|may|could|for))|(?:^|, ?)(?:only |use(?:d)? )?half(?: (?:used|left|gone|only|over))?$/i;

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
  const { name, preparation } = splitLine(text, cup);
  return preparation === "" ? findExactly(name, index)?.ids : undefined;
}

/**
 * "salt, pepper", "1 t sugar, pinch salt", "watercress, spinach and rocket": what stands after the comma is a food of its
 * own, or several.
 */
function namesAnother(
  { name, preparation }: LineParts,
  ingredient: LineIngredient,
  reader: LineReader,
): boolean {
  const [first = ""] = preparation.split(/[,;]/);
  const joined = findExactly(`${first} ${name}`, reader.index);
  // "shallots (banana)": a kind of what it stands behind.
  if (joined && isSameFood(joined.ids, findExactly(name, reader.index)?.ids)) return false;
  const all = first.split(/ (?:and|&) /i).map((one) => plainFood(one, reader));
  const isOwn = (ids: readonly string[]): boolean => ingredient.kind === "one" && ids.includes(ingredient.id);
  return all.every((ids) => ids !== undefined && !isOwn(ids));
}

/** "1 vine of cherry tomatoes", "2 strings of onions": counted by a word that is no measure we know. */
const isCountedByAnother = ({ count, unit, word, stated, name }: LineParts, { index }: LineReader): boolean =>
  count !== null &&
  !unit &&
  word === "" &&
  !stated &&
  /^\p{L}+ of \p{L}/u.test(name) &&
  !findExactly(name, index);

/** "1 tsp per kg", "20 g per litre of water": so much of something else, which the line does not count. */
const forSoMuch = /\bper (?:\d+ ?)?(?:kg|kilo|g|litre|liter|l|lb|pound|pint|cup|egg|jar)\b/i;

/** "1 egg each", "2 figs per person": how many that is, the line does not say. */
const isForEachEater = ({ name, preparation, stated }: LineParts): boolean =>
  (stated === null && /\b(?:each|apiece|per (?:person|head|portion|plate)|pp)$/i.test(preparation || name)) ||
  forSoMuch.test(`${name}, ${preparation}`);

/** So few on a list, of what is lighter than this a piece, may be bunches or punnets. Common practice, no source. */
const [fewPieces, lightG] = [5, 25];

/** "carrots (bunched) 3": three bunches, or three carrots. */
const soldIn = /\b(?:bunched|bundled|potted|bagged|boxed|netted|crated|strung)\b/i;

/** "radishes x2", "strawberries 2": two of them, or two of what they are sold in? */
function mayBePacks(
  { isNameFirst, unit, word, count, stated, name, preparation }: LineParts,
  facts: IngredientFacts,
): boolean {
  if (unit || word !== "" || stated || !count) return false;
  if (soldIn.test(`${name}, ${preparation}`)) return true;
  // "spring onions, 6, chopped": what is cut is counted.
  if (!isNameFirst || count.high > fewPieces || preparation !== "") return false;
  const piece = findCounted({ word: "", size: "", preparation: [] }, facts);
  return piece !== undefined && piece.grams.value < lightG;
}

/** "mizuna/rocket mix": both of them, and nobody knows how much of each. */
const isMixed = ({ name, preparation }: LineParts): boolean =>
  /\p{L} ?\/ ?\p{L}.*\b(?:mix(?:ed|ture)?|blend)\b/iu.test(`${name}, ${preparation}`);

const inThePod = /\bin (?:(?:the|their|its) )?(?:pods?|shells?)\b/i;

/** "borlotti beans in the pod": fresh ones to be podded, where the food is the dry or the cooked pulse and has no pods. */
const isAnotherInThePod = ({ wholeName, preparation }: LineParts, facts: IngredientFacts): boolean =>
  facts.category === "legume" &&
  !facts.trims.some(({ method }) => method.startsWith("shell")) &&
  inThePod.test(`${wholeName}, ${preparation}`);

/** More pieces than this nobody counts out: "500 carrots" are grams, or a slip. Common practice, no source. */
const mostPieces = 60;

const isUncountable = ({ count, unit, word, stated }: LineParts): boolean =>
  count !== null && count.low > mostPieces && !unit && word === "" && !stated;

/** What has to be asked of a line: one thing at a time, the food before its amount. */
export function questionsOf(
  {
    parts,
    facts,
    reader,
  }: { readonly parts: LineParts; readonly facts: IngredientFacts | undefined; readonly reader: LineReader },
  ingredient: LineIngredient,
  weight: Result<Weight, WeightIssue> | undefined,
): LineQuestion[] {
  if (parts.heading) return [];
  if (/^salt ?\/ ?(?:black )?pepper$/i.test(parts.name))
    return [{ code: "two-ingredients", text: parts.name }];
  if (/ (?:and|&) /i.test(parts.name) && ingredient.kind !== "one")
    return [{ code: "two-ingredients", text: parts.name }];
  if (namesAnother(parts, ingredient, reader))
    return [{ code: "two-ingredients", text: `${parts.name}, ${parts.preparation}` }];
  if (isMixed(parts)) return [{ code: "two-ingredients", text: parts.name }];
  if (ingredient.kind === "unknown" || (facts && isAnotherInThePod(parts, facts)))
    return [{ code: "ingredient-unknown", text: parts.name }];
  if (ingredient.kind === "ask")
    return [{ code: "ingredient-unclear", text: parts.name, candidates: ingredient.candidates }];
  const isUnclear =
    parts.disagrees || parts.isOdd || isCountedByAnother(parts, reader) || isUncountable(parts);
  const mayBeOther = isForEachEater(parts) || (facts !== undefined && mayBePacks(parts, facts));
  if (isUnclear || hasUnreadNumber(parts) || mayBeOther)
    return [{ code: "amount-unclear", text: parts.name }];
  return weight && !weight.ok ? [weight.issue] : [];
}
