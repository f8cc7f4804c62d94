import { lineReader, readLine, type LineReading } from "../src/catalogue/index.ts";
import { referenceCatalogue } from "../src/catalogue/reference.ts";

type LineReader = Parameters<typeof readLine>[1];

/** A reader of the reference catalogue with US customary cups, and whatever else is said. */
const reader = (extra: Partial<LineReader> = {}): LineReader => ({
  ...lineReader(referenceCatalogue, { cup: "us-customary", ounces: {} }),
  ...extra,
});

export const read = (text: string, extra: Partial<LineReader> = {}): LineReading =>
  readLine(text, reader(extra));

/** A reader with metric cups, and every food of the reference by the plain name it goes by: what the walks go through. */
export const metricReader = lineReader(referenceCatalogue, { cup: "metric", ounces: {} });
export const foods = [...referenceCatalogue.ingredients.values()].map(({ id, uk }) => ({
  id,
  name: (uk.split(/[,(/]/)[0] ?? "").trim(),
}));

export type ReadAs = { readonly id: string; readonly grams: number | null };

/**
 * Reads lines, each once: what it is and weighs, rounded to a tenth of a gram; undefined where something is asked. The walks
 * come by the same lines many times.
 */
export function readerOnce(): (text: string) => ReadAs | undefined {
  const known = new Map<string, ReadAs | undefined>();
  const readAnew = (text: string): ReadAs | undefined => {
    const { ingredient, grams, questions } = readLine(text, metricReader);
    if (questions.length > 0 || ingredient.kind !== "one") return undefined;
    return { id: ingredient.id, grams: grams && Math.round(grams.value * 10) / 10 };
  };
  return (text) => {
    if (!known.has(text)) known.set(text, readAnew(text));
    return known.get(text);
  };
}

/** What a line weighs in grams, to the tenth; the code of its question where something is asked. */
export const gramsOf = (text: string): number | string =>
  read(text).questions[0]?.code ?? Math.round((read(text).grams?.value ?? 0) * 10) / 10;
