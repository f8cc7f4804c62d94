import { afterAll, beforeAll, describe, expect, it } from "@jest/globals";
import { emptyScale, readScaleAt } from "../src/devices/simulated-scale.ts";
import { openTestKitchen, type Browser, type TestKitchen } from "./test-kitchen.ts";

const at = (ms: number): Date => new Date(1_000_000 + ms);
const pile = { pileG: 430, tareG: 0, wasG: 0, changedAt: at(0) };

describe("the simulated scale", () => {
  it("starts empty and steady", () => {
    expect(readScaleAt(emptyScale, at(0))).toMatchObject({ grams: 0, stable: true, overload: false });
  });

  it("swings before it settles, and is not called stable until it has", () => {
    const early = [0, 100, 300, 700, 1100].map((ms) => readScaleAt(pile, at(ms)));
    expect(early.every((r) => !r.stable)).toBe(true);
    expect(early[0]?.grams).toBeLessThan(50);
    expect(Math.abs((early.at(-1)?.grams ?? 0) - 430)).toBeLessThanOrEqual(10);
    expect(readScaleAt(pile, at(1200))).toMatchObject({ grams: 430, stable: true });
  });

  it("rounds to its step, takes tare off and calls overload", () => {
    expect(readScaleAt({ ...pile, pileG: 430.4, tareG: 30 }, at(5000)).grams).toBe(400);
    expect(readScaleAt({ ...pile, pileG: 12_000 }, at(5000))).toMatchObject({
      overload: true,
      stable: false,
    });
  });
});

describe("through the API", () => {
  let kitchen: TestKitchen;
  let wren: Browser;
  beforeAll(async () => {
    kitchen = await openTestKitchen();
    wren = await kitchen.setUp();
  });
  afterAll(() => kitchen.close());

  it("shows what was piled on, after it settles, less the tare", async () => {
    await wren.call("pileOnScale", { body: { grams: 120 } });
    expect((await wren.call("readScale", {})).body.stable).toBe(false);
    kitchen.setNow("2026-09-10T09:00:05");
    await wren.call("tareScale", {});
    await wren.call("pileOnScale", { body: { grams: 550 } });
    kitchen.setNow("2026-09-10T09:00:10");
    expect((await wren.call("readScale", {})).body).toMatchObject({ grams: 430, stable: true, tareG: 120 });
  });

  it("takes no absurd pile", async () => {
    expect((await wren.call("pileOnScale", { body: { grams: -1 } })).status).toBe(422);
    expect((await wren.call("pileOnScale", { body: { grams: 1e9 } })).status).toBe(422);
  });
});
