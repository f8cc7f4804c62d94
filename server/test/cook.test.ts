import { randomUUID } from "node:crypto";
import { afterAll, beforeAll, describe, expect, it } from "@jest/globals";
import type { RequestOf } from "@apron/contract";
import {
  aLot,
  bringRecipes,
  openTestKitchen,
  usableLot,
  type Browser,
  type TestKitchen,
} from "./test-kitchen.ts";

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
type Used = FinishMake["used"];

/** A finished pesto of one batch, as a cook would confirm it. */
const pestoOf = (lotId: string, grams: number, extra: Partial<FinishMake> = {}): FinishMake => ({
  id: randomUUID(),
  recipeId: pesto,
  version: 1,
  batches: 1,
  used: [
    { lineId: "green-1", ingredient: "chard", lotId, grams },
    { lineId: "nut-2", ingredient: "hazelnut", lotId: null, grams: 60 },
    { lineId: "oil-4", ingredient: "rapeseed-oil", lotId: null, grams: 100 },
  ],
  weighedG: null,
  containers: [{ kind: "jar", count: 3, place: "fridge" }],
  leftOvers: [],
  ...extra,
});
const finish = (body: FinishMake, key?: string) => wren.call("finishMake", { body }, key);
const gramsOf = async (id: string): Promise<number> =>
  (await wren.call("getLot", { params: { id } })).body.grams;

describe("planning", () => {
  it("scales to all of a lot, and says how", async () => {
    const lot = await usableLot(wren, "chard", 700);
    const plan = (
      await wren.call("planMake", { body: { recipeId: pesto, scale: { kind: "all-of-lot", lotId: lot.id } } })
    ).body;
    expect(plan.batches).toBeCloseTo(lot.grams / 150, 9);
    expect(plan.workings).toMatch(/÷ 150 g a batch/);
    const green = plan.lines.find((l) => l.lineId === "green-1")?.parts.find((p) => p.lotId === lot.id);
    expect(green?.grams).toBeCloseTo(lot.grams, 3);
    await wren.call("goneOff", { params: { id: lot.id }, body: {} });
  });

  it("gives grams and kitchen measures with their rounding error", async () => {
    const plan = (
      await wren.call("planMake", { body: { recipeId: pesto, scale: { kind: "servings", servings: 10 } } })
    ).body;
    const oil = plan.lines.find((l) => l.lineId === "oil-4")?.parts[0];
    expect(oil?.scale).toEqual({ text: "100 g", grams: 100, error: 0 });
    expect(oil?.spoon?.text).toMatch(/tbsp|cup/);
    expect(Math.abs(oil?.spoon?.error ?? 1)).toBeLessThanOrEqual(0.12);
  });

  it("dates it: three days in the fridge for a pesto of raw leaves, 180 in the freezer, and what thawing leaves", async () => {
    const plan = (
      await wren.call("planMake", { body: { recipeId: pesto, scale: { kind: "batches", batches: 1 } } })
    ).body;
    expect(plan.useBy.fridge).toMatchObject({ on: "2026-09-13", limit: "safety", practice: null });
    expect(plan.useBy.freezer).toMatchObject({ on: "2027-03-09", limit: "quality", thawDays: 3 });
    expect(plan.cautions.map((c) => c.trigger)).toEqual(
      expect.arrayContaining(["garlic-in-oil", "nut-allergy", "oxalate"]),
    );
  });

  it.each([
    [{ recipeId: "no-such-dish", scale: { kind: "batches", batches: 1 } }, 404, "recipe-unknown"],
    [{ recipeId: pesto, scale: { kind: "batches", batches: 0 } }, 422, "too-small"],
    [{ recipeId: pesto, scale: { kind: "batches", batches: 900 } }, 422, "too-large"],
    [{ recipeId: pesto, scale: { kind: "servings", servings: -4 } }, 422, "too-small"],
    [{ recipeId: pesto, scale: { kind: "all-of-lot", lotId: randomUUID() } }, 404, "lot-unknown"],
    [{ recipeId: pesto, scale: { kind: "by-the-moon" } }, 422, "not-a-choice"],
  ] as const)("refuses %j", async (body, status, code) => {
    const refused = await wren.call("planMake", { body: body as never });
    expect([refused.status, refused.problem.code]).toEqual([status, code]);
  });
});

describe("making", () => {
  it("draws the lot down, fills the jars and dates them, in one go", async () => {
    const lot = await usableLot(wren, "chard", 500);
    const made = await finish(pestoOf(lot.id, 150));
    expect(made.status).toBe(201);
    expect(made.body.outputG).toBe(310);
    expect(made.body.containers).toHaveLength(3);
    expect(made.body.containers[0]).toMatchObject({ useBy: "2026-09-13", limit: "safety", place: "fridge" });
    expect(made.body.containers.reduce((g, c) => g + c.startG, 0)).toBeCloseTo(310, 1);
    expect(await gramsOf(lot.id)).toBe(lot.grams - 150);
    const entries = (await wren.call("getLot", { params: { id: lot.id } })).body.entries;
    expect(entries.at(-1)).toMatchObject({ kind: "used", effectG: -150, reason: "Chard and hazelnut pesto" });
  });

  it("lets leaves cut earlier date the whole batch, but not in the freezer", async () => {
    const lot = await usableLot(wren, "chard", 500);
    kitchen.setNow("2026-09-12T09:00:00");
    const chilled = (await finish(pestoOf(lot.id, 100))).body;
    expect(chilled.containers[0]).toMatchObject({ madeOn: "2026-09-12", useBy: "2026-09-13" });
    const frozen = (
      await finish(pestoOf(lot.id, 100, { containers: [{ kind: "cube", count: 16, place: "freezer" }] }))
    ).body;
    expect(frozen.containers[0]).toMatchObject({ useBy: "2027-03-11", thawDays: 1 });
    kitchen.setNow("2026-09-10T09:00:00");
  });

  it("takes the weight off the scale when it was weighed", async () => {
    const lot = await usableLot(wren, "chard", 500);
    expect((await finish(pestoOf(lot.id, 150, { weighedG: 296 }))).body.outputG).toBe(296);
    const absurd = await finish(pestoOf(lot.id, 50, { weighedG: 2960 }));
    expect([absurd.problem.code, absurd.problem.field]).toEqual(["output-over-inputs", "weighedG"]);
  });

  it("puts what was opened and not used up back as a dated lot", async () => {
    const lot = await usableLot(wren, "chard", 500);
    const leftOvers = [{ id: randomUUID(), ingredient: "parmesan", grams: 110, place: "fridge" as const }];
    const made = (await finish(pestoOf(lot.id, 50, { leftOvers }))).body;
    expect(made.leftOvers).toMatchObject([
      { state: "opened", grams: 110, freshness: { spoilsOn: "2026-10-01" } },
    ]);
  });

  it.each<[string, (lotId: string) => Partial<FinishMake>, string, string | undefined]>([
    ["more than on hand", (id) => ({ used: use(id, { grams: 900 }) }), "more-than-on-hand", "used.0.grams"],
    [
      "two lines together more than on hand",
      (id) => ({ used: [...use(id, { grams: 200 }), ...use(id, { grams: 200 })] }),
      "more-than-on-hand",
      "used.0.grams",
    ],
    ["nothing of a line", (id) => ({ used: use(id, { grams: 0 }) }), "too-small", "used.0.grams"],
    ["less than nothing", (id) => ({ used: use(id, { grams: -1 }) }), "too-small", "used.0.grams"],
    [
      "a line that is not there",
      (id) => ({ used: use(id, { lineId: "ghost" }) }),
      "line-unknown",
      "used.0.grams",
    ],
    [
      "an ingredient the line does not take",
      () => ({ used: use(null, { ingredient: "plum" }) }),
      "not-in-this-line",
      "used.0.grams",
    ],
    [
      "an unknown ingredient",
      () => ({ used: use(null, { ingredient: "moonflower" }) }),
      "ingredient-unknown",
      "used",
    ],
    ["another lot's id", () => ({ used: use(randomUUID()) }), "lot-unknown", "used.0.grams"],
    [
      "jars too few",
      () => ({ containers: [{ kind: "jar", count: 1, place: "fridge" }] }),
      "containers-too-small",
      "containers",
    ],
    [
      "pesto on the shelf",
      () => ({ containers: [{ kind: "jar", count: 3, place: "room" }] }),
      "not-kept-there",
      "containers.0.place",
    ],
    ["no container", () => ({ containers: [] }), "nowhere-to-go", "containers"],
    ["a version that never was", () => ({ version: 7 }), "recipe-unknown", "recipeId"],
  ])("refuses %s, and nothing changes", async (_name, wrong, code, field) => {
    const lot = await usableLot(wren, "chard", 500);
    const refused = await finish(pestoOf(lot.id, 150, wrong(lot.id)));
    expect([refused.problem.code, refused.problem.field]).toEqual([code, field]);
    expect(refused.status).toBeLessThan(500);
    expect(await gramsOf(lot.id)).toBe(lot.grams);
  });

  const use = (lotId: string | null, extra: Partial<Used[number]> = {}): Used => [
    { lineId: "green-1", ingredient: "chard", lotId, grams: 100, ...extra },
  ];

  it("refuses what is still raw and what is past its last safe day", async () => {
    const raw = (await wren.call("logLot", { body: aLot("chard", "500") })).body;
    expect((await finish(pestoOf(raw.id, 100))).problem.code).toBe("lot-needs-trimming");
    const old = await usableLot(wren, "chard", 500);
    kitchen.setNow("2026-09-20T09:00:00");
    expect((await finish(pestoOf(old.id, 100))).problem.code).toBe("lot-past-safety");
    kitchen.setNow("2026-09-10T09:00:00");
  });

  it("makes one batch of a double submit", async () => {
    const lot = await usableLot(wren, "chard", 500);
    const key = randomUUID();
    const body = pestoOf(lot.id, 100);
    const answers = await Promise.all([finish(body, key), finish(body, key), finish(body, key)]);
    expect(answers.map((a) => a.status)).toEqual([201, 201, 201]);
    expect(await gramsOf(lot.id)).toBe(lot.grams - 100);
    const again = await finish(body);
    expect([again.status, again.problem.code]).toEqual([409, "already-there"]);
  });

  it("never spends the same leaves twice at two tablets", async () => {
    const lot = await usableLot(wren, "chard", 500);
    const each = Math.floor(lot.grams / 3) + 1;
    const both = await Promise.all(Array.from({ length: 6 }, () => finish(pestoOf(lot.id, each))));
    expect(both.filter((b) => b.status === 201)).toHaveLength(2);
    expect(both.filter((b) => b.problem.code === "more-than-on-hand")).toHaveLength(4);
    expect(await gramsOf(lot.id)).toBe(lot.grams - 2 * each);
  });
});
