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

const lotCount = async (): Promise<number> =>
  (await kitchen.owner.query<unknown[]>("select from lot")).length;

describe("logging what came in", () => {
  it("turns a weight into a lot with its freshness", async () => {
    const { status, body } = await wren.call("logLot", { body: aLot("chard", "1 lb 4 oz") });
    expect(status).toBe(201);
    expect(body).toMatchObject({ name: "chard", state: "raw", grams: 566.99, estimate: null });
    expect(body.freshness.daysLeft).toBeGreaterThan(1);
  });

  it("turns a loose measure into grams with their range", async () => {
    const { body } = await wren.call("logLot", { body: aLot("chard", "2 bunches") });
    expect(body).toMatchObject({ grams: 700, estimate: { value: 700, low: 500, high: 900 } });
    const detail = await wren.call("getLot", { params: { id: body.id } });
    expect(detail.body.entries).toMatchObject([{ kind: "received", effectG: 700, by: "Wren" }]);
    expect(detail.body.entries[0]?.reason).toContain("bunch of 350 g");
  });

  it("answers the same question without logging anything", async () => {
    const before = await lotCount();
    const read = await wren.call("readAmount", { body: { ingredient: "chard", amount: "2 bunches" } });
    expect(read.body).toMatchObject({ grams: { value: 700 }, weighed: false });
    expect(await lotCount()).toBe(before);
  });

  it("keeps what it was told: place, grade, price, source, label", async () => {
    const body = aLot("feta", "200", {
      grade: "prime",
      priceMinor: 320,
      bestBefore: "2026-09-20",
      source: { kind: "shop", note: "corner" },
    });
    const lot = (await wren.call("logLot", { body })).body;
    expect(lot).toMatchObject({
      state: "usable",
      priceMinor: 320,
      source: { kind: "shop", note: "corner" },
      freshness: { spoilsOn: "2026-09-20", source: "label" },
    });
  });

  it("warns of look-alikes with what was foraged", async () => {
    const lot = (
      await wren.call("logLot", {
        body: aLot("wild-garlic", "200", { source: { kind: "foraged", note: "" } }),
      })
    ).body;
    const detail = (await wren.call("getLot", { params: { id: lot.id } })).body;
    expect(detail.cautions.map((c) => c.text).join(" ")).toMatch(/lily of the valley/i);
  });

  it("warns before it is logged, too, and has nothing to say of what is never foraged", async () => {
    const foraging = async (id: string) =>
      (await wren.call("getIngredient", { params: { id } })).body.foraging.map((c) => c.trigger);
    expect(await foraging("wild-garlic")).toEqual(["foraged-plant", "wild-garlic-lookalikes"]);
    expect(await foraging("parsley")).toEqual([]);
  });
});

describe("bad input loses nothing and says where it is wrong", () => {
  it.each([
    [{ amount: "" }, 422, "amount-empty", "amount"],
    [{ amount: "plenty" }, 422, "amount-not-understood", "amount"],
    [{ amount: "NaN" }, 422, "amount-not-understood", "amount"],
    [{ amount: "-430" }, 422, "amount-not-positive", "amount"],
    [{ amount: "0 kg" }, 422, "amount-not-positive", "amount"],
    [{ amount: "2000 kg" }, 422, "amount-too-large", "amount"],
    [{ amount: "3 wheelbarrows" }, 422, "measure-unknown", "amount"],
    [{ amount: "x".repeat(200) }, 422, "too-large", "amount"],
    [{ ingredient: "moonflower" }, 404, "ingredient-unknown", "ingredient"],
    [{ ingredient: "" }, 422, "missing", "ingredient"],
    [{ place: "attic" }, 422, "not-a-choice", "place"],
    [{ since: "2026-09-11" }, 422, "date-in-future", "since"],
    [{ since: "2024-01-01" }, 422, "date-too-old", "since"],
    [{ since: "yesterday" }, 422, "wrong-format", "since"],
    [{ priceMinor: -1 }, 422, "too-small", "priceMinor"],
    [{ priceMinor: 1e12 }, 422, "too-large", "priceMinor"],
    [{ priceMinor: 2.5 }, 422, "wrong-type", "priceMinor"],
    [{ id: "not-a-uuid" }, 422, "wrong-format", "id"],
    [{ grade: null }, 422, "not-a-choice", "grade"],
    [{ source: { kind: "foraged", note: "" }, ingredient: "parsley" }, 422, "never-foraged", "source.kind"],
  ])("%j", async (wrong, status, code, field) => {
    const before = await lotCount();
    const refused = await wren.call("logLot", { body: { ...aLot("chard", "430"), ...(wrong as object) } });
    expect([refused.status, refused.problem.code, refused.problem.field]).toEqual([status, code, field]);
    expect(await lotCount()).toBe(before);
  });

  it("needs a key for a write, and refuses a key used for something else", async () => {
    const body = JSON.stringify(aLot("chard", "430"));
    const bare = await wren.raw("/api/lots", {
      method: "POST",
      headers: { "content-type": "application/json" },
      body,
    });
    expect([bare.status, ((await bare.json()) as { code: string }).code]).toEqual([
      422,
      "idempotency-key-missing",
    ]);
    const key = randomUUID();
    await wren.call("logLot", { body: aLot("chard", "430") }, key);
    const other = await wren.call("logLot", { body: aLot("kale", "100") }, key);
    expect([other.status, other.problem.code]).toEqual([409, "key-reused"]);
  });

  it("answers a double submit with the first answer, and logs once", async () => {
    const before = await lotCount();
    const key = randomUUID();
    const body = aLot("chard", "430");
    const answers = await Promise.all(Array.from({ length: 8 }, () => wren.call("logLot", { body }, key)));
    expect(new Set(answers.map((a) => a.body.id))).toEqual(new Set([body.id]));
    expect(answers.every((a) => a.status === 201)).toBe(true);
    expect(await lotCount()).toBe(before + 1);
  });

  it("does not log the same lot under another key", async () => {
    const body = aLot("chard", "430");
    await wren.call("logLot", { body });
    const again = await wren.call("logLot", { body });
    expect([again.status, again.problem.code]).toEqual([409, "already-there"]);
  });
});

describe("changing a lot", () => {
  it("records what has spoiled and can take it back with a reason", async () => {
    const lot = (await wren.call("logLot", { body: aLot("kale", "500") })).body;
    const gone = await wren.call("goneOff", { params: { id: lot.id }, body: {} });
    expect(gone.body).toMatchObject({ changedG: -500, lot: { grams: 0 } });
    expect((await wren.call("goneOff", { params: { id: lot.id }, body: {} })).problem.code).toBe("lot-empty");
    await wren.call("correctLot", {
      params: { id: lot.id },
      body: { deltaG: 500, reason: "not gone off after all" },
    });
    const detail = (await wren.call("getLot", { params: { id: lot.id } })).body;
    expect(detail.entries.map((e) => [e.kind, e.effectG])).toEqual([
      ["received", 500],
      ["spoiled", -500],
      ["corrected", 500],
    ]);
    expect(detail.grams).toBe(500);
  });

  it("never goes below nothing, not even in a race", async () => {
    const lot = (await wren.call("logLot", { body: aLot("kale", "100") })).body;
    const take = () =>
      wren.call("correctLot", { params: { id: lot.id }, body: { deltaG: -30, reason: "race" } });
    const answers = await Promise.all(Array.from({ length: 12 }, take));
    expect(answers.filter((a) => a.status === 201)).toHaveLength(3);
    expect(answers.filter((a) => a.problem.code === "more-than-on-hand")).toHaveLength(9);
    expect((await wren.call("getLot", { params: { id: lot.id } })).body.grams).toBe(10);
  });

  it("knows no lot that is not there", async () => {
    const missing = await wren.call("getLot", { params: { id: randomUUID() } });
    expect([missing.status, missing.problem.code]).toEqual([404, "lot-unknown"]);
    expect((await wren.call("getLot", { params: { id: "7" } })).status).toBe(422);
  });
});

describe("the list", () => {
  it("comes use first first, in pages that leave nothing out", async () => {
    const whole = (await wren.call("listLots", { query: { limit: 200 } })).body.lots;
    const spoils = whole.map((l) => l.freshness.spoilsOn);
    expect(spoils).toEqual([...spoils].sort());
    const paged: string[] = [];
    let after: string | undefined;
    do {
      const page = (await wren.call("listLots", { query: { limit: 3, ...(after ? { after } : {}) } })).body;
      paged.push(...page.lots.map((l) => l.id));
      after = page.next ?? undefined;
    } while (after);
    expect(paged).toEqual(whole.map((l) => l.id));
  });

  it("finds by any name, and by state", async () => {
    const byUs = (await wren.call("listLots", { query: { text: "swiss chard" } })).body.lots;
    expect(byUs.length).toBeGreaterThan(0);
    expect(new Set(byUs.map((l) => l.ingredient))).toEqual(new Set(["chard"]));
    expect((await wren.call("listLots", { query: { state: "opened" } })).body.lots).toEqual([]);
    expect((await wren.call("listLots", { query: { limit: 5000 } })).status).toBe(422);
  });

  it("answers from memory while nothing changed and afresh at once when something did", async () => {
    const first = await wren.call("listLots", { query: { limit: 7 } });
    const etag = first.headers.get("etag") ?? "";
    const same = await wren.raw("/api/lots?limit=7", { headers: { "if-none-match": etag } });
    expect(same.status).toBe(304);
    await wren.call("logLot", { body: aLot("arugula", "90", { since: "2026-09-08" }) });
    const after = await wren.raw("/api/lots?limit=7", { headers: { "if-none-match": etag } });
    expect(after.status).toBe(200);
    expect(JSON.stringify(await after.json())).toContain("rocket");
  });
});
