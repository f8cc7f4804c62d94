import { EntitySchema } from "typeorm";
import { grams, instant, key, named, optional, seq, text, uuid } from "./columns.ts";

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
  juices: string | null;
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
    juices: optional(text),
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

export type TrimWithdrawalRow = {
  id: string;
  kitchenId: string;
  trimId: string;
  reason: string;
  gramsBack: boolean;
  at: Date;
  memberId: string;
};

export const TrimWithdrawalTable = new EntitySchema<TrimWithdrawalRow>({
  name: "trim_withdrawal",
  columns: {
    id: key(uuid),
    kitchenId: named("kitchen_id", uuid),
    trimId: named("trim_id", uuid),
    reason: text,
    gramsBack: named("grams_back", { type: "boolean" }),
    at: instant,
    memberId: named("member_id", uuid),
  },
  uniques: [{ name: "trim_withdrawn_once", columns: ["trimId"] }],
});
