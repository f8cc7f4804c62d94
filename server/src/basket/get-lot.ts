import { effectOnStock } from "@apron/core/basket";
import { provenance } from "@apron/core/catalogue";
import { accept } from "@apron/core/measure";
import { notFound } from "../http/refusal.ts";
import type { UseCase } from "../kit.ts";
import { factsOf, presentLot } from "./present-lot.ts";

/** Cautions that a lot's source calls for. */
const sourceCautions = (sourceKind: string, ingredient: string): string[] => {
  if (sourceKind !== "foraged") return [];
  const own: Readonly<Record<string, string>> = {
    "wild-garlic": "wild-garlic-lookalikes",
    ramps: "ramps-lookalikes",
    watercress: "wild-watercress",
  };
  return ["foraged-plant", ...(own[ingredient] ? [own[ingredient]] : [])];
};

/** One lot with every movement, oldest first. */
export const getLot: UseCase<"getLot"> = async ({ params }, kit) => {
  const lot = await kit.stores.lots.get(params.id);
  if (!lot) return notFound("lot-unknown");
  const entries = await kit.stores.lots.entries(lot.id);
  const facts = factsOf(kit, lot.ingredient);
  const noted = facts.rawNote
    ? [{ severity: facts.raw === "no" ? "stop" : "info", text: facts.rawNote, source: provenance(facts) }]
    : [];
  const raised = sourceCautions(lot.sourceKind, lot.ingredient).flatMap(
    (t) => kit.catalogue.cautions.get(t) ?? [],
  );
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
