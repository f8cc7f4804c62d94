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

type TrimBody = Parameters<typeof record>[0];
const record = (body: {
  lotId: string;
  rawG: number;
  usableG: number | null;
  method?: string;
  parts?: { part: string; grams: number; fate: "keep" | "compost" }[];
  confirmed?: boolean;
}) => wren.call("recordTrim", { body: { id: randomUUID(), method: "strip-leaves", ...body } });

const chard = async (grams = 1000, grade: "prime" | "seconds" = "prime"): Promise<string> =>
  (await wren.call("logLot", { body: aLot("chard", String(grams), { grade }) })).body.id;
const optionsOf = async (id: string) => (await wren.call("trimOptions", { params: { id } })).body;
const usualOf = async (id: string) => {
  const [usual] = (await optionsOf(id)).methods;
  if (!usual) throw new Error("no method");
  return usual;
};

describe("what a trim should give", () => {
  it("starts from the handbook with its range, by-products and price", async () => {
    const id = (await wren.call("logLot", { body: aLot("chard", "1240", { priceMinor: 310 }) })).body.id;
    const usual = await usualOf(id);
    expect(usual).toMatchObject({
      method: "strip-leaves",
      handbook: { mean: 0.6, low: 0.5, high: 0.7 },
      ownWeighings: 0,
    });
    expect(usual.usable.value).toBeCloseTo(744, 6);
    expect(usual.parts.map((p) => p.part)).toEqual(["stems", "ends"]);
    expect(usual.costPer100gMinor?.value).toBeCloseTo((310 / 744) * 100, 6);
    expect(usual.workings).toMatch(/1240 g × 0\.60/);
  });

  it("works backwards: to get 250 g, pick …", async () => {
    const plan = await wren.call("planPurchase", { query: { ingredient: "kale", usableG: 250 } });
    expect(plan.body.raw.value).toBeCloseTo(250 / 0.61, 6);
    expect(plan.body.safeG).toBeGreaterThan(plan.body.raw.value);
    const unknown = await wren.call("planPurchase", {
      query: { ingredient: "kale", usableG: 250, method: "juggle" },
    });
    expect(unknown.problem.code).toBe("method-unknown");
    expect((await wren.call("planPurchase", { query: { ingredient: "kale", usableG: 0 } })).status).toBe(422);
  });
});

describe("recording a trim", () => {
  it("closes to the gram: usable, kept parts, compost and loss", async () => {
    const id = await chard(1240);
    const done = await record({
      lotId: id,
      rawG: 1240,
      usableG: 790,
      parts: [
        { part: "stems", grams: 350, fate: "keep" },
        { part: "ends", grams: 60, fate: "compost" },
      ],
    });
    expect(done.status).toBe(201);
    expect(done.body).toMatchObject({ lossG: 40, learned: true, usableLot: { grams: 790, state: "usable" } });
    expect(done.body.partLots).toMatchObject([
      { grams: 350, state: "by-product", note: "stems: saute, gratin or pickle" },
    ]);
    const [row] = await kitchen.owner.query<{ closes: boolean }[]>(
      "select raw_g = usable_g + parts_g + loss_g as closes from trim where id = $1",
      [done.body.id],
    );
    expect(row?.closes).toBe(true);
    expect((await wren.call("getLot", { params: { id } })).body.grams).toBe(0);
  });

  it("takes part of a lot, in tenths of a gram, and leaves the rest", async () => {
    const id = await chard(1000);
    await record({ lotId: id, rawG: 333.3, usableG: 200.1 });
    expect((await wren.call("getLot", { params: { id } })).body.grams).toBe(666.7);
  });

  it("never makes old leaves keep longer: they keep what they had, at least today", async () => {
    const old = async (since: string) =>
      (await wren.call("logLot", { body: aLot("chard", "500", { since }) })).body;
    const aged = await old("2026-09-06");
    const trimmed = (await record({ lotId: aged.id, rawG: 500, usableG: 300 })).body.usableLot;
    expect(trimmed.freshness.spoilsOn).toBe(aged.freshness.spoilsOn);
    const past = await old("2026-08-20");
    const rescued = (await record({ lotId: past.id, rawG: 500, usableG: 300 })).body.usableLot;
    expect(rescued.freshness).toMatchObject({ spoilsOn: "2026-09-10", daysLeft: 0 });
  });

  it("carries its share of the price into the usable lot", async () => {
    const lot = (await wren.call("logLot", { body: aLot("plum", "1000", { priceMinor: 240 }) })).body;
    const done = await record({ lotId: lot.id, rawG: 500, usableG: 465, method: "pit" });
    expect(done.body.usableLot.priceMinor).toBe(120);
  });

  it("lets the yield estimate it, keeping what has a use, and learns nothing from that", async () => {
    const id = await chard(1000);
    const done = await record({ lotId: id, rawG: 1000, usableG: null });
    expect(done.body.learned).toBe(false);
    expect(done.body.partLots.map((l) => l.note.split(":")[0])).toEqual(["stems"]);
  });

  it.each<[string, Partial<TrimBody>, number, string, string]>([
    ["more usable than raw", { usableG: 1001 }, 422, "usable-over-raw", "usableG"],
    ["more raw than on hand", { rawG: 1500, usableG: 900 }, 422, "more-than-on-hand", "rawG"],
    [
      "by-products heavier than what is left",
      { usableG: 600, parts: [{ part: "stems", grams: 500, fate: "keep" }] },
      422,
      "parts-over-rest",
      "parts",
    ],
    ["nothing usable", { usableG: 0 }, 422, "too-small", "usableG"],
    ["less than nothing", { usableG: -5 }, 422, "too-small", "usableG"],
    ["not a number", { usableG: Number.NaN, rawG: Number.NaN }, 422, "wrong-type", "rawG"],
    ["an unknown method", { method: "juggle", usableG: 600 }, 422, "method-unknown", "method"],
  ])("refuses %s and loses nothing", async (_name, wrong, status, code, field) => {
    const id = await chard(1000);
    const refused = await record({ lotId: id, rawG: 1000, usableG: 600, ...wrong });
    expect([refused.status, refused.problem.code, refused.problem.field]).toEqual([status, code, field]);
    expect((await wren.call("getLot", { params: { id } })).body.grams).toBe(1000);
  });

  it("asks before an unlikely weighing counts, and takes it once it is confirmed", async () => {
    const id = await chard(1000);
    const asked = await record({ lotId: id, rawG: 1000, usableG: 100 });
    expect([asked.status, asked.problem.code]).toEqual([409, "weighing-unlikely"]);
    expect(asked.problem.measurements).toMatchObject({ fraction: 0.1 });
    expect((await wren.call("getLot", { params: { id } })).body.grams).toBe(1000);
    const confirmed = await record({ lotId: id, rawG: 1000, usableG: 100, confirmed: true });
    expect(confirmed.status).toBe(201);
  });

  it("does not trim what is trimmed, nor twice at once from two browsers", async () => {
    const id = await chard(500);
    const both = await Promise.all([
      record({ lotId: id, rawG: 500, usableG: 300 }),
      record({ lotId: id, rawG: 500, usableG: 300 }),
    ]);
    expect(both.map((b) => b.status).sort()).toEqual([201, 422]);
    const usable = both.find((b) => b.status === 201)?.body.usableLot.id ?? "";
    expect((await record({ lotId: usable, rawG: 10, usableG: 5 })).problem.code).toBe("lot-already-trimmed");
    expect((await wren.call("trimOptions", { params: { id } })).problem.code).toBe("lot-empty");
  });
});

describe("learning", () => {
  it("moves the next estimate towards this kitchen and narrows it", async () => {
    const kale = async () => (await wren.call("logLot", { body: aLot("kale", "1000") })).body.id;
    const before = await usualOf(await kale());
    for (const usableG of [680, 690, 685, 675]) await record({ lotId: await kale(), rawG: 1000, usableG });
    const after = await usualOf(await kale());
    expect(after.ownWeighings).toBe(4);
    expect(after.next.value).toBeGreaterThan(0.67);
    expect(after.next.high - after.next.low).toBeLessThan((before.next.high - before.next.low) / 2);
    expect(after.handbook).toEqual(before.handbook);
    expect(after.weighings.map((w) => w.fraction)).toEqual([0.68, 0.69, 0.685, 0.675]);
  });

  it("keeps a lot too light to learn from out of the estimate", async () => {
    const light = (await wren.call("logLot", { body: aLot("sorrel", "15") })).body.id;
    const done = await record({ lotId: light, rawG: 15, usableG: 11 });
    expect(done.body.learned).toBe(false);
    const next = (await wren.call("logLot", { body: aLot("sorrel", "200") })).body.id;
    expect((await usualOf(next)).ownWeighings).toBe(0);
  });

  it("lets seconds start from prime's weighings", async () => {
    const seconds = (await wren.call("logLot", { body: aLot("kale", "1000", { grade: "seconds" }) })).body.id;
    const usual = await usualOf(seconds);
    expect(usual.ownWeighings).toBe(0);
    expect(usual.next.value).toBeGreaterThan(0.67);
  });
});
