import { grams, type Sentences } from "./sentence.ts";

export const larderSentences: Sentences = {
  "container-unknown": () => "This container wasn't found.",
  "container-empty": () => "This container is empty.",
  "past-use-by": () => "It is past its use-by date. Throw it away without tasting it.",
  "batch-unknown": () => "This batch wasn't found.",
  "taken-since": () => "Something was already taken from this batch, so it can't be undone.",
  "nowhere-to-go": () => "Say how much was eaten, or choose a container.",
  "some-left-over": (m) => `${grams(m["leftG"])} is still without a place. Add a container, or enter more.`,
  "more-than-made": (m) =>
    `That is ${grams(m["askedG"])}; only ${grams(m["grams"])} was made, and every container needs some of it.`,
  "withdrawal-unknown": () => "That entry wasn't found.",
};
