import { randomUUID } from "node:crypto";
import { afterAll, beforeAll, describe, expect, it } from "@jest/globals";
import { onHand } from "@apron/core/basket";
import { aLot, openTestKitchen, usableLot, type Browser, type TestKitchen } from "./test-kitchen.ts";

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
const entriesOf = async (id: string) => (await lotOf(id)).entries.map((e) => [e.kind, e.effectG]);

describe("taking from a lot", () => {
  it("uses, gives away, composts and throws out, each under its own name", async () => {
    const lot = await log("chard", "1000");
    for (const [fate, grams] of [
      ["used", 100],
      ["given", 200],
      ["composted", 50],
    ] as const)
      expect(
        (await wren.call("removeFromLot", { params: { id: lot.id }, body: { grams, fate } })).status,
      ).toBe(201);
    const rest = await wren.call("removeFromLot", { params: { id: lot.id }, body: { fate: "spoiled" } });
    expect(rest.body).toMatchObject({ changedG: -650, lot: { grams: 0 } });
    expect(await entriesOf(lot.id)).toEqual([
      ["received", 1000],
      ["used", -100],
      ["given", -200],
      ["composted", -50],
      ["spoiled", -650],
    ]);
  });

  it("refuses more than is on hand, from nothing, and from nowhere", async () => {
    const lot = await log("kale", "300");
    const over = await wren.call("removeFromLot", {
      params: { id: lot.id },
      body: { grams: 301, fate: "given" },
    });
    expect([over.status, over.problem.code, over.problem.field]).toEqual([422, "more-than-on-hand", "grams"]);
    await wren.call("removeFromLot", { params: { id: lot.id }, body: { fate: "given" } });
    expect(
      (await wren.call("removeFromLot", { params: { id: lot.id }, body: { fate: "given" } })).problem.code,
    ).toBe("lot-empty");
    expect(
      (await wren.call("removeFromLot", { params: { id: randomUUID() }, body: { fate: "given" } })).status,
    ).toBe(404);
    expect(
      (await wren.call("removeFromLot", { params: { id: lot.id }, body: { grams: -5, fate: "given" } }))
        .status,
    ).toBe(422);
  });

  it("goes back once, by a correction that names what it undoes", async () => {
    const lot = await log("leek", "600");
    await wren.call("removeFromLot", {
      params: { id: lot.id },
      body: { grams: 250, fate: "given", reason: "next plot" },
    });
    const given = (await lotOf(lot.id)).entries.at(-1);
    expect(given).toMatchObject({ kind: "given", canUndo: true, reason: "next plot" });
    const back = await wren.call("undoEntry", { params: { id: given?.id ?? "" } });
    expect(back.body).toMatchObject({ changedG: 250, lot: { grams: 600 } });
    expect((await wren.call("undoEntry", { params: { id: given?.id ?? "" } })).problem.code).toBe(
      "already-undone",
    );
    expect((await lotOf(lot.id)).entries.map((e) => e.canUndo)).toEqual([false, false, false]);
    const received = (await lotOf(lot.id)).entries[0];
    expect((await wren.call("undoEntry", { params: { id: received?.id ?? "" } })).problem.code).toBe(
      "no-way-back",
    );
    expect((await wren.call("undoEntry", { params: { id: randomUUID() } })).status).toBe(404);
  });
});

describe("parting a lot", () => {
  it("splits by size and state in one step, each part with the method that suits it", async () => {
    const lot = await log("zucchini", "3400", { priceMinor: 680 });
    const split = await wren.call("splitLot", {
      params: { id: lot.id },
      body: {
        parts: [
          { condition: "small", grams: 900 },
          { condition: "large", grams: 2000 },
          { condition: "damaged", grams: 300 },
        ],
      },
    });
    expect(split.status).toBe(201);
    expect(split.body.lot.grams).toBe(200);
    expect(split.body.parts.map((p) => [p.condition, p.grams, p.grade, p.priceMinor])).toEqual([
      ["small", 900, "prime", 180],
      ["large", 2000, "prime", 400],
      ["damaged", 300, "seconds", 60],
    ]);
    const small = (await wren.call("trimOptions", { params: { id: split.body.parts[0]?.id ?? "" } })).body;
    expect(small.methods[0]).toMatchObject({ method: "shave-with-peeler", suits: true });
    expect(small.methods.filter((m) => m.suits)).toHaveLength(1);
  });

  it("goes back whole while the parts are untouched, and not after", async () => {
    const lot = await log("zucchini", "1000");
    const split = async () =>
      (
        await wren.call("splitLot", {
          params: { id: lot.id },
          body: { parts: [{ condition: "small", grams: 400 }] },
        })
      ).body;
    const first = await split();
    const entry = async () =>
      (await lotOf(lot.id)).entries.filter((e) => e.kind === "split-off").at(-1)?.id ?? "";
    expect((await wren.call("undoEntry", { params: { id: await entry() } })).body.lot.grams).toBe(1000);
    const emptied = await lotOf(first.parts[0]?.id ?? "");
    expect(emptied.grams).toBe(0);
    expect(emptied.entries.map((e) => e.canUndo)).toEqual([false, false]);
    const second = await split();
    await wren.call("removeFromLot", {
      params: { id: second.parts[0]?.id ?? "" },
      body: { grams: 10, fate: "used" },
    });
    expect((await wren.call("undoEntry", { params: { id: await entry() } })).problem.code).toBe("used-since");
  });

  it.each([
    [[{ condition: "small", grams: 5000 }], "parts-over-lot"],
    [[{ condition: "small", grams: 0 }], "part-not-positive"],
    [[{ condition: "small", grams: -4 }], "part-not-positive"],
    [
      [
        { condition: "small", grams: 4 },
        { condition: "small", grams: 4 },
      ],
      "part-twice",
    ],
    [[], "too-small"],
    [[{ condition: "purple", grams: 4 }], "not-a-choice"],
  ])("refuses %j with %s and leaves the lot as it was", async (parts, code) => {
    const lot = await log("zucchini", "1000");
    const refused = await wren.call("splitLot", { params: { id: lot.id }, body: { parts: parts as never } });
    expect([refused.status, refused.problem.code]).toEqual([422, code]);
    expect((await lotOf(lot.id)).grams).toBe(1000);
  });

  it("freezes some of it whole, with the clock stopped where it stood", async () => {
    const lot = await log("plum", "1500", { since: "2026-09-08" });
    const frozen = (await wren.call("freezeLot", { params: { id: lot.id }, body: { grams: 600 } })).body;
    expect(frozen.lot.grams).toBe(900);
    expect(frozen.parts[0]).toMatchObject({ place: "freezer", grams: 600, state: "raw" });
    expect((frozen.parts[0]?.freshness.daysLeft ?? 0) > 90).toBe(true);
    expect(
      (await wren.call("freezeLot", { params: { id: frozen.parts[0]?.id ?? "" }, body: {} })).problem.code,
    ).toBe("already-frozen");
    const out = (
      await wren.call("moveLot", { params: { id: frozen.parts[0]?.id ?? "" }, body: { place: "fridge" } })
    ).body;
    expect(out.freshness.daysLeft).toBeLessThanOrEqual(2);
  });

  it("gives a cut remainder a clock of its own, no longer than the whole had", async () => {
    const lot = await log("cabbage-red", "1 head");
    const cut = (await wren.call("openPortion", { params: { id: lot.id }, body: { grams: 700 } })).body;
    const part = cut.parts[0];
    expect(part).toMatchObject({ state: "opened", grams: 700 });
    expect((part?.freshness.spoilsOn ?? "") < cut.lot.freshness.spoilsOn).toBe(true);
    expect((await wren.call("openPortion", { params: { id: part?.id ?? "" }, body: {} })).problem.code).toBe(
      "already-opened",
    );
  });
});

describe("where a lot stands", () => {
  it("carries the used-up share of its life to the new place, and says when it is there already", async () => {
    const lot = await log("chard", "500", { place: "room", since: "2026-09-09" });
    const warm = lot.freshness.spoilsOn;
    const cold = (await wren.call("moveLot", { params: { id: lot.id }, body: { place: "fridge" } })).body;
    expect(cold.place).toBe("fridge");
    expect(cold.freshness.spoilsOn >= warm).toBe(true);
    expect(
      (await wren.call("moveLot", { params: { id: lot.id }, body: { place: "fridge" } })).problem.code,
    ).toBe("already-in-place");
    const [row] = await kitchen.owner.query<{ spoils_on: string }[]>(
      "select spoils_on::text from lot where id = $1",
      [lot.id],
    );
    expect(row?.spoils_on).toBe(cold.freshness.spoilsOn);
  });

  it("keeps herbs longer in a fresh damp cloth, twice", async () => {
    const lot = await log("dill", "1 bunch");
    expect((await lotOf(lot.id)).keepsInCloth).toBe(true);
    const days = [lot.freshness.daysLeft];
    for (let i = 0; i < 3; i++)
      days.push((await wren.call("refreshLot", { params: { id: lot.id } })).body.freshness.daysLeft);
    expect(days.map((d) => d - (days[0] ?? 0))).toEqual([0, 2, 4, 4]);
  });

  it("takes a pack's label in, and its best-before at once", async () => {
    const lot = await log("feta", "200");
    const label = { saltG: 2.9, sugarsG: 0.7, acidG: null, allergens: ["milk"] };
    const labelled = (
      await wren.call("labelLot", { params: { id: lot.id }, body: { label, bestBefore: "2026-09-20" } })
    ).body;
    expect(labelled).toMatchObject({ label, freshness: { spoilsOn: "2026-09-20" } });
    const absurd = await wren.call("labelLot", {
      params: { id: lot.id },
      body: { label: { ...label, saltG: 140 } },
    });
    expect([absurd.status, absurd.problem.field]).toEqual([422, "label.saltG"]);
  });

  it("weighs back what was poured from a bottle", async () => {
    const oil = await log("olive-oil", "500 ml", { place: "cupboard" });
    const poured = await wren.call("weighBack", {
      params: { id: oil.id },
      body: { beforeG: 812, afterG: 764, reason: "green sauce" },
    });
    expect(poured.body).toMatchObject({ changedG: -48, lot: { grams: oil.grams - 48 } });
    expect((await lotOf(oil.id)).entries.at(-1)).toMatchObject({
      kind: "used",
      reason: "weighed back 812 − 764 g: green sauce",
    });
    const up = await wren.call("weighBack", { params: { id: oil.id }, body: { beforeG: 764, afterG: 812 } });
    expect([up.status, up.problem.code, up.problem.field]).toEqual([422, "heavier-after", "afterG"]);
    const toomuch = await wren.call("weighBack", {
      params: { id: oil.id },
      body: { beforeG: 9000, afterG: 10 },
    });
    expect(toomuch.problem.code).toBe("more-than-on-hand");
  });
});

describe("what this kitchen sees go off", () => {
  it("shortens the days of later lots after three, and gives them back when that was a slip", async () => {
    const before = await log("sorrel", "100");
    const early: string[] = [];
    for (const since of ["2026-09-08", "2026-09-08", "2026-09-09"]) {
      const lot = await log("sorrel", "50", { since });
      await wren.call("goneOff", { params: { id: lot.id }, body: {} });
      early.push(lot.id);
    }
    const after = await lotOf(before.id);
    expect(after.freshness.spoilsOn < before.freshness.spoilsOn).toBe(true);
    expect(after.freshness.source).toBe("this kitchen's own lots");
    const spoiled = (await lotOf(early[0] ?? "")).entries.find((e) => e.kind === "spoiled");
    await wren.call("undoEntry", { params: { id: spoiled?.id ?? "" } });
    expect((await lotOf(before.id)).freshness.spoilsOn).toBe(before.freshness.spoilsOn);
  });
});

describe("sixty-four tablets at once", () => {
  it("never overdraw a lot, and the balance is the fold of its entries", async () => {
    const lot = await log("kohlrabi", "1000");
    const fates = ["used", "given", "composted", "spoiled"] as const;
    const answers = await Promise.all(
      Array.from({ length: 64 }, (_, i) =>
        wren.call("removeFromLot", {
          params: { id: lot.id },
          body: { grams: 30, fate: fates[i % 4] ?? "used" },
        }),
      ),
    );
    const taken = answers.filter((a) => a.status === 201).length;
    expect(taken).toBe(33);
    expect(new Set(answers.filter((a) => a.status !== 201).map((a) => a.problem.code))).toEqual(
      new Set(["more-than-on-hand"]),
    );
    const after = await lotOf(lot.id);
    expect(after.grams).toBe(10);
    expect(onHand(after.entries)).toBe(10);
  });

  it("keep every balance equal to its fold under all movements mixed", async () => {
    const lots = await Promise.all(["chard", "kale", "plum"].map((one) => log(one, "800")));
    const oneOf = (i: number) => ({ id: lots[i % 3]?.id ?? "" });
    const moves = Array.from({ length: 64 }, (_, i) => {
      const params = oneOf(i);
      switch (i % 6) {
        case 0:
          return wren.call("removeFromLot", { params, body: { grams: 1 + (i % 17), fate: "used" } });
        case 1:
          return wren.call("splitLot", { params, body: { parts: [{ condition: "small", grams: 5 + i }] } });
        case 2:
          return wren.call("freezeLot", { params, body: { grams: 3 + i } });
        case 3:
          return wren.call("correctLot", {
            params,
            body: { deltaG: i % 2 ? 7 : -9, reason: "weighed again" },
          });
        case 4:
          return wren.call("openPortion", { params, body: { grams: 11 } });
        default:
          return wren.call("removeFromLot", { params, body: { grams: 23, fate: "given" } });
      }
    });
    const answers = await Promise.all<{ status: number }>(moves);
    expect(answers.every((a) => [201, 409, 422].includes(a.status))).toBe(true);
    const rows = await kitchen.owner.query<{ stored: string; folded: string }[]>(
      `select l.balance_g as stored, coalesce(sum(case when e.kind in ('received','from-trim','by-product','returned','split-from','corrected') then e.grams else -e.grams end), 0) as folded
       from lot l left join entry e on e.lot_id = l.id group by l.id`,
    );
    expect(rows.length).toBeGreaterThan(20);
    expect(rows.filter((r) => Number(r.stored) !== Number(r.folded) || Number(r.stored) < 0)).toEqual([]);
    const [total] = await kitchen.owner.query<{ out: string; in: string }[]>(
      "select sum(grams) filter (where kind in ('split-off','frozen')) as out, sum(grams) filter (where kind = 'split-from') as in from entry",
    );
    expect(Number(total?.out)).toBe(Number(total?.in));
  });
});

describe("filters", () => {
  it("by place, source and state together, page by page", async () => {
    for (let i = 0; i < 5; i++)
      await log("beet", String(400 + i), { place: "cupboard", source: { kind: "gift", note: "" } });
    const query = { place: "cupboard", source: "gift", state: "raw", limit: 2 } as const;
    const seen: string[] = [];
    let after: string | undefined;
    do {
      const page = (await wren.call("listLots", { query: { ...query, ...(after ? { after } : {}) } })).body;
      seen.push(...page.lots.map((l) => l.id));
      after = page.next ?? undefined;
    } while (after);
    expect(seen).toHaveLength(5);
    expect(new Set(seen).size).toBe(5);
    const usable = await usableLot(wren, "beet", 300);
    expect(
      (await wren.call("listLots", { query: { ...query, state: "usable" } })).body.lots.map((l) => l.id),
    ).not.toContain(usable.id);
  });
});
