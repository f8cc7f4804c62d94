import type { Provenance } from "./rows.ts";

/** Bases that are definitions or sums, not recollections. */
const notRecalled = ["definition", "computed", "own"];

/** A figure's source as the cook reads it: publication or "common practice", "from memory", and low trust. */
export function provenance(figure: Provenance): string {
  const recalled =
    notRecalled.includes(figure.basis) || figure.source.startsWith("common practice") ? "" : ", from memory";
  const trust = figure.confidence === "low" ? ", low confidence" : "";
  return `${figure.source}${recalled}${trust}`;
}
