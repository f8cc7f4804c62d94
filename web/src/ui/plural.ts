import { numberWriter } from "@apron/core/measure";
import { readersLocale } from "./dates.ts";

/** A noun with its count: "1 lot", "3 lots", "1 batch", "2.5 batches". The words are English, so are the rules. */
const rules = new Intl.PluralRules("en");

/** `one` and `many` of a noun; `many` is made with an s where it is left out. */
export const nounFor = (count: number, one: string, many = `${one}s`): string =>
  rules.select(count) === "one" ? one : many;

export const counted = (count: number, one: string, many?: string): string =>
  `${numberWriter(readersLocale(), { maximumFractionDigits: 2 }).format(count)} ${nounFor(count, one, many)}`;
