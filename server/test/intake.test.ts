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

const lots = async (): Promise<number> =>
  (await wren.call("listLots", { query: { limit: 200 } })).body.lots.length;
const box = (lines: string[], extra = {}) => ({
  id: randomUUID(),
  since: "2026-09-10",
  source: { kind: "box-share" as const, note: "Thursday box" },
  lines: lines.map((text) => ({ id: randomUUID(), text })),
  ...extra,
});

describe("a box share, line by line", () => {
  it("logs every line, each where it keeps best, and shares the price by weight", async () => {
    const body = box(["1 bunch chard", "800 g leeks", "2 fennel bulbs", "1 kg pumpkin", "½ bunch dill"], {
      priceMinor: 1500,
    });
    const done = await wren.call("logIntake", { body });
    expect(done.status).toBe(201);
    expect(done.body.lots.map((l) => l.ingredient)).toEqual([
      "chard",
      "leek",
      "fennel-bulb",
      "pumpkin",
      "dill",
    ]);
    expect(done.body.lots.reduce((sum, l) => sum + (l.priceMinor ?? 0), 0)).toBe(1500);
    expect(done.body.lots[0]).toMatchObject({
      grams: 350,
      estimate: { low: 250, high: 450 },
      intakeId: body.id,
    });
    expect(done.body.lots[1]).toMatchObject({ grams: 800, estimate: null });
    const ledger = (await wren.call("getLot", { params: { id: done.body.lots[0]?.id ?? "" } })).body;
    expect(ledger.entries[0]?.reason).toContain("bunch of 350 g");
  });

  it("takes what a line says it cost for that line, and shares what is left of the whole", async () => {
    const lines = ["800 g leeks £2", "3 lemons 60p each", "1 kg plums @ £3.20/kg", "500 g beetroot"];
    const done = await wren.call("logIntake", { body: box(lines, { priceMinor: 1000 }) });
    expect(done.body.lots.map((l) => [l.ingredient, l.priceMinor])).toEqual([
      ["leek", 200],
      ["lemon", 180],
      ["plum", 320],
      ["beet", 300],
    ]);
  });

  it.each([
    [["400 g lemons 60p each"], "lines.0.text", "price-needs-count"],
    [["1 bunch chard", "3 moonflowers"], "lines.1.text", "ingredient-unknown"],
    [["2 heads lettuce"], "lines.0.text", "ingredient-unclear"],
    [["1 bunch chard", "kale"], "lines.1.text", "amount-empty"],
    [["0 g kale"], "lines.0.text", "amount-not-positive"],
    [["2 t mint", "2000 kg mint"], "lines.1.text", "amount-too-large"],
    [["8 oz olive oil"], "lines.0.text", "ounce-mass-or-fluid"],
    [["3 sprigs feta"], "lines.0.text", "measure-unknown"],
  ])("refuses %j whole, at its line", async (lines, field, code) => {
    const before = await lots();
    const refused = await wren.call("logIntake", { body: box(lines) });
    expect([refused.status, refused.problem.field, refused.problem.code]).toEqual([422, field, code]);
    expect(await lots()).toBe(before);
  });

  it("takes the cook's choice where a line left it open", async () => {
    const body = box(["2 heads lettuce"]);
    const chosen = {
      ...body,
      lines: [
        {
          ...body.lines[0],
          id: randomUUID(),
          text: "2 heads lettuce",
          ingredient: "lettuce-butterhead",
          amount: "2 heads",
        },
      ],
    };
    const done = await wren.call("logIntake", { body: chosen });
    expect(done.body.lots[0]).toMatchObject({ ingredient: "lettuce-butterhead", grams: 440 });
  });

  it("refuses a foraged umbellifer among the lines", async () => {
    const refused = await wren.call("logIntake", {
      body: box(["1 bunch parsley"], { source: { kind: "foraged", note: "lane" } }),
    });
    expect([refused.problem.code, refused.problem.field]).toEqual(["never-foraged", "lines.0.source.kind"]);
  });

  it("goes back whole while nothing of it was used, and not after", async () => {
    const body = box(["300 g kale", "1 bunch dill"]);
    const done = (await wren.call("logIntake", { body })).body;
    const undone = await wren.call("undoIntake", { params: { id: body.id } });
    expect(undone.body).toEqual({ lots: 2, grams: 330 });
    expect((await wren.call("getLot", { params: { id: done.lots[0]?.id ?? "" } })).body.grams).toBe(0);
    expect((await wren.call("undoIntake", { params: { id: body.id } })).problem.code).toBe("already-undone");
    const again = box(["300 g kale"]);
    const kale = (await wren.call("logIntake", { body: again })).body.lots[0];
    await wren.call("removeFromLot", { params: { id: kale?.id ?? "" }, body: { grams: 5, fate: "used" } });
    expect((await wren.call("undoIntake", { params: { id: again.id } })).problem.code).toBe("used-since");
    expect((await wren.call("undoIntake", { params: { id: randomUUID() } })).status).toBe(404);
  });
});

describe("prices", () => {
  it("for each, by the kilogram, and refused each of a weight", async () => {
    const priced = async (amount: string, per: "kg" | "each" | "all") =>
      wren.call("logLot", { body: aLot("leek", amount, { price: { minor: 80, per } }) });
    expect((await priced("3 leeks", "each")).body.priceMinor).toBe(240);
    expect((await priced("1500", "kg")).body.priceMinor).toBe(120);
    expect((await priced("1500", "each")).problem).toMatchObject({
      code: "price-needs-count",
      field: "price",
    });
  });
});

describe("lines and ounces", () => {
  it("reads lines through the API as core does", async () => {
    const read = await wren.call("readLines", {
      body: { lines: ["½ cup packed basil leaves, chopped", "juice of half a lemon", "2 tbsp vinegar"] },
    });
    expect(read.body.lines.map((l) => [l.ingredient.kind, l.questions.length])).toEqual([
      ["one", 0],
      ["one", 0],
      ["ask", 1],
    ]);
    expect(read.body.lines[0]).toMatchObject({ preparation: "chopped", measure: "cup" });
    expect(
      (await wren.call("readLines", { body: { lines: Array.from({ length: 2001 }, () => "x") } })).status,
    ).toBe(422);
  });

  it("asks once what an ounce of oil is, then remembers", async () => {
    const ask = () => wren.call("logLot", { body: aLot("olive-oil", "8 oz") });
    const first = await ask();
    expect([first.status, first.problem.code, first.problem.field]).toEqual([
      422,
      "ounce-mass-or-fluid",
      "amount",
    ]);
    const said = await wren.call("setOunceMeaning", { body: { ingredient: "olive-oil", means: "fluid" } });
    expect(said.body.kitchen.ounces).toEqual({ "olive-oil": "fluid" });
    expect((await ask()).body.grams).toBeCloseTo(216.242, 2);
    expect(
      (await wren.call("setOunceMeaning", { body: { ingredient: "nothing", means: "mass" } })).status,
    ).toBe(404);
  });

  it("shows an amount in the kitchen's units and as a cook measures it, with the error", async () => {
    await wren.call("changeKitchen", { body: { units: "both", locale: "de-DE" } });
    const read = (await wren.call("readAmount", { body: { ingredient: "olive-oil", amount: "27 g" } })).body;
    expect(read.shown).toBe("27 g (0,95 oz)");
    expect(read.scale).toMatchObject({ text: "27 g (0,95 oz)", error: 0 });
    expect(read.spoon?.text).toBe("2 tbsp");
    expect(read.spoon?.error).toBeCloseTo(0, 6);
    const half = (await wren.call("readAmount", { body: { ingredient: "kale", amount: "1,24 kg" } })).body;
    expect(half.shown).toContain("1,24 kg");
    for (const body of [
      { currency: "XYZ" },
      { locale: "xx-klingon" },
      { currency: "pounds" },
      { units: "stones" as never },
    ])
      expect((await wren.call("changeKitchen", { body })).status).toBe(422);
    await wren.call("changeKitchen", { body: { units: "metric", locale: "en-GB" } });
  });
});

describe("a lots file", () => {
  const csv = [
    "item,amount,source,price",
    "chard,300,market,2.40",
    "moonflower,200,,",
    "parsley,1 bunch,foraged,",
    "rocket,120 g,market,",
  ].join("\r\n");
  const importing = (text: string, dryRun = false) =>
    wren.call("importLots", { body: { id: randomUUID(), csv: text, dryRun } });

  it("can be read first, and changes nothing then", async () => {
    const before = await lots();
    const dry = (await importing(csv, true)).body;
    expect([dry.accepted, dry.faults.length]).toEqual([2, 2]);
    expect(dry.rows.every((r) => r.lotId === null)).toBe(true);
    expect(await lots()).toBe(before);
  });

  it("takes the right rows in, reports the wrong ones, and goes back as a whole", async () => {
    const before = await lots();
    const done = (await importing(csv)).body;
    expect(done.rows.map((r) => [r.line, r.name])).toEqual([
      [2, "chard"],
      [5, "rocket"],
    ]);
    expect(done.faults.map((f) => [f.line, f.column, f.issue.code])).toEqual([
      [3, "item", "ingredient-unknown"],
      [4, "source", "never-foraged"],
    ]);
    expect(await lots()).toBe(before + 2);
    await wren.call("undoIntake", { params: { id: done.id } });
    expect(await lots()).toBe(before);
  });

  it.each([
    ["name,weight\nchard,300", "csv-columns-missing"],
    ["item,amount,colour\nchard,300,red", "csv-columns-unknown"],
    ["item,amount\nch\uFFFDrd,300", "csv-encoding"],
    [`item,amount\n${"chard,300\n".repeat(10_000)}`, "csv-too-long"],
    ["", "csv-empty"],
  ])("refuses %.40j with %s", async (text, code) => {
    const before = await lots();
    const refused = await importing(text);
    expect([refused.status, refused.problem.code, refused.problem.field]).toEqual([422, code, "csv"]);
    expect(await lots()).toBe(before);
  });

  it("comes out as it can be read in again", async () => {
    const response = await wren.raw("/api/lots.csv");
    expect(response.headers.get("content-type")).toContain("text/csv");
    const text = await response.text();
    expect(text.split("\r\n")[0]).toBe(
      "item,amount,came_in,source,note,place,grade,price,price_per,best_before,state,on_hand_g,use_by",
    );
    const back = (await importing(text, true)).body;
    expect(back.faults).toEqual([]);
    expect(back.accepted).toBe(text.trim().split("\r\n").length - 1);
  });
});

describe("beds", () => {
  const bed = { id: randomUUID(), name: "north bed", ingredient: "chard" };
  const picked = (since: string, grams: number) =>
    wren.call("logLot", { body: aLot("chard", String(grams), { since, bedId: bed.id }) });

  it("learn their rhythm from what is picked", async () => {
    expect((await wren.call("addBed", { body: bed })).body).toMatchObject({
      crop: "chard",
      state: "growing",
      next: null,
    });
    for (const [since, grams] of [
      ["2026-08-31", 500],
      ["2026-09-04", 600],
      ["2026-09-08", 700],
    ] as const)
      expect((await picked(since, grams)).status).toBe(201);
    const { beds } = (await wren.call("listBeds", {})).body;
    expect(beds[0]).toMatchObject({
      harvests: 3,
      next: { on: "2026-09-12", inDays: 2, grams: { value: 600, low: 500, high: 700 }, basis: "harvests" },
    });
  });

  it("say what the cook says, and nothing once finished", async () => {
    const change = (body: object) => wren.call("changeBed", { params: { id: bed.id }, body });
    expect((await change({ forecast: { on: "2026-09-13", grams: 600 } })).body.next).toMatchObject({
      inDays: 3,
      basis: "forecast",
    });
    expect((await change({ forecast: { on: "2026-09-01", grams: 600 } })).problem.code).toBe("date-in-past");
    expect((await change({ state: "bolting" })).body).toMatchObject({ state: "bolting", next: null });
    expect((await change({ state: "finished", forecast: null })).body).toMatchObject({
      next: null,
      forecast: null,
    });
    expect((await change({ state: "on fire" })).status).toBe(422);
  });

  it("are refused when they are unknown", async () => {
    const stray = await wren.call("logLot", { body: aLot("chard", "100", { bedId: randomUUID() }) });
    expect([stray.status, stray.problem.code]).toEqual([404, "bed-unknown"]);
    expect(
      (await wren.call("addBed", { body: { ...bed, id: randomUUID(), ingredient: "moonflower" } })).problem
        .code,
    ).toBe("ingredient-unknown");
    expect((await wren.call("addBed", { body: bed })).status).toBe(409);
  });
});

describe("long lists", () => {
  it("of two thousand lines go in together and come back together", async () => {
    const body = box(Array.from({ length: 2000 }, (_, i) => `${100 + i} g kale`));
    const done = await wren.call("logIntake", { body });
    expect([done.status, done.body.lots.length]).toEqual([201, 2000]);
    expect((await wren.call("undoIntake", { params: { id: body.id } })).body.lots).toBe(2000);
  }, 30_000);

  it("of five thousand rows are read from a file, and not one more", async () => {
    const csv = `item,amount\n${"kale,300\n".repeat(5000)}`;
    const read = await wren.call("importLots", { body: { id: randomUUID(), csv, dryRun: true } });
    expect([read.status, read.body.accepted]).toEqual([201, 5000]);
    const over = await wren.call("importLots", { body: { id: randomUUID(), csv: `${csv}kale,300\n` } });
    expect(over.problem).toMatchObject({ code: "csv-too-long", measurements: { rows: 5001, atMost: 5000 } });
  });

  it("of more rows than one statement has values for go in whole", async () => {
    const body = { id: randomUUID(), csv: `item,amount\n${"kale,300\n".repeat(3000)}` };
    expect((await wren.call("importLots", { body })).body.accepted).toBe(3000);
    const [count] = await kitchen.owner.query<{ lots: number }[]>(
      "select count(*)::int lots from lot where intake_id = $1 and balance_g = 300",
      [body.id],
    );
    expect(count?.lots).toBe(3000);
  }, 30_000);
});
