import { randomUUID } from "node:crypto";
import { afterAll, beforeAll, describe, expect, it } from "@jest/globals";
import { cookingAs, dish, line, partsOf } from "./dishes.ts";
import { openTestKitchen, type Browser, type TestKitchen } from "./test-kitchen.ts";

let kitchen: TestKitchen;
let wren: Browser;
beforeAll(async () => {
  kitchen = await openTestKitchen();
  wren = await kitchen.setUp();
});
afterAll(() => kitchen.close());

const { saved, logged, planned, prepared } = cookingAs(() => wren);

/** Some of a lot, cut: a lot of its own beside the rest. */
async function cutOf(ingredient: string, amount: string, grams: number) {
  const lot = await logged(ingredient, amount);
  const cut = await wren.call("openPortion", { params: { id: lot.id }, body: { grams } });
  return cut.body.parts[0];
}

describe("what is left of something cut", () => {
  it("is pressed before whole ones for its juice, and keeps no longer for that", async () => {
    const half = await cutOf("lemon", "240 g", 120);
    expect(half).toMatchObject({ state: "opened", untrimmed: true });
    const recipe = await saved(
      dish("Lemon water", [line("juice", 30, "lemon-juice")], "dressed-leafy-salad"),
    );
    const plan = await planned(recipe);
    expect(partsOf(plan, "juice")).toMatchObject([{ lotId: half?.id, toDo: { method: "squeeze" } }]);
    expect((await prepared(plan)).status).toBe(201);
    const [juice] = partsOf(await planned(recipe), "juice");
    expect(juice).toMatchObject({ from: "lot", toDo: null });
    const pressed = (await wren.call("getLot", { params: { id: juice?.lotId ?? "" } })).body;
    expect(pressed.freshness.spoilsOn <= (half?.freshness.spoilsOn ?? "")).toBe(true);
  });

  it("is peeled for a dish, and teaches nothing of whole ones", async () => {
    const half = await cutOf("onion", "300 g", 150);
    const trim = { id: randomUUID(), lotId: half?.id ?? "", method: "peel-trim", rawG: 150, usableG: 148 };
    const { methods } = (await wren.call("trimOptions", { params: { id: half?.id ?? "" } })).body;
    const method = methods[0]?.method ?? "";
    const done = await wren.call("recordTrim", { body: { ...trim, method, confirmed: true } });
    expect([done.status, done.body.learned]).toEqual([201, false]);
    expect(done.body.usableLot).toMatchObject({ state: "usable", untrimmed: false });
  });

  it("is no more trimmed where it is a part, a pack or ready", async () => {
    const opened = await cutOf("chickpea", "480 g", 200);
    expect(opened).toMatchObject({ state: "opened", untrimmed: false });
  });
});
