import { effectOnStock, foragingCautions, wayBack } from "@apron/core/basket";
import { provenance } from "@apron/core/catalogue";
import { accept } from "@apron/core/measure";
import { notFound } from "../context/refusal.ts";
import type { Kit, UseCase } from "../context/request-context.ts";
import { factsOf, presentLot } from "../stock/present-lot.ts";

/** One lot with every movement, oldest first. */
export const getLot: UseCase<"getLot"> = async ({ params }, kit) => {
  const lot = await kit.stores.lots.get(params.id);
  if (!lot) return notFound("lot-unknown");
  const entries = await kit.stores.lots.entries(lot.id);
  const undone = new Set(entries.flatMap((entry) => entry.undoes ?? []));
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
      canUndo: wayBack(entry.kind) !== "none" && entry.undoes === null && !undone.has(entry.id),
      effectG: effectOnStock(entry),
      at: entry.at.toISOString(),
      by: entry.by,
      reason: entry.reason,
    })),
    refreshed: lot.refreshed,
    keepsInCloth: lot.state === "raw" && ["soft-herb", "leaf", "flower"].includes(facts.category),
    trims: await trimsOf(lot.id, kit),
    cautions: [
      ...raised.map((c) => ({ severity: c.severity, text: c.text, source: provenance(c) })),
      ...noted,
    ],
  });
};

/** The weighings made of a lot, so that a wrong one can be withdrawn where it is seen. */
async function trimsOf(lotId: string, kit: Kit) {
  const entries = await kit.stores.lots.entries(lotId);
  const ids = entries.filter((entry) => entry.kind === "trimmed").flatMap((entry) => entry.trimId ?? []);
  const trims = await Promise.all(ids.map((id) => kit.stores.trims.get(id)));
  return trims.flatMap((trim) =>
    trim
      ? [
          {
            trimId: trim.id,
            method: trim.method,
            fraction: trim.usableG / trim.rawG,
            at: trim.at.toISOString(),
            withdrawn: trim.withdrawn,
          },
        ]
      : [],
  );
}
