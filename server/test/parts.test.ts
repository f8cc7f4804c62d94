import { randomUUID } from "node:crypto";
import { afterAll, beforeAll, describe, expect, it } from "@jest/globals";
import { PartsAndPieces1764600000000 } from "../src/persistence/migrations/1764600000000-parts-and-pieces.ts";
import { cookingAs, dish, line, partsOf } from "./dishes.ts";
import { aLot, openTestKitchen, type Browser, type TestKitchen } from "./test-kitchen.ts";

let kitchen: TestKitchen;
let wren: Browser;
beforeAll(async () => {
  kitchen = await openTestKitchen();
  wren = await kitchen.setUp();
});
afterAll(() => kitchen.close());

const { saved, logged, planned, prepared, finished } = cookingAs(() => wren);

describe("pieces that were counted and weighed", () => {
  it("are known of the lot, and say how many are left", async () => {
    const lot = await logged("eggplant", "4, 2.0 kg");
    expect(lot).toMatchObject({ grams: 2000, estimate: null, pieces: { left: 4, eachG: 500 } });
    await wren.call("removeFromLot", { params: { id: lot.id }, body: { fate: "composted", grams: 500 } });
    const after = (await wren.call("getLot", { params: { id: lot.id } })).body;
    expect(after.pieces).toEqual({ left: 3, eachG: 500 });
    expect((await logged("chard", "3 bunches, 450 g")).pieces).toBeNull();
    expect((await logged("leek", "4 medium")).pieces).toBeNull();
  });

  it("are known of a line of a delivery", async () => {
    const text = "4 aubergines (2 kg)";
    const body = {
      ...{ id: randomUUID(), since: "2026-09-10", source: { kind: "market" as const, note: "" } },
      lines: [{ id: randomUUID(), text }],
    };
    const { body: done } = await wren.call("logIntake", { body });
    expect(done.lots).toMatchObject([{ grams: 2000, pieces: { left: 4, eachG: 500 } }]);
  });

  it("are prepared whole, by what these weigh", async () => {
    const lot = await logged("celeriac", "2, 1.6 kg");
    const recipe = await saved(dish("Celeriac bowl", [line("root", 300, "celeriac", { trim: "peel" })]));
    const plan = await planned(recipe);
    expect(plan.prepare).toMatchObject([{ lotId: lot.id, rawG: 800 }]);
  });
});

describe("stems, cores and whites are food", () => {
  it("a bunch gives its leaves and its stems, each to the line that asks for it", async () => {
    const chard = await logged("chard", "500 g");
    const recipe = await saved(
      dish("Chard, twice", [
        line("leaves", 150, "chard", { trim: "strip-leaves", eatenRaw: false }),
        line("stems", 60, "chard", { preparation: "stems only, sliced", eatenRaw: false }),
      ]),
    );
    const plan = await planned(recipe);
    const toDo = (id: string) => partsOf(plan, id).map((part) => [part.from, part.toDo?.words]);
    expect(toDo("leaves")).toEqual([["lot", "strip leaves"]]);
    expect(toDo("stems")).toEqual([["lot", "strip leaves, keep the stems"]]);
    expect(plan.prepare).toHaveLength(1);
    expect((await prepared(plan)).status).toBe(201);

    const ready = await planned(recipe);
    expect(ready.prepare).toEqual([]);
    const stems = partsOf(ready, "stems");
    expect(stems).toMatchObject([{ from: "lot", toDo: null }]);
    const stemLot = (await wren.call("getLot", { params: { id: stems[0]?.lotId ?? "" } })).body;
    expect(stemLot).toMatchObject({ state: "by-product", part: "stems" });
    expect(stemLot.id).not.toBe(chard.id);

    const used = ready.lines.flatMap((one) =>
      one.parts.map(({ ingredient, lotId, grams }) => ({ lineId: one.lineId, ingredient, lotId, grams })),
    );
    expect((await finished(recipe, used)).status).toBe(201);
    const left = (await wren.call("getLot", { params: { id: stemLot.id } })).body;
    expect(left.grams).toBeCloseTo(stemLot.grams - 60, 0);
  });

  it("stems do not go in for the leaves, and are refused where they are put", async () => {
    const { body: lots } = await wren.call("listLots", { query: { state: "by-product" } });
    const stems = lots.lots.find((lot) => lot.part === "stems");
    const recipe = await saved(dish("Leaves alone", [line("leaves", 20, "chard", { trim: "strip-leaves" })]));
    const used = [{ lineId: "leaves", ingredient: "chard", lotId: stems?.id ?? null, grams: 5 }];
    const refused = await finished(recipe, used);
    expect(refused.problem.code).toBe("form-does-not-fit");
  });

  it("what is good for nothing but the compost is not counted as pressing", async () => {
    const lot = await logged("kohlrabi", "600 g");
    const parts = ["peel", "damaged"].map((part) => ({ part, grams: 40, fate: "keep" as const }));
    const trim = { id: randomUUID(), lotId: lot.id, method: "peel", rawG: 600, usableG: 440, parts };
    const { body } = await wren.call("recordTrim", { body: { ...trim, confirmed: true } });
    expect(body.partLots.map((one) => one.note)).toEqual(["peel: stock", "damaged: compost"]);
    const shown = (await wren.call("today", {})).body.useFirst.map((one) => one.id);
    expect(body.partLots.map((one) => shown.includes(one.id))).toEqual([true, false]);
  });

  it("two eggs are separated for the yolks and the whites of two eggs", async () => {
    await logged("egg", "6 medium");
    const recipe = await saved(
      dish("Floating islands", [
        line("yolks", 34, "egg-yolk", { eatenRaw: false }),
        line("whites", 66, "egg-white", { eatenRaw: false }),
      ]),
    );
    const plan = await planned(recipe);
    expect(plan.prepare).toMatchObject([{ method: "separate", rawG: expect.closeTo(66 / 0.57, 2) }]);
    expect((await prepared(plan)).status).toBe(201);
    const ready = await planned(recipe);
    const ways = ready.lines.flatMap((one) =>
      one.parts.map((part) => [part.ingredient, part.from, part.toDo]),
    );
    expect(ways.filter(([, from]) => from === "lot")).toEqual([
      ["egg-yolk", "lot", null],
      ["egg-white", "lot", null],
    ]);
  });
});

it("tap water is on hand, costs nothing and never runs out first", async () => {
  const recipe = await saved(dish("Soup", [line("root", 100, "celeriac"), line("water", 300, "water")]));
  await logged("celeriac", "900");
  const plan = await planned(recipe);
  expect(partsOf(plan, "water")).toMatchObject([{ from: "staple", per100gMinor: 0 }]);
  expect(plan.limiting).toBeNull();
});

describe("what was in stock before by-products were food of their own", () => {
  it("gets its part, its use and its keeping from what was written down of it", async () => {
    const lot = await logged("parsley", "200 g");
    const parts = [
      { part: "stems", grams: 60, fate: "keep" as const },
      { part: "damaged", grams: 20, fate: "keep" as const },
    ];
    const trim = { id: randomUUID(), lotId: lot.id, method: "strip-leaves", rawG: 200, usableG: 110, parts };
    const { body: trimmed } = await wren.call("recordTrim", { body: { ...trim, confirmed: true } });
    const [stems, damaged] = trimmed.partLots;
    const own = await wren.call("addIngredient", {
      body: { name: "Moon melon", category: "fruit", keepsAs: "melon" },
    });
    const asBefore = { ...own.body, keepsAs: undefined, traits: ["melon", "citrus"] };
    await kitchen.owner.query("update own_ingredient set body = $1 where id = 'own-moon-melon'", [
      JSON.stringify(asBefore),
    ]);
    const runner = kitchen.owner.createQueryRunner();
    const migration = new PartsAndPieces1764600000000();
    await migration.down(runner);
    await migration.up(runner);
    await runner.release();
    const columns = "select id, part, useful from lot where id = any($1)";
    const rows = await kitchen.owner.query<{ id: string; part: string; useful: boolean }[]>(columns, [
      [stems?.id, damaged?.id],
    ]);
    expect(rows.find((row) => row.id === stems?.id)).toMatchObject({ part: "stems", useful: true });
    expect(rows.find((row) => row.id === damaged?.id)).toMatchObject({ part: "damaged", useful: false });
    const [kept] = await kitchen.owner.query<{ body: { keepsAs: string; traits: string[] } }[]>(
      "select body from own_ingredient where id = 'own-moon-melon'",
    );
    expect(kept?.body).toMatchObject({ keepsAs: "melon", traits: ["citrus"] });
  });
});

it("an own ingredient keeps like what the cook says it keeps like, else like the shortest of its kind", async () => {
  const add = (name: string, keepsAs: "tofu" | null) =>
    wren.call("addIngredient", { body: { name, category: "other", keepsAs } });
  await add("Bean cake", "tofu");
  await add("Mystery cake", null);
  const days = async (ingredient: string) =>
    (await wren.call("logLot", { body: aLot(ingredient, "200") })).body.freshness.daysLeft;
  expect([await days("own-bean-cake"), await days("own-mystery-cake")]).toEqual([3, 1]);
});
