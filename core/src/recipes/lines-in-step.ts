import {
  foreignNamesOf,
  nameKeys,
  singularWord,
  type Catalogue,
  type IngredientFacts,
} from "../catalogue/index.ts";
import { languages } from "../languages/index.ts";
import { withoutAccents } from "../measure/index.ts";
import { writtenFiller, type Formula, type Line } from "./formula.ts";
import { kindWords, ofNoFood } from "./tables/words-in-steps.ts";

/** Where a text speaks of a line: the place of the first letter, counted from 0. */
export type Mention = { readonly line: Line; readonly at: number };

/** A word of a text: one of it, its stem in other languages, whether it was written as many, and where it begins. */
type Said = { readonly word: string; readonly stem: string; readonly isMany: boolean; readonly at: number };

/**
 * Words by which a line may be spoken of. The surer, the more it is this line's own name: 5 its food's full name, 4 the last
 * word of it ("peppers" of red peppers), 3 another word of it, 2 a food that may fill it as well, 1 what its kind is called.
 */
type Way = { readonly words: readonly string[]; readonly sure: 1 | 2 | 3 | 4 | 5; readonly isForeign?: true };

/** A run of words of a text that may speak of a line. */
type Run = Way & { readonly line: Line; readonly from: number; readonly to: number };

/** A stem shorter than this would be the beginning of too many words. */
const leastStem = 5;

/** "cipolle" and "cipolla", "Zwiebeln" and "Zwiebel": without the endings of one and many, where enough is left. */
function stemOf(word: string): string {
  const stem = word.replace(/[nsx]$/, "").replace(/[eiao]$/, "");
  return stem.length >= leastStem ? stem : word;
}

/** "pan", "sel" and "ajo" are words of other languages, too. */
const leastForeign = 4;

/** The words of a text in any language, each without case, accents and plural; "l'ail" is two, "goat's" is one. */
const saidIn = (text: string): Said[] =>
  [...text.matchAll(/[\p{L}\p{M}\p{N}]+(?:['’]s(?!\p{L}))?/gu)].map(({ 0: raw, index }) => {
    const plain = withoutAccents(raw.toLowerCase().replace(/['’]s$/, ""));
    const word = singularWord(plain);
    return { word, stem: stemOf(plain), isMany: word !== plain, at: index };
  });

const waysByFood = new WeakMap<IngredientFacts, readonly Way[]>();

/** A food's names in other languages; of "pimiento rojo" the first word, too, which says what it is. */
const foreignWays = (id: string): Way[] =>
  languages.flatMap((language) =>
    foreignNamesOf(id, language).flatMap((name): Way[] => {
      const words = saidIn(name).map(({ stem }) => stem);
      const [first = ""] = words;
      const whole: Way = { words, sure: 5, isForeign: true };
      if (words.join("").length < leastForeign) return [];
      return words.length > 1 && first.length >= leastStem && !ofNoFood.has(first)
        ? [whole, { words: [first], sure: 4, isForeign: true }]
        : [whole];
    }),
  );

/** All that a food is called, in every language that a recipe may be written in, and the words of its English names. */
function waysOf(facts: IngredientFacts): readonly Way[] {
  const known = waysByFood.get(facts);
  if (known) return known;
  const keys = nameKeys(facts);
  const full = keys.map(({ key }) => key.split(" "));
  const parts = keys.filter(({ rank }) => rank !== 1 && rank !== 2).map(({ key }) => key.split(" "));
  const isOwnWord = (word: string): boolean => word.length > 3 && !ofNoFood.has(word);
  const last = parts.flatMap((words) => words.slice(-1)).filter(isOwnWord);
  const other = parts.flatMap((words) => words.slice(0, -1)).filter(isOwnWord);
  const ways: Way[] = [
    ...full.map((words): Way => ({ words, sure: 5 })),
    ...foreignWays(facts.id),
    ...last.map((word): Way => ({ words: [word], sure: 4 })),
    ...other.map((word): Way => ({ words: [word], sure: 3 })),
    ...(kindWords[facts.category] ?? []).map((word): Way => ({ words: [word], sure: 1 })),
  ];
  waysByFood.set(facts, ways);
  return ways;
}

/** Ways to speak of a line: of its written food, and by the full name of any other that may fill it. */
function waysOfLine(line: Line, catalogue: Catalogue): readonly Way[] {
  if (line.recipe !== null) {
    const own = line.recipe.split("-").filter((word) => word.length > 3 && !ofNoFood.has(word));
    return ["dressing", "sauce", ...own].map((word) => ({ words: [singularWord(word)], sure: 4 }));
  }
  const written = writtenFiller(line)?.ingredient;
  return line.fillers.flatMap(({ ingredient }) => {
    const facts = catalogue.ingredients.get(ingredient);
    if (!facts) return [];
    if (ingredient === written) return waysOf(facts);
    return waysOf(facts).flatMap((way): Way[] => (way.sure === 5 ? [{ ...way, sure: 2 }] : []));
  });
}

const isSpice = (line: Line, catalogue: Catalogue): boolean =>
  catalogue.ingredients.get(writtenFiller(line)?.ingredient ?? "")?.category === "spice";

/** Every run of words that may speak of a line. "Peppers" are no spice; "leaves" and "seeds" behind a name belong to it. */
function runsOf(line: Line, said: readonly Said[], catalogue: Catalogue): Run[] {
  const isCounted = isSpice(line, catalogue);
  return waysOfLine(line, catalogue).flatMap(({ words, sure, isForeign }) =>
    said.flatMap((_, from): Run[] => {
      const isHere = words.every((word, i) => said[from + i]?.[isForeign ? "stem" : "word"] === word);
      const end = from + words.length;
      if (!isHere || (isCounted && sure < 5 && said[end - 1]?.isMany)) return [];
      const isNamed = sure > 1 && ofNoFood.has(said[end]?.word ?? "");
      return [{ words, sure, line, from, to: isNamed ? end + 1 : end }];
    }),
  );
}

const isOverlapping = (a: Run, b: Run): boolean => a.from < b.to && b.from < a.to;

/** Words that belong to another line: to a longer name of it, or to a surer one. */
const isAnothers = (run: Run, runs: readonly Run[]): boolean =>
  runs.some((other) => {
    if (other.line === run.line || !isOverlapping(run, other)) return false;
    const more = other.words.length - run.words.length;
    return more > 0 || (more === 0 && other.sure > run.sure);
  });

/** "Salt and pepper" is the spice, where there is one. */
const isSeasoning = (run: Run, said: readonly Said[], spices: readonly Run[]): boolean =>
  said[run.from - 1]?.word === "and" &&
  said[run.from - 2]?.word === "salt" &&
  spices.some((spice) => spice.line !== run.line && isOverlapping(run, spice));

/**
 * Where the words of a step first speak of each line: by its food's name in any number or language of the tables, by a word of
 * that name, else by what its kind is called. Words that are another line's longer name do not count: "lemon juice" is not the
 * lemon. Lines that it does not speak of are left out.
 */
export function linesMentioned(text: string, lines: readonly Line[], catalogue: Catalogue): Mention[] {
  const said = saidIn(text);
  const runs = lines.flatMap((line) => runsOf(line, said, catalogue));
  const spices = runs.filter(({ line }) => isSpice(line, catalogue));
  const own = runs.filter((run) => !isAnothers(run, runs) && !isSeasoning(run, said, spices));
  return lines.flatMap((line) => {
    const of = own.filter((run) => run.line === line);
    const named = of.filter(({ sure }) => sure > 1);
    const first = (named.length > 0 ? named : of).map(({ from }) => said[from]?.at ?? 0);
    return first.length > 0 ? [{ line, at: Math.min(...first) }] : [];
  });
}

/** The lines that a step's words speak of, in the order of the recipe. */
export const linesNamed = (
  formula: Pick<Formula, "lines">,
  step: { readonly text: string },
  catalogue: Catalogue,
): Line[] => linesMentioned(step.text, formula.lines, catalogue).map(({ line }) => line);
