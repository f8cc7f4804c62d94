import { nameOf, partWanted, type Catalogue, type Dialect } from "@apron/core/catalogue";
import type { ReviewedLine } from "@apron/core/exchange";
import { showGrams, type Display } from "@apron/core/measure";

/** What a line was read as, in one short phrase: "about 356 g leeks (1 kg as bought, boiled)". */
export function readAs(
  line: ReviewedLine,
  catalogue: Catalogue,
  { display, dialect }: { readonly display: Display; readonly dialect: Dialect },
): string {
  const facts = catalogue.ingredients.get(line.ingredient ?? "");
  const name = facts ? nameOf(facts, dialect) : (line.ingredient ?? "").replaceAll("-", " ");
  const about = line.weighed ? "" : "about ";
  const shown = (grams: number | null): string =>
    grams === null ? "" : `${about}${showGrams(grams, display)}`;
  const part = partWanted(line.preparation);
  const marks = [
    part ? `${part} only` : "",
    line.asBoughtG === null ? "" : `${shown(line.asBoughtG)} as bought`,
    line.cookedG === null ? "" : `${shown(line.cookedG)} cooked`,
    line.cook?.replaceAll("-", " ") ?? (line.eatenRaw ? "" : "heated"),
    line.optional ? "optional" : "",
    line.toTaste ? "to taste" : "",
  ].filter(Boolean);
  const amount = shown(line.grams);
  return `${amount ? `${amount} ` : ""}${name}${marks.length > 0 ? ` (${marks.join(", ")})` : ""}`;
}
