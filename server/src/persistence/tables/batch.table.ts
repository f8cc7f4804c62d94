import type { TonightsChanges } from "@apron/core/recipes";
import { EntitySchema } from "typeorm";
import { day, grams, instant, key, named, optional, text, uuid } from "./columns.ts";

export type BatchRow = {
  id: string;
  kitchenId: string;
  recipeId: string;
  recipeVersion: number;
  name: string;
  kind: string;
  batches: number;
  servings: number;
  madeAt: Date;
  madeOn: string;
  outputG: number;
  weighed: boolean;
  allergens: string[];
  memberId: string;
  note: string;
  nextTime: string;
  planId: string | null;
  planDish: string | null;
  changes: TonightsChanges;
  undoneAt: Date | null;
  part: string;
  partOf: string | null;
};

export const BatchTable = new EntitySchema<BatchRow>({
  name: "batch",
  columns: {
    id: key(uuid),
    kitchenId: named("kitchen_id", uuid),
    recipeId: named("recipe_id", text),
    recipeVersion: named("recipe_version", { type: "integer" }),
    name: text,
    kind: text,
    batches: grams,
    servings: grams,
    madeAt: named("made_at", instant),
    madeOn: named("made_on", day),
    outputG: named("output_g", grams),
    weighed: { type: "boolean" },
    allergens: { type: "jsonb" },
    memberId: named("member_id", uuid),
    note: { ...text, default: "" },
    nextTime: named("next_time", { ...text, default: "" }),
    planId: named("plan_id", optional(uuid)),
    planDish: named("plan_dish", optional(text)),
    changes: { type: "jsonb", default: () => `'{"swaps": [], "joined": [], "leftOut": []}'` },
    undoneAt: named("undone_at", optional(instant)),
    part: { ...text, default: "" },
    partOf: named("part_of", optional(uuid)),
  },
  indices: [
    { name: "batch_of_recipe", columns: ["kitchenId", "recipeId", "madeAt"] },
    { name: "batch_made", columns: ["kitchenId", "madeAt"] },
    { name: "batch_part_of", columns: ["partOf"], where: "part_of is not null" },
  ],
});

export type BatchInputRow = {
  id: string;
  kitchenId: string;
  batchId: string;
  lineId: string;
  ingredientId: string;
  lotId: string | null;
  grams: number;
};

export const BatchInputTable = new EntitySchema<BatchInputRow>({
  name: "batch_input",
  columns: {
    id: key(uuid),
    kitchenId: named("kitchen_id", uuid),
    batchId: named("batch_id", uuid),
    lineId: named("line_id", text),
    ingredientId: named("ingredient_id", text),
    lotId: named("lot_id", optional(uuid)),
    grams,
  },
  indices: [{ name: "batch_input_of_batch", columns: ["batchId"] }],
});

export type ContainerRow = {
  id: string;
  kitchenId: string;
  batchId: string;
  kind: string;
  place: string;
  startG: number;
  remainingG: number;
  portionG: number;
  useBy: string;
  useByLimit: string;
  reason: string;
  source: string;
  practiceFrom: string | null;
  practiceTo: string | null;
  mustNever: string;
  thawDays: number | null;
  isPlain: boolean;
};

export const ContainerTable = new EntitySchema<ContainerRow>({
  name: "container",
  columns: {
    id: key(uuid),
    kitchenId: named("kitchen_id", uuid),
    batchId: named("batch_id", uuid),
    kind: text,
    place: text,
    startG: named("start_g", grams),
    remainingG: named("remaining_g", grams),
    portionG: named("portion_g", grams),
    useBy: named("use_by", day),
    useByLimit: named("use_by_limit", text),
    reason: text,
    source: text,
    practiceFrom: named("practice_from", optional(day)),
    practiceTo: named("practice_to", optional(day)),
    mustNever: named("must_never", text),
    thawDays: named("thaw_days", optional({ type: "integer" })),
    isPlain: named("is_plain", { type: "boolean", default: false }),
  },
  checks: [{ name: "container_not_overdrawn", expression: "remaining_g >= 0 and remaining_g <= start_g" }],
  indices: [
    { name: "container_first_out", columns: ["kitchenId", "useBy"], where: "remaining_g > 0" },
    { name: "container_of_batch", columns: ["batchId"] },
  ],
});

export type WithdrawalRow = {
  id: string;
  kitchenId: string;
  containerId: string;
  grams: number;
  fate: string;
  at: Date;
  memberId: string;
  undoes: string | null;
};

export const WithdrawalTable = new EntitySchema<WithdrawalRow>({
  name: "withdrawal",
  columns: {
    id: key(uuid),
    kitchenId: named("kitchen_id", uuid),
    containerId: named("container_id", uuid),
    grams,
    fate: text,
    at: instant,
    memberId: named("member_id", uuid),
    undoes: optional(uuid),
  },
  checks: [{ name: "withdrawal_negative_only_when_undone", expression: "grams > 0 or undoes is not null" }],
  uniques: [{ name: "withdrawal_undone_once", columns: ["undoes"] }],
  indices: [{ name: "withdrawal_of_container", columns: ["containerId"] }],
});

export type BatchPhotoRow = {
  kitchenId: string;
  batchId: string;
  mediaType: string;
  bytes: Buffer;
  digest: string;
  at: Date;
};

export const BatchPhotoTable = new EntitySchema<BatchPhotoRow>({
  name: "batch_photo",
  columns: {
    kitchenId: named("kitchen_id", key(uuid)),
    batchId: named("batch_id", key(uuid)),
    mediaType: named("media_type", text),
    bytes: { type: "bytea" },
    digest: text,
    at: instant,
  },
  checks: [{ name: "batch_photo_small", expression: "length(bytes) <= 600000" }],
});
