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

/** What a line weighs in grams, to the tenth; the code of its question where something is asked. */
export const gramsOf = (text: string): number | string =>
  read(text).questions[0]?.code ?? Math.round((read(text).grams?.value ?? 0) * 10) / 10;
