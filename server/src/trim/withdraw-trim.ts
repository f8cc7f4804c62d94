import { accept, toMilligram } from "@apron/core/measure";
import { entryOf } from "../stock/entry-of.ts";
import { presentLot } from "../stock/present-lot.ts";
import type { LotRecord } from "../context/ports/lot.store.ts";
import { conflict, notFound } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import type { TrimRecord } from "../context/ports/trim.store.ts";

/**
 * Withdraws a weighing: it no longer counts, and stays on record with who withdrew it and why. While nothing of
 * what it gave was used, the grams go back to the raw lot as well.
 */
export const withdrawTrim: UseCase<"withdrawTrim"> = async ({ params, body }, context) => {
  const trim = await context.stores.trims.get(params.id);
  if (!trim) return notFound("trim-unknown");
  if (trim.withdrawn) return conflict("already-undone");
  const lot = await context.stores.lots.get(trim.lotId);
  if (!lot) return notFound("lot-unknown");
  const given = await lotsOf(trim, context);
  const gramsBack = given.every((one) => one.balanceG === one.receivedG);
  await context.stores.trims.withdraw({
    id: context.newId(),
    trimId: trim.id,
    reason: body.reason,
    gramsBack,
    at: context.now,
    memberId: context.session.memberId,
  });
  const reason = `weighing withdrawn: ${body.reason}`;
  if (gramsBack)
    await context.stores.lots.append([
      entryOf(context, lot.id, { kind: "corrected", grams: trim.rawG, reason, trimId: trim.id }),
      ...given.map((one) =>
        entryOf(context, one.id, { kind: "corrected", grams: -one.balanceG, reason, trimId: trim.id }),
      ),
    ]);
  const balanceG = toMilligram(lot.balanceG + (gramsBack ? trim.rawG : 0));
  return accept({ id: trim.id, gramsBack, lot: presentLot({ ...lot, balanceG }, context) });
};

async function lotsOf(trim: TrimRecord, context: RequestContext): Promise<LotRecord[]> {
  const parts = await context.stores.trims.partsOf(trim.id);
  return context.stores.lots.getMany([trim.usableLotId, ...parts.flatMap((p) => p.lotId ?? [])]);
}
