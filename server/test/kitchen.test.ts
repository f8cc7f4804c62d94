import { afterAll, beforeAll, beforeEach, describe, expect, it } from "@jest/globals";
import { starterSet } from "../src/demo/starter-set.ts";
import { aLot, openTestKitchen, type Browser, type TestKitchen } from "./test-kitchen.ts";

let kitchen: TestKitchen;
let wren: Browser;
beforeAll(async () => {
  kitchen = await openTestKitchen();
  wren = await kitchen.setUp();
});
afterAll(() => kitchen.close());
beforeEach(() => {
  kitchen.setNow("2026-09-10T09:00:00Z");
});

const settingsOf = async (browser: Browser) => (await browser.call("getKitchen", {})).body;

describe("setting a kitchen up", () => {
  let fresh: TestKitchen;
  beforeAll(async () => {
    fresh = await openTestKitchen();
  });
  afterAll(() => fresh.close());
  const eater = { diet: "vegan", avoidAllergens: ["mustard"], avoidIngredients: [] } as const;
  const body = {
    ...{ kitchen: "Back step", password: "long enough", units: "us" as const, dialect: "us" as const },
    ...{ currency: "NZD", locale: "en-NZ", timeZone: "Pacific/Auckland", scale: "simulated" as const },
    ...{ cup: "metric" as const, freezerPortions: 12, eaters: [{ name: "Marlow", ...eater }] },
  } as const;

  it.each([
    [{ timeZone: "Middle/Earth" }, "timeZone"],
    [{ currency: "XQX" }, "currency"],
    [{ locale: "xx-!!" }, "locale"],
    [{ eaters: [] }, "eaters"],
    [{ password: "short" }, "password"],
  ])("refuses %j at its field", async (wrong, field) => {
    const refused = await fresh.guest.call("setUp", { body: { ...body, name: "Fern", ...wrong } });
    expect(refused.status).toBeGreaterThanOrEqual(400);
    expect(refused.problem.field).toBe(field);
  });

  it("keeps everything the page asks for, and shows all of it again", async () => {
    const opened = await fresh.guest.call("setUp", { body: { ...body, name: "Marlow" } });
    expect([opened.status, opened.body.kitchen.timeZone]).toEqual([201, "Pacific/Auckland"]);
    const cookie = (opened.headers.get("set-cookie") ?? "").split(";")[0] ?? "";
    const shown = await fresh.app.request("/api/kitchen", { headers: { cookie } });
    const { kitchen: name, password: _password, ...sent } = body;
    expect(await shown.json()).toMatchObject({ name, ...sent });
  });
});

describe("settings", () => {
  it("changed by eight at once all stay", async () => {
    const changes = [
      ...[{ name: "Eight hands" }, { units: "both" }, { dialect: "us" }, { freezerPortions: 61 }],
      ...[{ givePortions: 7 }, { staples: ["olive-oil"] }, { scale: "simulated" }, { currency: "EUR" }],
    ] as const;
    const answers = await Promise.all(changes.map((body) => wren.call("changeKitchen", { body })));
    expect(answers.map((one) => one.status)).toEqual(changes.map(() => 201));
    expect(await settingsOf(wren)).toMatchObject(Object.assign({}, ...changes) as object);
  });

  it("say what there is to cook with: one place on each of two tablets, and both stay", async () => {
    const usual = { trays: 2, rings: 4, hasGrill: true, isCharcoal: false, shelves: 4 };
    expect((await settingsOf(wren)).places).toEqual(usual);
    const changes = [{ places: { trays: 3 } }, { places: { rings: 1, hasGrill: false } }] as const;
    const answers = await Promise.all(changes.map((body) => wren.call("changeKitchen", { body })));
    expect(answers.map((one) => one.status)).toEqual([201, 201]);
    const now = { ...usual, trays: 3, rings: 1, hasGrill: false };
    expect((await settingsOf(wren)).places).toEqual(now);
    expect((await wren.call("currentSession", {})).body.kitchen.places).toEqual(now);
    const wrong = await wren.call("changeKitchen", { body: { places: { trays: 13 } } });
    expect([wrong.status, wrong.problem.field]).toEqual([422, "places.trays"]);
    expect((await settingsOf(wren)).places).toEqual(now);
  });

  it("eight jars weighed back at once are all remembered", async () => {
    const used = [38, 39, 40, 41, 42, 43, 44, 45];
    const answers = await Promise.all(
      used.map((usedG) => wren.call("weighJarBack", { body: { group: "slaw", saladG: 500, usedG } })),
    );
    expect(answers.map((one) => one.status)).toEqual(used.map(() => 201));
    const query = { group: "slaw", saladG: 500, madeG: 200 };
    expect((await wren.call("dressingForSalad", { query })).body.ownWeighings).toBe(8);
  });

  it("name only ingredients that are there, and nothing is changed by a wrong one", async () => {
    const before = await settingsOf(wren);
    const refused = await wren.call("changeKitchen", { body: { name: "Other", staples: ["moondust"] } });
    expect([refused.status, refused.problem.field]).toEqual([404, "staples"]);
    const eaters = [{ name: "A", diet: "any" as const, avoidAllergens: [], avoidIngredients: ["moondust"] }];
    expect((await wren.call("changeKitchen", { body: { eaters } })).problem.field).toBe("eaters.0");
    expect(await settingsOf(wren)).toEqual(before);
  });
});

describe("days are the kitchen's own", () => {
  it("tomorrow here is today in Auckland", async () => {
    kitchen.setNow("2026-09-10T20:00:00Z");
    const late = () => wren.call("logLot", { body: aLot("chard", "300", { since: "2026-09-11" }) });
    const refused = await late();
    expect([refused.status, refused.problem.code]).toEqual([422, "date-in-future"]);
    await wren.call("changeKitchen", { body: { timeZone: "Pacific/Auckland" } });
    expect((await late()).status).toBe(201);
    await wren.call("changeKitchen", { body: { timeZone: "UTC" } });
  });
});

describe("recipes of the demo", () => {
  it("are copied once; a second time nothing doubles", async () => {
    expect((await wren.call("takeDemoRecipes", {})).body.saved).toBe(starterSet.length);
    expect((await wren.call("takeDemoRecipes", {})).body.saved).toBe(0);
    const { total } = (await wren.call("listRecipes", { query: {} })).body;
    expect(total).toBe(starterSet.length);
  });
});

describe("a dish's photo", () => {
  /** The smallest JPEG that begins like one: start, an empty JFIF head, the scan's marker. */
  const jpeg = (...segments: number[][]): string =>
    Buffer.from([0xff, 0xd8, ...segments.flat(), 0xff, 0xda, 0, 2, 1, 2, 3]).toString("base64");
  const jfif = [0xff, 0xe0, 0, 4, 1, 2];
  const exif = [0xff, 0xe1, 0, 4, 1, 2];
  const params = { id: "lovage-green-sauce" };
  const photoOf = async () => (await wren.call("getRecipe", { params })).body.photo;

  it("is kept, read under an address of its own, carried in JSON-LD, and removed", async () => {
    const data = jpeg(jfif);
    const saved = await wren.call("setPhoto", { params, body: { data } });
    expect(saved.status).toBe(201);
    const address = await photoOf();
    expect(address).toBe(saved.body.photo);
    const read = await wren.raw(address ?? "");
    expect([read.status, read.headers.get("content-type")]).toEqual([200, "image/jpeg"]);
    expect(Buffer.from(await read.arrayBuffer()).toString("base64")).toBe(data);
    const exported = await (await wren.raw(`/api/recipes/${params.id}/recipe.jsonld`)).json();
    expect(exported).toMatchObject({ image: `data:image/jpeg;base64,${data}` });
    const another = await wren.call("setPhoto", { params, body: { data: jpeg(jfif, jfif) } });
    expect(another.body.photo).not.toBe(address);
    await wren.call("removePhoto", { params });
    expect(await photoOf()).toBeNull();
    expect((await wren.call("removePhoto", { params })).status).toBe(404);
  });

  it.each([
    ["no picture", Buffer.from("not a picture").toString("base64"), "photo-not-a-picture"],
    ["one that says where it was taken", jpeg(jfif, exif), "photo-has-metadata"],
  ])("refuses %s", async (_what, data, code) => {
    const refused = await wren.call("setPhoto", { params, body: { data } });
    expect([refused.status, refused.problem.code, await photoOf()]).toEqual([422, code, null]);
  });

  it("is seen by its own kitchen only", async () => {
    await wren.call("setPhoto", { params, body: { data: jpeg(jfif) } });
    const address = (await photoOf()) ?? "";
    expect((await kitchen.guest.raw(address)).status).toBe(401);
    const demo = await kitchen.signInDemo();
    expect((await demo.raw(address)).status).toBe(404);
  });
});

it("the demo is filled when it is first visited, beside a kitchen of one's own", async () => {
  expect((await kitchen.guest.call("startPage", {})).body).toMatchObject({ needsSetUp: false });
  const demo = await kitchen.signInDemo();
  expect((await demo.call("currentSession", {})).body.kitchen.demo).toBe(true);
  expect((await demo.call("listLots", { query: { limit: 5 } })).body.lots.length).toBe(5);
  expect((await settingsOf(wren)).name).not.toBe((await settingsOf(demo)).name);
});
