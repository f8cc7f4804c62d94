import { wordTable } from "../measure/index.ts";
import { changesFood, describes, describesOnly, type Kind } from "./describing.ts";
import { wordsOf } from "./name-keys.ts";
import type { Category, FoodClass } from "./row-words.ts";
import type { LineParts } from "../measure/index.ts";
import { hasOwnMeasure } from "./find-measure.ts";
import type { LineAlternative, LineIngredient, LineReader } from "./line-reading.ts";
import { findExactly, findNamed, findTurnedRound, type NameIndex, type NameMatch } from "./name-index.ts";
import { onItsStalk, partYield, splitPart, type FoodPart } from "./part-names.ts";

export type NamedLine = {
  readonly ingredient: LineIngredient;
  readonly alternatives: readonly LineAlternative[];
  /** What of it is asked for, where that is not what it is usually bought for. */
  readonly part?: FoodPart;
  /** Its words are all known, whether or not they name one food alone. */
  readonly isKnown: boolean;
};

const asIngredient = (match: NameMatch | undefined): LineIngredient => {
  const [only] = match?.ids ?? [];
  if (!match || only === undefined) return { kind: "unknown" };
  return match.ids.length === 1 && match.leftOver === "" && match.how !== "spelling"
    ? { kind: "one", id: only, how: match.how }
    : { kind: "ask", candidates: match.ids };
};

const isFullyKnown = (match: NameMatch | undefined): boolean =>
  match !== undefined && match.leftOver === "" && match.how !== "spelling";

const idsOf = (named: LineIngredient): readonly string[] =>
  named.kind === "one" ? [named.id] : named.kind === "ask" ? named.candidates : [];

/**
 * "cauliflower core", "chard stems": a part that comes off when the food is trimmed. Not of what is a food by that name
 * ("pumpkin seeds") or is bought for it ("celery stalks"): only one ingredient that gives the part may be meant.
 */
function partOfLine(name: string, reader: LineReader): NamedLine | undefined {
  const said = splitPart(name);
  if (!said) return undefined;
  const match = findNamed(said.food, reader.index);
  const food = isFullyKnown(match) ? (match?.ids ?? []) : [];
  const whole = idsOf(asIngredient(findNamed(name, reader.index)));
  const giving = food.filter((id) => {
    const facts = reader.facts(id);
    return facts && whole.includes(id) && partYield(facts.trims, said.part);
  });
  const [only] = giving;
  return only !== undefined && giving.length === 1
    ? { ingredient: { kind: "one", id: only, how: "name" }, alternatives: [], part: said.part, isKnown: true }
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

const seasonings = ["spice", "salt-condiment"];
const spoons = ["tsp", "pinch"];

/** A food that goes by the word itself: coriander leaf is a coriander; parsley is no food called "herbs". */
function isCalled(id: string, name: string, { facts }: LineReader): boolean {
  const said = wordsOf(name).at(-1) ?? "";
  const one = facts(id);
  return one !== undefined && [one.us, one.uk, ...one.other].some((own) => wordsOf(own).includes(said));
}

/** What is sold in one is sold in the other, whatever each holds. */
const packedLike: Readonly<Record<string, string>> = wordTable({ carton: "tin" });

/** Only one of the candidates comes in bunches, or in tins, or by the teaspoon: then that one is meant. */
function byMeasure(named: LineIngredient, parts: LineParts, reader: LineReader): LineIngredient {
  // Most lettuces have a heart, whichever of them the table weighs.
  if (named.kind !== "ask" || parts.word === "heart") return named;
  if (parts.unit && !spoons.includes(parts.unit.id)) return named;
  if (!isFullyKnown(findNamed(parts.name, reader.index))) return named;
  const fits = named.candidates.filter((id) => {
    const facts = reader.facts(id);
    if (!facts) return false;
    const isSeasoning = parts.unit !== null || !parts.count || spoons.includes(parts.word);
    return isSeasoning
      ? seasonings.includes(facts.category)
      : hasOwnMeasure(packedLike[parts.word] ?? parts.word, facts);
  });
  const [only] = fits;
  const isMeant = only !== undefined && fits.length === 1 && isCalled(only, parts.name, reader);
  return isMeant ? { kind: "one", id: only, how: "usual" } : named;
}

/** Names that mean the plant, but by the small spoon as likely its seed, its powder, or what is dried of it. */
const seedBySpoon: Readonly<Record<string, readonly string[]>> = wordTable({
  fennel: ["fennel-seed", "fennel-bulb"],
  celery: ["celery-seed", "celery"],
  ginger: ["ginger-ground", "ginger"],
  horseradish: ["horseradish-jar", "horseradish"],
  ...Object.fromEntries(
    ["oregano", "thyme", "sage", "marjoram", "rosemary"].map((herb) => [herb, [`${herb}-dried`, herb]]),
  ),
});

/** "1 tsp fennel": the seed or the bulb is asked; "1 tsp chopped fennel" says it. */
function seedOrPlant(named: LineIngredient, { name, unit, preparation }: LineParts): LineIngredient {
  const candidates = seedBySpoon[wordsOf(name).join(" ")];
  const isOpen = candidates && named.kind === "one" && unit !== null && spoons.includes(unit.id);
  return isOpen && preparation === "" ? { kind: "ask", candidates: [...candidates] } : named;
}

const outOfPods = /\b(?:podded|shelled|in (?:the(?:ir)? |its )?pods?|from the pod)\b/i;

/** "900 g peas, podded": what is frozen came out of its pods long ago. */
function freshOrFrozen(named: LineIngredient, said: string): LineIngredient {
  if (named.kind !== "ask" || !outOfPods.test(said)) return named;
  const fresh = named.candidates.filter((id) => !id.endsWith("-frozen"));
  const [only] = fresh;
  return only !== undefined && fresh.length === 1 ? { kind: "one", id: only, how: "usual" } : named;
}

/** The share that an alternative may be: "half may be spinach". */
const shares: readonly (readonly [RegExp, number])[] = [
  [/\bhalf\b/i, 0.5],
  [/\b(?:a |one )?third\b/i, 1 / 3],
  [/\b(?:a |one )?quarter\b/i, 0.25],
];
const partly =
  /\b(?:half|(?:a |one )?(?:third|quarter)) (?:of (?:it|them|this) )?(?:may|can|could) be (.+)$/i;
const amountBefore =
  /^(?:about )?[\d./¼½¾⅓⅔ -]+ ?(?:(?:kg|g|ml|l|oz|lb|tbsp|tsp|cups?|tablespoons?|teaspoons?)\b\.? ?)?(?:of )?/i;

function alternativeOf(text: string, index: NameIndex): LineAlternative {
  const share = partly.exec(text);
  const name = (share?.[1] ?? text).replace(amountBefore, "").replace(/^(?:half|use) /i, "");
  const maxShare = shares.find(([words]) => share && words.test(share[0]))?.[1] ?? 1;
  return { text, ingredient: asIngredient(findNamed(name, index)), maxShare };
}

/** "any soft herb": each food that goes by the name will do. */
const anyOfThese = /^any (?:(?:kind|sort) of |other )?/i;

/** "… or any soft herb" is as many alternatives as there are soft herbs. */
const eachOf = (one: LineAlternative): LineAlternative[] =>
  anyOfThese.test(one.text) && one.ingredient.kind === "ask"
    ? one.ingredient.candidates.map((id) => ({ ...one, ingredient: { kind: "one", id, how: "usual" } }))
    : [one];

/** What this kitchen has said before that such a name means. */
function asAnswered(name: string, { meanings, facts, meant }: LineReader): LineIngredient | undefined {
  const id = meant ?? meanings[meaningKey(name)];
  return id !== undefined && facts(id) ? { kind: "one", id, how: "usual" } : undefined;
}

/** The words under which an answer is remembered: of a name in any case, number and order of marks. */
export const meaningKey = (name: string): string => wordsOf(name).join(" ");

/** "6 tins tomatoes", "1 jar horseradish": what comes in a tin or a jar is another food than what is picked. */
function inATin(name: string, word: string, index: NameIndex): LineIngredient | undefined {
  const how = howPacked[word];
  if (how === undefined) return undefined;
  const plain = wordsOf(name).filter((one) => !describesOnly(one));
  const other = findExactly(`${how} ${name}`, index) ?? findExactly(`${how} ${plain.join(" ")}`, index);
  const named = asIngredient(other);
  return named.kind === "one" ? named : undefined;
}
const howPacked: Readonly<Record<string, string>> = wordTable({
  tin: "tinned",
  can: "tinned",
  jar: "jarred",
});

const states = /(?:^|[,;] ?)(?:and )?(dried|dry|tinned|canned|frozen|smoked|salted|ground|minced)\b/i;

/** "from a jar", "out of the tin", "can": what it comes in makes it another food, as its own word does. */
const comesIn = /^(?:(?:from|in|out of) )?(?:(?:a|the) )?(jar|tin|can(?! be\b))\b/i;

/**
 * "chickpeas, dried", "peas, frozen", "onions, spring": what is said after the comma makes another food than the name
 * alone.
 */
function inItsState(
  head: LineIngredient,
  { name, preparation }: Pick<LineParts, "name" | "preparation">,
  index: NameIndex,
): LineIngredient | undefined {
  if (preparation === "") return undefined;
  const pack = comesIn.exec(preparation)?.[1]?.toLowerCase() ?? "";
  const state = howPacked[pack] ?? states.exec(preparation)?.[1];
  const [kind = ""] = preparation.split(/[,;]/);
  const inState = (state === "dry" ? ["dry", "dried"] : [state]).flatMap((said) =>
    said === undefined ? [] : [`${said} ${kind} ${name}`, `${said} ${kind}`, `${said} ${name}`],
  );
  const other =
    inState.map((one) => findExactly(one, index)).find((one) => one !== undefined) ??
    findTurnedRound([...wordsOf(name), ...wordsOf(kind)], index);
  if (other) return asIngredient(other);
  const candidates = idsOf(head);
  const isAnother =
    candidates.length > 0 &&
    !pressed.test(kind) &&
    candidates.every((id) => saysAnother(kind, index.kinds.get(id)));
  return isAnother ? { kind: "ask", candidates } : undefined;
}

/** "2 lemons, juice only": what of the fruit goes in. */
const pressed = /^juice\b/i;

/** "dried", "in syrup": words that make another food of it, and nothing that is done with it. */
function saysAnother(text: string, kind: Kind | undefined): boolean {
  const words = wordsOf(text.replace(/^(?:in|from) /i, ""));
  const [first] = words;
  return (
    first !== undefined &&
    changesFood(first, kind) &&
    words.every((word) => changesFood(word, kind) || describesOnly(word))
  );
}

/** Food that is sold in what it lies in: of any other, "in oil" makes another food. */
const soldInLiquid: ReadonlySet<FoodClass | undefined> = new Set<FoodClass>([
  "tinned-fish",
  "in-brine",
  "in-oil",
  "cooked-pulse",
  "tinned-tomato",
  "fresh-cheese",
]);

/** The name without what it lies in, or what hangs on it, unless that is part of a name: "anchovies in oil". */
function withoutLiquid({ name, word }: LineParts, index: NameIndex): string {
  if (findExactly(name, index)) return name;
  const alone = name.replace(liesIn, "");
  const ids = findNamed(alone, index)?.ids ?? [];
  const isSold = (kind: Kind | undefined): boolean =>
    soldInLiquid.has(kind?.keepsAs) || describes("oil", kind);
  const isSoldSo = word in howPacked || ids.every((id) => isSold(index.kinds.get(id)));
  return withoutPurpose((isSoldSo ? alone : name).replace(withItsParts, ""), index);
}

const purpose = / for (?:the |an? )?\p{L}+(?: \p{L}+)?$/iu;
/** What may be for anything and stays what it is; "rice for sushi" is another rice. */
const forAnything: readonly Category[] = [
  "fruit",
  "fruit-vegetable",
  "root",
  "allium",
  "leaf",
  "brassica",
  "soft-herb",
  "woody-herb",
  "nut",
];

/** "2 lemons for squeezing", "kale for crisps": what it is for does not change what it is. */
function withoutPurpose(name: string, index: NameIndex): string {
  const alone = name.replace(purpose, "");
  if (alone === name) return name;
  const [only, ...more] = findExactly(alone, index)?.ids ?? [];
  const kind = only !== undefined && more.length === 0 ? index.kinds.get(only) : undefined;
  return kind && forAnything.includes(kind.category) ? alone : name;
}

/** What it lies in: "tuna in spring water". Fruit in syrup is another food. */
const liesIn =
  / in (?:(?:its|their) own )?(?:(?:spring|sunflower|extra virgin|extra-virgin|olive|vegetable|salted|natural) )*(?:oil|water|springwater|brine|juice)$/i;

/** "beets with greens", "radishes with tops": as they are pulled. */
const withItsParts =
  / with (?:(?:the|their|its) )?(?:greens|tops|leaves|stems|stalks|roots?|fronds|skins?|outer leaves)(?: on| attached)?$/i;

const growsOn = new RegExp(` ${onItsStalk}$`, "i");

/** Which ingredient a line names, and what else it says would do. */
export function nameOfLine(parts: LineParts, reader: LineReader): NamedLine {
  const { index } = reader;
  const answered = asAnswered(parts.name, reader);
  const share = partly.exec(parts.preparation);
  const offered = [...parts.offered, ...(share ? [share[0]] : [])].flatMap((text) =>
    eachOf(alternativeOf(text, index)),
  );
  if (answered) return { ingredient: answered, alternatives: offered, isKnown: true };
  const whole = asIngredient(findExactly(parts.wholeName, index));
  if (whole.kind === "one" && parts.wholeName !== parts.name) {
    const inState = inItsState(whole, { name: parts.wholeName, preparation: parts.preparation }, index);
    return { ingredient: inState ?? whole, alternatives: offered, isKnown: true };
  }
  const part = partOfLine(parts.name.replace(growsOn, ""), reader);
  if (part) return part;
  const [first = "", ...others] = withoutLiquid(parts, index).split(/ (?:and\/or|or) |\s*\/\s*(?=[a-z])/i);
  const alternatives = [...others.flatMap((text) => eachOf(alternativeOf(text, index))), ...offered];
  const match = findNamed(first, index);
  const named = others[0] === undefined ? asIngredient(match) : withBorrowedEnd(first, others[0], index);
  const head = seedOrPlant(named, parts);
  const inState =
    (head.kind === "one" ? inATin(first, parts.word, index) : undefined) ??
    inItsState(head, { name: first, preparation: parts.preparation }, index);
  if (inState) return { ingredient: inState, alternatives, isKnown: true };
  if (head.kind === "one") return { ingredient: head, alternatives, isKnown: true };
  // "tomatoes, tinned", "peas (in the pod)": the preparation may be what tells one kind from another.
  const clearer =
    findExactly(`${first} ${parts.preparation}`, index) ?? findNamed(`${parts.preparation} ${first}`, index);
  const byPreparation = parts.preparation === "" ? head : asIngredient(clearer);
  const ingredient =
    byPreparation.kind === "one"
      ? byPreparation
      : freshOrFrozen(byMeasure(head, parts, reader), `${first} ${parts.preparation}`);
  return { ingredient, alternatives, isKnown: ingredient.kind === "one" || isFullyKnown(match) };
}
