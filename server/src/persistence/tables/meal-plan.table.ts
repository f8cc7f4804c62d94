import type { AcceptedDish } from "@apron/core/match";
import { EntitySchema } from "typeorm";
import type { MealPlanRecord } from "../../context/ports/meal-plan.store.ts";
import { day, instant, key, named, optional, text, uuid } from "./columns.ts";

export type MealPlanRow = MealPlanRecord & { kitchenId: string; memberId: string | null };

/** Plans for the coming days, each as it was accepted. */
export const MealPlanTable = new EntitySchema<MealPlanRow>({
  name: "meal_plan",
  columns: {
    id: key(uuid),
    kitchenId: named("kitchen_id", uuid),
    fromDay: named("from_day", day),
    acceptedAt: named("accepted_at", instant),
    body: { type: "jsonb" },
    memberId: named("member_id", optional(uuid)),
  },
  indices: [{ name: "meal_plan_of_kitchen", columns: ["kitchenId", "acceptedAt"] }],
});

export type PlannedDishRow = {
  id: string;
  kitchenId: string;
  planId: string;
  day: string;
  body: Omit<AcceptedDish, "id" | "day">;
  dropped: boolean;
  batchId: string | null;
};

export const PlannedDishTable = new EntitySchema<PlannedDishRow>({
  name: "planned_dish",
  columns: {
    id: key(uuid),
    kitchenId: named("kitchen_id", uuid),
    planId: named("meal_plan_id", uuid),
    day,
    body: { type: "jsonb" },
    dropped: { type: "boolean", default: false },
    batchId: named("batch_id", optional(uuid)),
  },
  indices: [
    { name: "planned_dish_of_kitchen", columns: ["kitchenId", "day"] },
    { name: "planned_dish_of_plan", columns: ["planId"] },
    { name: "planned_dish_of_batch", columns: ["batchId"], where: "batch_id is not null" },
  ],
});

export type ShoppingItemRow = {
  kitchenId: string;
  key: string;
  text: string;
  ingredient: string | null;
  ticked: boolean;
  addedAt: Date;
};

/** What was ticked on the shopping list, and what was added to it by hand. */
export const ShoppingItemTable = new EntitySchema<ShoppingItemRow>({
  name: "shopping_item",
  columns: {
    kitchenId: named("kitchen_id", key(uuid)),
    key: key(text),
    text: { ...text, default: "" },
    ingredient: optional(text),
    ticked: { type: "boolean", default: false },
    addedAt: named("added_at", instant),
  },
});
