import { list, type Sentences } from "./sentence.ts";

export const exchangeSentences: Sentences = {
  "csv-empty": () => "This file is empty. It needs a header row and at least one row below it.",
  "csv-encoding": (m) =>
    `Line ${String(m["line"])} has characters that aren't UTF-8. Save the file as “CSV UTF-8” and choose it again.`,
  "csv-columns-missing": (m) =>
    `The file needs the columns ${list(m["missing"])}. Its first row has: ${list(m["found"])}.`,
  "csv-columns-unknown": (m) =>
    `The file has unknown columns: ${list(m["unknown"])}. Known columns: ${list(m["known"])}.`,
  "csv-too-long": (m) =>
    `${String(m["rows"])} rows are too many. Split the file; the limit is ${String(m["atMost"])} rows.`,
  "csv-broken": (m) => `A quotation mark opened in line ${String(m["line"])} is never closed.`,
  "day-not-understood": () => "Enter the date as YYYY-MM-DD.",
  "word-unknown": (m) => `Use one of: ${list(m["known"])}.`,
  "title-missing": () => "Enter a title for the recipe.",
  "recipe-has-no-line": () =>
    "No ingredient line could be read. Enter an ingredient and an amount for at least one line.",
  "nothing-pasted": () => "Paste a recipe, or choose a file.",
  "not-json": (m) => `This isn't valid JSON. It begins “${String(m["at"])}”. Is the end missing?`,
  "nested-too-deep": () => "This file is nested too deeply to be a recipe. It was not read.",
  "recipe-too-long": () => "This is too long for one recipe. Split it.",
  "busy-reading": () => "Other long texts are being read just now. Try again in a moment.",
  "took-too-long": () => "This takes too long to read. Split it into smaller parts.",
  "too-many-lines": (m) =>
    `${String(m["found"])} lines are too many. Split the text; the limit is ${String(m["atMost"])} lines.`,
  "too-many-recipes": (m) =>
    `${String(m["found"])} recipes are too many. Split the file; the limit is ${String(m["atMost"])}.`,
  "no-recipe-found": () =>
    "No recipe was found: neither a schema.org block nor lines that begin with an amount.",
};
