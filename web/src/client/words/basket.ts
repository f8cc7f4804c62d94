import { grams, type Sentences } from "./sentence.ts";

export const basketSentences: Sentences = {
  "date-in-future": () => "The date can't be in the future.",
  "date-in-past": () => "The date can't be in the past.",
  "date-too-old": () => "The date is more than a year ago.",
  "never-foraged": () =>
    "Wild plants of the carrot family can't be logged as foraged: hemlock and fool's parsley look the same and are deadly.",
  "lot-unknown": () => "This lot wasn't found.",
  "lot-empty": () => "Nothing is left of this lot.",
  "lot-already-trimmed": () => "This lot is already trimmed.",
  "more-than-on-hand": (m) => `You asked for ${grams(m["askedG"])}; only ${grams(m["onHandG"])} is in stock.`,
  "already-undone": () => "This was already undone.",
  "already-frozen": () => "This is already in the freezer.",
  "already-opened": () => "This is already cut or opened.",
  "already-in-place": () => "It's already there.",
  "past-its-day": () => "This is past its date. It can't be frozen now.",
  "no-way-back": () => "This entry can't be undone on its own.",
  "used-since": () => "Some of it has been used since, so this can't be undone. Correct the lot instead.",
  "entry-unknown": () => "That entry wasn't found.",
  "intake-unknown": () => "That delivery wasn't found.",
  "bed-unknown": () => "That bed wasn't found.",
  "price-needs-count": () => "A price per item needs a number of bunches, heads or items, not a weight.",
  "parts-over-lot": (m) => `The parts weigh ${grams(m["partsG"])}; only ${grams(m["onHandG"])} is in stock.`,
  "part-twice": (m) => `“${String(m["part"])}” is listed twice.`,
  "nothing-to-split": () => "Enter at least one part and its weight.",
  "heavier-after": (m) =>
    `${grams(m["afterG"])} after is not less than ${grams(m["beforeG"])} before. Swap them?`,
  "money-not-understood": () => "Enter a price like 2.40.",
};
