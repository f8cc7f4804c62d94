import { inTurn } from "../context/in-turn.ts";
import { effectOnStock, foragingCautions, keepsInCloth, undoMode } from "@apron/core/basket";
import { provenance } from "@apron/core/catalogue";
import { accept } from "@apron/core/measure";
import { notFound } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { factsOf, presentLot } from "../stock/present-lot.ts";

/** One lot with every movement, oldest first. */
export const getLot: UseCase<"getLot"> = async ({ params }, context) => {
  const lot = await context.stores.lots.get(params.id);
  if (!lot) return notFound("lot-unknown");
  const entries = await context.stores.lots.entries(lot.id);
  const undone = new Set(entries.flatMap((entry) => entry.undoes ?? []));
  const facts = factsOf(context, lot.ingredient);
  const noted = facts.rawNote
    ? [{ severity: facts.raw === "no" ? "stop" : "info", text: facts.rawNote, source: provenance(facts) }]
    : [];
  const triggers = lot.sourceKind === "foraged" ? foragingCautions(facts) : [];
  const raised = triggers.flatMap((t) => context.catalogue.cautions.get(t) ?? []);
  return accept({
    ...presentLot(lot, context),
    entries: entries.map((entry) => ({
      id: entry.id,
      kind: entry.kind,
      grams: entry.grams,
      canUndo: undoMode(entry.kind) !== "none" && entry.undoes === null && !undone.has(entry.id),
      effectG: effectOnStock(entry),
      at: entry.at.toISOString(),
      by: entry.by,
      reason: entry.reason,
    })),
    clothRefreshes: lot.clothRefreshes,
    keepsInCloth: keepsInCloth(lot, facts),
    trims: await trimsOf(lot.id, context),
    cautions: [
      ...raised.map((c) => ({ severity: c.severity, text: c.text, source: provenance(c) })),
      ...noted,
    ],
  });
};

/** The weighings made of a lot, so that a wrong one can be withdrawn where it is seen. */
async function trimsOf(lotId: string, context: RequestContext) {
  const entries = await context.stores.lots.entries(lotId);
  const ids = entries.filter((entry) => entry.kind === "trimmed").flatMap((entry) => entry.trimId ?? []);
  const trims = await inTurn(ids, (id) => context.stores.trims.get(id));
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
