import { defaultRole, type DressingPart, type DressingRole } from "@apron/core/dressing";
import { accept } from "@apron/core/measure";
import { notFound, type Answer } from "../context/refusal.ts";
import type { RequestContext } from "../context/request-context.ts";

type SentPart = {
  ingredient: string;
  role?: DressingRole | undefined;
  grams: number;
  per100gMinor: number | null;
};

/** The parts with what is known of each; refuses an unknown one, at its place. */
export function partsOf(sent: readonly SentPart[], context: RequestContext): Answer<DressingPart[]> {
  const parts: DressingPart[] = [];
  for (const [index, one] of sent.entries()) {
    const facts = context.catalogue.ingredients.get(one.ingredient);
    if (!facts) return notFound("ingredient-unknown", `parts.${index}.ingredient`);
    parts.push({
      facts,
      role: one.role ?? defaultRole(facts),
      grams: one.grams,
      per100gMinor: one.per100gMinor,
    });
  }
  return accept(parts);
}
