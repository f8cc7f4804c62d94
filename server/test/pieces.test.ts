import { randomUUID } from "node:crypto";
import { fillerOf, lineOf, readStep, stepOf } from "@apron/core/recipes";
import { afterAll, beforeAll, describe, expect, it } from "@jest/globals";
import { PiecesAsBought1764400000000 } from "../src/persistence/migrations/1764400000000-pieces-as-bought.ts";
import { aLot, openTestKitchen, type Browser, type TestKitchen } from "./test-kitchen.ts";

let kitchen: TestKitchen;
let wren: Browser;
beforeAll(async () => {
  kitchen = await openTestKitchen();
  wren = await kitchen.setUp();
});
afterAll(() => kitchen.close());

/** Four leeks: 808 g as bought, 0.44 of which are usable by the handbook. */
const leeks = { asBoughtG: 808, grams: 355.52, amountText: "4 leeks" };
const leekPlate = {
  ...{ name: "Leek plate", kind: "cooked-salad" as const, servings: 2, makes: null, minutes: 20 },
  lines: [
    lineOf({ id: "leek", role: "base", grams: 355.52, fillers: [fillerOf("leek")] }, leeks),
    lineOf({ id: "oil", role: "oil", grams: 20, fillers: [fillerOf("olive-oil")] }),
  ],
  steps: [stepOf("Simmer.")],
  keeping: { fridge: "roasted-vegetables", freezer: null },
  ...{ gramsPerMl: 0.6, cautions: [], notes: "", unread: [] },
};
const planned = async (recipeId: string) => {
  const body = { recipeId, scale: { kind: "servings" as const, servings: 2 } };
  return (await wren.call("planMake", { body })).body;
};
const leekParts = async (recipeId: string) =>
  (await planned(recipeId)).lines.find((line) => line.lineId === "leek")?.parts ?? [];

describe("four leeks bought are four leeks asked for", () => {
  let recipe = "";
  let lotId = "";
  beforeAll(async () => {
    recipe = (await wren.call("saveRecipe", { body: { formula: leekPlate } })).body.id;
    const { body } = await wren.call("logLot", { body: { ...aLot("leek", "4"), amount: "4 medium" } });
    lotId = body.id;
    expect(body.grams).toBe(808);
  });

  it("by the handbook's yield: the lot is all of it, nothing is to buy", async () => {
    const parts = await leekParts(recipe);
    expect(parts.map((part) => part.from)).toEqual(["lot"]);
    expect(parts[0]).toMatchObject({ lotId, toDo: { method: "top-and-tail" }, form: "whole" });
    expect(parts[0]?.grams).toBeCloseTo(355.52, 2);
    const four = { count: 4, name: "leeks", grams: 808, isWeighed: false };
    expect(parts[0]?.pieces).toEqual(four);
    expect((await planned(recipe)).prepare).toMatchObject([{ lotId, rawG: 808, pieces: four }]);
    const twice = { recipeId: recipe, scale: { kind: "servings" as const, servings: 4 } };
    const plan = (await wren.call("planMake", { body: twice })).body;
    expect(plan.lines.map((line) => line.asBoughtG)).toEqual([1616, null]);
  });

  it("on the recipe's card", async () => {
    const { pieces } = (await wren.call("getRecipe", { params: { id: recipe } })).body;
    expect(pieces).toEqual({ leek: { count: 4, name: "leeks", grams: 808, isWeighed: false } });
  });

  it("on the sheet of a plan too: four leeks are got ready", async () => {
    const lines = leekPlate.lines.map((line) => ({ ...line, preparation: "sliced" }));
    const roast = "Roast at 200 °C for 20 minutes, turning once.";
    const formula = { ...leekPlate, lines, steps: [readStep(roast)] };
    const { id } = (await wren.call("saveRecipe", { body: { formula } })).body;
    const wish = { dishes: [{ key: "d", recipeId: id }], tableAt: "2026-09-10T19:00:00.000Z" };
    const { tasks } = (await wren.call("draftPlan", { body: wish })).body;
    expect(tasks.flatMap((task) => task.lines)).toContain("4 leeks (808 g)");
    // The step as it is written comes along: its heat, times and sign stand beside its words.
    expect(tasks.find(({ kind, step }) => kind === "put-in" && step === 0)?.written).toMatchObject({
      ...{ text: roast, tool: "oven", celsius: 200, checkEveryMin: 10 },
    });
  });

  it("and by what this kitchen's own trims leave of them, also where that is less", async () => {
    for (let i = 0; i < 12; i++) {
      const { body } = await wren.call("logLot", { body: { ...aLot("leek", "500"), amount: "500" } });
      const trim = { id: randomUUID(), lotId: body.id, method: "top-and-tail", rawG: 500, usableG: 180 };
      expect((await wren.call("recordTrim", { body: { ...trim, confirmed: true } })).status).toBe(201);
    }
    const mine = await wren.call("getRecipe", { params: { id: recipe } });
    expect(mine.body.formula.lines[0]).toMatchObject({ asBoughtG: 808 });
    // Trimmed leeks are taken first; together with them nothing is to buy either.
    expect((await leekParts(recipe)).every((part) => part.from === "lot")).toBe(true);
    const wanted = (await planned(recipe)).lines.find((line) => line.lineId === "leek")?.wantedG ?? 0;
    expect(wanted).toBeGreaterThan(808 * 0.35);
    expect(wanted).toBeLessThan(808 * 0.4);
  });
});

it("recipes from before amounts had a form are read again from the words that were kept", async () => {
  const { id } = (await wren.call("saveRecipe", { body: { formula: leekPlate } })).body;
  const older = leekPlate.lines.map(({ asBoughtG: _none, ...line }) => line);
  const [leek, oil] = older;
  const changed = { ...leek, id: "changed", grams: 500 };
  const before = { ...leekPlate, id, lines: [{ ...leek, grams: 808 }, oil, changed] };
  const versions = "update recipe_version set formula = $2 where recipe_id = $1";
  await kitchen.owner.query(versions, [id, JSON.stringify(before)]);
  const runner = kitchen.owner.createQueryRunner();
  const migration = new PiecesAsBought1764400000000();
  await migration.up(runner);
  const read = async () =>
    (
      await kitchen.owner.query<{ formula: typeof leekPlate }[]>(
        "select formula from recipe_version where recipe_id = $1",
        [id],
      )
    )[0]?.formula.lines.map((line) => [line.grams, line.asBoughtG]);
  expect(await read()).toEqual([
    [355.52, 808],
    [20, null],
    // Somebody had changed it: the words no longer tell.
    [500, null],
  ]);
  // It is asked, once, where the recipe is read.
  const { open } = (await wren.call("getRecipe", { params: { id } })).body;
  expect(open.filter((one) => one.about === "amount")).toMatchObject([
    { line: "changed", text: "4 leeks", grams: 500, wordsG: 808 },
  ]);
  await migration.down(runner);
  expect((await read())?.map(([grams]) => grams)).toEqual([808, 20, 500]);
  await migration.up(runner);
  await runner.release();
});
