import { splitLine } from "../measure/index.ts";
import { draftLimits, plainText, type RecipeDraft } from "./recipe-draft.ts";

const headings = {
  ingredients: /^(?:the )?ingredients?\b.{0,20}$/i,
  steps: /^(?:the )?(?:method|steps?|directions?|instructions?|preparation|how to make(?: it)?)\b.{0,20}$/i,
  notes: /^(?:notes?|tips?|to keep|keeps|storage)\b.{0,20}$/i,
} as const;
type Part = keyof typeof headings | "head";

const yieldLine =
  /^(?:serves|makes|yields?|servings|for)\b:?\s*(?:about\s*)?\d.{0,40}$|^\d+(?:\s*[-–]\s*\d+)?\s+(?:servings?|portions?)\b.{0,40}$/i;
const timeLine = /^(?:total |ready in |time:? ?|takes )+.*\d+ ?(?:min|hour|h\b)/i;
const bullet = /^\s*(?:[-–—•*▢□]|\d+[.)])\s+/;
const numbered = /^\s*(?:step )?\d+[.):]\s+/i;

/** A line that begins with an amount, or is short and named like an ingredient. */
const looksLikeIngredient = (line: string): boolean => {
  if (line.length > 110) return false;
  const parts = splitLine(line, "us-customary");
  return parts.heading || parts.count !== null || parts.remarks.toTaste;
};

/** "200 g plums" is an ingredient wherever it stands; "5 bean salad" may be a title. */
function isMeasured(line: string): boolean {
  const { unit, word, stated, count } = splitLine(line.replace(bullet, ""), "us-customary");
  return count !== null && (unit !== null || word !== "" || stated !== null);
}

const clean = (line: string): string => plainText(line.replace(/^#+\s*/, "").replace(/[*_`]{1,2}/g, ""));

const headingOf = (line: string): Part | undefined => {
  const bare = line.replace(/:$/, "");
  return (Object.keys(headings) as (keyof typeof headings)[]).find((part) => headings[part].test(bare));
};

type Sorted = { -readonly [Key in "ingredients" | "steps" | "notes"]: string[] } & {
  title: string;
  yieldText: string;
  timeText: string;
};

/** Where a line stands; `headed` is a text whose method has a heading: what comes before that is ingredients. */
type Standing = { readonly part: Part; readonly headed: boolean };

/** One line of the part it stands in; without headings, amounts are ingredients until the first sentence. */
function sortLine(sorted: Sorted, raw: string, { part, headed }: Standing): void {
  const line = clean(raw);
  if (yieldLine.test(line) && part !== "steps") sorted.yieldText ||= line;
  else if (timeLine.test(line) && part === "head") sorted.timeText ||= line;
  else if (sorted.title === "" && part === "head" && sorted.ingredients.length === 0 && !isMeasured(line))
    sorted.title = line.slice(0, 120);
  else if (part === "notes") sorted.notes.push(line);
  else if (part === "ingredients") sorted.ingredients.push(asGroup(raw, line).replace(bullet, ""));
  else if (part === "steps") sorted.steps.push(line.replace(numbered, "").replace(bullet, ""));
  else if (sorted.steps.length === 0 && looksLikeIngredient(line.replace(bullet, "")) && !isSentence(line))
    sorted.ingredients.push(line.replace(bullet, ""));
  else if (headed && part === "head" && !isSentence(line)) sorted.ingredients.push(line.replace(bullet, ""));
  else if (sorted.ingredients.length > 0) sorted.steps.push(line.replace(numbered, ""));
  else sorted.notes.push(line);
}

/** "### For the dressing" heads a group of ingredients. */
const asGroup = (raw: string, line: string): string =>
  /^#{2,}\s/.test(raw) ? `${line.replace(/:$/, "")}:` : line;
const isSentence = (line: string): boolean => line.length > 60 && /[.!]$/.test(line);

/** "*Pesto · 8 servings · 25 min*": what a head line says between its dots. */
function headPieces(line: string): string[] {
  const pieces = line.split(/\s+[·|•]\s+/);
  return pieces.length > 1 ? pieces : [line];
}

/**
 * A recipe out of plain or Markdown text: a title, ingredient lines, steps. Headings are followed where there are any;
 * otherwise lines that begin with an amount are ingredients and what follows them is the method.
 */
export function readRecipeText(text: string): RecipeDraft {
  const sorted: Sorted = { title: "", yieldText: "", timeText: "", ingredients: [], steps: [], notes: [] };
  let part: Part = "head";
  let category = "";
  const headed = text.split(/\r?\n/).some((raw) => headingOf(clean(raw)) === "steps");
  for (const raw of text.split(/\r?\n/)) {
    const line = clean(raw);
    if (line === "") continue;
    const heading = headingOf(line);
    if (heading) part = heading;
    else if (part === "head" && sorted.title !== "" && headPieces(line).length > 1) {
      for (const piece of headPieces(line)) {
        if (yieldLine.test(piece)) sorted.yieldText = piece;
        else if (/\d+ ?min/.test(piece)) sorted.timeText = piece;
        else category = piece;
      }
    } else sortLine(sorted, raw, { part, headed });
  }
  const minutes =
    Number(/(\d+) ?min/i.exec(sorted.timeText)?.[1] ?? 0) +
    60 * Number(/(\d+) ?h/i.exec(sorted.timeText)?.[1] ?? 0);
  return {
    title: sorted.title,
    category,
    yieldText: sorted.yieldText,
    minutes: minutes > 0 ? minutes : null,
    notes: sorted.notes.join("\n").slice(0, draftLimits.text),
    ingredients: sorted.ingredients,
    steps: sorted.steps,
  };
}
