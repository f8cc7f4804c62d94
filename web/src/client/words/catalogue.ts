import type { Sentences } from "./sentence.ts";

export const catalogueSentences: Sentences = {
  "figures-out-of-order": () => "Low, usual and high must be in this order.",
  "figure-out-of-range": (m) => `Enter a value between ${String(m["atLeast"])} and ${String(m["atMost"])}.`,
  "figure-unknown": () => "The handbook has no such figure.",
};
