import type { TrimYield } from "../catalogue/index.ts";
import { accept, refuse, toMilligram, type Result } from "../measure/index.ts";
import type { Grade } from "./lot.ts";

/** How one part of a lot differs from the rest. */
export const conditions = ["small", "large", "tender", "woody", "flowering", "damaged"] as const;
export type Condition = (typeof conditions)[number];

export type SplitPart = { readonly condition: Condition; readonly grams: number };

export type SplitIssue =
  | { readonly code: "parts-over-lot"; readonly partsG: number; readonly onHandG: number }
  | { readonly code: "part-not-positive"; readonly part: string; readonly grams: number }
  | { readonly code: "part-twice"; readonly part: string }
  | { readonly code: "nothing-to-split" };

/**
 * Checks a split: parts of more than nothing, each condition once, together no more than is on hand.
 * What is not named stays in the lot. Grams to the milligram.
 */
export function splitLot(
  onHandG: number,
  parts: readonly SplitPart[],
): Result<{ readonly parts: readonly SplitPart[]; readonly stayingG: number }, SplitIssue> {
  if (parts.length === 0) return refuse({ code: "nothing-to-split" });
  const empty = parts.find((p) => !(p.grams > 0));
  if (empty) return refuse({ code: "part-not-positive", part: empty.condition, grams: empty.grams });
  const twice = parts.find((p, i) => parts.findIndex((q) => q.condition === p.condition) !== i);
  if (twice) return refuse({ code: "part-twice", part: twice.condition });
  const partsG = toMilligram(parts.reduce((total, p) => total + p.grams, 0));
  if (partsG > onHandG) return refuse({ code: "parts-over-lot", partsG, onHandG });
  return accept({
    parts: parts.map((p) => ({ ...p, grams: toMilligram(p.grams) })),
    stayingG: toMilligram(onHandG - partsG),
  });
}

/**
 * What a part is best for, most suited method first: small and middling squash make ribbons, large ones are seedy
 * and go to the roasting tray; tender stems stay on, woody ones are stripped. Common practice, no source.
 */
const suited: Readonly<Record<Condition, readonly string[]>> = {
  small: ["shave-with-peeler", "spiralize", "wash-and-spin", "leaves-and-fine-stems", "top-and-tail"],
  large: ["roast-whole-then-scoop", "seed-and-core", "strip-leaves", "dice-peeled", "peel-and-core", "peel"],
  tender: ["leaves-and-fine-stems", "wash-and-spin", "top-and-tail"],
  woody: ["strip-leaves", "peel-and-core", "strip-leaves-and-peel", "peel"],
  flowering: ["strip-leaves", "leaves-and-fine-stems"],
  damaged: ["seed-and-core", "core-and-outer-leaves-off", "roast-whole-then-scoop", "peel", "strip-leaves"],
};

/** The methods of an ingredient with the one that suits this condition first; as they are without a condition. */
export function methodsFor<Row extends Pick<TrimYield, "method">>(
  trims: readonly Row[],
  condition: Condition | null,
): readonly Row[] {
  if (condition === null) return trims;
  const best = suited[condition]
    .map((method) => trims.find((t) => t.method === method))
    .find((t) => t !== undefined);
  return best ? [best, ...trims.filter((t) => t !== best)] : trims;
}

/** Damaged produce is of the seconds grade; the other conditions keep the grade of the lot. */
export const gradeOfPart = (condition: Condition, grade: Grade): Grade =>
  condition === "damaged" ? "seconds" : grade;
