import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { check } from "../../test/property.ts";
import solver from "javascript-lp-solver";
import { aLine, everyone, factsOf } from "../../test/kitchen.ts";
import { referenceCatalogue } from "../catalogue/reference.ts";
import type { Demand, Filling, Stock } from "./demand.ts";
import { fillLines } from "./fill-lines.ts";
import { allowedFillers, isStrong } from "./slots.ts";
import { topUpLine } from "./top-up.ts";

const demandOf = (id: string, grams: number, text: string, maxStrongHerbShare = 1): Demand => ({
  lineId: id,
  grams,
  fillers: allowedFillers(aLine(id, grams, text), referenceCatalogue, everyone),
  maxStrongHerbShare,
  optional: false,
});
const lot = (lotId: string, ingredient: string, grams: number, urgencyWeight = 1): Stock => ({
  lotId,
  ingredient,
  grams,
  urgencyWeight,
});
const gramsFor = (fillings: readonly Filling[], lotId: string): number =>
  fillings.filter((f) => f.lotId === lotId).reduce((g, f) => g + f.grams, 0);
const worthOf = (fillings: readonly Filling[], stock: readonly Stock[]): number =>
  fillings.reduce(
    (total, f) => total + f.grams * (stock.find((s) => s.lotId === f.lotId)?.urgencyWeight ?? 0),
    0,
  );

describe("filling one line", () => {
  it("takes the more urgent lot first", () => {
    const stock = [lot("keeps", "chard", 200, 0.2), lot("now", "chard", 100, 0.9)];
    const fillings = fillLines([demandOf("green", 150, "chard")], stock);
    expect([gramsFor(fillings, "now"), gramsFor(fillings, "keeps")]).toEqual([100, 50]);
  });

  it("takes half as much of what is twice as strong, and no more than there is of it", () => {
    const plain = demandOf("acid", 100, "cider-vinegar");
    const strong = { ...plain, fillers: plain.fillers.map((f) => ({ ...f, gramsPerGram: 0.5 })) };
    expect(gramsFor(fillLines([strong], [lot("v", "cider-vinegar", 60)]), "v")).toBeCloseTo(50, 6);
    expect(gramsFor(fillLines([strong], [lot("v", "cider-vinegar", 30)]), "v")).toBeCloseTo(30, 6);
    const weak = { ...plain, fillers: plain.fillers.map((f) => ({ ...f, gramsPerGram: 2 })) };
    expect(gramsFor(fillLines([weak], [lot("v", "cider-vinegar", 150)]), "v")).toBeCloseTo(150, 6);
  });

  it("keeps a filler under its share: spinach at most half", () => {
    const fillings = fillLines([demandOf("green", 80, "basil spinach:0.5")], [lot("s", "spinach", 500)]);
    expect(gramsFor(fillings, "s")).toBeCloseTo(40, 6);
  });

  it("keeps strong herbs together under their cap: at most a quarter", () => {
    expect([isStrong(factsOf("lovage")), isStrong(factsOf("parsley"))]).toEqual([true, false]);
    const stock = [lot("lovage", "lovage", 100, 1), lot("parsley", "parsley", 100, 0.1)];
    const fillings = fillLines([demandOf("green", 80, "parsley lovage", 0.25)], stock);
    expect(gramsFor(fillings, "lovage")).toBeCloseTo(20, 6);
    expect(gramsFor(fillings, "parsley")).toBeCloseTo(60, 6);
  });

  it("never takes more than there is, nor what does not belong", () => {
    const fillings = fillLines(
      [demandOf("green", 80, "chard")],
      [lot("a", "chard", 30), lot("b", "plum", 500)],
    );
    expect(fillings).toEqual([{ lineId: "green", lotId: "a", ingredient: "chard", grams: 30 }]);
  });
});

describe("several lines sharing lots", () => {
  it("reroutes: the flexible line gives way to the one that can only take this", () => {
    const demands = [demandOf("either", 100, "chard kale"), demandOf("chard-only", 100, "chard")];
    const stock = [lot("chard", "chard", 100, 1), lot("kale", "kale", 100, 0.5)];
    const fillings = fillLines(demands, stock);
    expect(worthOf(fillings, stock)).toBeCloseTo(150, 6);
  });
});

describe("against an independent linear programme", () => {
  const names = ["chard", "kale", "lovage", "parsley", "sorrel", "carrot-tops"] as const;
  const share = fc.constantFrom("1", "0.5", "0.25");
  const filler = fc
    .tuple(fc.constantFrom(...names), share)
    .map(([name, s]) => [name, `${name}:${s}`] as const);
  const line = fc.record({
    grams: fc.integer({ min: 10, max: 300 }),
    fillers: fc.uniqueArray(filler, { minLength: 1, maxLength: 4, selector: ([name]) => name }),
    maxStrongHerbShare: fc.constantFrom(1, 0.5, 0.25),
  });
  const stocked = fc.record({
    ingredient: fc.constantFrom(...names),
    grams: fc.integer({ min: 1, max: 300 }),
    urgencyWeight: fc.integer({ min: 1, max: 100 }).map((w) => w / 100),
  });

  /** The same problem written down plainly and handed to a general solver. */
  function bestByProgramme(demands: readonly Demand[], stock: readonly Stock[]): number {
    const variables: Record<string, Record<string, number>> = {};
    const constraints: Record<string, { max: number }> = {};
    for (const s of stock) constraints[`lot ${s.lotId}`] = { max: s.grams };
    for (const d of demands) {
      constraints[`line ${d.lineId}`] = { max: d.grams };
      constraints[`strong ${d.lineId}`] = { max: d.grams * d.maxStrongHerbShare };
      for (const f of d.fillers) {
        constraints[`cap ${d.lineId} ${f.ingredient}`] = { max: d.grams * f.maxShare };
        for (const s of stock.filter((one) => one.ingredient === f.ingredient))
          variables[`${d.lineId}|${s.lotId}`] = {
            urgencyWeight: s.urgencyWeight,
            [`lot ${s.lotId}`]: 1,
            [`line ${d.lineId}`]: 1,
            [`cap ${d.lineId} ${f.ingredient}`]: 1,
            ...(isStrong(f.facts) ? { [`strong ${d.lineId}`]: 1 } : {}),
          };
      }
    }
    if (Object.keys(variables).length === 0) return 0;
    const answer = solver.Solve({ optimize: "urgencyWeight", opType: "max", constraints, variables });
    return Number((answer as { result?: number }).result ?? Number.NaN);
  }

  it("is never worse and never better, over random kitchens", () => {
    let seen = 0;
    check(
      fc.property(
        fc.array(line, { minLength: 1, maxLength: 3 }),
        fc.array(stocked, { minLength: 1, maxLength: 6 }),
        (lines, lots) => {
          const demands = lines.map((l, i) =>
            demandOf(`l${i}`, l.grams, l.fillers.map(([, text]) => text).join(" "), l.maxStrongHerbShare),
          );
          const stock = lots.map((l, i) => ({ ...l, lotId: `s${i}` }));
          expect(worthOf(fillLines(demands, stock), stock)).toBeCloseTo(bestByProgramme(demands, stock), 3);
          seen++;
        },
      ),
      { numRuns: 300 },
    );
    expect(seen).toBe(300);
  });
});

describe("topping up what stock does not cover", () => {
  const staple = (id: string): boolean => id === "parsley";

  it("takes from the shelf before the shop, within caps", () => {
    const demand = demandOf("green", 100, "chard parsley:0.5");
    const [first, second] = topUpLine(demand, [], staple);
    expect(first).toMatchObject({ ingredient: "parsley", grams: 50, from: "staple" });
    expect(second).toMatchObject({ ingredient: "chard", grams: 50, from: "buy" });
  });

  it("does nothing for a full line and forgets crumbs", () => {
    const demand = demandOf("green", 100, "chard");
    const full = [{ lineId: "green", lotId: "a", ingredient: "chard", grams: 99.97 }];
    expect(topUpLine(demand, full, staple)).toEqual([]);
  });

  it("does not buy more strong herb than the cap leaves", () => {
    const demand = demandOf("green", 100, "lovage parsley", 0.25);
    const used = [{ lineId: "green", lotId: "a", ingredient: "lovage", grams: 20 }];
    const bought = topUpLine(demand, used, () => false);
    expect(bought.find((t) => t.ingredient === "lovage")?.grams).toBeCloseTo(5, 6);
    expect(bought.find((t) => t.ingredient === "parsley")?.grams).toBeCloseTo(75, 6);
  });
});
