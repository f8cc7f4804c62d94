import { measureInWords } from "@apron/core/catalogue";
import { grams, list, type Sentences } from "./sentence.ts";

const measuresIn = (known: unknown): string =>
  Array.isArray(known) ? [...new Set(known.map((one) => measureInWords(String(one))))].join(", ") : "";

export const generalSentences: Sentences = {
  offline: () =>
    "The kitchen can't be reached. Your entry is kept on this device and is sent when the connection is back.",
  "recorded-before": () =>
    "Your first entry was recorded before you changed it. Undo that one, or save again to add this as a new entry.",
  "session-expired": () => "You were signed out. Sign in again; your entries are still here.",
  missing: () => "Fill this in.",
  "wrong-type": () => "Enter a number.",
  "wrong-format": () => "Check the format.",
  "not-a-choice": () => "Choose one from the list.",
  "too-small": (m) =>
    m["atLeast"] === undefined ? "This is too small." : `Enter at least ${String(m["atLeast"])}.`,
  "too-large": (m) =>
    m["atMost"] === undefined ? "This is too large." : `Enter at most ${String(m["atMost"])}.`,
  invalid: () => "This isn't valid.",
  "already-there": () => "This was already recorded.",
  "key-reused": () => "This entry was already sent with other figures. Start a new one.",
  "ledger-refused": () => "Someone just used some of this. Check what's left.",
  "no-such-route": () => "This page or address doesn't exist.",
  "not-allowed": () => "This isn't allowed.",
  "not-storable": () => "A number or a text here can't be stored. Check what you entered.",
  "database-silent": () => "The kitchen's records can't be reached just now. Try again in a moment.",
  "host-not-allowed": () => "This kitchen can't be opened at this address. Ask whoever runs it.",
  "body-too-large": () => "This is too much to send at once. Split it.",
  "amount-empty": () => "Enter a weight (430, 1 lb 4 oz) or a measure (2 bunches).",
  "amount-not-understood": (m) => `“${String(m["text"])}” isn't an amount. Try 430, 0.43 kg or 2 bunches.`,
  "amount-not-positive": () => "Enter an amount above 0.",
  "amount-too-large": (m) =>
    `${grams(m["grams"])} is too much for one entry. The limit is ${grams(m["atMostG"])}.`,
  "unit-unknown": (m) => `“${String(m["unit"])}” isn't a known unit.`,
  "measure-unknown": (m) => {
    const one = m["word"] === "" ? "one of these" : `one “${String(m["word"])}”`;
    const known = measuresIn(m["known"]);
    return `The weight of ${one} isn't known. ${known === "" ? "Weigh it." : `Weigh it, or use: ${known}.`}`;
  },
  "measure-unclear": (m) =>
    `Which of these: ${measuresIn(m["either"])}? Say it with the number, or weigh it.`,
  "volume-needs-density": () => "A volume of this can't be converted to grams. Weigh it instead.",
  "ingredient-unknown": () => "Choose an ingredient from the list.",
  "ounce-mass-or-fluid": () => "Are these ounces by weight, or fluid ounces?",
  "ingredient-unclear": (m) =>
    Array.isArray(m["candidates"]) && m["candidates"].length > 1
      ? `Which one: ${list(m["candidates"])}?`
      : `Did you mean ${list(m["candidates"])}? Choose it, or another one.`,
  "pieces-or-grams": (m) => `${String(m["pieces"])} or ${String(m["grams"])}?`,
  "amount-unclear": () => "This amount can be read in more than one way. Enter it again.",
  "two-ingredients": (m) => `“${String(m["text"])}” names two ingredients. Put each on its own line.`,
};
