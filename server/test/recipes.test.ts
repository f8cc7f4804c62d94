import { randomUUID } from "node:crypto";
import type { NewFormula } from "@apron/contract";
import { fillerOf, lineOf, stepOf } from "@apron/core/recipes";
import { afterAll, beforeAll, describe, expect, it } from "@jest/globals";
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

const aRecipe = (extra: Partial<NewFormula> = {}): NewFormula => ({
  name: "Chard in a hurry",
  kind: "cooked-salad",
  servings: 2,
  makes: null,
  minutes: 10,
  lines: [
    lineOf({ id: "base", role: "base", grams: 200, fillers: [fillerOf("chard")] }),
    lineOf({ id: "oil", role: "oil", grams: 20, fillers: [fillerOf("olive-oil")] }),
  ],
  steps: [stepOf("Wilt it.")],
  keeping: { fridge: "roasted-vegetables", freezer: null },
  gramsPerMl: 0.6,
  cautions: [],
  notes: "",
  unread: [],
  ...extra,
});
const save = (extra: Partial<NewFormula> = {}) =>
  wren.call("saveRecipe", { body: { formula: aRecipe(extra) } });
const lines = (...made: NewFormula["lines"]): Pick<NewFormula, "lines"> => ({ lines: made });
const aLine = (id: string, ingredient: string, more = {}) =>
  lineOf({ id, role: "base", grams: 100, fillers: [fillerOf(ingredient)] }, more);

describe("writing recipes", () => {
  it("keeps a new one under a readable id of its own, twice under two", async () => {
    const first = await save();
    const second = await save();
    expect([first.status, first.body]).toEqual([
      201,
      { id: "chard-in-a-hurry", name: "Chard in a hurry", version: 1 },
    ]);
    expect(second.body.id).toBe("chard-in-a-hurry-2");
    const read = (await wren.call("getRecipe", { params: { id: first.body.id } })).body;
    expect(read).toMatchObject({ version: 1, latest: 1, diets: expect.arrayContaining(["vegan"]) });
  });

  it.each([
    [{ name: "  " }, 422, "missing", "formula.name"],
    [{ lines: [] }, 422, "too-small", "formula.lines"],
    [lines(aLine("a", "moonleaf")), 422, "ingredient-unknown", "formula.lines.0"],
    [lines(aLine("a", "chard"), aLine("a", "kale")), 422, "line-said-twice", "formula.lines.1"],
    [lines(aLine("a", "chard", { grams: -4 })), 422, "too-small", "formula.lines.0.grams"],
    [lines(aLine("a", "runner-bean")), 422, "never-raw", "formula.lines.0"],
    [
      lines(aLine("a", "chard", { fillers: [fillerOf("chard", { maxShare: 0.5 })] })),
      422,
      "slot-cannot-be-filled",
      "formula.lines.0",
    ],
    [
      lines(aLine("a", "chard", { fillers: [], recipe: "no-such-recipe" })),
      422,
      "recipe-unknown",
      "formula.lines.0",
    ],
    [{ keeping: { fridge: "for-ever", freezer: null } }, 422, "keeping-unknown", "formula.keeping.fridge"],
    [{ servings: 0 }, 422, "too-small", "formula.servings"],
  ])("refuses %j", async (extra, status, code, field) => {
    const refused = await save(extra);
    expect([refused.status, refused.problem.code, refused.problem.field]).toEqual([status, code, field]);
  });

  it("never lets a recipe into itself, however long the way round", async () => {
    const part = async (name: string, recipe: string) =>
      (await save({ name, ...lines(aLine("a", "chard", { fillers: [], recipe })) })).body.id;
    const inner = (await save({ name: "Inner" })).body.id;
    const middle = await part("Middle", inner);
    const outer = await part("Outer", middle);
    const body = {
      basedOn: 1,
      formula: aRecipe({ name: "Inner", ...lines(aLine("a", "chard", { fillers: [], recipe: outer })) }),
    };
    const refused = await wren.call("editRecipe", { params: { id: inner }, body });
    expect(refused.problem).toMatchObject({
      code: "recipe-in-itself",
      measurements: { recipes: [inner, outer, middle, inner] },
    });
    expect((await wren.call("getRecipe", { params: { id: inner } })).body.version).toBe(1);
    expect((await wren.call("getRecipe", { params: { id: outer } })).body.makesG.value).toBeCloseTo(100, 6);
  });

  it("does not go back to a version that would lead a recipe into itself", async () => {
    const other = (await save({ name: "Other half" })).body.id;
    const within = lines(aLine("a", "chard", { fillers: [], recipe: other }));
    const { id } = (await save({ name: "One half", ...within })).body;
    await wren.call("editRecipe", {
      params: { id },
      body: { basedOn: 1, formula: aRecipe({ name: "One half" }) },
    });
    const back = aRecipe({ name: "Other half", ...lines(aLine("a", "chard", { fillers: [], recipe: id })) });
    const turned = await wren.call("editRecipe", {
      params: { id: other },
      body: { basedOn: 1, formula: back },
    });
    expect(turned.status).toBe(201);
    const refused = await wren.call("setDefaultVersion", { params: { id }, body: { version: 1 } });
    expect([refused.status, refused.problem.code]).toEqual([422, "recipe-in-itself"]);
    expect((await wren.call("listRecipes", { query: {} })).status).toBe(200);
  });

  it("tells the second of two who edit at once, and overwrites nothing", async () => {
    const { id } = (await save({ name: "Two at a table" })).body;
    const edit = (grams: number) =>
      wren.call("editRecipe", {
        params: { id },
        body: {
          basedOn: 1,
          formula: aRecipe({ name: "Two at a table", ...lines(aLine("a", "chard", { grams })) }),
          note: `${grams} g`,
        },
      });
    const both = await Promise.all([edit(150), edit(250)]);
    expect(both.map((one) => one.status).sort()).toEqual([201, 409]);
    const late = both.find((one) => one.status === 409);
    expect(late?.problem).toMatchObject({
      code: "recipe-moved-on",
      measurements: { basedOn: 1, now: 2, by: "Wren" },
    });
    const { versions, defaultVersion } = (await wren.call("listVersions", { params: { id } })).body;
    expect([defaultVersion, versions.map((v) => v.version)]).toEqual([2, [2, 1]]);
    expect(versions[0]).toMatchObject({ by: "Wren", note: expect.stringMatching(/^(150|250) g$/) });
  });

  it("compares versions, and goes back to an older one", async () => {
    const { id } = (await save({ name: "There and back" })).body;
    const formula = aRecipe({
      name: "There and back",
      servings: 3,
      steps: [stepOf("Wilt it well.")],
      ...lines(aLine("base", "kale", { grams: 220 })),
    });
    await wren.call("editRecipe", { params: { id }, body: { basedOn: 1, formula } });
    const changes = (await wren.call("compareVersions", { params: { id }, query: { from: 1, to: 2 } })).body;
    expect(changes.head).toEqual([{ field: "servings", before: "2", after: "3" }]);
    expect(changes.lines.map((l) => [l.kind, l.before, l.after])).toEqual([
      ["changed", "200 g chard", "220 g kale"],
      ["removed", "20 g extra virgin olive oil", ""],
    ]);
    expect(changes.steps).toEqual({ added: ["Wilt it well."], removed: ["Wilt it."] });
    await wren.call("setDefaultVersion", { params: { id }, body: { version: 1 } });
    expect((await wren.call("getRecipe", { params: { id } })).body).toMatchObject({ version: 1, latest: 2 });
    const third = await wren.call("editRecipe", { params: { id }, body: { basedOn: 1, formula } });
    expect(third.body.version).toBe(3);
    const none = await wren.call("setDefaultVersion", { params: { id }, body: { version: 9 } });
    expect([none.status, none.problem.code]).toEqual([404, "version-unknown"]);
  });

  it("puts a recipe away and fetches it back; nothing of it is lost", async () => {
    const { id } = (await save({ name: "Seldom made" })).body;
    const listed = async (archived: "yes" | "no") =>
      (await wren.call("listRecipes", { query: { text: "seldom made", archived } })).body.total;
    const put = await wren.call("archiveRecipe", { params: { id }, body: { archived: true } });
    expect([put.status, await listed("no"), await listed("yes")]).toEqual([201, 0, 1]);
    expect((await wren.call("getRecipe", { params: { id } })).body).toMatchObject({
      archived: true,
      version: 1,
    });
    const { matches } = (await wren.call("listMatches", {})).body;
    expect(matches.map((m) => m.recipeId)).not.toContain(id);
    await wren.call("archiveRecipe", { params: { id }, body: { archived: false } });
    expect([await listed("no"), await listed("yes")]).toEqual([1, 0]);
    expect((await save({ name: "Seldom made" })).body.id).toBe("seldom-made-2");
    const none = await wren.call("archiveRecipe", { params: { id: "no-such" }, body: { archived: true } });
    expect([none.status, none.problem.code]).toEqual([404, "recipe-unknown"]);
  });

  it("makes what was really used the default version; the batch keeps its own", async () => {
    const { id } = (await save({ name: "By hand" })).body;
    const lot = await usableLot(wren, "chard", 900);
    const batchId = randomUUID();
    const made = await wren.call("finishMake", {
      body: {
        id: batchId,
        recipeId: id,
        version: 1,
        batches: 2,
        used: [
          { lineId: "base", ingredient: "chard", lotId: lot.id, grams: 460 },
          { lineId: "oil", ingredient: "olive-oil", lotId: null, grams: 30 },
        ],
        weighedG: null,
        containers: [{ kind: "tub", count: 2, place: "fridge" }],
      },
    });
    expect(made.status).toBe(201);
    const moved = await wren.call("defaultFromBatch", { params: { id }, body: { batchId, basedOn: 1 } });
    expect(moved.body).toMatchObject({ id, version: 2 });
    const { formula } = (await wren.call("getRecipe", { params: { id } })).body;
    expect(formula.lines.map((l) => l.grams)).toEqual([230, 15]);
    const { batches } = (await wren.call("listVersions", { params: { id } })).body;
    expect(batches).toMatchObject([{ id: batchId, version: 1 }]);
    const other = await wren.call("defaultFromBatch", {
      params: { id: "carrot-top-pesto" },
      body: { batchId, basedOn: 1 },
    });
    expect([other.status, other.problem.code]).toEqual([404, "batch-unknown"]);
  });
});

describe("the library", () => {
  const names = async (query: object) =>
    (await wren.call("listRecipes", { query })).body.recipes.map((r) => r.id);

  it("finds by any name, kind, diet and allergen", async () => {
    expect(await names({ text: "sorrel and" })).toEqual(["sorrel-and-round-lettuce"]);
    expect(await names({ text: "swede" })).toEqual(await names({ text: "rutabaga" }));
    expect(await names({ kind: "preserve" })).toEqual(["quick-pickled-kohlrabi"]);
    const vegan = await names({ diet: "vegan" });
    expect(vegan).toContain("quick-pickled-kohlrabi");
    expect(vegan).not.toContain("carrot-top-pesto");
    expect(await names({ without: "milk,nuts" })).not.toContain("leek-and-plum-plate");
  });

  it("finds by what is on hand, the most of it first", async () => {
    await wren.call("logLot", { body: aLot("tomatillo", "900") });
    const found = (await wren.call("listRecipes", { query: { onHand: "yes" } })).body.recipes;
    expect(found.map((r) => r.id)).toContain("farro-tomatillo-and-dill");
    expect(found.every((r, i) => r.onHand > 0 && (i === 0 || r.onHand <= (found[i - 1]?.onHand ?? 99)))).toBe(
      true,
    );
  });

  it("knows what a dish of dishes contains: the milk of the plate, the mustard of its dressing", async () => {
    const plate = (await wren.call("getRecipe", { params: { id: "leek-and-plum-plate" } })).body;
    expect(plate.allergens).toEqual(expect.arrayContaining(["milk", "mustard", "nuts"]));
    expect(plate.subRecipes).toEqual({ "plum-and-mustard-dressing": "Plum and mustard dressing" });
    const plan = (
      await wren.call("planMake", {
        body: { recipeId: "leek-and-plum-plate", scale: { kind: "batches", batches: 1 } },
      })
    ).body;
    expect(plan.lines.filter((l) => l.group === "For the dressing").length).toBe(7);
  });

  it("says what a recipe leaves open", async () => {
    const { id } = (
      await save({
        name: "Vague",
        unread: ["some fog"],
        steps: [stepOf("Roast.", { tool: "oven" })],
        ...lines(aLine("a", "beet", { eatenRaw: false, cook: "roast-diced" })),
      })
    ).body;
    const { open, diets } = (await wren.call("getRecipe", { params: { id } })).body;
    expect(open.map((q) => q.about)).toEqual(["temperature", "time", "doneness", "unread"]);
    expect(diets).toEqual([]);
  });
});

describe("in and out", () => {
  const page = (count: number): string =>
    JSON.stringify({
      "@graph": Array.from({ length: count }, (_, i) => ({
        "@type": "Recipe",
        name: `Imported ${i}`,
        recipeYield: "4",
        recipeIngredient: ["200 g chard", "salt to taste"],
        recipeInstructions: "Mix.",
      })),
    });

  it("reads without saving, and saves what was read", async () => {
    const before = (await wren.call("listRecipes", { query: {} })).body.total;
    const read = (await wren.call("readRecipes", { body: { text: page(3) } })).body;
    expect(read.recipes.map((r) => r.title)).toEqual(["Imported 0", "Imported 1", "Imported 2"]);
    expect(read.recipes[0]?.lines[1]).toMatchObject({
      toTaste: true,
      grams: null,
      proposal: { why: "1 % of the rest" },
    });
    expect((await wren.call("listRecipes", { query: {} })).body.total).toBe(before);
    const formulas = read.recipes.flatMap((r) => r.formula ?? []);
    const saved = (await wren.call("importRecipes", { body: { formulas } })).body;
    expect([saved.saved.length, saved.same, saved.refused]).toEqual([3, [], []]);
    const again = (await wren.call("importRecipes", { body: { formulas } })).body;
    expect([again.saved, again.same.length]).toEqual([[], 3]);
  });

  it("keeps the good ones of a file and names the others", async () => {
    const bad = aRecipe({ name: "Bad one", ...lines(aLine("a", "chard"), aLine("b", "moonleaf")) });
    const good = [aRecipe({ name: "Good one" }), aRecipe({ name: "Good one", servings: 7 })];
    const done = (await wren.call("importRecipes", { body: { formulas: [bad, ...good] } })).body;
    // Names may be the same: each is told by its place among what was sent.
    expect(done.saved.map(({ name, at }) => [name, at])).toEqual([
      ["Good one", 1],
      ["Good one", 2],
    ]);
    expect(done.refused).toEqual([{ name: "Bad one", code: "ingredient-unknown", line: 1 }]);
  });

  it.each([
    ["{ broken", 422, "not-json"],
    ["[".repeat(100_000) + "]".repeat(100_000), 422, "nested-too-deep"],
    ['{"@type":"Article"}', 422, "no-recipe-found"],
    ["", 422, "nothing-pasted"],
    ["x".repeat(9_000_000), 413, "body-too-large"],
  ])("refuses %#", async (text, status, code) => {
    const refused = await wren.call("readRecipes", { body: { text } });
    expect([refused.status, refused.problem.code]).toEqual([status, code]);
  });

  it("gives out JSON-LD and Markdown that it reads back", async () => {
    const json = await (await wren.raw("/api/recipes/carrot-top-pesto/recipe.jsonld")).text();
    expect(JSON.parse(json)).toMatchObject({
      "@type": "Recipe",
      name: "Carrot-top pesto with sunflower seeds",
    });
    const markdown = await wren.raw("/api/recipes/carrot-top-pesto/recipe.md");
    expect(markdown.headers.get("content-type")).toContain("text/markdown");
    const texts = [json, await markdown.text()];
    for (const text of texts) {
      const [back] = (await wren.call("readRecipes", { body: { text } })).body.recipes;
      expect(back?.lines.map((l) => [l.ingredient, l.grams])[0]).toEqual(["carrot-tops", 100]);
      expect(back?.lines.every((l) => l.ingredient !== null)).toBe(true);
    }
    const all = JSON.parse(await (await wren.raw("/api/recipes.jsonld")).text()) as { "@graph": unknown[] };
    expect(all["@graph"].length).toBe((await wren.call("listRecipes", { query: {} })).body.total);
    expect((await wren.raw("/api/recipes/no-such/recipe.md")).status).toBe(404);
  });
});

describe("other diners, cost and plate", () => {
  it("makes a vegan version with what stands in, in other amounts", async () => {
    const vegan = (
      await wren.call("adaptRecipe", { params: { id: "carrot-top-pesto" }, body: { diets: ["vegan"] } })
    ).body;
    expect(vegan.cannot).toEqual([]);
    expect(vegan.changes).toMatchObject([
      {
        from: expect.stringContaining("pecorino"),
        fromG: 35,
        to: { ingredient: "nutritional-yeast", grams: 14 },
      },
    ]);
    expect(vegan.diets).toContain("vegan");
    expect(vegan.saltChangeG).toBeGreaterThan(0);
    const saved = await wren.call("saveRecipe", { body: { formula: vegan.formula } });
    expect(saved.body.id).toBe("carrot-top-pesto-with-sunflower-seeds-vegan");
  });

  it("offers what may stand in for a line", async () => {
    const offered = (
      await wren.call("substitutions", {
        params: { id: "farro-tomatillo-and-dill", line: "base-1" },
        query: {},
      })
    ).body;
    expect(offered.substitutions.map((s) => s.ingredient)).toEqual(
      expect.arrayContaining(["wild-rice", "rice-brown"]),
    );
    const [twice] = (
      await wren.call("substitutions", {
        params: { id: "farro-tomatillo-and-dill", line: "base-1" },
        query: { batches: 2 },
      })
    ).body.substitutions;
    expect(twice?.grams).toBeCloseTo(2 * (offered.substitutions[0]?.grams ?? 0), 9);
    const none = await wren.call("substitutions", {
      params: { id: "farro-tomatillo-and-dill", line: "x" },
      query: {},
    });
    expect([none.status, none.problem.code]).toEqual([404, "line-unknown"]);
  });

  it("costs a batch by what was paid and by the invented board, own produce at nothing or at market value", async () => {
    const { id } = (
      await save({ name: "Dear one", ...lines(aLine("base", "kohlrabi"), aLine("oil", "walnut")) })
    ).body;
    await wren.call("logLot", { body: aLot("kohlrabi", "400") });
    const board = (await wren.call("readPriceBoard", {})).body;
    expect([board.invented, board.prices.length > 200]).toEqual([true, true]);
    const cost = async (own: "zero" | "market") =>
      (await wren.call("costRecipe", { params: { id }, query: { own } })).body;
    const [free, market] = [await cost("zero"), await cost("market")];
    expect(free.parts.map((p) => p.from)).toEqual(["own", "board"]);
    const walnut = board.prices.find((p) => p.ingredient === "walnut")?.perKgMinor ?? 0;
    const shelled = free.parts[1]?.per100gMinor ?? 0;
    expect(shelled).toBeGreaterThanOrEqual(walnut / 10);
    expect(free.batchMinor).toBe(Math.round(shelled));
    expect(market.batchMinor ?? 0).toBeGreaterThan(free.batchMinor ?? 0);
    expect(free.portionMinor).toBe(Math.round(shelled / 2));
  });

  it("costs what was paid for as much of a raw lot as is taken of it", async () => {
    const { id } = (await save({ name: "Paid for", ...lines(aLine("base", "celeriac")) })).body;
    const lot = { ...aLot("celeriac", "1000"), priceMinor: 500, since: "2026-09-09" };
    await wren.call("logLot", { body: lot });
    const plan = (
      await wren.call("planMake", { body: { recipeId: id, scale: { kind: "batches", batches: 1 } } })
    ).body;
    const [part] = plan.lines[0]?.parts ?? [];
    const paid = (500 * (part?.lotG ?? 0)) / 1000;
    const { body } = await wren.call("costRecipe", { params: { id }, query: { own: "zero" } });
    expect(body.parts[0]).toMatchObject({ from: "paid" });
    expect(body.parts[0]?.costMinor).toBeCloseTo(paid, 6);
    expect(part?.lotG ?? 0).toBeGreaterThan(part?.grams ?? 0);
    expect(part?.per100gMinor).toBeCloseTo((100 * paid) / (part?.grams ?? 1), 6);
    expect(part?.saltPer100g).toBe(0.254);
  });

  it("lays a plate: layers, dressing by weight, salt budget, voices, bowl and trays", async () => {
    const plate = (
      await wren.call("plateRecipe", { params: { id: "sorrel-and-round-lettuce" }, query: { batches: 2 } })
    ).body;
    // Tossed together, seeds that no step names guessed above, flowers last; two batches serve eight.
    expect(plate.layers.map((l) => [l.parts.length, l.isGuess, l.isLast])).toEqual([
      [5, false, false],
      [1, true, false],
      [1, false, true],
    ]);
    expect(plate.layers[0]?.eachG).toBeCloseTo(260 / 4, 0);
    expect(plate.layers.at(-1)?.parts.map((p) => p.name)).toContain("nasturtium flowers");
    expect(plate.dressing?.leavesG).toBeCloseTo(500, 6);
    expect(plate.dressing?.when).toContain("last moment");
    expect(plate.salt.map(({ name }) => name)).toEqual([""]);
    expect(plate.salt[0]?.addG).toBeGreaterThan(0);
    expect(plate.bowl.bowlMl).toBeGreaterThan(2000);
    const dip = (
      await wren.call("plateRecipe", { params: { id: "roast-squash-and-leek-dip" }, query: { batches: 2 } })
    ).body;
    expect([dip.trays.trays, dip.dressing]).toEqual([2, null]);
  });

  it("scales to jars and to machine loads, and names what runs out", async () => {
    const plan = async (scale: object) =>
      (await wren.call("planMake", { body: { recipeId: "carrot-top-pesto", scale: scale as never } })).body;
    const jars = await plan({ kind: "containers", container: "jar", count: 3, place: "fridge" });
    expect(jars.output.value).toBeCloseTo(3 * 200 * 0.95 * 0.95, 0);
    expect(jars.storeIn).toEqual({ kind: "jar", place: "fridge", count: 3 });
    const cubes = await plan({ kind: "containers", container: "cube", count: 12, place: "freezer" });
    expect(cubes.output.value).toBeCloseTo(12 * 20 * 0.95 * 0.9, 0);
    expect(cubes.storeIn).toEqual({ kind: "cube", place: "freezer", count: 12 });
    const loads = await plan({ kind: "loads", count: 2 });
    expect(loads.output.value).toBeCloseTo(900, 0);
    expect(loads.loads).toMatchObject([{ step: 0, count: 2, problem: null }]);
    expect(loads.limiting).not.toBeNull();
    expect(loads.rounding.map((r) => r.metric)).toEqual(["oil-to-acid", "salt-percent"]);
    expect(loads.lines.find((l) => l.role === "oil")?.parts[0]?.gradualAddition).toMatchObject({
      startG: expect.any(Number),
    });
    const none = await wren.call("planMake", {
      body: { recipeId: "rubbed-kale-and-apple", scale: { kind: "loads", count: 1 } },
    });
    expect(none.problem.code).toBe("no-machine-load");
  });

  it("says how long another size takes, and cuts roots to be done together", async () => {
    const body = {
      mm: 40,
      referenceMm: 20,
      minutes: { low: 20, high: 25 },
      together: [{ id: "beet", minutes: 50, mm: 20 }],
    };
    const timed = (await wren.call("timeBySize", { body })).body;
    expect(timed.factor).toBeCloseTo(2.37, 2);
    expect(timed.minutes.high).toBeCloseTo(59.3, 0);
    expect(timed.together[0]?.mm).toBeGreaterThan(20);
    const whole = await wren.call("timeBySize", {
      body: { ...body, whole: { grams: 800, referenceG: 100 } },
    });
    expect(whole.body.factor).toBeCloseTo(timed.factor, 6);
    const refused = await wren.call("timeBySize", { body: { ...body, mm: 900 } });
    expect(refused.status).toBe(422);
  });
});

describe("dressings kept and learned", () => {
  const parts = [
    { ingredient: "cider-vinegar", role: "acid" as const, grams: 50 },
    { ingredient: "olive-oil", role: "oil" as const, grams: 140 },
  ];

  it("becomes a recipe, and a part of a salad: half to roast, half to finish", async () => {
    const saved = await wren.call("saveDressing", {
      body: {
        name: "Cider dressing",
        parts,
        halved: true,
        intoRecipe: { id: "rubbed-kale-and-apple", basedOn: 1, grams: 50 },
      },
    });
    expect([saved.status, saved.body.id]).toEqual([201, "cider-dressing"]);
    const salad = (await wren.call("getRecipe", { params: { id: "rubbed-kale-and-apple" } })).body;
    expect(salad.version).toBe(2);
    expect(salad.formula.lines.filter((l) => l.recipe === "cider-dressing").map((l) => l.grams)).toEqual([
      25, 25,
    ]);
    const twice = await wren.call("saveDressing", {
      body: {
        name: "Cider dressing",
        parts,
        halved: true,
        intoRecipe: { id: "rubbed-kale-and-apple", basedOn: 2, grams: 50 },
      },
    });
    expect([twice.status, twice.problem.code]).toEqual([409, "already-dressed"]);
    const kept = (await wren.call("listRecipes", { query: { text: "cider dressing" } })).body.recipes;
    expect(kept.map((r) => r.id)).toEqual(["cider-dressing"]);
  });

  it("keeps by what is in it, and says when", async () => {
    const keep = async (ingredients: string) =>
      (await wren.call("dressingShelfLife", { query: { ingredients } })).body;
    const plain = await keep("olive-oil,cider-vinegar");
    const garlic = await keep("olive-oil,cider-vinegar,garlic");
    expect(garlic.days).toBeLessThan(plain.days);
    expect(garlic.on >= "2026-09-10").toBe(true);
    const none = await wren.call("dressingShelfLife", { query: { ingredients: "olive-oil,snake-oil" } });
    expect(none.problem.code).toBe("ingredient-unknown");
  });

  it("a jar weighed back draws the next estimate; more than the salad weighs is refused", async () => {
    const ask = async () =>
      (await wren.call("dressingForSalad", { query: { group: "slaw", saladG: 500 } })).body;
    const before = await ask();
    const back = await wren.call("weighJarBack", { body: { group: "slaw", saladG: 500, usedG: 40 } });
    expect(back.body.ownWeighings).toBe(1);
    expect(back.body.grams.value).toBeLessThan(before.grams.value);
    expect((await ask()).grams).toEqual(back.body.grams);
    const swims = await wren.call("weighJarBack", { body: { group: "slaw", saladG: 100, usedG: 400 } });
    expect([swims.status, swims.problem.code]).toEqual([422, "more-dressing-than-salad"]);
  });
});
