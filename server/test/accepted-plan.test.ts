import { randomUUID } from "node:crypto";
import { afterAll, beforeAll, beforeEach, expect, it } from "@jest/globals";
import { endpoints, type AcceptedPlan, type ReplyOf } from "@apron/contract";
import { cookingAs, dish, line } from "./dishes.ts";
import { openTestKitchen, type Browser, type TestKitchen } from "./test-kitchen.ts";

let kitchen: TestKitchen;
let wren: Browser;
beforeAll(async () => {
  kitchen = await openTestKitchen();
  wren = await kitchen.signInDemo();
});
afterAll(() => kitchen.close());
beforeEach(async () => {
  await wren.call("dropAcceptedPlan", {});
});

const wish = { days: 3, minutes: 90, lessWork: 0.25, keep: [], without: [] };
const cooking = cookingAs(() => wren);
type Solved = ReplyOf<"solveMealPlan">;

const solved = async (): Promise<Solved> =>
  (await wren.call("solveMealPlan", { body: { wish, seconds: 1 } })).body;

function accepting({ today, plan, proof }: Solved) {
  if (!plan || !proof) throw new Error("no plan");
  return wren.call("acceptMealPlan", { body: { id: randomUUID(), from: today, wish, plan, proof } });
}
const accepted = async (): Promise<AcceptedPlan> => (await wren.call("acceptedPlan", {})).body;
const gramsByLot = ({ reservations }: AcceptedPlan): Map<string, number> => {
  const grams = new Map<string, number>();
  for (const one of reservations) grams.set(one.lotId, (grams.get(one.lotId) ?? 0) + one.grams);
  return grams;
};

it("an accepted plan reserves its lots: what is planned next leaves them alone", async () => {
  const before = (await wren.call("mealPlanInput", { body: wish })).body.problem;
  const { status, body } = await accepting(await solved());
  expect(status).toBe(201);
  expect(endpoints.acceptMealPlan.reply.safeParse(body).success).toBe(true);
  expect(body.dishes.length).toBeGreaterThan(0);
  expect(body.dishes.flatMap((dish) => dish.short)).toEqual([]);
  const taken = gramsByLot(body);
  expect(taken.size).toBeGreaterThan(0);
  const after = (await wren.call("mealPlanInput", { body: wish })).body.problem;
  const left = new Map(after.lots.map((lot) => [lot.lotId, lot.grams]));
  for (const lot of before.lots) {
    const rest = left.get(lot.lotId) ?? 0;
    // A lot of which nothing is left, or that no dish wants any more, is not in it.
    if (rest > 0) expect(rest).toBeCloseTo(lot.grams - (taken.get(lot.lotId) ?? 0), 3);
  }
  for (const [day, minutes] of after.limits.minutesADay.entries())
    expect(minutes).toBeLessThanOrEqual(before.limits.minutesADay[day] ?? 0);
  await wren.call("dropAcceptedPlan", {});
  expect((await wren.call("mealPlanInput", { body: wish })).body.problem).toEqual(before);
});

it("two tablets never plan the same kale: the second is told that it is outdated, and nothing is reserved for it", async () => {
  const plan = await solved();
  expect((await accepting(plan)).status).toBe(201);
  const first = await accepted();
  const second = await accepting(plan);
  expect([second.status, second.problem.code]).toEqual([409, "meal-plan-outdated"]);
  expect(await accepted()).toEqual(first);
});

it("a plan that takes more than there is, or of yesterday, is refused", async () => {
  const plan = await solved();
  const [first, ...others] = plan.plan?.dishes ?? [];
  if (!plan.plan || !first) throw new Error("nothing planned");
  const more = { ...first, batches: first.batches + 30 };
  const greedy = await accepting({ ...plan, plan: { ...plan.plan, dishes: [more, ...others] } });
  expect(greedy.problem.code).toBe("meal-plan-outdated");
  const unknown = { ...first, dish: "nobody's dish" };
  const strange = await accepting({ ...plan, plan: { ...plan.plan, dishes: [unknown] } });
  expect(strange.problem.code).toBe("meal-plan-outdated");
  const old = await accepting({ ...plan, today: "2020-01-01" });
  expect(old.problem.code).toBe("meal-plan-outdated");
  expect((await accepted()).dishes).toEqual([]);
});

it("a dish that is dropped frees what it had, once", async () => {
  const { body } = await accepting(await solved());
  const [planned] = body.dishes;
  if (!planned) throw new Error("nothing planned");
  expect((await wren.call("dropPlannedDish", { params: { id: planned.id } })).status).toBe(200);
  const after = await accepted();
  expect(after.dishes.map((one) => one.id)).toEqual(body.dishes.slice(1).map((one) => one.id));
  expect(after.reservations.every((one) => one.dish !== planned.name || one.day !== planned.day)).toBe(true);
  expect((await wren.call("dropPlannedDish", { params: { id: randomUUID() } })).status).toBe(404);
  const past = (await wren.call("pastPlans", {})).body.flatMap((plan) => plan.dishes);
  expect(past.find((one) => one.id === planned.id)?.state).toBe("dropped");
});

it("giving away what is reserved for a dish is asked; what is free, or gone off, is not", async () => {
  const { body } = await accepting(await solved());
  const taken = gramsByLot(body);
  const { lots } = (await wren.call("listLots", { query: { limit: 200 } })).body;
  const lot = lots.find((one) => (taken.get(one.id) ?? 0) > 5 && one.grams - (taken.get(one.id) ?? 0) > 5);
  if (!lot) throw new Error("no lot is reserved in part");
  const remove = (more: { grams: number; fate: "given" | "used" | "spoiled"; takeReserved?: boolean }) =>
    wren.call("removeFromLot", { params: { id: lot.id }, body: more });
  const freeG = lot.grams - (taken.get(lot.id) ?? 0);
  for (const fate of ["given", "used"] as const) {
    const asked = await remove({ grams: freeG + 2, fate });
    expect([asked.status, asked.problem.code]).toEqual([409, "lot-reserved"]);
  }
  expect((await remove({ grams: 1, fate: "given" })).status).toBe(201);
  expect((await remove({ grams: freeG, fate: "given", takeReserved: true })).status).toBe(201);
  expect((await remove({ grams: 1, fate: "spoiled" })).status).toBe(201);
  expect((await accepted()).dishes.some((dish) => dish.short.length > 0)).toBe(true);
});

it("taking what is reserved for another dish is asked, and can be done", async () => {
  const { body } = await accepting(await solved());
  const lots = (await wren.call("listLots", { query: { limit: 200 } })).body.lots.filter(
    (lot) => !lot.untrimmed,
  );
  const reserved = body.reservations.find((one) => lots.some((lot) => lot.id === one.lotId));
  const lot = lots.find((one) => one.id === reserved?.lotId);
  if (!lot) throw new Error("nothing ready is reserved");
  const recipeId = await cooking.saved(dish("All of it", [line("all", lot.grams, lot.ingredient)]));
  const made = {
    ...{ id: randomUUID(), recipeId, version: 1, batches: 1, eatenPortions: 1000 },
    used: [{ lineId: "all", ingredient: lot.ingredient, lotId: lot.id, grams: lot.grams }],
    ...{ weighedG: null, containers: [] },
  };
  const asked = await wren.call("finishMake", { body: made });
  expect([asked.status, asked.problem.code]).toEqual([409, "lot-reserved"]);
  expect(asked.problem.measurements).toMatchObject({ lotId: lot.id, dish: reserved?.dish });
  const taken = await wren.call("finishMake", { body: { ...made, takeReserved: true } });
  expect(taken.status).toBe(201);
  const after = await accepted();
  expect(after.dishes.flatMap((dish) => dish.short).map((one) => one.ingredient)).toContain(lot.ingredient);
  await wren.call("undoBatch", { params: { id: made.id } });
  expect((await accepted()).dishes.flatMap((dish) => dish.short)).toEqual([]);
});

it("what a plan needs bought is listed as it is sold, and bought it becomes lots for its dishes", async () => {
  await accepting(await solved());
  const wanted = (await accepted()).dishes.flatMap((dish) => dish.toBuy);
  const { body: list } = await wren.call("shoppingList", {});
  expect(new Set(list.items.map((item) => item.ingredient))).toEqual(
    new Set(wanted.map((one) => one.ingredient)),
  );
  expect(list.items.length).toBeGreaterThan(0);
  for (const { usableG, grams } of list.items)
    expect(grams ?? 0).toBeGreaterThanOrEqual((usableG ?? 0) - 0.5);
  const [first] = list.items;
  const key = first?.key ?? "";
  const ticked = await wren.call("tickShoppingItem", { params: { key }, body: { ticked: true } });
  expect(ticked.body.items.find((item) => item.key === key)?.ticked).toBe(true);
  const id = randomUUID();
  await wren.call("addShoppingItem", { body: { id, text: "500 g lemons" } });
  const paper = randomUUID();
  await wren.call("addShoppingItem", { body: { id: paper, text: "kitchen paper <b>" } });
  const [lotId, lemonLot] = [randomUUID(), randomUUID()];
  const home = await wren.call("bringShoppingHome", {
    body: {
      items: [
        { key, lotId },
        { key: id, lotId: lemonLot },
        { key: paper, lotId: randomUUID() },
      ],
      priceMinor: 900,
    },
  });
  expect([home.status, home.problem.code]).toEqual([201, undefined]);
  expect(home.body.lots.map((lot) => lot.id)).toEqual([lotId, lemonLot]);
  expect(home.body.lots[0]?.grams).toBeCloseTo(first?.grams ?? 0, 0);
  expect(home.body.lots[1]).toMatchObject({ ingredient: "lemon", grams: 500 });
  expect(home.body.lots.reduce((sum, lot) => sum + (lot.priceMinor ?? 0), 0)).toBe(900);
  expect(home.body.list.items.some((item) => [key, id, paper].includes(item.key))).toBe(false);
  const after = await accepted();
  expect(after.reservations.some((one) => one.lotId === lotId)).toBe(true);
  expect(after.dishes.flatMap((dish) => dish.toBuy).map((one) => one.ingredient)).not.toContain(key);
  expect(after.dishes.flatMap((dish) => dish.short)).toEqual([]);
});

it("what cannot be logged is refused at its item, and nothing is bought", async () => {
  const [id, paper] = [randomUUID(), randomUUID()];
  await wren.call("addShoppingItem", { body: { id, text: "lemons" } });
  await wren.call("addShoppingItem", { body: { id: paper, text: "kitchen paper" } });
  const items = [paper, id].map((key) => ({ key, lotId: randomUUID() }));
  const { status, problem } = await wren.call("bringShoppingHome", { body: { items } });
  expect([status, problem.field?.startsWith("items.1")]).toEqual([422, true]);
  const list = (await wren.call("shoppingList", {})).body;
  expect(list.items.map((item) => item.key)).toContain(id);
  const unknown = await wren.call("tickShoppingItem", { params: { key: "nothing" }, body: { ticked: true } });
  expect(unknown.status).toBe(404);
  expect((await wren.call("removeShoppingItem", { params: { key: id } })).status).toBe(200);
});

it("the list goes out as Markdown, CSV and tasks", async () => {
  await accepting(await solved());
  const id = randomUUID();
  await wren.call("addShoppingItem", { body: { id, text: "=SUM(A1) <script>, paper; and; ink" } });
  const text = await (await wren.raw("/api/shopping/shopping.md")).text();
  expect(text).toMatch(/^# Shopping list\n/);
  expect(text).toContain("- [ ] =SUM(A1) &lt;script>, paper; and; ink");
  const csv = await (await wren.raw("/api/shopping/shopping.csv")).text();
  expect(csv).toContain(`"'=SUM(A1) <script>, paper; and; ink"`);
  const ics = await (await wren.raw("/api/shopping/shopping.ics")).text();
  const { default: ICAL } = await import("ical.js");
  const tasks = new ICAL.Component(ICAL.parse(ics) as never).getAllSubcomponents("vtodo");
  expect(tasks.map((task) => task.getFirstPropertyValue("summary"))).toContain(
    "=SUM(A1) <script>, paper; and; ink",
  );
  await wren.call("removeShoppingItem", { params: { key: id } });
});

it("a planned dish that is made is cooked; taken back it is planned again", async () => {
  const { body } = await accepting(await solved());
  const [planned] = body.dishes;
  if (!planned) throw new Error("nothing planned");
  const make = await wren.call("planMake", {
    body: { recipeId: planned.recipeId, scale: { kind: "batches", batches: planned.batches } },
  });
  expect(make.status).toBe(200);
  const used = make.body.lines.flatMap((line) =>
    // As if bought: what of it still has to be trimmed is another test's business.
    line.parts.map(({ ingredient, grams }) => ({ lineId: line.lineId, ingredient, lotId: null, grams })),
  );
  const id = randomUUID();
  const done = await wren.call("finishMake", {
    body: {
      ...{ id, recipeId: planned.recipeId, version: make.body.version, batches: planned.batches },
      ...{ used: used.filter((one) => one.grams >= 0.1), weighedG: null, containers: [] },
      eatenPortions: 1000,
    },
  });
  expect([done.status, done.problem.code, done.problem.measurements]).toEqual([201, undefined, undefined]);
  expect((await accepted()).dishes.map((one) => one.id)).not.toContain(planned.id);
  const past = (await wren.call("pastPlans", {})).body.flatMap((plan) => plan.dishes);
  expect(past.find((one) => one.id === planned.id)?.state).toBe("cooked");
  expect((await wren.call("undoBatch", { params: { id } })).status).toBe(201);
  expect((await accepted()).dishes.map((one) => one.id)).toContain(planned.id);
});
