import type { Sentences } from "./sentence.ts";

export const larderSentences: Sentences = {
  "container-unknown": () => "This container wasn't found.",
  "container-empty": () => "This container is empty.",
  "past-use-by": () => "It is past its use-by date. Throw it away without tasting it.",
  "withdrawal-unknown": () => "That entry wasn't found.",
};
