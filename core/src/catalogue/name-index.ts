import { distance } from "fastest-levenshtein";
import { nameKeys, wordsOf } from "./name-keys.ts";
import type { Ingredient } from "./rows.ts";
import { colloquialNames } from "./tables/colloquial-names.ts";

type Named = Pick<Ingredient, "id" | "us" | "uk" | "other">;

type Found = { readonly ids: readonly string[]; readonly how: "name" | "usual" };

/** Every name of every ingredient, ready to be looked up by its words. Built once per catalogue. */
export type NameIndex = {
  readonly byKey: ReadonlyMap<string, Found>;
  readonly longest: number;
};

export function indexNames(ingredients: Iterable<Named>): NameIndex {
  const best = new Map<string, { rank: number; ids: Set<string> }>();
  const known = new Set<string>();
  for (const one of ingredients) {
    known.add(one.id);
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
    const here = ids.filter((id) => known.has(id));
    if (here.length > 0) byKey.set(wordsOf(said).join(" "), { ids: here, how: "usual" });
  }
  return { byKey, longest: Math.max(1, ...[...byKey.keys()].map((key) => key.split(" ").length)) };
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

/** Words that say how something looks, is cut or was treated, never what it is. */
const describing = new Set(
  (
    "fresh freshly ripe raw small medium large big little baby young tender firm soft good quality best organic free range local " +
    "chopped diced cubed sliced slice shaved shredded grated minced crushed torn picked washed dried dry trimmed peeled pitted stoned cored deseeded seeded " +
    "halved quartered whole crumbled toasted roasted roast blanched cooked boiled steamed drained rinsed ground cracked beaten melted softened cold " +
    "warm hot room temperature finely roughly coarsely thinly thickly lightly loosely packed squeezed pressed heaped level rounded leaf leaves stem stalk " +
    "sprig bunch head clove bulb fillet piece strip ribbon wedge chunk cube half quarter floret flesh only with without and of the a an in very " +
    "extra virgin cold unsalted salted plain natural thick runny full fat low homemade shop bought tinned canned tin can jar jarred bottled " +
    "mixed assorted red green white yellow purple golden rainbow curly flat italian french english greek persian heritage heirloom vine smooth coarse fine flaky flake " +
    "windfall uncooked dried home grown wild cultivated dressed undressed seedless stringless pre prepared unpeeled unwaxed waxed skin on off topped tailed podded shelled hulled husked kernel each about more less your their its favourite preferably such any kind torn " +
    "cut into bite sized batons matchstick dice mince zest juice powdered powder new season late early leftover new washed spun clean cleaned handful pinch part tip top picked over heart ear cob frozen defrosted thawed reduced sweet mild sharp strong"
  ).split(" "),
);

export type NameMatch = {
  readonly ids: readonly string[];
  /** "name": one of its own names · "usual": what is usually meant · "spelling": nearest word. */
  readonly how: "name" | "usual" | "spelling";
  /** Words that belong to no name and do not merely describe; "" when everything is accounted for. */
  readonly leftOver: string;
};

type Span = { readonly start: number; readonly length: number; readonly found: Found };

function longestSpan(words: readonly string[], index: NameIndex): Span | undefined {
  for (let length = Math.min(index.longest, words.length); length > 0; length--)
    for (let start = words.length - length; start >= 0; start--) {
      const found = index.byKey.get(words.slice(start, start + length).join(" "));
      if (found) return { start, length, found };
    }
  return undefined;
}

const leftOverOf = (words: readonly string[], { start, length }: Pick<Span, "start" | "length">): string =>
  words.filter((word, i) => (i < start || i >= start + length) && !describing.has(word)).join(" ");

/** How many letters of a word may be wrong: one in a short word, two in a long one. */
const slipsAllowed = (length: number): number => (length < 4 ? 0 : length < 7 ? 1 : 2);

/** Letters wrong between two names, word by word; undefined when any word is too far off. */
function slipsBetween(key: string, meant: readonly string[]): number | undefined {
  const words = key.split(" ");
  if (words.length !== meant.length) return undefined;
  let slips = 0;
  for (const [i, word] of words.entries()) {
    const typed = meant[i] ?? "";
    if (Math.abs(word.length - typed.length) > 2) return undefined;
    const off = distance(word, typed);
    if (off > slipsAllowed(typed.length)) return undefined;
    slips += off;
  }
  return slips;
}

/** The nearest name to misspelt words, or undefined when none is near. Several equally near are all named. */
function nearest(words: readonly string[], index: NameIndex): NameMatch | undefined {
  const meant = words.filter((word) => !describing.has(word));
  let best: { slips: number; ids: Set<string> } = { slips: Infinity, ids: new Set() };
  for (const [key, found] of index.byKey) {
    const slips = slipsBetween(key, meant);
    if (slips === undefined || slips > best.slips) continue;
    best = { slips, ids: new Set([...(slips < best.slips ? [] : best.ids), ...found.ids]) };
  }
  return best.ids.size === 0 ? undefined : { ids: [...best.ids], how: "spelling", leftOver: "" };
}

/**
 * Finds which ingredient a text names: the longest run of words that is somebody's name wins, the last one of
 * equally long runs. Words beside it must merely describe; the others come back as `leftOver`.
 */
export function findNamed(text: string, index: NameIndex): NameMatch | undefined {
  const words = wordsOf(text);
  const span = longestSpan(words, index);
  const leftOver = span ? leftOverOf(words, span) : "";
  if (span && leftOver === "") return { ...span.found, leftOver };
  const near = words.length > 0 ? nearest(words, index) : undefined;
  return near ?? (span && { ...span.found, leftOver });
}
