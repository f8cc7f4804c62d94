import type { TrimMethod } from "@apron/contract";
import { typedGrams } from "../ui/typed-grams.ts";

/** One by-product being weighed: empty text means the suggested share stands. */
export type PartDraft = {
  readonly part: string;
  readonly use: string;
  suggestedG: number;
  text: string;
  fate: "keep" | "compost";
};

export const partDrafts = (method: TrimMethod): PartDraft[] =>
  method.parts.map((p) => ({
    part: p.part,
    use: p.use,
    suggestedG: p.grams,
    text: "",
    fate: p.use === "compost" ? "compost" : "keep",
  }));

/** Grams of a part: what was typed ("0" for none), else the suggestion. */
export function partGrams(part: PartDraft): number {
  if (part.text.trim() === "") return part.suggestedG;
  return typedGrams(part.text) ?? 0;
}
