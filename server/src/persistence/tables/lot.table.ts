import type { MovedClock } from "@apron/core/basket";
import { EntitySchema } from "typeorm";
import type { PackLabel } from "../../context/ports/lot.store.ts";
import { day, grams, instant, key, named, optional, seq, text, uuid } from "./columns.ts";

export type LotRow = {
  id: string;
  kitchenId: string;
  ingredientId: string;
  state: string;
  method: string | null;
  grade: string;
  sourceKind: string;
  sourceNote: string;
  place: string;
  since: string;
  bestBefore: string | null;
  priceMinor: number | null;
  estimateLow: number | null;
  estimateHigh: number | null;
  receivedG: number;
  balanceG: number;
  spoilsOn: string;
  parentLotId: string | null;
  note: string;
  createdAt: Date;
  condition: string | null;
  intakeId: string | null;
  bedId: string | null;
  label: PackLabel | null;
  moved: MovedClock | null;
  clothRefreshes: number;
  part: string | null;
  useful: boolean;
  pieceG: number | null;
};

export const LotTable = new EntitySchema<LotRow>({
  name: "lot",
  columns: {
    id: key(uuid),
    kitchenId: named("kitchen_id", uuid),
    ingredientId: named("ingredient_id", text),
    state: text,
    method: optional(text),
    grade: text,
    sourceKind: named("source_kind", text),
    sourceNote: named("source_note", text),
    place: text,
    since: day,
    bestBefore: named("best_before", optional(day)),
    priceMinor: named("price_minor", optional({ type: "integer" })),
    estimateLow: named("estimate_low", optional(grams)),
    estimateHigh: named("estimate_high", optional(grams)),
    receivedG: named("received_g", grams),
    balanceG: named("balance_g", { ...grams, default: "0" }),
    spoilsOn: named("spoils_on", day),
    parentLotId: named("parent_lot_id", optional(uuid)),
    note: text,
    createdAt: named("created_at", instant),
    condition: optional(text),
    intakeId: named("intake_id", optional(uuid)),
    bedId: named("bed_id", optional(uuid)),
    label: optional({ type: "jsonb" }),
    moved: optional({ type: "jsonb" }),
    clothRefreshes: named("cloth_refreshes", { type: "integer", default: 0 }),
    part: optional(text),
    useful: { type: "boolean", default: true },
    pieceG: named("piece_g", optional(grams)),
  },
  checks: [
    { name: "lot_balance_not_negative", expression: "balance_g >= 0" },
    { name: "lot_received_positive", expression: "received_g > 0" },
  ],
  indices: [
    { name: "lot_use_first", columns: ["kitchenId", "spoilsOn", "id"], where: "balance_g > 0" },
    { name: "lot_recent", columns: ["kitchenId", "createdAt"] },
    {
      name: "lot_by_ingredient",
      columns: ["kitchenId", "ingredientId", "spoilsOn", "id"],
      where: "balance_g > 0",
    },
    { name: "lot_by_state", columns: ["kitchenId", "state", "spoilsOn", "id"], where: "balance_g > 0" },
    { name: "lot_by_place", columns: ["kitchenId", "place", "spoilsOn", "id"], where: "balance_g > 0" },
    { name: "lot_by_source", columns: ["kitchenId", "sourceKind", "spoilsOn", "id"], where: "balance_g > 0" },
    { name: "lot_of_intake", columns: ["intakeId"], where: "intake_id is not null" },
    { name: "lot_of_parent", columns: ["parentLotId"], where: "parent_lot_id is not null" },
    { name: "lot_of_bed", columns: ["bedId", "since"], where: "bed_id is not null" },
  ],
});

export type EntryRow = {
  id: string;
  seq: string;
  kitchenId: string;
  lotId: string;
  kind: string;
  grams: number;
  at: Date;
  memberId: string;
  reason: string;
  batchId: string | null;
  trimId: string | null;
  undoes: string | null;
};

export const EntryTable = new EntitySchema<EntryRow>({
  name: "entry",
  columns: {
    id: key(uuid),
    seq,
    kitchenId: named("kitchen_id", uuid),
    lotId: named("lot_id", uuid),
    kind: text,
    grams,
    at: instant,
    memberId: named("member_id", uuid),
    reason: text,
    batchId: named("batch_id", optional(uuid)),
    trimId: named("trim_id", optional(uuid)),
    undoes: optional(uuid),
  },
  uniques: [{ name: "entry_undone_once", columns: ["undoes"] }],
  checks: [{ name: "entry_grams_signed_only_when_corrected", expression: "grams > 0 or kind = 'corrected'" }],
  indices: [
    { name: "entry_of_lot", columns: ["lotId", "seq"] },
    { name: "entry_of_batch", columns: ["batchId"], where: "batch_id is not null" },
    { name: "entry_gone_off", columns: ["kitchenId", "at"], where: "kind = 'spoiled'" },
  ],
});
