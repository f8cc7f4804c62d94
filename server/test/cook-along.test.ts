import { randomUUID } from "node:crypto";
import { afterAll, beforeAll, describe, expect, it } from "@jest/globals";
import type { CookAct, CookEvent } from "@apron/contract";
import { bringRecipes, openTestKitchen, type Browser, type TestKitchen } from "./test-kitchen.ts";

let kitchen: TestKitchen;
let wren: Browser;
let planId: string;
const now = new Date("2026-09-10T09:00:00");
const inMinutes = (minutes: number): string => new Date(now.getTime() + minutes * 60_000).toISOString();

const wish = {
  dishes: [{ key: "dip", recipeId: "roast-squash-and-leek-dip" }],
  tableAt: inMinutes(300),
};

async function keepPlan(browser: Browser): Promise<string> {
  const id = randomUUID();
  const { from, schedule } = (await browser.call("solvePlan", { body: wish })).body;
  await browser.call("savePlan", { body: { ...wish, id, from, schedule } });
  return id;
}

beforeAll(async () => {
  kitchen = await openTestKitchen();
  wren = await kitchen.setUp();
  await bringRecipes(kitchen, wren);
  planId = await keepPlan(wren);
});
afterAll(() => kitchen.close());

const said = (act: CookAct, at = inMinutes(-1)): CookEvent => ({ id: randomUUID(), at, act });
const record = (event: CookEvent, id = planId, key = randomUUID()) =>
  wren.call("recordCookEvent", { params: { id }, body: event }, key);
const events = async (): Promise<CookEvent[]> =>
  (await wren.call("getCookAlong", { params: { id: planId } })).body.events;

describe("cooking along", () => {
  it("keeps what was said, in the order in which it came, with the plan and the server's time", async () => {
    const [putIn, later] = [
      said({ kind: "done", task: "dip/0/put-in" }, inMinutes(-5)),
      said({ kind: "not-yet", task: "dip/0/by-itself", minutes: 10 }),
    ];
    for (const event of [later, putIn]) expect((await record(event)).status).toBe(201);
    const { body } = await wren.call("getCookAlong", { params: { id: planId } });
    expect(body.events.slice(-2)).toEqual([later, putIn]);
    expect(body.now).toBe(now.toISOString());
    expect(body.plan.problem.tasks.length).toBe(body.plan.tasks.length + 1);
    expect(body.plan.schedule.isProven).toBe(true);
  });

  it("says what time it is, also when nothing was written since it was asked last", async () => {
    const ask = async () => (await wren.call("getCookAlong", { params: { id: planId } })).body.now;
    await ask();
    kitchen.setNow(inMinutes(20));
    const later = await ask();
    kitchen.setNow(now.toISOString());
    expect(later).toBe(inMinutes(20));
  });

  it("takes a fact once: sent again under its key, or by another tablet under its own", async () => {
    const event = said({ kind: "skipped", task: "dip/0/look-1" });
    const key = randomUUID();
    for (const again of [key, key, randomUUID()])
      expect((await record(event, planId, again)).status).toBe(201);
    expect((await events()).filter(({ id }) => id === event.id)).toHaveLength(1);
  });

  it("does not believe a clock that is ahead", async () => {
    const event = said({ kind: "paused" }, inMinutes(90));
    await record(event);
    expect((await events()).find(({ id }) => id === event.id)?.at).toBe(now.toISOString());
  });

  it("knows what was added, by weight or by eye", async () => {
    const added = said({
      ...{ kind: "added", dish: "dip", ingredient: "lemon-juice", grams: null },
      ...{ found: "flat", isCold: true },
    });
    expect((await record(added)).status).toBe(201);
    const odd = said({
      ...{ kind: "added", dish: "dip", ingredient: "no-such", grams: 4 },
      ...{ found: null, isCold: false },
    });
    expect((await record(odd)).problem).toMatchObject({
      code: "ingredient-unknown",
      field: "act.ingredient",
    });
  });

  it.each<[string, CookAct]>([
    ["a task", { kind: "done", task: "leaves/0/work" }],
    ["a dish", { kind: "added", dish: "soup", ingredient: "garlic", grams: 3, found: null, isCold: false }],
  ])("refuses %s that the plan does not have", async (_, act) => {
    expect((await record(said(act))).problem.code).toBe("not-in-plan");
  });

  it("of a plan that is gone says so, and keeps nothing of it", async () => {
    const id = await keepPlan(wren);
    await record(said({ kind: "paused" }), id);
    await wren.call("dropPlan", { params: { id }, body: {} });
    expect((await wren.call("getCookAlong", { params: { id } })).problem.code).toBe("plan-unknown");
    expect((await record(said({ kind: "resumed" }), id)).problem.code).toBe("plan-unknown");
  });

  it("lets nobody change or take away a fact, not even in the database", async () => {
    await record(said({ kind: "resumed" }));
    const kitchenId = (await wren.call("currentSession", {})).body.kitchen.id;
    for (const change of ["update cook_event set at = now()", "delete from cook_event"])
      await expect(
        kitchen.appSource.transaction(async (em) => {
          await em.query("select set_config('app.kitchen_id', $1, true)", [kitchenId]);
          await em.query(change);
        }),
      ).rejects.toThrow(/permission denied/);
  });

  it("belongs to its kitchen", async () => {
    const other = await kitchen.signInDemo();
    expect((await other.call("getCookAlong", { params: { id: planId } })).status).toBe(404);
    const event = said({ kind: "done", task: "dip/1/work" });
    expect((await other.call("recordCookEvent", { params: { id: planId }, body: event })).status).toBe(404);
    expect((await events()).some(({ id }) => id === event.id)).toBe(false);
  });

  it("tells every tablet at once that something was said", async () => {
    const response = await wren.raw("/api/live");
    const reader = response.body?.getReader();
    let heard = "";
    const hearUntil = async (count: number): Promise<number[]> => {
      for (;;) {
        const revisions = [...heard.matchAll(/"revision":(\d+)/g)].map(([, one]) => Number(one));
        if (revisions.length >= count) return revisions;
        const read = await reader?.read();
        if (!read || read.done) return revisions;
        heard += new TextDecoder().decode(read.value as Uint8Array);
      }
    };
    const [before = 0] = await hearUntil(1);
    await record(said({ kind: "done", task: "dip/2/work" }));
    expect((await hearUntil(2))[1]).toBe(before + 1);
    await reader?.cancel();
  });
});

describe("what a kitchen learns of its oven", () => {
  /** The dip's squash went in at a minute, and came out at another. */
  const roasted = async (id: string, from: number, to: number): Promise<string> => {
    const out = said({ kind: "done", task: "dip/0/take-out" }, inMinutes(to));
    await record(said({ kind: "done", task: "dip/0/put-in" }, inMinutes(from)), id);
    await record(out, id);
    return out.id;
  };
  const roasting = async () => {
    const { tasks } = (await wren.call("draftPlan", { body: wish })).body;
    return tasks.find(({ id }) => id === "dip/0/by-itself");
  };

  it("moves the next plan's time, says from how many cooks, and forgets what was undone", async () => {
    const before = await roasting();
    expect(before?.learned).toBeNull();
    const low = before?.minutes.low ?? 0;
    const [first, second] = [await keepPlan(wren), await keepPlan(wren)];
    await roasted(first, -200, -200 + Math.round(low * 1.4));
    const slip = await roasted(second, -200, -200 + Math.round(low * 1.4));
    const after = await roasting();
    expect(after).toMatchObject({ from: "kitchen", learned: { cooks: 2, said: before?.minutes } });
    expect(after?.minutes.high).toBeGreaterThan(before?.minutes.high ?? 0);
    // The handbook's page of the food says so, too.
    const food = after?.food;
    const told = (await wren.call("cookTimesOf", { params: { id: food?.ingredient ?? "" } })).body;
    const took = Math.round(low * 1.4);
    expect(told).toMatchObject([{ food, cooks: 2, took: { low: took, high: took } }]);
    expect((await wren.call("cookTimesOf", { params: { id: "moondust" } })).status).toBe(404);
    await record(said({ kind: "undone", event: slip }), second);
    expect((await roasting())?.learned?.cooks).toBe(1);
    // What was learned stays when the plan it was learned with is deleted.
    await wren.call("dropPlan", { params: { id: first }, body: {} });
    expect((await roasting())?.learned?.cooks).toBe(1);
    expect(await wren.call("cookTimesOf", { params: { id: "chard" } })).toMatchObject({ body: [] });
    const demo = await kitchen.signInDemo();
    const { tasks } = (await demo.call("draftPlan", { body: wish })).body;
    expect(tasks.find(({ id }) => id === "dip/0/by-itself")?.learned ?? null).toBeNull();
  });
});
