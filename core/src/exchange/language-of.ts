import { languages, type Language } from "../languages/index.ts";

/** The small words that a text of a language cannot do without. */
const smallWords: Readonly<Record<Language | "en", readonly string[]>> = {
  en: "the and with of until for into then over each from your cup cups tbsp tsp chopped to or on it".split(
    " ",
  ),
  es: "de la el los las con y hasta una para en al del cucharada cucharadas cucharadita sal gusto un se".split(
    " ",
  ),
  fr: "de la le les du des et avec dans une jusqu pour au cuillère cuillères soupe café un d l à".split(" "),
  it: "di il la le con e in una fino per al dei della cucchiaio cucchiai cucchiaino un gli d q b".split(" "),
  de: "und die der das mit in den bis zu im el tl für eine von dem dann auf ein gehackt".split(" "),
};

/** Another language must be this many times as likely as English before a text is taken for it. */
const clearly = 1.3;

/** The language that a text is in, by its small words; null is English, or too little to tell. */
export function languageOf(texts: readonly string[]): Language | null {
  const words = texts
    .join(" ")
    .toLowerCase()
    .split(/[^\p{L}]+/u);
  const count = (known: readonly string[]): number => words.filter((word) => known.includes(word)).length;
  const [best] = languages
    .map((language) => ({ language, found: count(smallWords[language]) }))
    .sort((a, b) => b.found - a.found);
  const enough = best !== undefined && best.found >= 3 && best.found > clearly * count(smallWords.en);
  return enough ? best.language : null;
}
