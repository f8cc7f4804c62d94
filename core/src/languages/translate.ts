import { openElisions, withoutShorthand, type Lexicon } from "./lexicon.ts";
import { plainWord, stemOf } from "./stem.ts";

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

const tokens = /\p{L}+(?:\.(?=\p{L}))?|\d+(?:[.,/]\d+)*|[^\p{L}\d]+/gu;
const isWord = (token: string): boolean => /^\p{L}/u.test(token);
const joins = (token: string | undefined): boolean => token !== undefined && /^[ .]{1,2}$/.test(token);

type Found = {
  readonly english: string;
  readonly length: number;
  readonly isName: boolean;
  readonly isExact: boolean;
};

/** The longest phrase that begins at a token; its words have nothing but a space between them. */
function phraseAt(parts: readonly string[], start: number, lexicon: Lexicon): Found | undefined {
  const stems: string[] = [];
  const words: string[] = [];
  let best: Found | undefined;
  for (let at = start; stems.length < lexicon.longest; at += 2) {
    const word = parts[at];
    if (word === undefined || !isWord(word) || (at > start && !joins(parts[at - 1]))) break;
    stems.push(stemOf(word, lexicon.language));
    words.push(plainWord(word));
    const key = stems.join(" ");
    const exactly = lexicon.exactly.get(words.join(" "));
    const english = exactly ?? lexicon.english.get(key);
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
    ...openElisions(withoutShorthand(text.replace(/\s+/g, " "), lexicon.language)).matchAll(tokens),
  ].flatMap(([token]) => {
    const split = lexicon.language === "de" && !phraseAt([token], 0, lexicon) ? compound.exec(token) : null;
    return split ? [split[1] ?? "", " ", split[2] ?? ""] : [token];
  });
  let [known, unknown, named, exact] = [0, 0, 0, 0];
  let out = "";
  for (let at = 0; at < parts.length;) {
    const token = parts[at] ?? "";
    const found = isWord(token) ? phraseAt(parts, at, lexicon) : undefined;
    if (found) {
      const words = (found.length + 1) / 2;
      known += words;
      if (found.isName) named += words;
      if (found.isExact) exact += words;
      out += found.english;
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
