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

/** What a line weighs in grams, to the tenth; the code of its question where something is asked. */
export const gramsOf = (text: string): number | string =>
  read(text).questions[0]?.code ?? Math.round((read(text).grams?.value ?? 0) * 10) / 10;
