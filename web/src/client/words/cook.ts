import { grams, type Sentences } from "./sentence.ts";

export const cookSentences: Sentences = {
  "lot-needs-trimming": () => "This lot is still raw. Trim it first.",
  "lot-past-safety": () => "This lot is past its last safe day. Don't use it.",
  "ingredient-not-in-formula": () => "This recipe has no line for that ingredient.",
  "batches-out-of-range": (m) => `Enter more than 0 and up to ${String(m["atMost"])} batches.`,
  "not-for-these-diners": () => "One line of this recipe has nothing that everyone here can eat.",
  "grams-not-positive": () => "Enter how much was used, or remove the line.",
  "form-does-not-fit": () => "That lot isn't in a form this line can use.",
  "not-in-this-line": () => "That ingredient can't be used in this line.",
  "never-raw": () => "This must not be eaten raw.",
  "nothing-left": () => "Every line is left out. Keep at least one.",
  "line-unknown": () => "The recipe has changed and no longer has this line. Open it again.",
  "nothing-used": () => "Enter what was used.",
  "output-over-inputs": () => "The dish can't weigh that much more than its ingredients.",
  "part-over-inputs": () => "This part can't weigh that much more than its ingredients.",
  "part-unknown": () => "The recipe has changed and no longer has this part. Open it again.",
  "part-not-used": () => "Nothing is entered as used for this part.",
  "more-than-part": (m) => `This part made ${grams(m["madeG"])}: no more of it can be kept.`,
  "containers-too-small": (m) =>
    `These hold ${grams(m["capacityG"])}; the batch weighs ${grams(m["grams"])}. Add containers.`,
  "not-kept-there": () => "This dish can't be stored there.",
  "no-machine-load": () => "No step of this recipe says how much a machine takes at once.",
};
