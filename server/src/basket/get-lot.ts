import { effectOnStock, foragingCautions } from "@apron/core/basket";
import { provenance } from "@apron/core/catalogue";
import { accept } from "@apron/core/measure";
import { notFound } from "../http/refusal.ts";
import type { UseCase } from "../kit.ts";
import { factsOf, presentLot } from "./present-lot.ts";

/** One lot with every movement, oldest first. */
export const getLot: UseCase<"getLot"> = async ({ params }, kit) => {
  const lot = await kit.stores.lots.get(params.id);
  if (!lot) return notFound("lot-unknown");
  const entries = await kit.stores.lots.entries(lot.id);
  const facts = factsOf(kit, lot.ingredient);
  const noted = facts.rawNote
    ? [{ severity: facts.raw === "no" ? "stop" : "info", text: facts.rawNote, source: provenance(facts) }]
    : [];
  const triggers = lot.sourceKind === "foraged" ? foragingCautions(lot.ingredient) : [];
  const raised = triggers.flatMap((t) => kit.catalogue.cautions.get(t) ?? []);
  return accept({
    ...presentLot(lot, kit),
    entries: entries.map((entry) => ({
      id: entry.id,
      kind: entry.kind,
      grams: entry.grams,
      effectG: effectOnStock(entry),
      at: entry.at.toISOString(),
      by: entry.by,
      reason: entry.reason,
    })),
    cautions: [
      ...raised.map((c) => ({ severity: c.severity, text: c.text, source: provenance(c) })),
      ...noted,
    ],
  });
};
