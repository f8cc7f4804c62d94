import { list, type Sentences } from "./sentence.ts";

export const kitchenSentences: Sentences = {
  "sign-in-wrong": () => "Wrong name or password.",
  "already-set-up": () => "This kitchen is already set up. Sign in instead.",
  "name-taken": (m) =>
    `That name is already taken${m["by"] === undefined ? "" : ` by ${list([m["by"]])}`}. Choose another.`,
  "currency-unknown": () => "Enter a currency code with three letters, like GBP.",
  "locale-unknown": () => "Choose a language and region from the list.",
  "time-zone-unknown": () => "Choose a time zone from the list.",
};
