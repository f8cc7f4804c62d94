import { showGrams, type Display } from "@apron/core/measure";

export type Measurements = Readonly<Record<string, unknown>>;
/** What each refusal says to the cook: what is wrong with which entry, and what to do. */
export type Sentences = Readonly<Record<string, (m: Measurements) => string>>;

/** The kitchen's units and locale; the session sets them, and every sentence follows. */
let display: Display = { system: "metric", locale: "en-GB" };
export const speakIn = (wanted: Display): void => {
  display = wanted;
};
export const grams = (value: unknown): string => showGrams(Number(value), display);

/** Ids as a person reads them. */
export const list = (value: unknown): string =>
  Array.isArray(value) ? value.map((one) => String(one).replaceAll("-", " ")).join(", ") : "";
