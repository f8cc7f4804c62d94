import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { aFormula, aLine, everyone, factsOf, someStock } from "../../test/kitchen.ts";
import { check } from "../../test/property.ts";
import { referenceCatalogue as catalogue } from "../catalogue/reference.ts";
import { planMake } from "../cook/index.ts";
import { formAfter } from "../forms/index.ts";
import type { MatchStock } from "../match/index.ts";
import type { Demand } from "./demand.ts";
import type { Line } from "./formula.ts";
import { allowedFillers } from "./slots.ts";
import { fillFromLots, fitForLine, lotGramsPerBatch, offersFor, usefulLots } from "./stock-for-lines.ts";

const demand = (line: Line): Demand => ({
  ...{ lineId: line.id, grams: line.grams, maxStrongHerbShare: 1, optional: false },
  fillers: allowedFillers(line, catalogue, everyone),
});
const yieldsOf = (id: string): Record<string, number> =>
  Object.fromEntries(factsOf(id).trims.map((trim) => [trim.method, trim.mean]));
const whole = (lotId: string, id: string, grams: number, urgencyWeight = 1): MatchStock =>
  someStock(lotId, id, grams, { form: "whole", yields: yieldsOf(id), urgencyWeight });
const after = (lotId: string, id: string, grams: number, method: string): MatchStock =>
  someStock(lotId, id, grams, { form: formAfter(method), method });
const juice = aLine("juice", 43, "lemon-juice");
const zest = aLine("zest", 5, "lemon", { trim: "zest" });
const kitchen = {
  ...{ catalogue, diners: everyone, staples: new Set<string>(), cup: "us-customary" as const },
  display: { system: "metric", locale: "en-GB" } as const,
};

describe("lots in their forms", () => {
  it("one lemon gives its juice and its zest", () => {
    const fillings = fillFromLots([demand(juice), demand(zest)], [whole("l", "lemon", 100)]);
    expect(fillings).toMatchObject([
      { lineId: "juice", ingredient: "lemon-juice", toDo: "squeeze" },
      { lineId: "zest", ingredient: "lemon", toDo: "zest" },
    ]);
    expect(fillings.map((f) => f.lotG)).toEqual([expect.closeTo(100, 6), expect.closeTo(100, 6)]);
    expect(lotGramsPerBatch(aFormula([juice, zest]), whole("l", "lemon", 1), kitchen)).toBeCloseTo(100, 6);
  });

  it("but not its juice and its flesh: what one line takes the other does not get", () => {
    const flesh = aLine("flesh", 53, "lemon", { trim: "peel" });
    const fillings = fillFromLots([demand(juice), demand(flesh)], [whole("l", "lemon", 150)]);
    const taken = fillings.reduce((total, f) => total + f.lotG, 0);
    expect(taken).toBeCloseTo(150, 3);
    expect(fillings.find((f) => f.lineId === "juice")?.lotG).toBeCloseTo(100, 3);
    expect(lotGramsPerBatch(aFormula([juice, flesh]), whole("l", "lemon", 1), kitchen)).toBeCloseTo(200, 6);
  });

  it("ready food goes before raw where both are as urgent and it comes first", () => {
    const line = demand(aLine("leek", 88, "leek"));
    const fillings = fillFromLots(
      [line],
      [after("ready", "leek", 60, "top-and-tail"), whole("raw", "leek", 500)],
    );
    expect(fillings.map((f) => [f.lotId, Math.round(f.grams)])).toEqual([
      ["ready", 60],
      ["raw", 28],
    ]);
    expect(fillings[1]?.lotG).toBeCloseTo(28 / 0.44, 6);
  });

  it("takes three aubergines for three things", () => {
    const charred = demand(
      aLine("flesh", 100, "eggplant", { trim: "char-whole-then-scoop", eatenRaw: false }),
    );
    const lots = [
      after("peeled", "eggplant", 500, "peel"),
      after("roasted", "eggplant", 40, "roast-whole-then-scoop"),
      whole("whole", "eggplant", 900),
    ];
    const fillings = fillFromLots([charred], lots);
    expect(fillings.map((f) => [f.lotId, f.toDo])).toEqual([
      ["roasted", null],
      ["whole", "char-whole-then-scoop"],
    ]);
    expect(fitForLine(lots[0]!, charred)).toBeUndefined();
    expect(usefulLots(offersFor([charred], lots), lots).map((lot) => lot.lotId)).toEqual([
      "roasted",
      "whole",
    ]);
  });

  it("offers a lot once to all lines that take it alike, and to each other way apart", () => {
    const [a, b] = [demand(aLine("a", 50, "chard")), demand(aLine("b", 50, "chard"))];
    expect(offersFor([a, b], [whole("c", "chard", 200)]).offers).toHaveLength(1);
    const pressed = [demand(juice), demand(zest), { ...demand(juice), lineId: "more" }];
    const { offers, shared } = offersFor(pressed, [whole("l", "lemon", 200)]);
    expect(offers.map((one) => [...(one.lines ?? [])])).toEqual([["juice", "more"], ["zest"]]);
    expect(shared.map((lot) => lot.lotId)).toEqual(["l"]);
  });

  it("puts a lot that the cook chose before a more urgent one, in that line alone", () => {
    const [a, b] = [demand(aLine("a", 50, "chard")), demand(aLine("b", 50, "chard"))];
    const lots = [
      someStock("urgent", "chard", 100, { urgencyWeight: 1 }),
      someStock("mine", "chard", 100, { urgencyWeight: 0.1, chosenFor: ["b"] }),
    ];
    const fillings = fillFromLots([a, b], lots);
    expect(fillings.map((f) => [f.lineId, f.lotId, Math.round(f.grams)])).toEqual([
      ["a", "urgent", 50],
      ["b", "mine", 50],
    ]);
  });

  it("one bunch gives its leaves and its stems, and a by-product goes before another bunch", () => {
    const { mean, byProducts } = factsOf("chard").trims.find((t) => t.method === "strip-leaves")!;
    const leaves = aLine("leaves", 400 * mean, "chard", { trim: "strip-leaves" });
    const stems = aLine("stems", 300 * (byProducts[0]?.fraction ?? 0), "chard", {
      preparation: "stems only",
    });
    const demands = [demand(leaves), demand(stems)];
    const both = fillFromLots(demands, [whole("c", "chard", 400)]);
    expect(both.map((f) => [f.lineId, f.toDo, f.part, Math.round(f.lotG)])).toEqual([
      ["leaves", "strip-leaves", null, 400],
      ["stems", "strip-leaves", "stems", 300],
    ]);
    expect(lotGramsPerBatch(aFormula([leaves, stems]), whole("c", "chard", 1), kitchen)).toBeCloseTo(400, 6);
    const kept = someStock("kept", "chard", 30, { form: "cut", part: "stems", urgencyWeight: 2 });
    const filled = fillFromLots(demands, [kept, whole("c", "chard", 400)]);
    expect(filled.map((f) => [f.lotId, f.part])).toEqual([
      ["c", null],
      ["kept", null],
      ["c", "stems"],
    ]);
  });

  it("never takes more of a bunch than it holds, for leaves, stems and the whole of it", () => {
    const lines = [
      aLine("leaves", 120, "chard", { trim: "strip-leaves" }),
      aLine("stems", 90, "chard", { preparation: "stems only" }),
      aLine("all", 150, "chard", { trim: "leaves-and-fine-stems" }),
    ];
    const grams = fc.integer({ min: 1, max: 600 });
    check(
      fc.property(
        fc.array(grams, { minLength: 1, maxLength: 3 }),
        fc.integer({ min: 1, max: 4 }),
        (lots, times) => {
          const stock = lots.map((g, i) => whole(`l${i}`, "chard", g, (i + 1) / 4));
          const fillings = fillFromLots(
            lines.map((line) => ({ ...demand(line), grams: line.grams * times })),
            stock,
          );
          for (const lot of stock) {
            const of = (lineId: string) =>
              fillings
                .filter((f) => f.lotId === lot.lotId && f.lineId === lineId)
                .reduce((total, f) => total + f.lotG, 0);
            expect(Math.max(of("leaves"), of("stems")) + of("all")).toBeLessThanOrEqual(lot.grams + 0.05);
          }
        },
      ),
    );
  });

  it("never takes more of a lot than it holds, whatever lines ask for it", () => {
    const lines = [
      juice,
      zest,
      aLine("flesh", 60, "lemon", { trim: "supreme" }),
      aLine("peeled", 40, "lemon", { trim: "peel" }),
    ];
    const grams = fc.integer({ min: 1, max: 400 });
    check(
      fc.property(
        fc.array(grams, { minLength: 1, maxLength: 3 }),
        fc.integer({ min: 1, max: 4 }),
        (lots, times) => {
          const stock = lots.map((g, i) => whole(`l${i}`, "lemon", g, (i + 1) / 4));
          const demands = lines.map((line) => ({ ...demand(line), grams: line.grams * times }));
          const fillings = fillFromLots(demands, stock);
          for (const lot of stock) {
            const mine = fillings.filter((f) => f.lotId === lot.lotId);
            const of = (lineId: string) =>
              mine.filter((f) => f.lineId === lineId).reduce((t, f) => t + f.lotG, 0);
            const taken = Math.max(of("juice"), of("zest")) + of("flesh") + of("peeled");
            expect(taken).toBeLessThanOrEqual(lot.grams + 0.05);
          }
          for (const d of demands) {
            const filled = fillings.filter((f) => f.lineId === d.lineId).reduce((t, f) => t + f.grams, 0);
            expect(filled).toBeLessThanOrEqual(d.grams + 1e-6);
          }
        },
      ),
    );
  });

  it("a line filled from mixed forms gives the same dish weight as from one", () => {
    const line = aLine("beet", 200, "beet", { cook: "boil", eatenRaw: false });
    const dish = aFormula([line]);
    const weightOf = (stock: readonly MatchStock[]): number => {
      const plan = planMake(dish, 1, { stock, kitchen });
      if (!plan.ok) throw new Error(plan.issue.code);
      expect(plan.value.lines[0]?.parts.every((part) => part.from === "lot")).toBe(true);
      return plan.value.output.value;
    };
    const factor = factsOf("beet").changes.find((change) => change.method === "boil")?.factor ?? 0;
    const raw = weightOf([after("peeled", "beet", 300, "peel")]);
    expect(raw).toBeCloseTo(200 * factor, 6);
    expect(weightOf([whole("whole", "beet", 900)])).toBeCloseTo(raw, 6);
    expect(weightOf([after("boiled", "beet", 500, "boil")])).toBeCloseTo(raw, 6);
    const mixed = [
      after("boiled", "beet", 60, "boil"),
      after("peeled", "beet", 50, "peel"),
      whole("w", "beet", 900),
    ];
    expect(weightOf(mixed)).toBeCloseTo(raw, 6);
  });

  it("scaling commutes: twice the batches take twice of everything", () => {
    const dish = aFormula([juice, zest, aLine("leek", 88, "leek")]);
    const stock = [whole("l", "lemon", 9000), whole("k", "leek", 9000)];
    const drawn = (batches: number) => {
      const plan = planMake(dish, batches, { stock, kitchen });
      return plan.ok ? plan.value.lines.flatMap((one) => one.parts.map((part) => part.lotG)) : [];
    };
    check(
      fc.property(fc.double({ min: 0.5, max: 8, noNaN: true }), (batches) => {
        const twice = drawn(2 * batches);
        expect(twice).toHaveLength(3);
        for (const [i, grams] of drawn(batches).entries()) expect(twice[i]).toBeCloseTo(2 * grams, 4);
      }),
      { numRuns: 30 },
    );
  });
});
