import { readLine, type LineReader } from "../catalogue/index.ts";
import type { NamesFood } from "./read-recipe-text.ts";

/** No food has a longer name than this, with all that may be said of it. */
const mostWords = 8;

/** Tells texts that name a food of this kitchen, with or without an amount, from other words. */
export function foodNamer(reader: LineReader): NamesFood {
  return (text) => {
    if (text.split(" ").length > mostWords || /[.!?]$/.test(text)) return false;
    const { ingredient, heading } = readLine(text, reader);
    return !heading && ingredient.kind === "one";
  };
}
