import { distance } from "fastest-levenshtein";
import { nameKeys, wordsOf } from "./name-keys.ts";
import type { Ingredient } from "./rows.ts";
import { describes, describesAny, describesOnly, kindOf, type Kind } from "./describing.ts";
import { makesAnother } from "./tables/describing-words.ts";
import { colloquialNames } from "./tables/colloquial-names.ts";

type Named = Pick<Ingredient, "id" | "us" | "uk" | "other" | "category" | "traits" | "keepsAs">;

type Found = { readonly ids: readonly string[]; readonly how: "name" | "usual" };

type Spelt = { readonly words: readonly string[]; readonly found: Found };

/** Every name of every ingredient, ready to be looked up by its words. Built once per catalogue. */
export type NameIndex = {
  readonly byKey: ReadonlyMap<string, Found>;
  readonly longest: number;
  /** The same names by how many words they have, taken apart: what a misspelt name is compared with. */
  readonly byWordCount: ReadonlyMap<number, readonly Spelt[]>;
  /** Every word of a name; and of words typed before, which of them they may be a slip of. */
  readonly words: ReadonlySet<string>;
  readonly near: Map<string, ReadonlyMap<string, number>>;
  /** What each ingredient is, as far as it tells which words merely describe it. */
  readonly kinds: ReadonlyMap<string, Kind>;
};

export function indexNames(ingredients: Iterable<Named>): NameIndex {
  const best = new Map<string, { rank: number; ids: Set<string> }>();
  const kinds = new Map<string, Kind>();
  for (const one of ingredients) {
    kinds.set(one.id, kindOf(one));
    for (const { key, rank } of nameKeys(one)) {
      const before = best.get(key);
      if (!before || rank < before.rank) best.set(key, { rank, ids: new Set([one.id]) });
      else if (rank === before.rank) before.ids.add(one.id);
    }
  }
  const byKey = new Map<string, Found>();
  for (const [key, { rank, ids }] of best)
    byKey.set(key, { ids: [...ids], how: rank < 3 ? "name" : "usual" });
  for (const [said, ids] of Object.entries(colloquialNames)) {
    const here = ids.filter((id) => kinds.has(id));
    const key = wordsOf(said).join(" ");
    const own = byKey.get(key);
    const isOwnName =
      own?.how === "name" && own.ids.length === 1 && here.length === 1 && own.ids[0] === here[0];
    if (here.length > 0 && !isOwnName) byKey.set(key, { ids: here, how: "usual" });
  }
  const byWordCount = new Map<number, Spelt[]>();
  for (const [key, found] of byKey) {
    const words = key.split(" ");
    const alike = byWordCount.get(words.length) ?? [];
    alike.push({ words, found });
    byWordCount.set(words.length, alike);
  }
  const words = new Set([...byKey.keys()].flatMap((key) => key.split(" ")));
  return { byKey, byWordCount, words, near: new Map(), kinds, longest: Math.max(1, ...byWordCount.keys()) };
}

const indexes = new WeakMap<object, NameIndex>();

/** The names of a catalogue, worked out once and kept as long as the catalogue is. */
export function nameIndexOf(catalogue: { readonly ingredients: ReadonlyMap<string, Named> }): NameIndex {
  const known = indexes.get(catalogue);
  if (known) return known;
  const index = indexNames(catalogue.ingredients.values());
  indexes.set(catalogue, index);
  return index;
}

export type NameMatch = {
  readonly ids: readonly string[];
  /** "name": one of its own names · "usual": what is usually meant · "spelling": the nearest word, only ever offered. */
  readonly how: "name" | "usual" | "spelling";
  /** Words that belong to no name and do not merely describe; "" when everything is accounted for. */
  readonly leftOver: string;
};

type Span = { readonly start: number; readonly length: number; readonly found: Found };

/** The longest run of words that is a name; of equally long runs the last that leaves nothing unsaid, else the last. */
function longestSpan(words: readonly string[], index: NameIndex): Span | undefined {
  for (let length = Math.min(index.longest, words.length); length > 0; length--) {
    const spans: Span[] = [];
    for (let start = words.length - length; start >= 0; start--) {
      const found = index.byKey.get(words.slice(start, start + length).join(" "));
      if (found) spans.push({ start, length, found });
    }
    if (spans.length > 0) return spans.find((span) => leftOverOf(words, span, index) === "") ?? spans[0];
  }
  return undefined;
}

/** Words beside a name that may change what it is: those that do not merely describe every food it may be. */
function leftOverOf(words: readonly string[], { start, length, found }: Span, index: NameIndex): string {
  const end = start + length;
  // "Maldon-style salt" is salt; "chicken-style pieces" are no chicken.
  const isOfAStyle = (at: number): boolean => words[at + 1] === "style" && !index.byKey.has(words[at] ?? "");
  const saysStyle = (at: number): boolean => isOfAStyle(at) || isOfAStyle(at - 1);
  const isSaid = (word: string, at: number): boolean =>
    (at === words.length - 1 && (makesAnother as readonly string[]).includes(word)) ||
    !(saysStyle(at) || found.ids.every((id) => describes(word, index.kinds.get(id))));
  return words.filter((word, at) => (at < start || at >= end) && isSaid(word, at)).join(" ");
}

/** How many letters of a word may be wrong: one in a short word, two in a long one. */
const slipsAllowed = (length: number): number => (length < 4 ? 0 : length < 7 ? 1 : 2);

/** Words of names that a typed word may be a slip of, with the letters that are wrong. */
type NearWords = ReadonlyMap<string, number>;

/** Typed words are few and come again; past this many they are worked out anew. */
const mostRemembered = 5000;

function nearWords(typed: string, { words, near }: NameIndex): NearWords {
  const known = near.get(typed);
  if (known) return known;
  const allowed = slipsAllowed(typed.length);
  const found = new Map<string, number>();
  for (const word of words) {
    // Each letter too many or too few is a slip: more than are allowed need no closer look.
    if (Math.abs(word.length - typed.length) > allowed) continue;
    const slips = distance(word, typed);
    if (slips <= allowed) found.set(word, slips);
  }
  if (near.size >= mostRemembered) near.clear();
  near.set(typed, found);
  return found;
}

/** Letters wrong between a name and words typed for it; undefined when any word is too far off. */
function slipsBetween(name: readonly string[], typed: readonly NearWords[]): number | undefined {
  let slips = 0;
  for (const [i, near] of typed.entries()) {
    const off = near.get(name[i] ?? "");
    if (off === undefined) return undefined;
    slips += off;
  }
  return slips;
}

/** The nearest name to misspelt words, or undefined when none is near. Several equally near are all named. */
function nearest(words: readonly string[], index: NameIndex): NameMatch | undefined {
  const meant = words.filter((word) => !describesAny(word)).map((word) => nearWords(word, index));
  if (meant.some((near) => near.size === 0)) return undefined;
  let best: { slips: number; ids: Set<string> } = { slips: Infinity, ids: new Set() };
  for (const { words: name, found } of index.byWordCount.get(meant.length) ?? []) {
    const slips = slipsBetween(name, meant);
    if (slips === undefined || slips > best.slips) continue;
    best = { slips, ids: new Set([...(slips < best.slips ? [] : best.ids), ...found.ids]) };
  }
  return best.ids.size === 0 ? undefined : { ids: [...best.ids], how: "spelling", leftOver: "" };
}

/** The ingredient that a whole text is the name of, with no word beside it; undefined where it is nobody's. */
export function findExactly(text: string, index: NameIndex): NameMatch | undefined {
  const found = index.byKey.get(wordsOf(text).join(" "));
  return found && { ...found, leftOver: "" };
}

/** Do two names stand for the same foods, however many? */
export const isSameFood = (ids: readonly string[], others: readonly string[] = []): boolean =>
  ids.length === others.length && ids.every((id) => others.includes(id));

/** Last words that say what the thing is, and not which kind of it: "beet leaf" is no leaf beet. */
const namesTheWhole = new Set([
  ...makesAnother,
  "leaf",
  "seed",
  "root",
  "juice",
  "oil",
  "flower",
  "stalk",
  "milk",
]);

/** Done in the kitchen, whatever was bought: "chopped". */
const isCut = (word: string): boolean => word.endsWith("ed") && describesOnly(word);

/**
 * "onions red", "vinegar, cider": lists put the word that tells one kind from another last. Undefined where turning the
 * words round makes no name, or where the last say what is done: "tomatoes chopped" are no chopped tomatoes in a tin.
 */
export function findTurnedRound(words: readonly string[], index: NameIndex): NameMatch | undefined {
  for (let from = 1; from < words.length; from++) {
    const kind = words.slice(from);
    const head = words.slice(0, from).join(" ");
    if (kind.every(isCut) || !index.byKey.has(head) || namesTheWhole.has(kind.at(-1) ?? "")) continue;
    const found = index.byKey.get(`${kind.join(" ")} ${head}`);
    if (found) return { ...found, leftOver: "" };
  }
  return undefined;
}

/**
 * Finds which ingredient a text names: the longest run of words that is somebody's name wins, the last one of
 * equally long runs. Words beside it must merely describe; the others come back as `leftOver`.
 */
export function findNamed(text: string, index: NameIndex): NameMatch | undefined {
  const words = wordsOf(text);
  const span = longestSpan(words, index);
  const turned = span && span.length < words.length ? findTurnedRound(words, index) : undefined;
  if (turned) return turned;
  const leftOver = span ? leftOverOf(words, span, index) : "";
  if (span && leftOver === "") return { ...span.found, leftOver };
  const near = nearest(words, index);
  return near ?? (span && { ...span.found, leftOver });
}
