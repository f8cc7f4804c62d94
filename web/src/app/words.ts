import { showGrams, showYield, type Display } from "@apron/core/measure";
import { ApiProblem } from "./api.ts";

type Measurements = Readonly<Record<string, unknown>>;
/** The kitchen's units and locale; the session sets them, and every sentence follows. */
let display: Display = { system: "metric", locale: "en-GB" };
export const speakIn = (wanted: Display): void => {
  display = wanted;
};
const grams = (value: unknown): string => showGrams(Number(value), display);
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
  "already-frozen": () => "This is in the freezer already.",
  "already-opened": () => "This is cut or opened already.",
  "already-in-place": () => "It stands there already.",
  "past-its-day": () => "Its day has passed: it is not to be frozen now.",
  "no-way-back": () => "This movement cannot be taken back on its own.",
  "used-since": () => "Some of it was used since, so it stays as it is. Correct the lot instead.",
  "entry-unknown": () => "There is no such movement.",
  "intake-unknown": () => "There is nothing of that intake.",
  "bed-unknown": () => "There is no such bed.",
  "trim-unknown": () => "There is no such weighing.",
  "date-in-past": () => "That day has passed.",
  "ounce-mass-or-fluid": () => "Are those ounces by weight or fluid ounces?",
  "ingredient-unclear": (m) =>
    Array.isArray(m["candidates"]) && m["candidates"].length > 1
      ? `Which of these: ${list(m["candidates"])}?`
      : `Is this ${list(m["candidates"])}? Choose it, or another.`,
  "two-ingredients": (m) => `“${String(m["text"])}” names two things: give each a line of its own.`,
  "price-needs-count": () => "A price each needs a number of bunches, heads or items, not a weight.",
  "parts-over-lot": (m) => `The parts weigh ${grams(m["partsG"])}; ${grams(m["onHandG"])} is on hand.`,
  "part-twice": (m) => `“${String(m["part"])}” stands there twice.`,
  "nothing-to-split": () => "Name at least one part and its weight.",
  "heavier-after": (m) =>
    `${grams(m["afterG"])} after and ${grams(m["beforeG"])} before: nothing was poured. Swap them?`,
  "tare-over-gross": (m) =>
    `Bowl ${String(m["vessel"])} weighs ${grams(m["tareG"])} empty and ${grams(m["grossG"])} full: that cannot be.`,
  "water-counted-twice": (m) =>
    `“${list([m["method"]])}” already has the oven's loss in it; do not add “${list([m["cooking"]])}” as well.`,
  "chain-empty": () => "Choose at least one step.",
  "extras-over-weight": () => "The oil and salt cannot weigh more than all that came off the tray.",
  "lighter-than-solids": () => "That is lighter than its dry matter alone: weigh it again.",
  "name-taken": (m) =>
    `That name is taken${m["by"] === undefined ? "" : ` by ${list([m["by"]])}`}. Choose another.`,
  "figures-out-of-order": () => "Low, usual and high must stand in that order.",
  "figure-out-of-range": (m) => `It must lie between ${String(m["atLeast"])} and ${String(m["atMost"])}.`,
  "figure-unknown": () => "The handbook has no such figure.",
  "currency-unknown": () => "That is not a currency: three letters, like GBP.",
  "locale-unknown": () => "That is not a language tag this program can write, like en-GB or de-DE.",
  "csv-empty": () => "There is nothing in this file. It needs a header row and at least one row below it.",
  "csv-encoding": (m) =>
    `Line ${String(m["line"])} has characters that are not UTF-8. Save the file as “CSV UTF-8” and choose it again.`,
  "csv-columns-missing": (m) =>
    `The file needs the columns ${list(m["missing"])}; its first row says: ${list(m["found"])}.`,
  "csv-columns-unknown": (m) =>
    `The file has columns nobody knows: ${list(m["unknown"])}. Known are: ${list(m["known"])}.`,
  "csv-too-long": (m) =>
    `${String(m["rows"])} rows are too many at once: split the file, ${String(m["atMost"])} rows at most.`,
  "csv-broken": (m) => `A quotation mark opens in line ${String(m["line"])} and is never closed.`,
  "day-not-understood": () => "A day is written YYYY-MM-DD.",
  "word-unknown": (m) => `It must be one of: ${list(m["known"])}.`,
  "money-not-understood": () => "A price is written like 2.40.",
  "dressing-empty": () => "There is nothing in it yet.",
  "nothing-to-aim-at": () => "Say what it should come to: its ratio, its salt or its sweetness.",
  "acid-strength-unknown": (m) =>
    `Nobody knows how sour this is: ${list(m["acids"])}. Set its acid in the handbook.`,
  "acid-missing": () => "Choose at least one acid.",
  "volume-too-small": () =>
    "What holds it together and sweetens it already fills that: make more, or take less of it.",
  "school-unknown": () => "Choose one of the schools.",
  "salad-unknown": () => "Choose one of the kinds of salad.",
  "more-dressing-than-salad": (m) =>
    `${grams(m["usedG"])} of dressing on ${grams(m["saladG"])} of salad cannot be: weigh the jar again.`,
  "already-dressed": () => "That salad has a dressing of its own already. Take it out first.",
  "recipe-moved-on": (m) =>
    `${typeof m["by"] === "string" ? m["by"] : "Somebody"} saved version ${String(m["now"])} while you wrote on version ${String(m["basedOn"])}. Nothing is lost: look at what changed, then save yours on top or take theirs.`,
  "version-unknown": () => "There is no such version.",
  "batch-unknown": () => "There is no such batch of this recipe.",
  "recipe-in-itself": (m) =>
    `A recipe cannot be part of itself: ${Array.isArray(m["recipes"]) ? m["recipes"].map((one) => String(one).replaceAll("-", " ")).join(" → ") : ""}.`,
  "line-says-nothing": () => "Say what goes into this line.",
  "line-said-twice": () => "Two lines go by the same mark. Take one out and write it anew.",
  "filled-twice": (m) => `${list([m["ingredient"]])} stands in this line twice.`,
  "slot-cannot-be-filled": (m) =>
    `What may go in fills ${String(Math.round(Number(m["atMost"]) * 100))} % of this line at most. Raise a share, or let something else in.`,
  "floors-over-line": () => "The least shares of this line ask for more than there is room for.",
  "range-out-of-order": () => "Least, usual and most must stand in that order.",
  "conversion-unknown": (m) =>
    `Nobody knows how much ${list([m["ingredient"]])} stands for it by ${String(m["by"])}. Let it go by mass.`,
  "keeping-unknown": () => "Choose one of the kinds of keeping.",
  "title-missing": () => "The recipe needs a title.",
  "recipe-has-no-line": () =>
    "Not one ingredient line could be read. Say what at least one of them is, and how much.",
  "nothing-pasted": () => "There is nothing here. Paste a recipe, or choose a file.",
  "not-json": (m) => `This is not whole JSON; it begins “${String(m["at"])}”. Is the end of it missing?`,
  "nested-too-deep": () => "This file is nested far deeper than any recipe. It was not read.",
  "recipe-too-long": () => "This is longer than any recipe, or holds too many at once: split it.",
  "too-many-recipes": (m) =>
    `${String(m["found"])} recipes are too many at once: split the file, ${String(m["atMost"])} at most.`,
  "no-recipe-found": () =>
    "No recipe was found in it: neither a schema.org block nor lines that begin with an amount.",
  "no-machine-load": () => "No step of this recipe says how much a machine takes at once.",
  "size-out-of-range": (m) => `A piece is up to ${String(m["atMostMm"])} mm across.`,
  "body-too-large": () => "That is too much to send at once: split it.",
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
