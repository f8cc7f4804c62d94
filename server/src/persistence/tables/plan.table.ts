import { EntitySchema } from "typeorm";
import type { PlanRecord } from "../../context/ports/plan.store.ts";
import { instant, key, named, optional, uuid } from "./columns.ts";

export type PlanRow = {
  id: string;
  kitchenId: string;
  tableAt: Date;
  startAt: Date;
  body: PlanRecord["body"];
  memberId: string | null;
};

/** Plans of cooking, each as it was made: a recipe that changes later does not change it. */
export const PlanTable = new EntitySchema<PlanRow>({
  name: "plan",
  columns: {
    id: key(uuid),
    kitchenId: named("kitchen_id", uuid),
    tableAt: named("table_at", instant),
    startAt: named("start_at", instant),
    body: { type: "jsonb" },
    memberId: named("member_id", optional(uuid)),
  },
  checks: [{ name: "plan_begins_before_table", expression: "start_at <= table_at" }],
  indices: [{ name: "plan_of_kitchen", columns: ["kitchenId", "tableAt"] }],
});
