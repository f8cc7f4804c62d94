import { EntitySchema } from "typeorm";
import type { KitchenSettings } from "../../context/kitchen-settings.ts";
import { grams, instant, key, named, optional, text, uuid } from "./columns.ts";

export type KitchenRow = {
  id: string;
  name: string;
  dialect: string;
  units: string;
  cup: string;
  currency: string;
  demo: boolean;
  revision: string;
  settings: KitchenSettings;
  locale: string;
  catalogueRevision: string;
  timeZone: string;
  datesVersion: number;
  deleteAfter: Date | null;
};

export const KitchenTable = new EntitySchema<KitchenRow>({
  name: "kitchen",
  columns: {
    id: key(uuid),
    name: text,
    dialect: text,
    units: text,
    cup: text,
    currency: text,
    demo: { type: "boolean" },
    revision: { type: "bigint", default: "0" },
    settings: { type: "jsonb" },
    locale: { type: "text", default: "en-GB" },
    catalogueRevision: named("catalogue_revision", { type: "bigint", default: "0" }),
    timeZone: named("time_zone", { type: "text", default: "UTC" }),
    datesVersion: named("dates_version", { type: "integer", default: 0 }),
    deleteAfter: named("delete_after", optional(instant)),
  },
});

export type IdempotencyRecordRow = {
  kitchenId: string;
  key: string;
  fingerprint: string;
  reply: unknown;
  at: Date;
};

export const IdempotencyRecordTable = new EntitySchema<IdempotencyRecordRow>({
  name: "idempotency_record",
  columns: {
    kitchenId: named("kitchen_id", key(uuid)),
    key: key(uuid),
    fingerprint: text,
    reply: optional({ type: "jsonb" }),
    at: instant,
  },
  indices: [{ name: "idempotency_record_at", columns: ["at"] }],
});

export type ScaleRow = {
  kitchenId: string;
  pileG: number;
  tareG: number;
  previousG: number;
  changedAt: Date;
  unit: string;
  heldG: number | null;
  plugged: boolean;
  usedAt: Date;
};

export const ScaleTable = new EntitySchema<ScaleRow>({
  name: "scale",
  columns: {
    kitchenId: named("kitchen_id", key(uuid)),
    pileG: named("pile_g", grams),
    tareG: named("tare_g", grams),
    previousG: named("previous_g", grams),
    changedAt: named("changed_at", instant),
    unit: { type: "text", default: "g" },
    heldG: named("held_g", optional(grams)),
    plugged: { type: "boolean", default: true },
    usedAt: named("used_at", instant),
  },
});
