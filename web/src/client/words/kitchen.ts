import { counted } from "../../ui/plural.ts";
import { list, type Sentences } from "./sentence.ts";

/** "20 seconds", "3 minutes". */
function waitWords(seconds: unknown): string {
  const s = Number(seconds);
  return s < 90 ? counted(s, "second") : counted(Math.ceil(s / 60), "minute");
}

export const kitchenSentences: Sentences = {
  "sign-in-wrong": () => "Wrong name or password.",
  "too-many-tries": (m) => `Too many tries. Try again in ${waitWords(m["waitS"])}.`,
  busy: () => "Too many people are signing in just now. Try again in a moment.",
  "password-common": () => "Many people use this password. Choose one that nobody would guess.",
  "already-set-up": () => "This kitchen is already set up. Sign in instead.",
  "name-taken": (m) =>
    `That name is already taken${m["by"] === undefined ? "" : ` by ${list([m["by"]])}`}. Choose another.`,
  "currency-unknown": () => "Enter a currency code with three letters, like GBP.",
  "locale-unknown": () => "Choose a language and region from the list.",
  "time-zone-unknown": () => "Choose a time zone from the list.",
};
