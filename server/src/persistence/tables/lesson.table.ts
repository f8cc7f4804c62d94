import { EntitySchema } from "typeorm";
import { instant, key, named, optional, seq, text, uuid } from "./columns.ts";

export type DressingWeighingRow = {
  id: string;
  seq: string;
  kitchenId: string;
  saladGroup: string;
  per100g: number;
  at: Date;
  memberId: string | null;
};

/**
 * Of one kind so many of the latest lessons are kept: more than ever count (learnKeeping, jarsThatCount), so that some may
 * still be taken back.
 */
export const lessonsKept = 40;

/** Jars of dressing weighed back: grams that went on 100 g of a kind of salad. */
export const DressingWeighingTable = new EntitySchema<DressingWeighingRow>({
  name: "dressing_weighing",
  columns: {
    id: key(uuid),
    seq,
    kitchenId: named("kitchen_id", uuid),
    saladGroup: named("salad_group", text),
    per100g: named("per_100g", {
      type: "numeric",
      precision: 10,
      scale: 4,
      transformer: { to: (value: number) => value, from: Number },
    }),
    at: instant,
    memberId: named("member_id", optional(uuid)),
  },
  checks: [{ name: "dressing_weighing_positive", expression: "per_100g > 0" }],
  indices: [{ name: "dressing_weighing_of_kitchen", columns: ["kitchenId", "seq"] }],
});

export type SpoilageRow = {
  entryId: string;
  kitchenId: string;
  ingredientId: string;
  place: string;
  days: number;
};

/** Whole lots that went off where they came in, and after how many days. */
export const SpoilageTable = new EntitySchema<SpoilageRow>({
  name: "spoilage",
  columns: {
    entryId: named("entry_id", key(uuid)),
    kitchenId: named("kitchen_id", uuid),
    ingredientId: named("ingredient_id", text),
    place: text,
    days: { type: "integer" },
  },
  indices: [{ name: "spoilage_of_kitchen", columns: ["kitchenId"] }],
});
