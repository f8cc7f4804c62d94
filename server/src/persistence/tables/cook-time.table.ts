import type { CookedFood } from "@apron/core/plan";
import { EntitySchema } from "typeorm";
import { grams, instant, key, named, text, uuid } from "./columns.ts";

export type CookTimeRow = {
  kitchenId: string;
  planId: string;
  task: string;
  food: CookedFood;
  minutes: number;
  at: Date;
};

/** How long things really cooked in this kitchen. */
export const CookTimeTable = new EntitySchema<CookTimeRow>({
  name: "cook_time",
  columns: {
    kitchenId: named("kitchen_id", key(uuid)),
    planId: named("plan_id", key(uuid)),
    task: key(text),
    food: { type: "jsonb" },
    minutes: grams,
    at: instant,
  },
  checks: [{ name: "cook_time_positive", expression: "minutes > 0" }],
  indices: [{ name: "cook_time_of_kitchen", columns: ["kitchenId", "at"] }],
});
