import { nameOf } from "@apron/core/catalogue";
import { lotColumnsOut, writeCsv, type LotDraft, type RowFault } from "@apron/core/exchange";
import { accept, trimmedDecimals } from "@apron/core/measure";
import { refuseWith } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { arrivalOf, bringIn, type Arrival } from "../basket/log-lot.ts";
import { readingKitchen } from "../stock/line-reader.ts";
import { freshnessOf, nameFor } from "../stock/present-lot.ts";
import type { LotRecord } from "../context/ports/lot.store.ts";

/** Logs lots from a CSV file. Wrong rows are reported by line, column and reason; the rest go in together. */
export const importLots: UseCase<"importLots"> = async ({ body }, context) => {
  // However long the file, nobody else waits meanwhile.
  const kitchen = await readingKitchen(context);
  const file = await context.workers.run("readLots", body.csv, kitchen, context.today);
  if (!file.ok) return refuseWith(file.issue, "csv");
  const faults: RowFault[] = [...file.value.faults];
  const rows: { line: number; lot: LotDraft; arrival: Arrival }[] = [];
  for (const { line, lot } of file.value.rows) {
    const arrived = await arrivalOf(arriving(lot, context), context, body.id);
    if (arrived.ok) rows.push({ line, lot, arrival: arrived.value });
    else faults.push(faultOf(line, lot, arrived.issue));
  }
  if (!body.dryRun && rows.length > 0)
    await bringIn(
      rows.map((r) => r.arrival),
      context,
    );
  return accept({
    id: body.id,
    accepted: rows.length,
    rows: rows.map(({ line, lot, arrival }) => ({
      line,
      name: nameFor(context, lot.ingredient),
      amount: lot.amount,
      lotId: body.dryRun ? null : arrival.lot.id,
    })),
    faults: [...faults].sort((a, b) => a.line - b.line),
  });
};

const arriving = (lot: LotDraft, context: RequestContext) => ({
  ...lot,
  source: { kind: lot.source.kind, note: lot.source.note },
  id: context.newId(),
  note: "",
  bedId: null,
  priceMinor: null,
  label: null,
  method: null,
});

const columnOf: Readonly<Record<string, string>> = {
  since: "came_in",
  price: "price",
  "source.kind": "source",
};

function faultOf(
  line: number,
  lot: LotDraft,
  issue: { readonly code: string; readonly field?: string | undefined; readonly measurements?: object },
): RowFault {
  const column = columnOf[issue.field ?? ""] ?? issue.field ?? "item";
  return { line, column, text: lot.amount, issue: { code: issue.code, ...issue.measurements } };
}

const mostExported = 50_000;

/** Every lot as RFC 4180 text: the columns a file is read with, and what is on hand of each. */
export const exportLots: UseCase<"exportLots"> = async (_input, context) => {
  const lots = await context.stores.lots.all(mostExported);
  return accept(
    writeCsv(
      lotColumnsOut,
      lots.map((lot) => rowOf(lot, context)),
    ),
  );
};

function rowOf(lot: LotRecord, context: RequestContext): Record<string, string | number> {
  const facts = context.catalogue.ingredients.get(lot.ingredient);
  return {
    item: facts ? nameOf(facts, context.session.kitchen.dialect) : lot.ingredient,
    amount: `${trimmedDecimals(lot.receivedG, 3)} g`,
    came_in: lot.since,
    source: lot.sourceKind,
    note: lot.sourceNote,
    place: lot.place,
    grade: lot.grade,
    price: lot.priceMinor === null ? "" : (lot.priceMinor / 100).toFixed(2),
    price_per: lot.priceMinor === null ? "" : "all",
    best_before: lot.method === null ? (lot.bestBefore ?? "") : "",
    state: lot.state,
    on_hand_g: lot.balanceG,
    use_by: freshnessOf(lot, context).spoilsOn,
  };
}
