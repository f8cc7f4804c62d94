import { showYield } from "@apron/core/measure";
import { grams, list, type Sentences } from "./sentence.ts";

export const trimSentences: Sentences = {
  "method-unknown": () => "Choose a trim method from the list.",
  "usable-over-raw": (m) =>
    `Usable weight can't be more than raw weight (${grams(m["usableG"])} from ${grams(m["rawG"])}).`,
  "weight-not-positive": () => "Enter a weight above 0.",
  "weighing-unlikely": (m) => {
    const expected = m["expected"] as { low: number; high: number };
    return `That is a yield of ${showYield(Number(m["fraction"]))}. It is usually between ${showYield(expected.low)} and ${showYield(expected.high)}. Weigh again, or confirm it.`;
  },
  "parts-over-rest": (m) =>
    `The other parts weigh ${grams(m["partsG"])}, but only ${grams(m["restG"])} is left over.`,
  "part-not-positive": () => "Enter a weight above 0 for each part, or remove the part.",
  "trim-unknown": () => "That weighing wasn't found.",
  "tare-over-gross": (m) =>
    `Bowl ${String(m["vessel"])} can't be heavier empty (${grams(m["tareG"])}) than full (${grams(m["grossG"])}).`,
  "water-counted-twice": (m) =>
    `“${list([m["method"]])}” already includes the loss in the oven. Don't add “${list([m["cooking"]])}” as well.`,
  "chain-empty": () => "Choose at least one step.",
  "extras-over-weight": () => "The oil and salt can't weigh more than everything on the tray.",
  "lighter-than-solids": () => "That is lighter than its dry matter alone. Weigh it again.",
  "size-out-of-range": (m) => `Enter a size up to ${String(m["atMostMm"])} mm.`,
};
