import { showGrams, showYield } from "@apron/core/measure";
import { ApiProblem } from "./api.ts";

type Measurements = Readonly<Record<string, unknown>>;
const grams = (value: unknown): string => showGrams(Number(value));
const list = (value: unknown): string =>
  Array.isArray(value) ? value.map((one) => String(one).replaceAll("-", " ")).join(", ") : "";

/** What each refusal says to the cook: what was wrong with which entry, and what to do. */
const sentences: Readonly<Record<string, (m: Measurements) => string>> = {
  offline: () =>
    "The kitchen cannot be reached. What you typed is still here; try again when the network is back.",
  "session-expired": () => "You were signed out. Sign in again; what you typed is still here.",
  "sign-in-wrong": () => "That name and password do not go together.",
  "already-set-up": () => "This kitchen is already set up. Sign in instead.",
  "no-demo-kitchen": () => "There is no demo kitchen here.",
  missing: () => "This is needed.",
  "wrong-type": () => "This is not a number the kitchen can read.",
  "wrong-format": () => "This is not written the way it should be.",
  "not-a-choice": () => "Choose one of the list.",
  "too-small": (m) =>
    m["atLeast"] === undefined ? "That is too little." : `At least ${String(m["atLeast"])}.`,
  "too-large": (m) => (m["atMost"] === undefined ? "That is too much." : `At most ${String(m["atMost"])}.`),
  invalid: () => "This cannot be right.",
  "amount-empty": () => "How much? Type a weight (430, 1 lb 4 oz) or a measure (2 bunches).",
  "amount-not-understood": (m) => `“${String(m["text"])}” is not an amount. Try 430, 0.43 kg or 2 bunches.`,
  "amount-not-positive": () => "The amount must be more than nothing.",
  "amount-too-large": (m) =>
    `${grams(m["grams"])} is more than any kitchen takes in at once (${grams(m["atMostG"])} at most).`,
  "unit-unknown": (m) => `“${String(m["unit"])}” is not a unit this kitchen knows.`,
  "measure-unknown": (m) =>
    `No weight is known for one “${String(m["word"])}” of this. Weigh it, or use: ${list(m["known"])}.`,
  "volume-needs-density": () => "A volume of this cannot be turned into grams. Weigh it instead.",
  "ingredient-unknown": () => "Choose an ingredient from the list.",
  "date-in-future": () => "That day is still to come.",
  "date-too-old": () => "That is more than a year ago.",
  "never-foraged": () =>
    "Wild plants of the carrot family are not logged as foraged: hemlock and fool's parsley look the same and are deadly.",
  "lot-unknown": () => "This lot is no longer there.",
  "lot-empty": () => "Nothing is left of this lot.",
  "lot-already-trimmed": () => "This lot is already trimmed.",
  "lot-needs-trimming": () => "This lot is still raw: trim it first.",
  "lot-past-safety": () => "This lot is past its last safe day and must not be used.",
  "method-unknown": () => "Choose one of the ways to trim it.",
  "usable-over-raw": (m) =>
    `${grams(m["usableG"])} usable out of ${grams(m["rawG"])} cannot be: more out than in.`,
  "weight-not-positive": () => "The weight must be more than nothing.",
  "weighing-unlikely": (m) => {
    const expected = m["expected"] as { low: number; high: number };
    return `That is a yield of ${showYield(Number(m["fraction"]))}; usually it lies between ${showYield(expected.low)} and ${showYield(expected.high)}. Weigh again, or say it is right.`;
  },
  "parts-over-rest": (m) =>
    `What came off weighs ${grams(m["partsG"])}, but only ${grams(m["restG"])} are left over.`,
  "part-not-positive": () => "A part that came off must weigh more than nothing; leave it out instead.",
  "more-than-on-hand": (m) => `${grams(m["askedG"])} asked, ${grams(m["onHandG"])} on hand.`,
  "ledger-refused": () => "Somebody was quicker: there is not enough left. Look again.",
  "already-there": () => "This was already recorded.",
  "key-reused": () => "This entry was already sent with other figures. Start it afresh.",
  "recipe-unknown": () => "This recipe is no longer there.",
  "ingredient-not-in-formula": () => "This recipe has no place for that ingredient.",
  "batches-out-of-range": (m) => `Between a crumb and ${String(m["atMost"])} batches, please.`,
  "not-for-these-diners": () => "Some line of this recipe has nothing that everyone here may eat.",
  "grams-not-positive": () => "Say how much was used, or take the line out.",
  "not-in-this-line": () => "This line does not take that ingredient.",
  "never-raw": () => "This must never be eaten raw.",
  "line-unknown": () => "The recipe has changed since: that line is no longer in it. Open it again.",
  "withdrawal-unknown": () => "There is nothing to put back.",
  "nothing-used": () => "Nothing was used, so nothing was made.",
  "output-over-inputs": () => "The dish cannot weigh that much more than what went in.",
  "containers-too-small": (m) =>
    `These hold ${grams(m["capacityG"])}; the batch weighs ${grams(m["grams"])}. Add containers.`,
  "not-kept-there": () => "This is not kept there.",
  "container-unknown": () => "This container is no longer there.",
  "container-empty": () => "This container is empty.",
  "past-use-by": () => "Its use-by has passed: throw it away, do not taste it.",
  "already-undone": () => "This was already put back.",
};

/** The sentence for a refusal of the core's or the server's. */
export function sentenceFor(issue: { readonly code: string } & Measurements): string {
  const sentence = sentences[issue.code];
  return sentence
    ? sentence(issue)
    : "Something went wrong on our side. Nothing you typed is lost; try again.";
}

export const sentenceOf = (error: unknown): string =>
  error instanceof ApiProblem
    ? sentenceFor({ code: error.code, ...error.measurements })
    : sentenceFor({ code: "internal" });
