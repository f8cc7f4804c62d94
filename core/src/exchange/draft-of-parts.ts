import { splitLine } from "../measure/index.ts";
import { languageOf } from "./language-of.ts";
import type { RecipeDraft, SourceKind, SourceLine } from "./recipe-draft.ts";

/** A recipe that says itself which of its texts are what. */
export type RecipeParts = {
  readonly title: string;
  readonly category: string;
  /** "4 servings", "makes 300 ml"; "" where nothing is said. */
  readonly yieldText: string;
  readonly minutes: number | null;
  readonly notes: string;
  readonly ingredients: readonly string[];
  readonly steps: readonly string[];
};

const lineOf = (kind: SourceKind, text: string): SourceLine[] => (text === "" ? [] : [{ kind, text }]);

/** An ingredient line, or the heading of a group of them: "For the dressing:". */
const ingredientLine = (text: string): SourceLine[] =>
  lineOf(splitLine(text, "us-customary").heading ? "heading" : "ingredient", text);

/** The draft of a recipe whose parts are told apart already. */
export function draftOfParts(parts: RecipeParts): RecipeDraft {
  const { title, category, yieldText, minutes, notes, ingredients, steps } = parts;
  const lines = [
    ...lineOf("title", title),
    ...lineOf("category", category),
    ...lineOf("yield", yieldText),
    ...notes.split("\n").flatMap((text) => lineOf("note", text)),
    ...ingredients.flatMap(ingredientLine),
    ...steps.flatMap((text) => lineOf(/^[^.]{1,60}:$/.test(text) ? "heading" : "step", text)),
  ];
  return { minutes, lines, language: languageOf(lines.map((line) => line.text)) };
}
