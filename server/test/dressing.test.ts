import { afterAll, beforeAll, describe, expect, it } from "@jest/globals";
import { openTestKitchen, type Browser, type TestKitchen } from "./test-kitchen.ts";

let kitchen: TestKitchen;
let wren: Browser;
beforeAll(async () => {
  kitchen = await openTestKitchen();
  wren = await kitchen.setUp();
});
afterAll(() => kitchen.close());

const wish = {
  volumeMl: 200,
  dressingStyle: "classic-three-to-one",
  oils: [{ ingredient: "olive-oil" }],
  acids: [{ ingredient: "sherry-vinegar" }],
};

describe("the dressing bench through the API", () => {
  it("knows its schools by effective acid, and how much a salad takes", async () => {
    const { dressingStyles, rates } = (await wren.call("dressingHandbook", {})).body;
    const classic = dressingStyles.find((one) => one.id === "classic-three-to-one");
    expect(classic).toMatchObject({
      acidPercent: 6,
      oilToAcidEffective: { value: 2.5 },
      oilToAcidPoured: { low: 2.5, high: 4 },
    });
    expect(dressingStyles.every((one) => one.source !== "")).toBe(true);
    expect(rates.length).toBeGreaterThanOrEqual(10);
    const needed = await wren.call("dressingForSalad", { query: { group: "tender-leaves", saladG: 240 } });
    expect(needed.body.grams).toMatchObject({ value: 36, low: 24 });
    const nobody = await wren.call("dressingForSalad", { query: { group: "gravel", saladG: 240 } });
    expect([nobody.status, nobody.problem.code]).toEqual([404, "salad-unknown"]);
  });

  it("composes at a school, in mixing order, measured out, with what rounding does to it", async () => {
    const made = (await wren.call("composeDressing", { body: wish })).body;
    expect(made.parts.map((part) => part.role)).toEqual(["acid", "salt", "oil"]);
    expect(made.figures.oilToAcidEffective).toBeCloseTo(2.5, 2);
    expect(made.figures.ml).toBeCloseTo(200, 3);
    expect(made.figures.saltPercent).toBeCloseTo(1.4, 2);
    expect(made.rounded.oilToAcidEffective).toBeGreaterThan(2.3);
    expect(made.parts.every((part) => /^[\d.]+ g$/.test(part.scale.text))).toBe(true);
  });

  it("reads a dressing with its cost", async () => {
    const parts = [
      { ingredient: "olive-oil", grams: 60, per100gMinor: 120 },
      { ingredient: "lemon-juice", grams: 30, per100gMinor: 40 },
    ];
    const read = (await wren.call("readDressing", { body: { parts } })).body;
    expect(read.costMinor).toBe(84);
    expect(read.oilToAcidPoured).toBeCloseTo(60 / 0.914 / (30 / 1.03), 3);
  });

  it("corrects a bowl with the least that does", async () => {
    const parts = [
      { ingredient: "olive-oil", grams: 150 },
      { ingredient: "wine-vinegar-red", grams: 25 },
      { ingredient: "salt-sea-fine", grams: 1 },
    ];
    const body = {
      parts,
      dressingStyle: "classic-three-to-one",
      correctors: ["wine-vinegar-red", "salt-sea-fine"],
    };
    const done = (await wren.call("correctDressing", { body })).body;
    expect(done.cannot).toEqual([]);
    expect(done.after.oilToAcidEffective).toBeLessThanOrEqual(4 / 1.2);
    expect(done.after.saltPercent).toBeGreaterThanOrEqual(1);
  });

  it.each([
    [{ dressingStyle: "flat-earth" }, 404, "style-unknown", "dressingStyle"],
    [{ acids: [{ ingredient: "water" }] }, 422, "acid-strength-unknown", "acids"],
    [{ acids: [] }, 422, "too-small", "acids"],
    [{ oils: [{ ingredient: "snake-oil" }] }, 404, "ingredient-unknown", "parts"],
    [{ volumeMl: -200 }, 422, "too-small", "volumeMl"],
    [
      { volumeMl: 5, emulsifier: { ingredient: "mustard-dijon", grams: 40 } },
      422,
      "volume-too-small",
      "acids",
    ],
  ])("refuses %j", async (extra, status, code, field) => {
    const refused = await wren.call("composeDressing", { body: { ...wish, ...extra } });
    expect([refused.status, refused.problem.code, refused.problem.field]).toEqual([status, code, field]);
  });

  it.each([
    [[{ ingredient: "olive-oil", grams: -3 }], 422, "amount-not-positive"],
    [[{ ingredient: "moon-oil", grams: 3 }], 404, "ingredient-unknown"],
    [[], 422, "too-small"],
  ])("reads no dressing of %j", async (parts, status, code) => {
    const refused = await wren.call("readDressing", { body: { parts } });
    expect([refused.status, refused.problem.code]).toEqual([status, code]);
  });
});
