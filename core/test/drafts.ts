import { draftOfParts, type RecipeDraft, type RecipeParts } from "../src/exchange/index.ts";

/** A draft of which a test says only what it cares about. */
export const draftWith = (parts: Partial<RecipeParts>): RecipeDraft =>
  draftOfParts({
    ...{ title: "A bowl", category: "", yieldText: "", minutes: null, notes: "", ingredients: [], steps: [] },
    ...parts,
  });

const textsOf = ({ lines }: RecipeDraft, ...kinds: readonly string[]): string[] =>
  lines.filter((line) => kinds.includes(line.kind)).map((line) => line.text);

/** What a draft says, part by part. */
export const partsOf = (draft: RecipeDraft | undefined) => ({
  title: draft ? (textsOf(draft, "title")[0] ?? "") : undefined,
  yieldText: draft ? textsOf(draft, "yield").join(" ") : undefined,
  ingredients: draft ? textsOf(draft, "ingredient") : [],
  steps: draft ? textsOf(draft, "step") : [],
  notes: draft ? textsOf(draft, "note") : [],
});
