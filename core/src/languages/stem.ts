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

/** Endings of one and of many, each way: what a noun does, and never turns a "polpo" into a "polpa". */
const oneAndMany: Readonly<Record<Exclude<Language, "de">, readonly (readonly [RegExp, string])[]>> = {
  es: [
    [/ces$/, "z"],
    [/([^aeiou])es$/, "$1"],
    [/([aeiou])s$/, "$1"],
    [/z$/, "ces"],
    [/([aeiou])$/, "$1s"],
    [/([^aeiouz])$/, "$1es"],
  ],
  fr: [
    [/[sx]$/, ""],
    [/aux$/, "al"],
    [/$/, "s"],
    [/$/, "x"],
  ],
  it: [
    [/([cg])hi$/, "$1o"],
    [/([cg])he$/, "$1a"],
    [/([cg])e$/, "$1ia"],
    [/i$/, "o"],
    [/i$/, "e"],
    [/i$/, "io"],
    [/e$/, "a"],
    [/([cg])o$/, "$1hi"],
    [/([cg])a$/, "$1he"],
    [/ia$/, "e"],
    [/io?$/, "i"],
    [/[oe]$/, "i"],
    [/a$/, "e"],
  ],
};

/** How a noun may be written when there is one of it, or many. German ones change too freely for rules: undefined. */
export function numbersOf(word: string, language: Language): readonly string[] | undefined {
  if (language === "de") return undefined;
  const plain = plainWord(word);
  return oneAndMany[language].flatMap(([ending, other]) =>
    ending.test(plain) ? [plain.replace(ending, other)] : [],
  );
}
