import type { Language } from "./language.ts";
import { plainWord, stemOf } from "./stem.ts";
import { stepWords } from "./tables/step-words.ts";
import { shorthand, wordsByLanguage } from "./tables/words.ts";

/** What a phrase of a language is in English: by its words as they stand, else by their stems. */
export type Lexicon = {
  readonly language: Language;
  readonly exactly: ReadonlyMap<string, string>;
  readonly english: ReadonlyMap<string, string>;
  readonly longest: number;
  /** How many words of a phrase are an ingredient's name. */
  readonly names: ReadonlySet<string>;
};

const elided = /(?<![\p{L}])(d|l|qu|dell|dall|nell|all|sull|un|sott)['’](?=\p{L})/giu;

/** A text with its elisions opened: "d'huile" → "d huile". Hyphens join words as a space does. */
export const openElisions = (text: string): string =>
  text.replace(elided, "$1 ").replace(/(?<=\p{L})-(?=\p{L})/gu, " ");

const wordsOf = (phrase: string): string[] =>
  openElisions(phrase)
    .replace(/[_.]/g, "")
    .split(/[\s/]+/)
    .filter(Boolean);
const keyOf = (phrase: string, language: Language): string =>
  wordsOf(phrase)
    .map((word) => stemOf(word, language))
    .join(" ");
const exactKeyOf = (phrase: string): string => wordsOf(phrase).map(plainWord).join(" ");

/** What is written short in a language ("c. à s.", "q.b."), as one word that the lexicon knows. */
export const withoutShorthand = (text: string, language: Language): string =>
  shorthand[language].reduce((line, [short, word]) => line.replace(short, word), text);

/**
 * The lexicon of a language: its words for amounts and preparations, and `names` of ingredients, each with the English
 * that stands for it. A name wins over a word.
 */
export function lexiconOf(
  language: Language,
  names: Iterable<readonly [name: string, english: string]>,
): Lexicon {
  const english = new Map<string, string>();
  const exactly = new Map<string, string>();
  for (const [phrase, said] of [
    ...Object.entries(stepWords[language]),
    ...Object.entries(wordsByLanguage[language]),
  ]) {
    english.set(keyOf(phrase, language), said);
    exactly.set(exactKeyOf(phrase), said);
  }
  const known = new Set<string>();
  for (const [name, said] of names) {
    const key = keyOf(name, language);
    exactly.set(exactKeyOf(name), said);
    if (known.has(key)) continue;
    known.add(key);
    english.set(key, said);
  }
  const longest = Math.max(1, ...[...english.keys()].map((key) => key.split(" ").length));
  return { language, exactly, english, longest, names: known };
}
