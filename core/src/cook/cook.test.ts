import { describe, expect, it } from "@jest/globals";
import { aFormula, aLine, everyone, factsOf, someStock } from "../../test/kitchen.ts";
import { referenceCatalogue } from "../catalogue/reference.ts";
import type { LotOnHand } from "../recipes/index.ts";
import { measureOut } from "./kitchen-measures.ts";
import { limitingLine } from "./limiting-line.ts";
import { planMake, type MakeKitchen } from "./plan-make.ts";
import { roundingEffects } from "./rounding-effect.ts";
import {
  believableOutput,
  recordedOutput,
  reconcileBatch,
  type OnHandLot,
  type UsedPart,
} from "./reconcile-batch.ts";

const kitchen: MakeKitchen = {
  catalogue: referenceCatalogue,
  diners: everyone,
  staples: new Set(["olive-oil", "salt-sea-fine"]),
  cup: "us-customary",
  display: { system: "metric", locale: "en-GB" },
};
const formula = aFormula([
  aLine("green", 100, "chard kale:0.5"),
  aLine("cheese", 30, "feta"),
  aLine("oil", 54, "olive-oil"),
  aLine("bean", 50, "runner-bean green-bean", { eatenRaw: false, cook: "boil" }),
]);
const stock: LotOnHand[] = [
  someStock("chard-1", "chard", 150),
  someStock("kale-1", "kale", 300, { urgencyWeight: 0.4 }),
];

describe("things that come in wholes", () => {
  const whole = (grams: number, id: string) =>
    measureOut(grams, factsOf(id), { cup: "us-customary", display: kitchen.display }).whole;

  it("are counted in wholes and halves, eggs in wholes alone, with what that errs", () => {
    expect(whole(350, "chickpea")).toMatchObject({ text: "1½ tins", grams: 360 });
    expect(whole(350, "chickpea")?.error).toBeCloseTo(10 / 350, 9);
    expect(whole(30, "chickpea")).toBeNull();
    expect(whole(96, "chickpea")).toMatchObject({ text: "½ tin", error: 0.25 });
    expect(whole(95.9, "chickpea")).toBeNull();
    expect(whole(70, "egg")).toMatchObject({ text: "1 egg", grams: 50 });
    expect(whole(80, "egg")?.text).toBe("2 eggs");
    expect(whole(80, "chard")).toBeNull();
  });
});

describe("what runs out, and what rounding does", () => {
  const planOf = (batches: number) => {
    const plan = planMake(formula, batches, { stock, kitchen });
    if (!plan.ok) throw new Error(plan.issue.code);
    return plan.value;
  };

  it("names the line that what is on hand fills least; staples and optional lines limit nothing", () => {
    expect(limitingLine(formula, planOf(1), { stock, kitchen })).toMatchObject({
      ingredient: "feta",
      batches: 0,
      shortG: 30,
    });
    const green = aFormula([aLine("green", 100, "chard"), aLine("oil", 54, "olive-oil")]);
    const plan = planMake(green, 2, { stock, kitchen });
    expect(plan.ok && limitingLine(green, plan.value, { stock, kitchen })).toMatchObject({
      ingredient: "chard",
      batches: expect.closeTo(1.5, 1),
      shortG: 50,
    });
    const free = aFormula([aLine("green", 100, "chard"), aLine("x", 5, "viola", { optional: true })]);
    const loose = planMake(free, 1, { stock, kitchen });
    expect(loose.ok && limitingLine(free, loose.value, { stock, kitchen })).toBeNull();
  });

  it("is searched for where caps make a line run out earlier than in a straight line", () => {
    // Kale may be half of the line: 150 g of chard carry 300 g of it at most, however much kale there is.
    const capped = aFormula([aLine("green", 100, "chard kale:0.5")]);
    const plan = planMake(capped, 6, { stock, kitchen });
    expect(plan.ok && limitingLine(capped, plan.value, { stock, kitchen })).toMatchObject({
      ...{ lineId: "green", batches: expect.closeTo(3, 1), shortG: 150 },
    });
    const shared = aFormula([aLine("a", 50, "chard"), aLine("b", 50, "chard")]);
    const both = planMake(shared, 3, { stock, kitchen });
    expect(both.ok && limitingLine(shared, both.value, { stock, kitchen })?.batches).toBeCloseTo(1.5, 1);
  });

  it("follows oil : acid and salt through the rounding of every line", () => {
    const dressed = aFormula([
      aLine("oil", 33.4, "olive-oil", { role: "oil" }),
      aLine("acid", 9.8, "cider-vinegar", { role: "acid" }),
      aLine("salt", 1.2, "salt-sea-fine", { role: "salt" }),
    ]);
    const plan = planMake(dressed, 1, { stock, kitchen });
    const effects = plan.ok ? roundingEffects(plan.value, referenceCatalogue) : [];
    const [ratio, salt] = effects;
    // 33.4 g is weighed as 33, 9.8 as 10, 1.2 as 1.
    expect(ratio).toMatchObject({ metric: "oil-to-acid" });
    expect(ratio?.error).toBeCloseTo(33 / 10 / (33.4 / 9.8) - 1, 6);
    expect(salt?.error).toBeCloseTo(1 / 44 / (1.2 / 44.4) - 1, 2);
  });
});

describe("measuring out", () => {
  it("gives the scale, and the spoon where one comes near", () => {
    expect(
      measureOut(54, factsOf("olive-oil"), { cup: "us-customary", display: kitchen.display }),
    ).toMatchObject({
      scale: { text: "54 g" },
      spoon: { text: "¼ cup", error: 0 },
    });
    expect(
      measureOut(13.6, factsOf("olive-oil"), { cup: "us-customary", display: kitchen.display }).spoon?.text,
    ).toBe("1 tbsp");
    expect(
      measureOut(6, factsOf("garlic"), { cup: "us-customary", display: kitchen.display }).spoon?.text,
    ).toBe("2 cloves");
    expect(
      measureOut(5.6, factsOf("salt-sea-fine"), { cup: "us-customary", display: kitchen.display }).spoon
        ?.text,
    ).toBe("1 tsp");
  });

  it("makes spoons out of density where the table has none", () => {
    const facts = { ...factsOf("olive-oil"), measures: [] };
    const spoon = measureOut(13.6, facts, { cup: "us-customary", display: kitchen.display }).spoon;
    expect(spoon?.text).toBe("1 tbsp");
  });
});

describe("planning a make", () => {
  const planned = planMake(formula, 2, { stock, kitchen });
  if (!planned.ok) throw new Error("should plan");
  const { lines, output } = planned.value;
  const parts = (id: string) =>
    lines.find((l) => l.line.id === id)?.parts.map((p) => [p.ingredient, p.from, Math.round(p.grams)]);

  it("fills from lots by urgency, then the shelf, then the shop", () => {
    expect(parts("green")).toEqual([
      ["chard", "lot", 150],
      ["kale", "lot", 50],
    ]);
    expect(parts("oil")).toEqual([["olive-oil", "staple", 108]]);
    expect(parts("cheese")).toEqual([["feta", "buy", 60]]);
  });

  it("fills every line to its grams and says what it should weigh", () => {
    for (const line of lines)
      expect(line.parts.reduce((g, p) => g + p.grams, 0)).toBeCloseTo(line.wantedG, 3);
    expect(output.value).toBeCloseTo(200 + 60 + 108 + 100 * 0.96, 3);
  });

  it("expects what the recipe says that it boils down to, planned and settled alike, and believes more", () => {
    const lines = [aLine("a", 800, "beet"), aLine("b", 200, "sugar")];
    const jam = aFormula(lines, { makes: { kind: "mass", grams: 600 } });
    const make = planMake(jam, 2, { stock: [], kitchen });
    expect(make.ok && [make.value.remains.value, make.value.output.value]).toEqual([0.6, 1200]);
    const used = lines.map(({ id, grams, fillers }) => ({
      ...{ lineId: id, grams, lotId: null, ingredient: fillers[0]?.ingredient ?? "" },
    }));
    const made = reconcileBatch(jam, used, { lots: [], catalogue: referenceCatalogue });
    if (!made.ok) throw new Error("not settled");
    expect(made.value.output.value).toBeCloseTo(600, 9);
    expect([950, 1250, 1251].map((grams) => believableOutput(grams, made.value.output))).toEqual([
      ...[true, true, false],
    ]);
  });

  it("refuses a dish with a line nobody here may eat, naming the line", () => {
    const vegans: MakeKitchen = { ...kitchen, diners: { ...everyone, diet: "vegan" } };
    expect(planMake(formula, 1, { stock, kitchen: vegans })).toEqual({
      ok: false,
      issue: { code: "not-for-these-diners", lineIds: ["cheese"] },
    });
  });
});

describe("settling what was really used", () => {
  const onHand = (extra: Partial<OnHandLot> = {}): OnHandLot => ({
    lotId: "chard-1",
    ingredient: "chard",
    onHandG: 150,
    state: "usable",
    method: "strip-leaves",
    pastSafety: false,
    ...extra,
  });
  const used = (extra: Partial<UsedPart> = {}): UsedPart => ({
    lineId: "green",
    ingredient: "chard",
    lotId: "chard-1",
    grams: 100,
    ...extra,
  });
  const settle = (parts: readonly UsedPart[], lots: readonly OnHandLot[] = [onHand()]) =>
    reconcileBatch(formula, parts, { lots, catalogue: referenceCatalogue });

  it("adds up what each lot gives over all lines", () => {
    const two = aFormula([aLine("a", 10, "chard"), aLine("b", 10, "chard")]);
    const parts = [used({ lineId: "a", grams: 60 }), used({ lineId: "b", grams: 50.5 })];
    const reconciled = reconcileBatch(two, parts, { lots: [onHand()], catalogue: referenceCatalogue });
    expect(reconciled).toMatchObject({
      ok: true,
      value: { draws: [{ lotId: "chard-1", grams: 110.5 }], output: { value: 110.5 } },
    });
  });

  it.each([
    ["nothing-used", [], undefined],
    ["grams-not-positive", [used({ grams: 0 })], undefined],
    ["grams-not-positive", [used({ grams: -5 })], undefined],
    ["grams-not-positive", [used({ grams: Number.NaN })], undefined],
    ["line-unknown", [used({ lineId: "ghost" })], undefined],
    ["not-in-this-line", [used({ ingredient: "plum", lotId: null })], undefined],
    ["lot-unknown", [used({ lotId: "elsewhere" })], undefined],
    ["lot-unknown", [used({ ingredient: "kale" })], undefined],
    ["lot-needs-trimming", [used()], [onHand({ state: "raw", method: null })]],
    ["lot-past-safety", [used()], [onHand({ pastSafety: true })]],
    ["more-than-on-hand", [used({ grams: 150.01 })], undefined],
    ["more-than-on-hand", [used({ grams: 80 }), used({ grams: 80 })], undefined],
  ] as const)("refuses: %s", (code, parts, lots) => {
    expect(settle(parts, lots ?? [onHand()])).toMatchObject({ ok: false, issue: { code } });
  });

  it("never lets a never-raw ingredient onto a raw line, even when the formula lists it", () => {
    const wrong = aFormula([aLine("bean", 100, "runner-bean")]);
    const parts = [{ lineId: "bean", ingredient: "runner-bean", lotId: null, grams: 50 }];
    expect(reconcileBatch(wrong, parts, { lots: [], catalogue: referenceCatalogue })).toMatchObject({
      ok: false,
      issue: { code: "never-raw" },
    });
  });

  it("lets a lot be used to the last milligram", () => {
    expect(settle([used({ grams: 150 })])).toMatchObject({ ok: true });
    expect(settle([used({ grams: 50 }), used({ grams: 50 }), used({ grams: 50 })])).toMatchObject({
      ok: true,
    });
  });

  it("records whole grams of a dish and the milligrams of a pinch", () => {
    const of = (value: number) => recordedOutput({ value, low: 0, high: 999 });
    expect([of(310.4), of(0.35)]).toEqual([310, 0.35]);
  });

  it("does not believe a dish far heavier than what went in", () => {
    const output = { value: 400, low: 380, high: 420 };
    expect([believableOutput(430, output), believableOutput(800, output)]).toEqual([true, false]);
  });
});
