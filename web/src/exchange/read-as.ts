import { partWanted, type Catalogue, type Dialect } from "@apron/core/catalogue";
import type { ReviewedLine } from "@apron/core/exchange";
import { showGrams, type Display } from "@apron/core/measure";
import { nameOrId } from "../catalogue/name-or-id.ts";

/** What a line was read as, in one short phrase: "about 356 g leeks (1 kg as bought, boiled)". */
export function readAs(
  line: ReviewedLine,
  catalogue: Catalogue,
  { display, dialect }: { readonly display: Display; readonly dialect: Dialect },
): string {
  const facts = catalogue.ingredients.get(line.ingredient ?? "");
  const name = nameOrId(facts, line.ingredient ?? "", dialect);
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
