import type { TrimRecorded, TrimWithdrawn } from "@apron/contract";
import { accept } from "@apron/core/measure";
import { notFound } from "../context/refusal.ts";
import type { UseCase } from "../context/request-context.ts";
import { recordTrim } from "./record-trim.ts";
import { withdrawTrim } from "./withdraw-trim.ts";

/** Trims lots by estimate, only as much of each as was asked for. All of them or none: one refusal ends the act. */
export const prepareLots: UseCase<"prepareLots"> = async ({ body }, context) => {
  const done: TrimRecorded[] = [];
  for (const [index, one] of body.trims.entries()) {
    const lot = await context.stores.lots.get(one.lotId);
    if (!lot) return notFound("lot-unknown", `trims.${index}.lotId`);
    const estimated = { usableG: null, vessels: [], juices: null, parts: [], confirmed: false };
    const trimmed = await recordTrim({ body: { ...one, ...estimated, place: "fridge" } }, context);
    if (!trimmed.ok) return trimmed;
    done.push(trimmed.value);
  }
  return accept({ id: body.id, trims: done });
};

/** Takes several trims back in one act, the last first. */
export const withdrawTrims: UseCase<"withdrawTrims"> = async ({ body }, context) => {
  const done: TrimWithdrawn[] = [];
  for (const id of [...body.trimIds].reverse()) {
    const withdrawn = await withdrawTrim({ params: { id }, body: { reason: body.reason } }, context);
    if (!withdrawn.ok) return withdrawn;
    done.push(withdrawn.value);
  }
  return accept({ trims: done });
};
