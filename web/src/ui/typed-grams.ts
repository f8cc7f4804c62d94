import { parseAmount } from "@apron/core/measure";

/** Grams typed into a plain weight field; undefined when empty or not a weight. */
export function typedGrams(text: string): number | undefined {
  const read = parseAmount(text, "metric");
  return read.ok && read.value.amount.kind === "mass" ? read.value.amount.grams : undefined;
}
