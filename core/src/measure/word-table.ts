/**
 * A table that is looked up by what people type: it has its own words and no others. A plain object would answer "constructor"
 * and "toString" with what every object has.
 */
export const wordTable = <Value>(words: Readonly<Record<string, Value>>): Readonly<Record<string, Value>> =>
  Object.assign(Object.create(null) as Record<string, Value>, words);
