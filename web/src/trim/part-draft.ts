import type { TrimMethod, TrimOptions } from "@apron/contract";
import { isForEating } from "@apron/core/trim";
import { typedGrams } from "../ui/typed-grams.ts";

/** What the cook typed of one by-product; the text is empty where the suggested share stands. */
export type TypedPart = { text: string; fate: "keep" | "compost" };

/** One by-product as it is shown: what is typed of it, and what is suggested where nothing is. */
export type PartDraft = TypedPart & {
  readonly part: string;
  readonly use: string;
  readonly suggestedG: number;
};

type Part = Pick<TrimMethod["parts"][number], "part" | "use">;

/** The method's own by-products, then those the cook added. */
export function partsOf(
  method: TrimMethod,
  further: TrimOptions["furtherParts"],
  typed: Readonly<Record<string, TypedPart>>,
): (Part & TypedPart)[] {
  const added = further.filter(
    (one) => one.part in typed && !method.parts.some((own) => own.part === one.part),
  );
  const compost = (part: Part): boolean =>
    further.find((one) => one.part === part.part)?.compost ?? !isForEating(part.use);
  return [...method.parts, ...added].map(({ part, use }) => ({
    part,
    use,
    ...(typed[part] ?? { text: "", fate: compost({ part, use }) ? "compost" : "keep" }),
  }));
}

/** Grams of a part: what was typed ("0" for none), else the suggestion. */
export function partGrams(part: Pick<PartDraft, "text" | "suggestedG">): number {
  if (part.text.trim() === "") return part.suggestedG;
  return typedGrams(part.text) ?? 0;
}
