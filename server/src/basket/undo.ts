import { effectOnStock, undoMode } from "@apron/core/basket";
import { accept, toMilligram } from "@apron/core/measure";
import { conflict, notFound, type Answer } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { entryOf } from "../stock/entry-of.ts";
import { forgetSpoilage } from "../stock/refresh-use-by.ts";
import { presentLot } from "../stock/present-lot.ts";
import type { EntryRecord, LotRecord } from "../context/ports/lot.store.ts";

/** Nothing was taken from it since it was made. */
const untouched = (lot: LotRecord): boolean => lot.balanceG === lot.receivedG;

/** Takes a movement back: the grams return by a correction that names what it undoes; nothing is deleted. */
export const undoEntry: UseCase<"undoEntry"> = async ({ params }, context) => {
  const entry = await context.stores.lots.entry(params.id);
  const lot = entry && (await context.stores.lots.get(entry.lotId));
  if (!entry || !lot) return notFound("entry-unknown");
  if (entry.undone || entry.undoes !== null) return conflict("already-undone");
  const way = undoMode(entry.kind);
  if (way === "none") return conflict("no-way-back");
  const parts = way === "with-parts" ? await takeInParts(entry, context) : accept([]);
  if (!parts.ok) return parts;
  const backG = -effectOnStock(entry);
  if (lot.balanceG + backG < 0) return conflict("used-since");
  const reason = `undone: ${entry.kind}`;
  const back = entryOf(context, lot.id, { kind: "corrected", grams: backG, reason, undoes: entry.id });
  await context.stores.lots.append([back, ...parts.value]);
  if (entry.kind === "spoiled") await forgetSpoilage(lot, entry.id, context);
  return accept({
    lot: presentLot({ ...lot, balanceG: toMilligram(lot.balanceG + backG) }, context),
    changedG: backG,
    entryId: back.id,
  });
};

/** The entries that empty the lots a split or a freezing made, while nothing was taken from them. */
async function takeInParts(entry: EntryRecord, context: RequestContext): Promise<Answer<EntryRecord[]>> {
  const parts: { lot: LotRecord; undoes: string }[] = [];
  for (const child of await context.stores.lots.childrenOf(entry.lotId)) {
    const [first] = await context.stores.lots.entries(child.id);
    if (first?.kind === "split-from" && first.at.getTime() === entry.at.getTime())
      parts.push({ lot: child, undoes: first.id });
  }
  if (parts.length === 0 || !parts.every(({ lot }) => untouched(lot))) return conflict("used-since");
  const reason = `undone: ${entry.kind}`;
  return accept(
    parts.map(({ lot, undoes }) =>
      entryOf(context, lot.id, { kind: "corrected", grams: -lot.receivedG, reason, undoes }),
    ),
  );
}

/** Takes a whole intake back, all or none: only while nothing of it was used. */
export const undoIntake: UseCase<"undoIntake"> = async ({ params }, context) => {
  const lots = await context.stores.lots.ofIntake(params.id);
  const whole = lots.filter((lot) => lot.parentLotId === null);
  if (whole.length === 0) return notFound("intake-unknown");
  if (whole.every((lot) => lot.balanceG === 0)) return conflict("already-undone");
  if (lots.length > whole.length || !whole.every(untouched)) return conflict("used-since");
  const receipts = await context.stores.lots.receipts(params.id);
  const entries = whole.map((lot) => {
    const undoes = receipts.get(lot.id) ?? null;
    return entryOf(context, lot.id, {
      kind: "corrected",
      grams: -lot.balanceG,
      reason: "intake undone",
      undoes,
    });
  });
  await context.stores.lots.append(entries);
  return accept({ lots: whole.length, grams: toMilligram(whole.reduce((g, lot) => g + lot.balanceG, 0)) });
};
