import { openElisions, withoutShorthand, type Lexicon } from "./lexicon.ts";
import { numbersOf, plainWord, stemOf } from "./stem.ts";

/** A line in English as far as its words are known, and how much of it that was. */
export type Translation = {
  readonly text: string;
  readonly known: number;
  readonly unknown: number;
  /** Known words that stand as the lexicon has them, accents and endings and all. */
  readonly exact: number;
  /** Words that name an ingredient. */
  readonly named: number;
};

const tokenPattern = /\p{L}+(?:\.(?=\p{L}))?|\d+(?:[.,/]\d+)*|[^\p{L}\d]+/gu;
const isWord = (token: string): boolean => /^\p{L}/u.test(token);
const joins = (token: string | undefined): boolean => token !== undefined && /^[ .]{1,2}$/.test(token);

type Found = {
  readonly english: string;
  readonly length: number;
  readonly isName: boolean;
  readonly isExact: boolean;
};

/** A token as it stands and, where it is a word, as the lexicon looks it up. */
type Token = { readonly text: string; readonly word: string; readonly stem: string };
const tokenOf = (text: string, { language }: Lexicon): Token =>
  isWord(text) ? { text, word: plainWord(text), stem: stemOf(text, language) } : { text, word: "", stem: "" };

/** A single noun by its stem: only where it is the same word of one or of many, "pimientos" being no pepper to grind. */
function byStem(key: string, words: string, lexicon: Lexicon): string | undefined {
  const english = lexicon.english.get(key);
  if (english === undefined || key.includes(" ") || !lexicon.names.has(key)) return english;
  const numbers = numbersOf(words, lexicon.language);
  return numbers === undefined
    ? english
    : numbers.map((word) => lexicon.exactly.get(word)).find((said) => said !== undefined);
}

/** The longest phrase that begins at a token; its words have nothing but a space between them. */
function phraseAt(tokens: readonly Token[], start: number, lexicon: Lexicon): Found | undefined {
  let [key, words] = ["", ""];
  let best: Found | undefined;
  for (let at = start; at < start + 2 * lexicon.longest; at += 2) {
    const token = tokens[at];
    if (!token || token.word === "" || (at > start && !joins(tokens[at - 1]?.text))) break;
    key = at === start ? token.stem : `${key} ${token.stem}`;
    words = at === start ? token.word : `${words} ${token.word}`;
    const exactly = lexicon.exactly.get(words);
    const english = exactly ?? byStem(key, words, lexicon);
    if (english !== undefined)
      best = {
        english,
        length: at - start + 1,
        isName: lexicon.names.has(key),
        isExact: exactly !== undefined,
      };
  }
  return best;
}

/** Compounds that a language writes as one word: "Basilikumblätter". */
const compound =
  /^(\p{L}{3,}?)(blätter|blatt|würfel|scheiben|streifen|stücke|stangen?|zehen?|knollen?|köpfe|zweige?|stängel|stiele?|filets?)$/iu;

/** Puts a line into English word by word, the longest known phrases first; what is not known stays as it is. */
export function translate(text: string, lexicon: Lexicon): Translation {
  const parts = [
    ...openElisions(withoutShorthand(text.replace(/\s+/g, " "), lexicon.language)).matchAll(tokenPattern),
  ].flatMap(([token]) => {
    const whole = tokenOf(token, lexicon);
    const isCompound = lexicon.language === "de" && !phraseAt([whole], 0, lexicon);
    const [, stem, measure] = (isCompound ? compound.exec(token) : null) ?? [];
    return stem === undefined || measure === undefined
      ? [whole]
      : [stem, " ", measure].map((one) => tokenOf(one, lexicon));
  });
  let [known, unknown, named, exact] = [0, 0, 0, 0];
  let out = "";
  for (let at = 0; at < parts.length;) {
    const { text: token = "", word = "" } = parts[at] ?? {};
    const found = word === "" ? undefined : phraseAt(parts, at, lexicon);
    if (found) {
      const words = (found.length + 1) / 2;
      known += words;
      if (found.isName) named += words;
      if (found.isExact) exact += words;
      // "due etti": so many times a hundred grams.
      const isTimes = /\d ?$/.test(out) && /^\d/.test(found.english);
      out += isTimes ? `x ${found.english}` : found.english;
      at += found.length;
      continue;
    }
    // Single letters and units are nobody's language.
    if (isWord(token) && !/^(?:[a-z]|kg|ml|cl|dl|cm|mm)$/i.test(token)) unknown++;
    out += token;
    at++;
  }
  return { text: out.replace(/ +/g, " ").trim(), known, unknown, named, exact };
}
