import { translate, type Language, type Lexicon } from "../languages/index.ts";
import type { LineReader } from "./line-reading.ts";

/** A line put into English, and how well its language fits. */
export type InLanguage = {
  readonly english: string;
  readonly language: Language;
  readonly known: number;
  readonly exact: number;
  readonly isWhole: boolean;
};

function inLanguage(text: string, lexicon: Lexicon): InLanguage | undefined {
  const { text: english, known, unknown, exact } = translate(text, lexicon);
  return known > unknown
    ? { english, language: lexicon.language, known, exact, isWhole: unknown === 0 }
    : undefined;
}

/** The languages that know most of the line's words, as many as know it equally well. */
export function bestLanguages(text: string, reader: LineReader): InLanguage[] {
  const own = reader.language === null ? undefined : reader.lexicons().get(reader.language);
  const tried = [...(own ? [own] : reader.lexicons().values())].flatMap(
    (lexicon) => inLanguage(text, lexicon) ?? [],
  );
  const byFit = (a: InLanguage, b: InLanguage): number =>
    Number(b.isWhole) - Number(a.isWhole) || b.exact - a.exact || b.known - a.known;
  const [best, ...others] = tried.sort(byFit);
  return best ? [best, ...others.filter((one) => byFit(best, one) === 0)] : [];
}
