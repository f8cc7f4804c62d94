import type { Catalogue, IngredientFacts } from "../catalogue/index.ts";
import { writtenFiller, type Line } from "../recipes/index.ts";

/** Words of names that say nothing of which food it is. */
const general = new Set([
  ...[
    "salt",
    "fine",
    "fresh",
    "dried",
    "white",
    "black",
    "green",
    "baby",
    "leaf",
    "leaves",
    "juice",
    "round",
  ],
  ...["whole", "large", "small", "with", "from", "sea", "wild", "sweet", "flat", "extra", "virgin", "plain"],
]);

/** What a whole kind of food is called in a step. */
const kindWords: Readonly<Record<string, readonly string[]>> = {
  leaf: ["leaves", "salad"],
  "soft-herb": ["herbs"],
  nut: ["nuts"],
  seed: ["seeds"],
  cheese: ["cheese"],
  flower: ["flowers", "petals"],
  oil: ["oil"],
  grain: ["grain"],
  legume: ["beans", "pulses"],
  acid: ["acid", "vinegar"],
};

const stem = (word: string): string =>
  word
    .toLowerCase()
    .replace(/ies$/, "y")
    .replace(/(?:oes)$/, "o")
    .replace(/s$/, "");

const wordsOf = (facts: IngredientFacts): string[] =>
  [facts.uk, facts.us, facts.id.replaceAll("-", " ")]
    .flatMap((name) => name.split(/[^\p{L}]+/u))
    .filter((word) => word.length > 3 && !general.has(word.toLowerCase()));

/** Where a text first says one of some words, in any number of it; -1 where it says none. */
function firstOf(text: string, words: readonly string[]): number {
  const places = words.map((word) => {
    const pattern = new RegExp(`(?<!\\p{L})${stem(word).replace(/[^\p{L}]/gu, "")}`, "iu");
    return text.search(pattern);
  });
  const found = places.filter((at) => at >= 0);
  return found.length > 0 ? Math.min(...found) : -1;
}

/**
 * Where a step's text speaks of a line, by the names of its food or of its kind; undefined where it does not. Another recipe
 * is spoken of by the words of its id, and as the dressing or the sauce.
 */
export function mentionAt(text: string, line: Line, catalogue: Catalogue): number | undefined {
  if (line.recipe !== null) {
    const at = firstOf(text, [
      ...line.recipe.split("-").filter((word) => word.length > 3),
      "dressing",
      "sauce",
    ]);
    return at >= 0 ? at : undefined;
  }
  const facts = catalogue.ingredients.get(writtenFiller(line)?.ingredient ?? "");
  if (!facts) return undefined;
  const own = firstOf(text, wordsOf(facts));
  const at = own >= 0 ? own : firstOf(text, kindWords[facts.category] ?? []);
  return at >= 0 ? at : undefined;
}

/** Does a step make one thing of a dish: toss it, or dress it? */
export const isTossing = (text: string): boolean =>
  /\b(?:toss|dress|combine|mix (?:everything|all|it all|together))\b/i.test(text);

/** Does a step mix what it names into one? */
export const isMixing = (text: string): boolean =>
  /\b(?:toss|mix|stir|fold|whisk|blend|combine|beat|mash|rub|massage)\b/i.test(text) &&
  !/\b(?:lay|arrange|scatter|spread|spoon over|crumble over|on top)\b/i.test(text);
