import { randomUUID } from "node:crypto";
import { lineReader } from "@apron/core/catalogue";
import { referenceCatalogue } from "@apron/core/catalogue/reference";
import { acceptReview, draftOfParts, reviewRecipe } from "@apron/core/exchange";
import { afterAll, beforeAll, describe, expect, it } from "@jest/globals";
import { cookingAs, dish, line, partsOf } from "./dishes.ts";
import { openTestKitchen, type Browser, type TestKitchen } from "./test-kitchen.ts";

let kitchen: TestKitchen;
let wren: Browser;
beforeAll(async () => {
  kitchen = await openTestKitchen();
  wren = await kitchen.setUp();
});
afterAll(() => kitchen.close());

const { saved, logged, planned, prepared, gramsLeft } = cookingAs(() => wren);

describe("a lemon for its juice and its zest", () => {
  let [recipe, lemons] = ["", ""];
  beforeAll(async () => {
    lemons = (await logged("lemon", "660 g")).id;
    recipe = await saved(
      dish("Lemon bowl", [line("juice", 60, "lemon-juice"), line("zest", 4, "lemon", { trim: "zest" })]),
    );
  });

  it("is one lot, said to be pressed and zested, and two of six are enough", async () => {
    const plan = await planned(recipe);
    expect(partsOf(plan, "juice")).toMatchObject([
      { lotId: lemons, toDo: { method: "squeeze" }, form: "whole" },
    ]);
    expect(partsOf(plan, "zest")).toMatchObject([{ lotId: lemons, toDo: { method: "zest" }, from: "lot" }]);
    expect(plan.prepare).toMatchObject([{ lotId: lemons, method: "zest", rawG: 220, name: "lemon" }]);
  });

  it("prepares them alone; then nothing is raw and nothing to buy; one act takes it back", async () => {
    const done = await prepared(await planned(recipe));
    expect(done.status).toBe(201);
    expect(await gramsLeft(lemons)).toBe(440);
    const plan = await planned(recipe);
    expect(plan.prepare).toEqual([]);
    expect(plan.lines.flatMap((one) => one.parts).map((part) => [part.from, part.toDo])).toEqual([
      ["lot", null],
      ["lot", null],
    ]);
    const trimIds = done.body.trims.map((trim) => trim.id);
    const back = await wren.call("withdrawTrims", {
      body: { id: randomUUID(), trimIds, reason: "not after all" },
    });
    expect(back.body.trims.map((trim) => trim.gramsBack)).toEqual([true]);
    expect(await gramsLeft(lemons)).toBe(660);
    expect((await planned(recipe)).prepare).toHaveLength(1);
  });

  it("refuses all where one cannot be, and changes nothing", async () => {
    const trims = [
      { id: randomUUID(), lotId: lemons, method: "squeeze", rawG: 110 },
      { id: randomUUID(), lotId: lemons, method: "squeeze", rawG: 9000 },
    ];
    const refused = await wren.call("prepareLots", { body: { id: randomUUID(), trims } });
    expect(refused.problem.code).toBe("more-than-on-hand");
    expect(await gramsLeft(lemons)).toBe(660);
    const unknown = await wren.call("prepareLots", {
      body: { id: randomUUID(), trims: [{ ...trims[0]!, lotId: randomUUID() }] },
    });
    expect(unknown.problem).toMatchObject({ code: "lot-unknown", field: "trims.0.lotId" });
  });

  it("pressed, it is lemon juice in the basket", async () => {
    const trim = {
      id: randomUUID(),
      lotId: lemons,
      method: "squeeze",
      rawG: 110,
      usableG: 47,
      confirmed: true,
    };
    const { body } = await wren.call("recordTrim", { body: trim });
    expect(body.usableLot).toMatchObject({ ingredient: "lemon-juice", method: "squeeze", grams: 47 });
  });
});

describe("three aubergines are three things", () => {
  let [dip, bake] = ["", ""];
  const lots = { whole: "", peeled: "", roasted: "" };
  const trim = async (lotId: string, method: string, rawG: number, usableG: number): Promise<string> => {
    const body = { id: randomUUID(), lotId, method, rawG, usableG, confirmed: true };
    return (await wren.call("recordTrim", { body })).body.usableLot.id;
  };
  beforeAll(async () => {
    const scooped = { trim: "char-whole-then-scoop", eatenRaw: false };
    dip = await saved(dish("Smoky dip", [line("flesh", 400, "eggplant", scooped)]));
    bake = await saved(
      dish("Tray bake", [line("dice", 300, "eggplant", { cook: "roast-diced", eatenRaw: false })]),
    );
    lots.whole = (await logged("eggplant", "3 kg")).id;
    lots.roasted = await trim(lots.whole, "roast-whole-then-scoop", 400, 200);
    lots.peeled = await trim(lots.whole, "peel", 300, 240);
  });

  it("the dip takes the roasted one first and chars the rest whole; the bake takes the peeled", async () => {
    const flesh = partsOf(await planned(dip), "flesh");
    expect(flesh.map((part) => [part.lotId, part.toDo?.words ?? null])).toEqual([
      [lots.roasted, null],
      [lots.whole, "char whole, then scoop"],
    ]);
    const dice = partsOf(await planned(bake), "dice");
    expect(dice.map((part) => part.lotId)).toEqual([lots.peeled, lots.whole]);
  });

  it("offers the other that fits, and takes it when the cook says so", async () => {
    const [first] = (await planned(bake)).lines;
    expect(first?.others).toEqual([]);
    const mine = (await logged("eggplant", "1 kg")).id;
    // Of the two whole lots, equally urgent, one fills the line beside the peeled one; the other is offered.
    const [other, ...more] = (await planned(bake)).lines[0]?.others ?? [];
    expect([other?.form, other?.toDo, more.length]).toEqual(["whole", "peel", 0]);
    expect([mine, lots.whole]).toContain(other?.lotId);
    const take = [{ lineId: "dice", lotId: other?.lotId ?? "" }];
    expect(partsOf(await planned(bake, { take }), "dice").map((part) => part.lotId)).toEqual([other?.lotId]);
  });

  it("a lot in a form that its line cannot use is refused", async () => {
    const used = [{ lineId: "flesh", ingredient: "eggplant", lotId: lots.peeled, grams: 100 }];
    const batch = {
      ...{ id: randomUUID(), recipeId: dip, version: 1, batches: 1, used, weighedG: null, leftOvers: [] },
      containers: [{ kind: "bowl" as const, count: 1, place: "fridge" as const }],
    };
    const refused = await wren.call("finishMake", { body: batch });
    expect(refused.problem).toMatchObject({ code: "form-does-not-fit", field: "used.0.grams" });
  });
});

it("a lot that would shorten the date is left out, said so with the date, and taken when asked for", async () => {
  const recipe = await saved(dish("Kale bowl", [line("green", 120, "kale")], "massaged-kale-salad"));
  const whole = (await logged("kale", "900 g")).id;
  const trim = {
    id: randomUUID(),
    lotId: whole,
    method: "strip-leaves",
    rawG: 200,
    usableG: 130,
    confirmed: true,
  };
  const cut = (await wren.call("recordTrim", { body: trim })).body.usableLot.id;
  kitchen.setNow("2026-09-13T09:00:00");
  // Six portions are more than two people eat in a day: with leaves on their last day they could not be eaten in time.
  const scale = { kind: "batches" as const, batches: 3 };
  const plan = await planned(recipe, { scale });
  expect(partsOf(plan, "green").map((part) => part.lotId)).toContain(whole);
  expect(partsOf(plan, "green").map((part) => part.lotId)).not.toContain(cut);
  expect(plan.leftOut).toMatchObject([{ lotId: cut, useBy: "2026-09-13" }]);
  const taken = await planned(recipe, { scale, take: [{ lineId: null, lotId: cut }] });
  expect(partsOf(taken, "green")[0]?.lotId).toBe(cut);
  expect(taken.useBy.fridge?.on).toBe("2026-09-13");
  expect(taken.leftOut).toEqual([]);
});

it("by-products that are good for something stand in Today, the others are quiet", async () => {
  const lot = (await logged("kohlrabi", "2 kg")).id;
  const parts = [
    { part: "leaves", grams: 300, fate: "keep" as const },
    { part: "odd ends", grams: 100, fate: "keep" as const },
  ];
  const trim = {
    id: randomUUID(),
    lotId: lot,
    method: "peel",
    rawG: 2000,
    usableG: 1500,
    parts,
    confirmed: true,
  };
  const { partLots } = (await wren.call("recordTrim", { body: trim })).body;
  expect(partLots.map((one) => one.state)).toEqual(["by-product", "by-product"]);
  kitchen.setNow("2026-09-16T09:00:00");
  const { useFirst } = (await wren.call("today", {})).body;
  const shown = useFirst.map((one) => one.note);
  expect(shown.some((note) => note.startsWith("odd ends"))).toBe(false);
});

it.each([
  ["2 eggs", "egg"],
  ["3 figs", "fig"],
  ["4 leeks", "leek"],
  ["4 ears of corn", "corn"],
  ["1 head garlic", "garlic"],
  ["2 bunches basil, leaves", "basil"],
  ["2 stalks celery", "celery"],
  ["2 aubergines, charred whole and scooped", "eggplant"],
])("%s bought are what the recipe asks for: nothing to buy", async (text, ingredient) => {
  kitchen.setNow("2026-09-20T09:00:00");
  const source = { kind: "market" as const, note: "" };
  const bought = text.replace(/,.*/, "");
  const lines = [{ id: randomUUID(), text: bought, place: "fridge" as const }];
  const intake = await wren.call("logIntake", {
    body: { id: randomUUID(), since: "2026-09-20", source, lines },
  });
  expect(intake.status).toBe(201);
  const reader = lineReader(referenceCatalogue, { cup: "us-customary", ounces: {} });
  const about = { title: `Dish of ${text}`, category: "", yieldText: "serves 2", minutes: null, notes: "" };
  const draft = draftOfParts({ ...about, ingredients: [text], steps: ["Cook."] });
  const review = reviewRecipe(draft, reader);
  const accepted = acceptReview(review, new Map(), referenceCatalogue);
  if (!accepted.ok) throw new Error(accepted.issue.code);
  const { id: _none, ...formula } = accepted.value;
  const id = (await wren.call("saveRecipe", { body: { formula } })).body.id;
  const parts = (await planned(id)).lines.flatMap((one) => one.parts);
  expect(parts.map((part) => [part.ingredient, part.from])).toEqual(parts.map(() => [ingredient, "lot"]));
});
