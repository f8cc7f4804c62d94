import { randomUUID } from "node:crypto";
import { afterAll, beforeAll, describe, expect, it } from "@jest/globals";
import type { PlanWish, RequestOf } from "@apron/contract";
import ICAL from "ical.js";
import { bringRecipes, openTestKitchen, type Browser, type TestKitchen } from "./test-kitchen.ts";

let kitchen: TestKitchen;
let wren: Browser;
beforeAll(async () => {
  kitchen = await openTestKitchen();
  wren = await kitchen.setUp();
  await bringRecipes(kitchen, wren);
});
afterAll(() => kitchen.close());

const now = new Date("2026-09-10T09:00:00");
const inMinutes = (minutes: number): string => new Date(now.getTime() + minutes * 60_000).toISOString();

type Asked = RequestOf<"draftPlan">["body"];
const dip = { key: "dip", recipeId: "roast-squash-and-leek-dip" };
const leaves = { key: "leaves", recipeId: "sorrel-and-round-lettuce" };
const asked = (extra: Partial<Asked> = {}): Asked => ({
  dishes: [dip, leaves],
  tableAt: inMinutes(8 * 60),
  ...extra,
});
const solve = (extra: Partial<Asked> = {}) => wren.call("solvePlan", { body: asked(extra) });
const explain = (extra: Partial<Asked>) => wren.call("explainPlan", { body: asked(extra) });

/** A plan kept under an id of its own. */
async function keep(id = randomUUID(), extra: Partial<Asked> = {}) {
  const { body } = await solve(extra);
  const { from, schedule } = body;
  return wren.call("savePlan", { body: { ...asked(extra), id, from, schedule } });
}

describe("planning", () => {
  it("works backwards from the table: every task has a time, the last ends at the table, none before now", async () => {
    const { status, body } = await solve();
    expect(status).toBe(200);
    expect(body.schedule.isProven).toBe(true);
    expect(body.tasks.length).toBeGreaterThan(8);
    const starts = new Map(body.schedule.starts.map(({ task, at }) => [task, Date.parse(at)]));
    for (const { id, minutes } of body.tasks) {
      const start = starts.get(id) ?? Number.NaN;
      expect(start).toBeGreaterThanOrEqual(Date.parse(body.from));
      expect(start + minutes.high * 60_000).toBeLessThanOrEqual(Date.parse(inMinutes(8 * 60)));
    }
    expect(body.schedule.startAt).toBe(new Date(Math.min(...starts.values())).toISOString());
    const roast = body.tasks.find(({ id }) => id === "dip/0/by-itself");
    expect(roast).toMatchObject({
      tool: "oven",
      celsius: 210,
      minutes: { low: 28, high: 40 },
      from: "recipe",
    });
    expect(body.tasks.find(({ kind, dish }) => kind === "prepare" && dish === "dip")?.lines.join()).toMatch(
      /kabocha 700 g/,
    );
  });

  it("gives the browser the same problem to solve", async () => {
    const draft = (await wren.call("draftPlan", { body: asked() })).body;
    const solved = (await solve()).body;
    expect(draft.problem).toEqual(solved.problem);
    expect(draft.tableMin).toBe(8 * 60);
  });

  it("leaves the hands alone until the cook is home, and in the quiet hours of the kitchen's clock", async () => {
    const home = await solve({ homeAt: inMinutes(5 * 60) });
    const byHand = home.body.tasks.filter(({ kind }) => kind !== "by-itself" && kind !== "warm-up");
    const at = new Map(home.body.schedule.starts.map(({ task, at: start }) => [task, start]));
    for (const { id } of byHand) expect((at.get(id) ?? "") >= inMinutes(5 * 60)).toBe(true);
    const nothing = await solve({ tableAt: inMinutes(24 * 60), quiet: { from: "00:00", to: "23:59" } });
    expect(nothing).toMatchObject({ status: 422, problem: { code: "plan-impossible" } });
  });

  it("puts a task where the cook fixed it", async () => {
    const fixed = [{ task: "dip/1/work", at: inMinutes(200) }];
    const { schedule } = (await solve({ fixed })).body;
    expect(schedule.starts.find(({ task }) => task === "dip/1/work")?.at).toBe(fixed[0]?.at);
  });

  it("takes the cook's own minutes for a step", async () => {
    const times = [{ dish: "dip", step: 0, workMin: 3, byItself: { low: 50, high: 55 } }];
    const { tasks } = (await solve({ times })).body;
    expect(tasks.find(({ id }) => id === "dip/0/by-itself")).toMatchObject({
      from: "cook",
      minutes: { low: 50, high: 55 },
    });
  });
});

describe("cooks who do not all do everything", () => {
  const [ash, birch] = [
    { name: "Ash", leaves: [] },
    { name: "Birch", leaves: ["knife" as const, "heat" as const] },
  ];

  it("are planned with what each does, and kept by name", async () => {
    const crewed = { cooks: 2, crew: [ash, birch] };
    const { body } = await solve(crewed);
    expect(body.problem.resources.map(({ id }) => id)).toContain("hands:knife+heat");
    const id = randomUUID();
    expect((await keep(id, crewed)).status).toBe(201);
    expect((await wren.call("getPlan", { params: { id } })).body.wish.crew).toEqual([ash, birch]);
  });

  it.each([
    ["plan-crew-count", { cooks: 3, crew: [ash, birch] }],
    ["plan-nobody-does", { cooks: 2, crew: [birch, birch] }],
  ])("are refused with %s", async (code, extra) => {
    expect((await solve(extra)).problem).toMatchObject({ code, field: "crew" });
  });
});

describe("a make in progress", () => {
  const changes = {
    swaps: [],
    joined: [{ id: "joined-1", ingredient: "celeriac", grams: 900, isCooked: true }],
    leftOut: [],
  };

  it("is planned with what is done otherwise this once", async () => {
    const { formula } = (await wren.call("getRecipe", { params: { id: dip.recipeId } })).body;
    const leftOut = formula.lines.find(({ preparation }) => preparation !== "")?.id ?? "";
    const prepared = async (extra: object) => {
      const { body } = await solve({ dishes: [{ ...dip, ...extra }] });
      return body.tasks.filter(({ kind }) => kind === "prepare").flatMap(({ lineIds = [] }) => lineIds);
    };
    expect(await prepared({})).toContain(leftOut);
    expect(await prepared({ changes: { ...changes, leftOut: [leftOut] } })).not.toContain(leftOut);
  });

  it("is refused at its dish where a change does not fit", async () => {
    const unknown = { ...changes, leftOut: ["no-such-line"] };
    const { problem } = await solve({ dishes: [leaves, { ...dip, changes: unknown }] });
    expect(problem).toMatchObject({ code: "line-unknown", field: "dishes.1.changes" });
  });
});

describe("a step with another way", () => {
  const noOven = { trays: 0, rings: 4, hasGrill: true };
  const grill = { dish: "dip", step: 0, way: 1 };

  it("is done as written where that fits, with the other way beside it", async () => {
    const { body } = await solve();
    expect(body.ways).toEqual([]);
    const putIn = body.tasks.find(({ id }) => id === "dip/0/put-in");
    expect([putIn?.way, putIn?.ways?.length]).toEqual([0, 2]);
  });

  it("is done the other way where there is no oven, and is kept and cooked so", async () => {
    const { body } = await solve({ places: noOven });
    expect(body.ways).toEqual([grill]);
    const work = body.tasks.find(({ dish, step, way }) => dish === "dip" && step === 0 && way === 1);
    expect(work).toMatchObject({ tool: "grill" });
    expect(work?.text).toMatch(/^Grill the squash/);
    const id = randomUUID();
    const dishes = [{ ...dip, ways: [{ step: 0, way: 1 }] }, leaves];
    const { from, schedule } = body;
    const wish = { ...asked({ places: noOven, dishes }), id, from, schedule };
    expect((await wren.call("savePlan", { body: wish })).status).toBe(201);
    // Nobody chooses anew when a plan is kept: as written it would be another one.
    const unsaid = { ...wish, id: randomUUID(), dishes: [dip, leaves] };
    expect((await wren.call("savePlan", { body: unsaid })).problem.code).toBe("plan-outdated");
    const kept = (await wren.call("getPlan", { params: { id } })).body;
    expect(kept.tasks.some(({ tool }) => tool === "oven")).toBe(false);
  });

  it("stays as the cook chose it; what would help is the other way, with its hour", async () => {
    const asWritten = [{ ...dip, ways: [{ step: 0, way: 0 }] }];
    const soon = { dishes: asWritten, tableAt: inMinutes(130) };
    expect((await solve(soon)).problem.code).toBe("plan-impossible");
    const { remedies } = (await explain(soon)).body;
    const other = remedies.find((one) => one.kind === "other-way");
    expect(other).toMatchObject(grill);
    const done = await solve({ ...soon, dishes: [{ ...dip, ways: [{ step: 0, way: 1 }] }] });
    expect(other?.kind === "other-way" && other.startAt).toBe(done.body.schedule.startAt);
    // Left open, the plan takes it.
    expect((await solve({ ...soon, dishes: [dip] })).body.ways).toEqual([grill]);
  });

  it("that is not there is done as written", async () => {
    const { body } = await solve({ dishes: [{ ...dip, ways: [{ step: 0, way: 4 }] }] });
    expect(body.tasks.find(({ id }) => id === "dip/0/by-itself")).toMatchObject({ tool: "oven" });
  });
});

describe("what cannot be", () => {
  it("is explained, and a remedy that is offered then works", async () => {
    const early = { tableAt: inMinutes(60) };
    expect((await solve(early)).problem.code).toBe("plan-impossible");
    const { body } = await explain(early);
    expect(body.isPossible).toBe(false);
    expect(body.clash).toContainEqual({ kind: "dish", dish: "dip" });
    const later = body.remedies.find((one) => one.kind === "later");
    expect(later).toBeDefined();
    if (later?.kind !== "later") return;
    expect((await solve({ tableAt: later.tableAt })).status).toBe(200);
    expect(body.remedies).toContainEqual({ kind: "without", dish: "dip" });
    expect((await solve({ ...early, dishes: [leaves] })).status).toBe(200);
  });

  it("says when the cook would have to be home", async () => {
    const late = { tableAt: inMinutes(240), homeAt: inMinutes(200) };
    const home = (await explain(late)).body.remedies.find((one) => one.kind === "earlier-home");
    if (home?.kind !== "earlier-home") throw new Error("no such remedy");
    expect((await solve({ ...late, homeAt: home.homeAt })).status).toBe(200);
  });

  it.each<[string, Partial<Asked>, string, string]>([
    ["a table in the past", { tableAt: inMinutes(-5) }, "plan-table-past", "tableAt"],
    ["a table in three weeks", { tableAt: inMinutes(21 * 1440) }, "plan-too-far", "tableAt"],
    [
      "a kitchen without an oven",
      { places: { trays: 0, rings: 2, hasGrill: false } },
      "plan-no-place",
      "places",
    ],
    ["one key twice", { dishes: [dip, { ...leaves, key: "dip" }] }, "listed-twice", "dishes.1.key"],
    [
      "no such recipe",
      { dishes: [{ key: "x", recipeId: "no-such" }] },
      "recipe-unknown",
      "dishes.0.recipeId",
    ],
    [
      "a shorter time that is longer",
      { times: [{ dish: "dip", step: 0, workMin: 1, byItself: { low: 9, high: 3 } }] },
      "low-over-high",
      "times.0.byItself",
    ],
    [
      "ten thousand minutes",
      { times: [{ dish: "dip", step: 0, workMin: 10_000, byItself: null }] },
      "too-large",
      "times.0.workMin",
    ],
    [
      "thirteen dishes",
      { dishes: Array.from({ length: 13 }, (_, i) => ({ ...dip, key: `d-${i}` })) },
      "too-large",
      "dishes",
    ],
  ])("%s is refused at its field", async (_, extra, code, field) => {
    for (const name of ["draftPlan", "solvePlan", "explainPlan"] as const) {
      const answer = await wren.call(name, { body: asked(extra) });
      expect([answer.status >= 400, answer.problem.code, answer.problem.field]).toEqual([true, code, field]);
    }
  });
});

describe("a saved plan", () => {
  it("is listed, opened, changed under its id, and dropped", async () => {
    const id = randomUUID();
    expect(await keep(id)).toMatchObject({ status: 201, body: { id } });
    const listed = (await wren.call("listPlans", {})).body;
    expect(listed.filter((plan) => plan.id === id)).toHaveLength(1);
    const opened = (await wren.call("getPlan", { params: { id } })).body;
    expect(opened.wish.dishes.map(({ key }) => key)).toEqual(["dip", "leaves"]);
    expect(opened.tasks.length).toBe(opened.schedule.starts.length - 1);
    await keep(id, { dishes: [leaves] });
    expect((await wren.call("getPlan", { params: { id } })).body.wish.dishes).toHaveLength(1);
    await wren.call("dropPlan", { params: { id }, body: {} });
    expect((await wren.call("getPlan", { params: { id } })).problem.code).toBe("plan-unknown");
    expect((await wren.call("dropPlan", { params: { id }, body: {} })).status).toBe(404);
  });

  it("that does not hold is refused, and changes nothing", async () => {
    const { body } = await solve();
    const id = randomUUID();
    const starts = body.schedule.starts.map((one) =>
      one.task === "dip/1/work" ? { ...one, at: inMinutes(1) } : one,
    );
    const wrong = { ...asked(), id, from: body.from, schedule: { ...body.schedule, starts } };
    expect((await wren.call("savePlan", { body: wrong })).problem.code).toBe("plan-outdated");
    const less = { ...wrong, schedule: { ...body.schedule, starts: starts.slice(1) } };
    expect((await wren.call("savePlan", { body: less })).problem.code).toBe("plan-outdated");
    expect((await wren.call("getPlan", { params: { id } })).status).toBe(404);
  });

  it("sent twice with one key is one plan", async () => {
    const { body } = await solve();
    const id = randomUUID();
    const plan = { ...asked(), id, from: body.from, schedule: body.schedule };
    const key = randomUUID();
    const [first, again] = [
      await wren.call("savePlan", { body: plan }, key),
      await wren.call("savePlan", { body: plan }, key),
    ];
    expect(again.body).toEqual(first.body);
  });

  it("belongs to its kitchen", async () => {
    const id = randomUUID();
    await keep(id);
    const other = await kitchen.signInDemo();
    expect((await other.call("getPlan", { params: { id } })).status).toBe(404);
    expect((await other.call("listPlans", {})).body.some((plan) => plan.id === id)).toBe(false);
  });

  it("goes out as a calendar that another program reads, an alarm to each call for the cook", async () => {
    const id = randomUUID();
    await keep(id);
    const answer = await wren.raw(`/api/plans/${id}/plan.ics`);
    expect(answer.headers.get("content-type")).toBe("text/calendar; charset=utf-8");
    const { tasks, schedule } = (await wren.call("getPlan", { params: { id } })).body;
    const calendar = new ICAL.Component(ICAL.parse(await answer.text()) as unknown[]);
    const events = calendar.getAllSubcomponents("vevent").map((one) => new ICAL.Event(one));
    expect(events).toHaveLength(tasks.length);
    for (const task of tasks) {
      const event = events.find(({ uid }) => uid.startsWith(`${id}/${task.id}@`));
      const start = schedule.starts.find((one) => one.task === task.id)?.at ?? "";
      expect(event?.startDate.toJSDate().toISOString()).toBe(start);
      expect(event?.summary).toContain(task.dishName);
      const alarms = event?.component.getAllSubcomponents("valarm") ?? [];
      expect(alarms).toHaveLength(task.kind === "by-itself" ? 0 : 1);
    }
    expect((await wren.raw(`/api/plans/${randomUUID()}/plan.ics`)).status).toBe(404);
  });
});

/** What is asked for, spelt out: what the schema fills in is the same as leaving it out. */
it("fills in one cook and an ordinary kitchen", async () => {
  const spelt: PlanWish = {
    dishes: [
      { ...dip, batches: 1, isMade: false, ways: [], changes: { swaps: [], joined: [], leftOut: [] } },
    ],
    tableAt: inMinutes(480),
    ...{ cooks: 1, crew: [], homeAt: null, quiet: null, fixed: [], times: [] },
    places: { trays: 2, rings: 4, hasGrill: true, isCharcoal: false, shelves: 4 },
  };
  const short = await solve({ dishes: [dip] });
  const long = await wren.call("solvePlan", { body: spelt });
  expect(long.body.schedule).toEqual(short.body.schedule);
});
