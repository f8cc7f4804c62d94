import { EntitySchema } from "typeorm";
import { day, grams, instant, key, named, optional, text, uuid } from "./columns.ts";

export type BedRow = {
  id: string;
  kitchenId: string;
  name: string;
  ingredientId: string;
  state: string;
  nextOn: string | null;
  nextG: number | null;
  createdAt: Date;
};

export const BedTable = new EntitySchema<BedRow>({
  name: "bed",
  columns: {
    id: key(uuid),
    kitchenId: named("kitchen_id", uuid),
    name: text,
    ingredientId: named("ingredient_id", text),
    state: text,
    nextOn: named("next_on", optional(day)),
    nextG: named("next_g", optional(grams)),
    createdAt: named("created_at", instant),
  },
  checks: [{ name: "bed_says_when_and_how_much", expression: "(next_on is null) = (next_g is null)" }],
});
