import { randomUUID } from "node:crypto";
import { afterAll, beforeAll, describe, expect, it } from "@jest/globals";
import type { RequestOf } from "@apron/contract";
import { aLot, openTestKitchen, type Browser, type TestKitchen } from "./test-kitchen.ts";

let kitchen: TestKitchen;
let wren: Browser;
beforeAll(async () => {
  kitchen = await openTestKitchen();
  wren = await kitchen.setUp();
});
afterAll(() => kitchen.close());

const log = async (ingredient: string, amount: string, extra = {}) =>
  (await wren.call("logLot", { body: aLot(ingredient, amount, extra) })).body;
const lotOf = async (id: string) => (await wren.call("getLot", { params: { id } })).body;
const options = async (id: string) => (await wren.call("trimOptions", { params: { id } })).body;

type TrimBody = RequestOf<"recordTrim">["body"];
const trim = (lotId: string, body: Partial<TrimBody> & Pick<TrimBody, "method" | "rawG">) =>
  wren.call("recordTrim", { body: { id: randomUUID(), lotId, usableG: null, ...body } });

describe("several vessels", () => {
  it("are netted and added", async () => {
    const lot = await log("chard", "1000");
    const vessels = [
      { grossG: 712, tareG: 300 },
      { grossG: 420, tareG: 212 },
    ];
    const done = await trim(lot.id, { method: "strip-leaves", rawG: 1000, vessels });
    expect([done.status, done.body.usableLot.grams, done.body.fraction]).toEqual([201, 620, 0.62]);
  });

  it("heavier empty than full are refused, and nothing moves", async () => {
    const lot = await log("chard", "1000");
    const done = await trim(lot.id, {
      method: "strip-leaves",
      rawG: 1000,
      vessels: [{ grossG: 300, tareG: 712 }],
    });
    expect([done.status, done.problem.code, done.problem.field]).toEqual([422, "tare-over-gross", "usableG"]);
    expect((await lotOf(lot.id)).grams).toBe(1000);
  });
});

describe("what comes off", () => {
  it("has a use, and is an ingredient of its own where it is one", async () => {
    const lot = await log("beet", "2000");
    const parts = [
      { part: "tops", grams: 500, fate: "keep" as const },
      { part: "peel", grams: 200, fate: "keep" as const },
      { part: "damaged", grams: 100, fate: "compost" as const },
    ];
    const done = (
      await trim(lot.id, {
        method: "strip-leaves-and-peel",
        rawG: 2000,
        usableG: 1150,
        parts,
        confirmed: true,
      })
    ).body;
    expect(done.partLots.map((p) => [p.ingredient, p.state, p.grams])).toEqual([
      ["beet-greens", "raw", 500],
      ["beet", "by-product", 200],
    ]);
    expect(done.partLots[0]?.note).toContain("tops:");
    expect(done.lossG).toBe(50);
    expect(1150 + 500 + 200 + 100 + done.lossG).toBe(2000);
  });

  it("together with the usable may not outweigh the raw", async () => {
    const lot = await log("beet", "1000");
    const parts = [{ part: "peel", grams: 500, fate: "compost" as const }];
    const done = await trim(lot.id, { method: "peel", rawG: 1000, usableG: 700, parts });
    expect([done.status, done.problem.code, done.problem.field]).toEqual([422, "parts-over-rest", "parts"]);
  });
});

describe("juices", () => {
  it("kept and drained are learned apart, each with its own estimate", async () => {
    for (const usableG of [520, 540, 500]) {
      const lot = await log("eggplant", "1000");
      await trim(lot.id, {
        method: "roast-whole-then-scoop",
        rawG: 1000,
        usableG,
        juices: "drained",
        confirmed: true,
      });
    }
    const lot = await log("eggplant", "1000");
    const ways = (await options(lot.id)).methods.filter((m) => m.method === "roast-whole-then-scoop");
    expect(ways.map((m) => [m.juices, m.ownWeighings, m.fallback])).toEqual([
      ["kept", 0, "handbook"],
      ["drained", 3, "own"],
    ]);
    expect((ways[1]?.next.high ?? 0) - (ways[1]?.next.low ?? 0)).toBeLessThan(
      (ways[0]?.next.high ?? 0) - (ways[0]?.next.low ?? 0),
    );
  });
});

describe("withdrawing a weighing", () => {
  it("takes it out of what is learned and puts the grams back, keeping it on record", async () => {
    const lot = await log("kohlrabi", "800");
    const done = (await trim(lot.id, { method: "peel", rawG: 800, usableG: 560 })).body;
    const before = (await log("kohlrabi", "500")).id;
    expect((await options(before)).methods.find((m) => m.method === "peel")?.ownWeighings).toBe(1);
    const withdrawn = await wren.call("withdrawTrim", {
      params: { id: done.id },
      body: { reason: "wrong bowl" },
    });
    expect(withdrawn.body).toMatchObject({ gramsBack: true, lot: { grams: 800 } });
    expect((await options(before)).methods.find((m) => m.method === "peel")?.ownWeighings).toBe(0);
    expect((await lotOf(done.usableLot.id)).grams).toBe(0);
    const record = await lotOf(lot.id);
    expect(record.trims).toMatchObject([{ trimId: done.id, withdrawn: true, fraction: 0.7 }]);
    expect(record.entries.map((e) => e.kind)).toEqual(["received", "trimmed", "corrected"]);
    expect(
      (await wren.call("withdrawTrim", { params: { id: done.id }, body: { reason: "again" } })).problem.code,
    ).toBe("already-undone");
  });

  it("leaves the grams where they are once some were used, and still stops counting", async () => {
    const lot = await log("kohlrabi", "800");
    const done = (await trim(lot.id, { method: "peel", rawG: 800, usableG: 560 })).body;
    await wren.call("removeFromLot", {
      params: { id: done.usableLot.id },
      body: { grams: 20, fate: "used" },
    });
    const withdrawn = await wren.call("withdrawTrim", {
      params: { id: done.id },
      body: { reason: "wrong bowl" },
    });
    expect(withdrawn.body).toMatchObject({ gramsBack: false, lot: { grams: 0 } });
    expect((await lotOf(done.usableLot.id)).grams).toBe(540);
    await expect(kitchen.owner.query("delete from trim_withdrawal")).rejects.toThrow(/append-only/);
  });

  it("needs a reason and a trim", async () => {
    expect(
      (await wren.call("withdrawTrim", { params: { id: randomUUID() }, body: { reason: "x" } })).status,
    ).toBe(404);
    expect(
      (await wren.call("withdrawTrim", { params: { id: randomUUID() }, body: { reason: " " } })).status,
    ).toBe(422);
  });
});

describe("two browsers on one lot", () => {
  it("trim it once between them", async () => {
    const lot = await log("leek", "900");
    const both = await Promise.all(
      [1, 2].map(() => trim(lot.id, { method: "top-and-tail", rawG: 900, usableG: 430, confirmed: true })),
    );
    expect(both.map((b) => b.status).sort()).toEqual([201, 422]);
    expect(both.find((b) => b.status === 422)?.problem).toMatchObject({
      code: "more-than-on-hand",
      measurements: { onHandG: 0 },
    });
    expect((await lotOf(lot.id)).grams).toBe(0);
  });
});

describe("the planner both ways", () => {
  it("from usable to what to pick, safe amount and whole bunches said", async () => {
    const plan = (await wren.call("planPurchase", { query: { ingredient: "chard", usableG: 250 } })).body;
    expect(plan.raw.value).toBeGreaterThan(350);
    expect(plan.safeG).toBeGreaterThanOrEqual(plan.raw.high - 5);
    expect(plan.whole).toMatchObject({ measure: "bunch", eachG: { value: 350, low: 250, high: 450 } });
    expect((plan.whole?.safe ?? 0) >= (plan.whole?.likely ?? 9)).toBe(true);
  });

  it("and from a raw amount to what it leaves", async () => {
    const plan = (await wren.call("planPurchase", { query: { ingredient: "chard", rawG: 1000 } })).body;
    expect(plan.usable.low).toBeLessThan(plan.usable.value);
    expect(plan.usable.value / 1000).toBeCloseTo(
      250 /
        (await wren.call("planPurchase", { query: { ingredient: "chard", usableG: 250 } })).body.raw.value,
      6,
    );
    expect((await wren.call("planPurchase", { query: { ingredient: "chard" } })).problem.code).toBe(
      "missing",
    );
  });

  it("sets ways to buy side by side by the usable gram", async () => {
    const compared = await wren.call("compareBuys", {
      body: {
        ingredient: "parsley",
        usableG: 200,
        candidates: [
          { label: "market bunch", unit: "1 bunch", priceMinor: 120 },
          { label: "shop pack", unit: "30 g", priceMinor: 90 },
          { label: "stall, seconds", unit: "1 kg", priceMinor: 800, grade: "seconds" },
        ],
      },
    });
    expect(compared.body.buys.map((b) => b.label)).toEqual(["stall, seconds", "market bunch", "shop pack"]);
    expect(Number.isInteger(compared.body.buys[1]?.safeUnits)).toBe(true);
    const wrong = await wren.call("compareBuys", {
      body: {
        ingredient: "parsley",
        usableG: 200,
        candidates: [{ label: "a", unit: "1 lorry", priceMinor: 1 }],
      },
    });
    expect([wrong.status, wrong.problem.field]).toEqual([422, "candidates.0.unit"]);
  });
});
