import { cutText } from "../measure/index.ts";
import type { Language } from "../languages/index.ts";

/** What a line of a pasted recipe is. `heading` heads a group of ingredients or steps. */
export const sourceKinds = [
  "title",
  "category",
  "yield",
  "time",
  "heading",
  "ingredient",
  "step",
  "note",
] as const;
export type SourceKind = (typeof sourceKinds)[number];

/**
 * One line as it was written, without its bullet or number, what it was taken for, and what the cook said of it: which
 * food it is of, how much in any unit. Both are unsaid until they are asked.
 */
export type SourceLine = {
  readonly kind: SourceKind;
  readonly text: string;
  readonly ingredient?: string | undefined;
  readonly amount?: string | undefined;
};

/**
 * A recipe as somebody wrote it, before this kitchen has read a line of it: every line of the text, in its order, each
 * as one kind. All text is plain: no markup is kept.
 */
export type RecipeDraft = {
  /** As a file says it; null where only its lines may. */
  readonly minutes: number | null;
  readonly lines: readonly SourceLine[];
  /** The language most of it is in; null is English. */
  readonly language: Language | null;
  /** A picture of the dish that the text itself holds, as a data: address. One that lies elsewhere is not fetched. */
  readonly photo?: string;
};

export type DraftIssue =
  | { readonly code: "nothing-pasted" }
  | { readonly code: "not-json"; readonly at: string }
  | { readonly code: "nested-too-deep"; readonly atMost: number }
  | { readonly code: "recipe-too-long"; readonly atMost: number }
  | { readonly code: "too-many-lines"; readonly found: number; readonly atMost: number }
  | { readonly code: "too-many-recipes"; readonly found: number; readonly atMost: number }
  | { readonly code: "no-recipe-found" };

/** What one import may hold; beyond it the file is refused whole, so that nothing is half read. */
export const draftLimits = {
  characters: 8_000_000,
  depth: 64,
  /** Tags inside tags of a page. */
  tags: 256,
  recipes: 1000,
  lines: 120,
  /** Of a whole text, with all its recipes. */
  textLines: 20_000,
  text: 2000,
  photo: 4_000_000,
  title: 120,
} as const;

/** The texts of a draft's lines of one kind. */
export const textsOf = ({ lines }: Pick<RecipeDraft, "lines">, kind: SourceKind): string[] =>
  lines.filter((line) => line.kind === kind).map((line) => line.text);

export const titleOf = (draft: Pick<RecipeDraft, "lines">): string =>
  cutText(textsOf(draft, "title")[0] ?? "", draftLimits.title);

export const categoryOf = (draft: Pick<RecipeDraft, "lines">): string =>
  textsOf(draft, "category").join(", ");

export const notesOf = (draft: Pick<RecipeDraft, "lines">): string =>
  cutText([...textsOf(draft, "title").slice(1), ...textsOf(draft, "note")].join("\n"), draftLimits.text);
