import { noChanges } from "@apron/core/recipes";
import { MoreThanOrEqual, type EntityManager } from "typeorm";
import type { PlanRecord, PlanStore } from "../../context/ports/plan.store.ts";
import { CookEventTable } from "../tables/cook-event.table.ts";
import { CookTimeTable } from "../tables/cook-time.table.ts";
import { PlanTable, type PlanRow } from "../tables/plan.table.ts";

const [allAlike, asWritten] = [{ crew: [] }, { ways: [], changes: noChanges }];

/** What a plan did not say when it was kept, since nobody could yet, is as if nothing was said. */
const recordOf = ({ id, tableAt, startAt, body }: PlanRow): PlanRecord => ({
  ...{ id, tableAt, startAt },
  body: {
    ...body,
    wish: {
      ...allAlike,
      ...body.wish,
      dishes: body.wish.dishes.map((dish) => ({ ...asWritten, ...dish })),
    },
  },
});

export const planStoreOf = (em: EntityManager, kitchenId: string): PlanStore => ({
  upcoming: async (since) => {
    const where = { tableAt: MoreThanOrEqual(since) };
    return (await em.find(PlanTable, { where, order: { tableAt: "ASC", id: "ASC" } })).map(recordOf);
  },
  get: async (id) => {
    const row = await em.findOneBy(PlanTable, { id });
    return row ? recordOf(row) : undefined;
  },
  put: async (plan, memberId) => {
    await em.upsert(PlanTable, { ...plan, kitchenId, memberId }, ["id"]);
  },
  eventsOf: async (planId) => {
    const rows = await em.find(CookEventTable, { where: { planId }, order: { seq: "ASC" } });
    return rows.map(({ body }) => body);
  },
  addEvent: async (planId, event, memberId) => {
    const row = { id: event.id, kitchenId, planId, at: new Date(event.at), memberId, body: event };
    await em.createQueryBuilder().insert().into(CookEventTable).values(row).orIgnore().execute();
  },
  setCookTimes: async (planId, times, at) => {
    await em.delete(CookTimeTable, { planId });
    if (times.length > 0)
      await em.insert(
        CookTimeTable,
        times.map((time) => ({ ...time, kitchenId, planId, at })),
      );
  },
  cookTimes: async (limit) => {
    const rows = await em.find(CookTimeTable, {
      order: { at: "DESC", planId: "ASC", task: "ASC" },
      take: limit,
    });
    return rows.reverse().map(({ food, minutes }) => ({ ...food, minutes }));
  },
  drop: async (id) => ((await em.delete(PlanTable, { id })).affected ?? 0) > 0,
});
