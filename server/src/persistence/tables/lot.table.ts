import { EntitySchema, type EntitySchemaColumnOptions } from "typeorm";
import { day, grams, instant, key, named, optional, text, uuid } from "./columns.ts";

/** The order things were written down in; two of them may share an instant. */
const seq: EntitySchemaColumnOptions = {
  type: "bigint",
  generated: "increment",
  insert: false,
  update: false,
};

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
  },
  checks: [
    { name: "lot_balance_not_negative", expression: "balance_g >= 0" },
    { name: "lot_received_positive", expression: "received_g > 0" },
  ],
  indices: [
    { name: "lot_use_first", columns: ["kitchenId", "spoilsOn", "id"], where: "balance_g > 0" },
    { name: "lot_recent", columns: ["kitchenId", "createdAt"] },
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
  },
  checks: [{ name: "entry_grams_signed_only_when_corrected", expression: "grams > 0 or kind = 'corrected'" }],
  indices: [{ name: "entry_of_lot", columns: ["lotId", "seq"] }],
});

export type TrimRow = {
  id: string;
  seq: string;
  kitchenId: string;
  lotId: string;
  ingredientId: string;
  method: string;
  grade: string;
  rawG: number;
  usableG: number;
  partsG: number;
  lossG: number;
  learned: boolean;
  usableLotId: string;
  at: Date;
  memberId: string;
};

export const TrimTable = new EntitySchema<TrimRow>({
  name: "trim",
  columns: {
    id: key(uuid),
    seq,
    kitchenId: named("kitchen_id", uuid),
    lotId: named("lot_id", uuid),
    ingredientId: named("ingredient_id", text),
    method: text,
    grade: text,
    rawG: named("raw_g", grams),
    usableG: named("usable_g", grams),
    partsG: named("parts_g", grams),
    lossG: named("loss_g", grams),
    learned: { type: "boolean" },
    usableLotId: named("usable_lot_id", uuid),
    at: instant,
    memberId: named("member_id", uuid),
  },
  checks: [
    { name: "trim_closes_to_the_gram", expression: "raw_g = usable_g + parts_g + loss_g" },
    { name: "trim_loss_not_negative", expression: "loss_g >= 0" },
  ],
  indices: [
    { name: "trim_learned", columns: ["kitchenId", "ingredientId", "method", "at"], where: "learned" },
  ],
});

export type TrimPartRow = {
  id: string;
  kitchenId: string;
  trimId: string;
  part: string;
  grams: number;
  fate: string;
  lotId: string | null;
};

export const TrimPartTable = new EntitySchema<TrimPartRow>({
  name: "trim_part",
  columns: {
    id: key(uuid),
    kitchenId: named("kitchen_id", uuid),
    trimId: named("trim_id", uuid),
    part: text,
    grams,
    fate: text,
    lotId: named("lot_id", optional(uuid)),
  },
});
