import { randomUUID } from "node:crypto";
import { afterAll, beforeAll, describe, expect, it } from "@jest/globals";
import { aLot, openTestKitchen, type Browser, type TestKitchen } from "./test-kitchen.ts";

let kitchen: TestKitchen;
let wren: Browser;
beforeAll(async () => {
  kitchen = await openTestKitchen();
  wren = await kitchen.setUp();
});
afterAll(() => kitchen.close());

const detail = async (id: string) => (await wren.call("getIngredient", { params: { id } })).body;
const bunch = {
  ingredient: "chard",
  table: "measure",
  key: "bunch",
  value: 420,
  low: 380,
  high: 460,
  note: "ten weighed",
} as const;

describe("a kitchen's own figures", () => {
  it("count at once, with the handbook's beside them, and can be dropped again", async () => {
    const set = await wren.call("setFigure", { body: bunch });
    expect(set.status).toBe(201);
    expect(set.body.measures.find((m) => m.measure === "bunch")).toMatchObject({ grams: 420, basis: "own" });
    expect(set.body.handbook?.measures.find((m) => m.measure === "bunch")).toMatchObject({ grams: 350 });
    const lot = (await wren.call("logLot", { body: aLot("chard", "2 bunches") })).body;
    expect(lot.grams).toBe(840);
    await wren.call("setFigure", { body: { ...bunch, value: 400 } });
    expect((await detail("chard")).own).toMatchObject([{ value: 400 }]);
    const dropped = await wren.call("dropFigure", {
      body: { ingredient: "chard", table: "measure", key: "bunch" },
    });
    expect(dropped.body.own).toEqual([]);
    expect((await wren.call("logLot", { body: aLot("chard", "2 bunches") })).body.grams).toBe(700);
    expect(
      (await wren.call("dropFigure", { body: { ingredient: "chard", table: "measure", key: "bunch" } }))
        .status,
    ).toBe(404);
  });

  it("of keeping move the dates of what is on hand", async () => {
    const lot = (await wren.call("logLot", { body: aLot("kale", "300") })).body;
    const days = { ingredient: "kale", table: "keeping", key: "days", value: 2, low: 2, high: 2 } as const;
    await wren.call("setFigure", { body: days });
    expect((await wren.call("getLot", { params: { id: lot.id } })).body.freshness.spoilsOn).toBe(
      "2026-09-12",
    );
    const [row] = await kitchen.owner.query<{ spoils_on: string }[]>(
      "select spoils_on::text from lot where id = $1",
      [lot.id],
    );
    expect(row?.spoils_on).toBe("2026-09-12");
  });

  it("of a trim are what is expected then", async () => {
    const lot = (await wren.call("logLot", { body: aLot("beet", "1000") })).body;
    const peel = {
      ingredient: "beet",
      table: "trim",
      key: "peel",
      value: 0.8,
      low: 0.75,
      high: 0.85,
    } as const;
    await wren.call("setFigure", { body: peel });
    const options = (await wren.call("trimOptions", { params: { id: lot.id } })).body;
    expect(options.methods.find((m) => m.method === "peel")).toMatchObject({
      handbook: { mean: 0.8, source: "your own figure" },
    });
  });

  it.each([
    [{ ...bunch, low: 500 }, "figures-out-of-order"],
    [{ ...bunch, value: 90_000, high: 90_000 }, "figure-out-of-range"],
    [{ ...bunch, table: "composition", key: "glitter", value: 1, low: 1, high: 1 }, "figure-unknown"],
  ] as const)("are refused when they cannot be: %j", async (body, code) => {
    const refused = await wren.call("setFigure", { body });
    expect([refused.status, refused.problem.code, refused.problem.field]).toEqual([422, code, "value"]);
  });

  it("belong to their kitchen alone", async () => {
    await wren.call("setFigure", { body: bunch });
    const other = await kitchen.owner.query<{ n: number }[]>("select count(*)::int as n from own_figure");
    expect(other[0]?.n).toBeGreaterThan(0);
    expect(await kitchen.appSource.query("select * from own_figure")).toEqual([]);
  });
});

describe("a kitchen's own ingredients", () => {
  it("are logged, found and read in lines like any other", async () => {
    const oca = (
      await wren.call("addIngredient", {
        body: { name: "Oca", other: ["New Zealand yam"], category: "root", raw: "yes" },
      })
    ).body;
    expect(oca).toMatchObject({ id: "own-oca", handbook: null });
    await wren.call("setFigure", {
      body: { ingredient: "own-oca", table: "measure", key: "each-medium", value: 35, low: 25, high: 45 },
    });
    expect((await wren.call("logLot", { body: aLot("own-oca", "10") })).body.grams).toBe(10);
    expect((await wren.call("logLot", { body: aLot("own-oca", "10 oca") })).body.grams).toBe(350);
    const read = (await wren.call("readLines", { body: { lines: ["6 New Zealand yams"] } })).body.lines[0];
    expect(read?.ingredient).toMatchObject({ id: "own-oca" });
    expect((await wren.call("listIngredients", {})).body.map((i) => i.id)).toContain("own-oca");
    expect((await wren.call("listLots", { query: { text: "yam" } })).body.lots.length).toBeGreaterThan(0);
  });

  it("may not take a name that is somebody's, nor have none", async () => {
    const add = (name: string) => wren.call("addIngredient", { body: { name, category: "leaf" } });
    expect((await add("Rocket")).problem).toMatchObject({
      code: "name-taken",
      field: "name",
      measurements: { by: "arugula" },
    });
    expect((await add("x")).status).toBe(422);
    await add("Ulluco");
    expect((await add("ulluco")).problem.code).toBe("name-taken");
  });
});

describe("the whole catalogue", () => {
  it("travels with every figure, its source and its confidence", async () => {
    const all = (await wren.call("getCatalogue", {})).body;
    expect(all.ingredients.length).toBeGreaterThan(370);
    const chard = all.ingredients.find((i) => i.id === "chard");
    expect(chard?.measures.every((m) => m.source !== "" && m.confidence)).toBe(true);
    expect(chard?.changes.length).toBeGreaterThan(0);
  });
});

describe("chains and trays", () => {
  it("multiply trimming and cooking, and never count the oven twice", async () => {
    const chain = (steps: object[], rawG = 1000, ingredient = "eggplant") =>
      wren.call("chainYields", { body: { ingredient, rawG, steps: steps as never } });
    const fine = (
      await chain([
        { kind: "trim", method: "peel" },
        { kind: "cook", method: "roast-diced" },
      ])
    ).body;
    expect(fine.stages).toHaveLength(2);
    expect(fine.grams.value).toBeLessThan(700);
    expect(fine.water).not.toBeNull();
    const twice = await chain([
      { kind: "trim", method: "roast-whole-then-scoop" },
      { kind: "cook", method: "roast-diced" },
    ]);
    expect([twice.status, twice.problem.code]).toEqual([422, "water-counted-twice"]);
    expect((await chain([])).problem.code).toBe("chain-empty");
    expect((await chain([{ kind: "cook", method: "deep-space" }])).problem).toMatchObject({
      code: "method-unknown",
      field: "steps.0.method",
    });
    expect((await chain([{ kind: "trim", method: "peel" }], 1000, "nothing")).status).toBe(404);
    expect((await chain([{ kind: "trim", method: "peel" }], -3)).status).toBe(422);
  });

  it("take oil and salt off a tray before dividing: 0.700, not 0.735", async () => {
    const tray = (body: object) => wren.call("weighTray", { body: body as never });
    expect((await tray({ beforeG: 1000, afterG: 735, extrasG: 35, waterBefore: 0.92 })).body).toMatchObject({
      factor: 0.7,
    });
    expect((await tray({ beforeG: 0, afterG: 735 })).problem.code).toBe("weight-not-positive");
    expect((await tray({ beforeG: 1000, afterG: 30, extrasG: 35 })).problem.code).toBe("extras-over-weight");
    expect((await tray({ beforeG: 1000, afterG: 50, waterBefore: 0.8 })).problem.code).toBe(
      "lighter-than-solids",
    );
  });
});

describe("a retried figure", () => {
  it("changes nothing twice", async () => {
    const key = randomUUID();
    const [a, b] = [
      await wren.call("setFigure", { body: bunch }, key),
      await wren.call("setFigure", { body: bunch }, key),
    ];
    expect(a.body).toEqual(b.body);
  });
});
