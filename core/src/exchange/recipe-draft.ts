import { Parser } from "htmlparser2";

/** A recipe as somebody wrote it, before this kitchen has read a line of it. All text is plain: no markup is kept. */
export type RecipeDraft = {
  readonly title: string;
  readonly category: string;
  /** "4 servings", "makes 300 ml"; "" where nothing is said. */
  readonly yieldText: string;
  readonly minutes: number | null;
  readonly notes: string;
  readonly ingredients: readonly string[];
  readonly steps: readonly string[];
};

export type DraftIssue =
  | { readonly code: "nothing-pasted" }
  | { readonly code: "not-json"; readonly at: string }
  | { readonly code: "nested-too-deep"; readonly atMost: number }
  | { readonly code: "recipe-too-long"; readonly atMost: number }
  | { readonly code: "too-many-recipes"; readonly found: number; readonly atMost: number }
  | { readonly code: "no-recipe-found" };

/** What one import may hold; beyond it the file is refused whole, so that nothing is half read. */
export const draftLimits = {
  characters: 8_000_000,
  depth: 64,
  recipes: 1000,
  lines: 120,
  text: 2000,
} as const;

/** Text without tags, scripts or styles; entities resolved; white space closed up; cut at the longest a text may be. */
export function plainText(text: string): string {
  if (!/[<&]/.test(text)) return tidy(text);
  let out = "";
  let hidden = 0;
  const isHidden = (name: string): boolean => name === "script" || name === "style";
  const parser = new Parser({
    onopentagname: (name) => {
      if (isHidden(name)) hidden++;
      else out += " ";
    },
    ontext: (piece) => {
      if (hidden === 0) out += piece;
    },
    onclosetag: (name) => {
      if (isHidden(name)) hidden = Math.max(0, hidden - 1);
    },
  });
  parser.end(text.slice(0, draftLimits.text * 20));
  return tidy(out);
}

const tidy = (text: string): string =>
  text
    // Control characters are nobody's words; tabs and line ends are white space.
    .replace(/\p{Cc}/gu, " ")
    .replace(/\s+/g, " ")
    .trim()
    .slice(0, draftLimits.text);
