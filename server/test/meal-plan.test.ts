import { afterAll, beforeAll, expect, it } from "@jest/globals";
import { endpoints } from "@apron/contract";
import { openTestKitchen, type Browser, type TestKitchen } from "./test-kitchen.ts";

let kitchen: TestKitchen;
let wren: Browser;
beforeAll(async () => {
  kitchen = await openTestKitchen();
  wren = await kitchen.signInDemo();
});
afterAll(() => kitchen.close());

const wish = { days: 3, minutes: 90, lessWork: 0.25, keep: [], without: [] };

it("the coming days come as one value that says all there is, with a name for every food", async () => {
  const { status, body } = await wren.call("mealPlanInput", { body: wish });
  expect(status).toBe(200);
  expect(endpoints.mealPlanInput.reply.safeParse(body).success).toBe(true);
  const { problem, names } = body;
  const { matches } = (await wren.call("listMatches", {})).body;
  const dishes = new Set(problem.dishes.map((dish) => dish.recipeId));
  for (const match of matches) expect(dishes).toContain(match.recipeId);
  for (const { lines, bought } of problem.dishes)
    for (const id of [
      ...lines.flatMap((line) => line.fillers.map((f) => f.ingredient)),
      ...bought.map((b) => b.ingredient),
    ])
      expect(names[id]).toBeTruthy();
  expect(problem.limits.minutesADay).toEqual([90, 90, 90]);
});

it("a dish that is ruled out is not in it, more people eat more, and nothing is changed by asking", async () => {
  const before = (await wren.call("mealPlanInput", { body: wish })).body.problem;
  const [dish] = before.dishes;
  const without = [dish?.recipeId ?? ""];
  const after = (await wren.call("mealPlanInput", { body: { ...wish, without, people: 6 } })).body.problem;
  expect(after.dishes.some((one) => without.includes(one.recipeId))).toBe(false);
  expect(after.limits.portionsADay[0]).toBe(15);
  expect((await wren.call("mealPlanInput", { body: wish })).body.problem).toEqual(before);
});

it("days and minutes out of range are refused at their field", async () => {
  for (const [field, value] of [
    ["days", 0],
    ["days", 8],
    ["minutes", -1],
    ["lessWork", 2],
  ] as const) {
    const { status, problem } = await wren.call("mealPlanInput", { body: { ...wish, [field]: value } });
    expect([status, problem.field]).toEqual([422, field]);
  }
});
