import { randomUUID } from "node:crypto";
import { afterAll, beforeAll, describe, expect, it } from "@jest/globals";
import type { RequestOf } from "@apron/contract";
import { bringRecipes, openTestKitchen, usableLot, type Browser, type TestKitchen } from "./test-kitchen.ts";

let kitchen: TestKitchen;
let wren: Browser;
beforeAll(async () => {
  kitchen = await openTestKitchen();
  wren = await kitchen.setUp();
  await bringRecipes(kitchen, wren);
});
afterAll(() => kitchen.close());

const pesto = "chard-and-hazelnut-pesto";
type FinishMake = RequestOf<"finishMake">["body"];

/** 310 g of pesto: 150 g of chard from a lot, the rest from the shelf. */
const pestoOf = (lotId: string, extra: Partial<FinishMake> = {}): FinishMake => ({
  id: randomUUID(),
  recipeId: pesto,
  version: 1,
  batches: 1,
  used: [
    { lineId: "green-1", ingredient: "chard", lotId, grams: 150 },
    { lineId: "nut-2", ingredient: "hazelnut", lotId: null, grams: 60 },
    { lineId: "oil-4", ingredient: "rapeseed-oil", lotId: null, grams: 100 },
  ],
  weighedG: 300,
  containers: [{ kind: "jar", count: 2, place: "fridge" }],
  ...extra,
});
const finish = async (extra: Partial<FinishMake> = {}) => {
  const lot = await usableLot(wren, "chard", 400);
  return { lot, made: await wren.call("finishMake", { body: pestoOf(lot.id, extra) }) };
};
const gramsOf = async (id: string): Promise<number> =>
  (await wren.call("getLot", { params: { id } })).body.grams;
const batchOf = async (id: string) => (await wren.call("getBatch", { params: { id } })).body;

describe("where a batch goes", () => {
  it("is eaten at once, stored in several kinds and places, and set aside plain, all in one go", async () => {
    const { made } = await finish({
      eatenPortions: 3,
      containers: [
        { kind: "jar", count: 1, place: "fridge", grams: 80 },
        { kind: "tub", count: 1, place: "fridge", grams: 50, isPlain: true },
        { kind: "cube", count: 8, place: "freezer" },
      ],
    });
    expect(made.status).toBe(201);
    expect(made.body.eatenG).toBe(90);
    expect(made.body.containers.map(({ kind, startG, isPlain }) => [kind, startG, isPlain])).toEqual([
      ["jar", 80, false],
      ["tub", 50, true],
      ...Array.from({ length: 8 }, () => ["cube", 10, false]),
    ]);
    // Eight cubes are one bag with one label.
    const labelOf = async (kind: string) => {
      const id = made.body.containers.find((one) => one.kind === kind)?.id ?? "";
      return (await wren.call("getLabel", { params: { id } })).body.together;
    };
    expect(await labelOf("cube")).toEqual({ count: 8, grams: 80 });
    expect(await labelOf("jar")).toEqual({ count: 1, grams: 80 });
    const batch = await batchOf(made.body.id);
    expect(batch.taken).toMatchObject([{ grams: 90, fate: "eaten", containerName: "eaten at once" }]);
    // The larder has what is left, and no plate.
    const { containers } = (await wren.call("listLarder", {})).body;
    const left = containers.filter(({ batchId }) => batchId === made.body.id);
    expect(left).toHaveLength(10);
    // Seven of ten portions are left: a cube is a third of one, however many there are.
    expect(left.reduce((sum, { portionsLeft }) => sum + portionsLeft, 0)).toBeCloseTo(7, 6);
  });

  it("needs no container where all of it was eaten", async () => {
    const { made } = await finish({ containers: [], eatenPortions: 12 });
    expect(made.body).toMatchObject({ eatenG: 300, containers: [] });
  });

  it.each([
    [{ containers: [] }, "nowhere-to-go"],
    [{ containers: [], eatenPortions: 6 }, "some-left-over"],
    [{ eatenPortions: 10 }, "more-than-made"],
    [{ eatenPortions: -1 }, "too-small"],
    [
      { containers: [{ kind: "jar" as const, count: 1, place: "fridge" as const, grams: 100 }] },
      "some-left-over",
    ],
  ])("refuses %j with its reason, and draws nothing", async (extra, code) => {
    const { lot, made } = await finish(extra);
    expect([made.status, made.problem.code]).toEqual([422, code]);
    expect(await gramsOf(lot.id)).toBe(lot.grams);
  });
});

describe("a dish as it is made this once", () => {
  const changes = {
    swaps: [{ lineId: "nut-2", ingredient: "sunflower-seed" }],
    joined: [{ id: "joined-1", ingredient: "feta", grams: 40 }],
    leftOut: ["oil-4"],
  };

  it("is planned with its changes: amounts, allergens and salt follow", async () => {
    const scale = { kind: "batches", batches: 2 } as const;
    const asWritten = (await wren.call("planMake", { body: { recipeId: pesto, scale } })).body;
    const plan = (await wren.call("planMake", { body: { recipeId: pesto, scale, changes } })).body;
    expect(asWritten.allergens).toContain("nuts");
    expect(plan.allergens).not.toContain("nuts");
    expect(plan.allergens).toContain("milk");
    const line = (id: string) => plan.lines.find(({ lineId }) => lineId === id);
    expect(line("nut-2")?.change).toBe("swapped");
    expect(line("joined-1")).toMatchObject({ change: "joined", wantedG: 40 });
    expect(line("oil-4")).toBeUndefined();
    expect(plan.left).toMatchObject([{ lineId: "oil-4" }]);
  });

  it("is recorded so, and its label and dates go by what is really in it", async () => {
    const lot = await usableLot(wren, "chard", 400);
    const used = [
      { lineId: "green-1", ingredient: "chard", lotId: lot.id, grams: 150 },
      { lineId: "nut-2", ingredient: "sunflower-seed", lotId: null, grams: 60 },
      { lineId: "joined-1", ingredient: "feta", lotId: null, grams: 40 },
    ];
    const body = pestoOf(lot.id, { used, changes, weighedG: 250 });
    const refused = await wren.call("finishMake", { body: { ...body, changes: undefined } });
    expect(refused.problem.code).toBe("line-unknown");
    const made = await wren.call("finishMake", { body });
    expect(made.status).toBe(201);
    const label = await wren.call("getLabel", { params: { id: made.body.containers[0]?.id ?? "" } });
    expect(label.body.allergens).toContain("milk");
    expect(label.body.allergens).not.toContain("nuts");
    expect(await batchOf(made.body.id)).toMatchObject({ changes: { leftOut: ["oil-4"] } });
    // As it was really made it becomes the next version: with what joined it, without what was left out.
    const kept = await wren.call("defaultFromBatch", {
      params: { id: pesto },
      body: { batchId: made.body.id, basedOn: 1 },
    });
    expect(kept.status).toBe(201);
    const { formula } = (await wren.call("getRecipe", { params: { id: pesto } })).body;
    expect(formula.lines.map(({ id, grams }) => [id, grams])).toEqual([
      ["green-1", 150],
      ["nut-2", 60],
      ["joined-1", 40],
    ]);
    expect(formula.lines[1]?.fillers[0]?.ingredient).toBe("sunflower-seed");
    await wren.call("setDefaultVersion", { params: { id: pesto }, body: { version: 1 } });
  });

  it.each([
    [{ swaps: [{ lineId: "green-1", ingredient: "eggplant" }] }, "never-raw"],
    [{ leftOut: ["no-such-line"] }, "line-unknown"],
    [{ joined: [{ id: "joined-1", ingredient: "no-such-food", grams: 5 }] }, "ingredient-unknown"],
  ])("refuses %j", async (wrong, code) => {
    const scale = { kind: "batches", batches: 1 } as const;
    const plan = await wren.call("planMake", { body: { recipeId: pesto, scale, changes: wrong } });
    expect([plan.status, plan.problem.code, plan.problem.field]).toEqual([422, code, "changes"]);
  });
});

describe("a batch", () => {
  it("remembers its course: made of what, by whom, noted, eaten", async () => {
    const { lot, made } = await finish({ note: "Windy evening.", nextTime: "Less oil." });
    const [jar] = made.body.containers;
    await wren.call("withdraw", { params: { id: jar?.id ?? "" }, body: {} });
    const batch = await batchOf(made.body.id);
    expect(batch).toMatchObject({ by: "Wren", note: "Windy evening.", nextTime: "Less oil.", outputG: 300 });
    expect(batch.madeOf[0]).toMatchObject({ name: "chard", lotId: lot.id, grams: 150 });
    expect(batch.taken).toMatchObject([{ by: "Wren", fate: "eaten" }]);
    expect(batch.mayBeUndone).toBe(false);
    // What was noted stands there when it is made again, and can be changed.
    const params = { id: made.body.id };
    const changed = await wren.call("changeBatchNotes", {
      params,
      body: { nextTime: "Less oil, more nuts." },
    });
    expect(changed.body).toMatchObject({ note: "Windy evening.", nextTime: "Less oil, more nuts." });
    const scale = { kind: "batches", batches: 1 } as const;
    const plan = (await wren.call("planMake", { body: { recipeId: pesto, scale } })).body;
    expect(plan.nextTime[0]).toMatchObject({ batchId: made.body.id, text: "Less oil, more nuts." });
  });

  it("keeps a picture, which another kitchen does not get", async () => {
    const { made } = await finish();
    const params = { id: made.body.id };
    const data = Buffer.from(
      "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mP8z8BQDwAEhQGAhKmMIQAAAABJRU5ErkJggg==",
      "base64",
    );
    const saved = await wren.call("setBatchPhoto", { params, body: { data: data.toString("base64") } });
    expect(saved.status).toBe(201);
    const shown = await wren.raw((await batchOf(made.body.id)).photo ?? "");
    expect(Buffer.from(await shown.arrayBuffer()).equals(data)).toBe(true);
    const bad = await wren.call("setBatchPhoto", { params, body: { data: "bm90IGEgcGljdHVyZQ==" } });
    expect(bad.status).toBe(422);
    const demo = await kitchen.signInDemo();
    expect((await demo.call("getBatch", { params })).status).toBe(404);
    expect((await demo.raw(`/api/batches/${made.body.id}/photo`)).status).toBe(404);
    expect((await demo.raw("/api/batches/nonsense/photo")).status).toBe(404);
  });

  it("stands beside another, by the portion", async () => {
    kitchen.setNow("2026-09-10T09:01:00");
    const { made: one } = await finish();
    // The newest first: made a minute apart, since of one moment none is the newer.
    kitchen.setNow("2026-09-10T09:02:00");
    const { made: two } = await finish({ batches: 2, weighedG: 310 });
    const compared = await wren.call("compareBatches", {
      params: { id: one.body.id },
      query: { with: two.body.id },
    });
    const chard = compared.body.rows.find(({ name }) => name === "chard");
    expect(chard?.grams).toEqual([150, 150]);
    expect(chard?.perPortion[0]).toBeCloseTo((chard?.perPortion[1] ?? 0) * 2, 9);
    const { batches } = (await wren.call("listBatches", { query: { recipe: pesto, limit: 2 } })).body;
    expect(batches.map(({ id }) => id)).toEqual([two.body.id, one.body.id]);
  });
});

describe("undoing a batch", () => {
  const undo = (id: string) => wren.call("undoBatch", { params: { id } });

  it("gives its lots back what they gave and takes its containers and left-overs away, in the ledger", async () => {
    const leftOver = randomUUID();
    const leftOvers = [{ id: leftOver, ingredient: "hazelnut", grams: 40, place: "room" as const }];
    const { lot, made } = await finish({ leftOvers, eatenPortions: 2 });
    expect(await gramsOf(lot.id)).toBe(lot.grams - 150);
    const undone = await undo(made.body.id);
    expect(undone.body).toMatchObject({ returned: 1 });
    expect(await gramsOf(lot.id)).toBe(lot.grams);
    expect(await gramsOf(leftOver)).toBe(0);
    const { containers } = (await wren.call("listLarder", {})).body;
    expect(containers.some(({ batchId }) => batchId === made.body.id)).toBe(false);
    const { entries } = (await wren.call("getLot", { params: { id: lot.id } })).body;
    expect(entries.map(({ kind, reason }) => [kind, reason])).toContainEqual([
      "corrected",
      "undone: Chard and hazelnut pesto",
    ]);
    const batch = await batchOf(made.body.id);
    expect(batch.undoneAt).not.toBeNull();
    expect(batch.taken.reduce((total, one) => total + one.grams, 0)).toBe(300);
    expect([(await undo(made.body.id)).status, (await undo(made.body.id)).problem.code]).toEqual([
      409,
      "already-undone",
    ]);
  });

  it("is refused once something was taken, and when what it gave back is used", async () => {
    const { made } = await finish();
    await wren.call("withdraw", { params: { id: made.body.containers[0]?.id ?? "" }, body: {} });
    expect((await undo(made.body.id)).problem.code).toBe("taken-since");
    const leftOver = randomUUID();
    const leftOvers = [{ id: leftOver, ingredient: "hazelnut", grams: 40, place: "room" as const }];
    const { made: other } = await finish({ leftOvers });
    await wren.call("correctLot", { params: { id: leftOver }, body: { deltaG: -5, reason: "nibbled" } });
    expect((await undo(other.body.id)).problem.code).toBe("used-since");
    expect((await undo(randomUUID())).status).toBe(404);
  });
});

describe("a part that is kept by itself", () => {
  const plate = "leek-and-plum-plate";
  /** The plate as it is written, with its dressing made apart; leeks from a lot, oil from another, the rest from the shelf. */
  async function plateOf(apart: NonNullable<FinishMake["apart"]>, extra: Partial<FinishMake> = {}) {
    const [leek, oil] = [await usableLot(wren, "leek", 900), await usableLot(wren, "rapeseed-oil", 500)];
    const scale = { kind: "batches", batches: 1 } as const;
    const plan = (await wren.call("planMake", { body: { recipeId: plate, scale } })).body;
    const used = plan.lines.flatMap(({ lineId, parts: [part] }) =>
      part ? [{ lineId, ingredient: part.ingredient, lotId: null as string | null, grams: part.grams }] : [],
    );
    const from = { leek: leek.id, "rapeseed-oil": oil.id };
    const drawn = used.map((one) => ({ ...one, lotId: from[one.ingredient as keyof typeof from] ?? null }));
    const body: FinishMake = {
      ...{ id: randomUUID(), recipeId: plate, version: plan.version, batches: 1, used: drawn },
      ...{ weighedG: null, containers: [{ kind: "bowl", count: 1, place: "fridge" }], apart, ...extra },
    };
    return { plan, leek, oil, made: await wren.call("finishMake", { body }) };
  }
  const dressing = (keptG: number) => ({
    ...{ id: randomUUID(), part: "For the dressing", keptG, weighedG: null },
    containers: [{ kind: "jar" as const, count: 1, place: "fridge" as const }],
  });

  it("is a batch of its own, with its share of what went in, its own allergens, date and label", async () => {
    const { plan, oil, made } = await plateOf([dressing(30)]);
    expect(made.status).toBe(201);
    expect(plan.apart.map(({ part, name }) => [part, name])).toEqual([["For the dressing", "dressing"]]);
    const name = "Charred leeks with plums and sheep's cheese – dressing";
    expect(made.body.apart).toMatchObject([{ name, startG: 30, kind: "jar" }]);
    const [jar] = made.body.apart;
    const dish = await batchOf(made.body.id);
    const part = await batchOf(jar?.batchId ?? "");
    expect(dish.apart).toEqual([{ id: part.id, name, outputG: 30 }]);
    expect(part.partOf).toEqual({ id: dish.id, name: dish.name, part: "For the dressing" });
    // Half of the 60 g of dressing: half of each of its lines, and none of the leeks.
    const oilIn = (batch: typeof dish) => batch.madeOf.find(({ lotId }) => lotId === oil.id)?.grams ?? 0;
    expect(oilIn(part)).toBeGreaterThan(0);
    expect(Math.abs(oilIn(part) - oilIn(dish))).toBeLessThan(0.002);
    expect(part.madeOf.some(({ ingredient }) => ingredient === "leek")).toBe(false);
    expect(oil.grams - (await gramsOf(oil.id))).toBeCloseTo(oilIn(part) + oilIn(dish), 6);
    expect(part.allergens).not.toContain("milk");
    expect(dish.allergens).toContain("milk");
    const label = (await wren.call("getLabel", { params: { id: jar?.id ?? "" } })).body;
    expect(label.ingredients).not.toContain("leek");
    expect(label.container.daysLeft).toBeLessThanOrEqual(3);
    const { made: whole } = await plateOf([]);
    expect(Math.abs(whole.body.outputG - 30 - dish.outputG)).toBeLessThanOrEqual(1);
    // It is not another make of the recipe.
    const { batches } = (await wren.call("listBatches", { query: { recipe: plate } })).body;
    expect(batches.map(({ id }) => id)).toContain(dish.id);
    expect(batches.map(({ id }) => id)).not.toContain(part.id);
  });

  it("goes back with its dish, unless something was taken of it", async () => {
    const { leek, oil, made } = await plateOf([dressing(30)]);
    const undone = await wren.call("undoBatch", { params: { id: made.body.id } });
    expect(undone.body.returned).toBe(2);
    expect([await gramsOf(leek.id), await gramsOf(oil.id)]).toEqual([leek.grams, oil.grams]);
    const [jar] = made.body.apart;
    expect((await batchOf(jar?.batchId ?? "")).undoneAt).not.toBeNull();
    // What is to be corrected still knows its part.
    expect((await batchOf(made.body.id)).apart).toHaveLength(1);
    const { made: other } = await plateOf([dressing(30)]);
    await wren.call("withdraw", { params: { id: other.body.apart[0]?.id ?? "" }, body: {} });
    expect((await batchOf(other.body.id)).mayBeUndone).toBe(false);
    const refused = await wren.call("undoBatch", { params: { id: other.body.id } });
    expect(refused.problem.code).toBe("taken-since");
  });

  it("alone goes back alone: the dish stays", async () => {
    const { leek, oil, made } = await plateOf([dressing(30)]);
    const part = made.body.apart[0]?.batchId ?? "";
    await wren.call("undoBatch", { params: { id: part } });
    expect((await batchOf(made.body.id)).undoneAt).toBeNull();
    expect((await batchOf(made.body.id)).apart).toEqual([]);
    expect(await gramsOf(oil.id)).toBeGreaterThan(oil.grams - 60);
    expect(await gramsOf(leek.id)).toBeLessThan(leek.grams);
  });

  it.each([
    [{ ...dressing(30), part: "For the soup" }, "part-unknown", "apart.0"],
    [dressing(90), "more-than-part", "apart.0"],
    [{ ...dressing(30), weighedG: 5000 }, "part-over-inputs", "apart.0"],
    [
      { ...dressing(30), containers: [{ kind: "cube" as const, count: 2, place: "freezer" as const }] },
      "not-kept-there",
      "apart.0.containers.0.place",
    ],
    [
      {
        ...dressing(30),
        containers: [{ kind: "jar" as const, count: 1, place: "fridge" as const, grams: 5 }],
      },
      "some-left-over",
      "apart.0.containers",
    ],
  ])("is refused with its reason, and nothing is drawn: %j", async (kept, code, field) => {
    const { leek, oil, made } = await plateOf([kept]);
    expect([made.status, made.problem.code, made.problem.field]).toEqual([422, code, field]);
    expect([await gramsOf(leek.id), await gramsOf(oil.id)]).toEqual([leek.grams, oil.grams]);
  });
});
