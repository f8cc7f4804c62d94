import { withoutAccents } from "../measure/index.ts";
import type { Language } from "./language.ts";

/** A word in lower case without accents, as it stands. */
export const plainWord = (word: string): string =>
  withoutAccents(word.toLowerCase().replace(/œ/g, "oe").replace(/ß/g, "ss"));

/** Short words are left alone: "ail" and "oie" have no ending to lose. */
const shortest = 4;

const endings: Readonly<Record<Language, readonly (readonly [RegExp, string])[]>> = {
  es: [
    [/ces$/, "z"],
    [/([^aeiou])es$/, "$1"],
    [/([aeo])s$/, "$1"],
    [/[aeo]$/, ""],
  ],
  fr: [
    [/eaux$/, "eau"],
    [/[sx]$/, ""],
    [/ee$/, "e"],
    [/e$/, ""],
  ],
  it: [
    [/[aeio]$/, ""],
    [/([cg])h?i?$/, "$1"],
  ],
  de: [[/(?:en|er|es|em|n|e|s)$/, ""]],
};

/** What is common to the forms of a word: one or many, he or she, with accents or without. For looking it up only. */
export function stemOf(word: string, language: Language): string {
  let stem = plainWord(word);
  let before = "";
  // German endings stand one behind the other: "kleinen", "klein".
  while (before !== stem) {
    before = stem;
    for (const [ending, instead] of endings[language])
      if (stem.length >= shortest) stem = stem.replace(ending, instead);
    if (language !== "de") break;
  }
  return stem;
}
