import type { CookEvent } from "@apron/contract";
import { EntitySchema } from "typeorm";
import { instant, key, named, optional, seq, uuid } from "./columns.ts";

export type CookEventRow = {
  id: string;
  seq: string;
  kitchenId: string;
  planId: string;
  at: Date;
  memberId: string | null;
  body: CookEvent;
};

/** What was said while cooking a plan. Rows are never changed; they go with their plan. */
export const CookEventTable = new EntitySchema<CookEventRow>({
  name: "cook_event",
  columns: {
    id: key(uuid),
    seq,
    kitchenId: named("kitchen_id", uuid),
    planId: named("plan_id", uuid),
    at: instant,
    memberId: named("member_id", optional(uuid)),
    body: { type: "jsonb" },
  },
  indices: [{ name: "cook_event_of_plan", columns: ["planId", "seq"] }],
});
