import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { check } from "../../test/property.ts";
import { factsOf } from "../../test/kitchen.ts";
import type { TrimYield } from "../catalogue/index.ts";
import { suggestParts } from "./by-products.ts";
import { closeBalance, type TrimPart } from "./close-balance.ts";
import { expectedTrim } from "./expected-trim.ts";
import { judgeWeighing } from "./judge-weighing.ts";
import { kitchenYield } from "./kitchen-yield.ts";
import { ingredientOfPart, isForEating } from "./parts.ts";
import { learnYield, priorOf } from "./learn-yield.ts";
import { costPerUsable100g, planPurchase } from "./plan-purchase.ts";

const chard = factsOf("chard").trims[0] as TrimYield;
const part = (name: string, grams: number): TrimPart => ({ part: name, grams, fate: "compost" });

describe("what comes off beside", () => {
  it.each([
    ["stock", true],
    ["compost or stock", true],
    ["saute, gratin or pickle", true],
    ["compost", false],
    ["mulch", false],
    ["compost or dye", false],
    ["compost or plant feed", false],
    ["bird bedding or compost away from beds", false],
    [undefined, false],
  ])("%p is for eating: %s", (use, is) => {
    expect(isForEating(use)).toBe(is);
  });

  it("an egg separated leaves white or yolk, each a food of its own", () => {
    expect(ingredientOfPart("egg", "white")).toBe("egg-white");
    expect(ingredientOfPart("egg", "yolk")).toBe("egg-yolk");
    expect(ingredientOfPart("chard", "stems")).toBeUndefined();
  });
});

describe("refuse of USDA SR Legacy, by NDB number (from memory, as in the tables)", () => {
  it.each([
    ["leek", "top-and-tail", 0.44, "11246"],
    ["kohlrabi", "strip-leaves-and-peel", 0.46, "11241"],
    ["apple", "seed-and-core", 0.9, "09003"],
    ["plum", "pit", 0.94, "09279"],
    ["sorrel", "strip-leaves", 0.7, "11616"],
    ["fennel-bulb", "core-and-outer-leaves-off", 0.72, "11957"],
    ["lettuce-butterhead", "core-and-outer-leaves-off", 0.74, "11250"],
    ["chard", "leaves-and-fine-stems", 0.92, "11147"],
  ])("%s, %s leaves %d", (ingredient, method, kept, ndb) => {
    const row = factsOf(ingredient).trims.find((t) => t.method === method);
    expect(row?.mean).toBe(kept);
    expect(row?.source).toContain(ndb);
  });
});

describe("closing a trim to the gram", () => {
  it("calls loss what is neither usable nor named", () => {
    const closed = closeBalance(1240, 790, [part("stems", 400)]);
    expect(closed).toMatchObject({ ok: true, value: { partsG: 400, lossG: 50 } });
  });

  it("refuses parts heavier than what is left, and parts of nothing", () => {
    expect(closeBalance(1000, 800, [part("stems", 250)])).toMatchObject({
      ok: false,
      issue: { code: "parts-over-rest", restG: 200 },
    });
    expect(closeBalance(1000, 800, [part("stems", 0)])).toMatchObject({
      ok: false,
      issue: { code: "part-not-positive" },
    });
    expect(closeBalance(1000, 800, [part("stems", Number.NaN)])).toMatchObject({ ok: false });
  });

  it("takes a gram of scale rounding off the largest part", () => {
    const closed = closeBalance(100, 60, [part("stems", 30), part("ends", 11)]);
    expect(closed).toMatchObject({ ok: true, value: { lossG: 0, parts: [{ grams: 29 }, { grams: 11 }] } });
  });

  it("closes whatever the decimals: everything is kept to the milligram", () => {
    const closed = closeBalance(333.3335, 200.12345, [part("stems", 33.33333)]);
    expect(closed).toMatchObject({
      ok: true,
      value: { rawG: 333.334, usableG: 200.123, partsG: 33.333, lossG: 99.878 },
    });
  });

  it("always closes: raw = usable + parts + loss, with nothing negative", () => {
    const weights = fc.tuple(
      fc.integer({ min: 10, max: 5000 }),
      fc.double({ min: 0.05, max: 1, noNaN: true }),
      fc.array(fc.double({ min: 0.01, max: 0.5, noNaN: true }), { maxLength: 4 }),
    );
    let closedSeen = 0;
    check(
      fc.property(weights, ([rawG, share, shares]) => {
        const usableG = Math.round(rawG * share * 1000) / 1000;
        const closed = closeBalance(
          rawG,
          usableG,
          shares.map((s, i) => part(`p${i}`, Math.round((rawG - usableG) * s * 1000) / 1000 + 0.001)),
        );
        if (!closed.ok) return;
        closedSeen++;
        const { parts, partsG, lossG } = closed.value;
        expect(usableG + partsG + lossG).toBeCloseTo(rawG, 3);
        expect(parts.reduce((g, p) => g + p.grams, 0)).toBeCloseTo(partsG, 3);
        expect(lossG).toBeGreaterThanOrEqual(0);
      }),
    );
    expect(closedSeen).toBeGreaterThan(30);
  });
});

describe("suggested by-products", () => {
  it("share what is not usable in the handbook's proportion and never outweigh it", () => {
    check(
      fc.property(fc.integer({ min: 0, max: 4000 }), (restG) => {
        const parts = suggestParts(restG, chard);
        expect(parts.reduce((g, p) => g + p.grams, 0)).toBeLessThanOrEqual(restG);
      }),
    );
    expect(suggestParts(400, chard).map((p) => [p.part, p.grams])).toEqual([
      ["stems", 350],
      ["ends", 50],
    ]);
  });

  it("are whole grams where they will be weighed, tenths where they are not", () => {
    const tenths = suggestParts(401, chard, { stepG: 0.1 });
    expect(tenths.map((p) => p.grams)).toEqual([350.8, 50.1]);
    expect(suggestParts(401, chard).map((p) => p.grams)).toEqual([350, 50]);
    const y = kitchenYield(chard, { grade: "prime", juices: null }, []);
    const [coarse, fine] = [expectedTrim(431, y), expectedTrim(431, y, 0.1)];
    expect(coarse.usableG).toBe(Math.round(431 * y.next.value));
    expect(fine.usableG).toBeCloseTo(Math.round(4310 * y.next.value) / 10, 9);
    expect(fine.parts.reduce((g, p) => g + p.grams, 0)).toBeLessThanOrEqual(431 - fine.usableG);
  });

  it("make room for what was weighed already, also for a part the handbook does not name", () => {
    const suggested = (weighed: Record<string, number>) =>
      suggestParts(400, chard, { weighed }).map((p) => [p.part, p.grams]);
    expect(suggested({ stems: 320 })).toEqual([["ends", 80]]);
    expect(suggested({ flowers: 80 })).toEqual([
      ["stems", 280],
      ["ends", 40],
    ]);
    expect(suggested({ stems: 390, flowers: 20 })).toEqual([]);
  });
});

describe("judging a weighing", () => {
  const believed = { posterior: priorOf(chard), handbook: chard };
  const judge = (rawG: number, usableG: number) => judgeWeighing({ rawG, usableG, scaleStepG: 1 }, believed);

  it("refuses more out than in, nothing and less than nothing", () => {
    expect(judge(500, 501)).toMatchObject({ ok: false, issue: { code: "usable-over-raw" } });
    expect(judge(500, 0)).toMatchObject({ ok: false, issue: { code: "weight-not-positive" } });
    expect(judge(0, 5)).toMatchObject({ ok: false, issue: { code: "weight-not-positive" } });
    expect(judge(500, Number.NaN)).toMatchObject({ ok: false, issue: { code: "weight-not-positive" } });
  });

  it("takes a usual weighing without a question and asks about an unlikely one", () => {
    expect(judge(1000, 610)).toMatchObject({ ok: true, value: { ask: null, learn: true } });
    expect(judge(1000, 120)).toMatchObject({ ok: true, value: { ask: "outside-99" } });
    expect(judge(1000, 990)).toMatchObject({ ok: true, value: { ask: "outside-99" } });
  });

  it("asks before three are accepted when it lies far from the handbook", () => {
    const wide = { ...priorOf(chard), sigma: 3 };
    const verdict = judgeWeighing(
      { rawG: 1000, usableG: 250, scaleStepG: 1 },
      { posterior: wide, handbook: chard },
    );
    expect(verdict).toMatchObject({ ok: true, value: { ask: "far-from-handbook" } });
    const trusted = { ...wide, weighings: 3 };
    const later = judgeWeighing(
      { rawG: 1000, usableG: 250, scaleStepG: 1 },
      { posterior: trusted, handbook: chard },
    );
    expect(later).toMatchObject({ ok: true, value: { ask: null } });
  });

  it("does not learn from a lot under twenty scale steps", () => {
    expect(judge(19, 12)).toMatchObject({ ok: true, value: { learn: false } });
    expect(judge(20, 12)).toMatchObject({ ok: true, value: { learn: true } });
  });

  it("lets soaked food weigh more than it did", () => {
    const soaking = { ...chard, mean: 2.1, low: 1.8, high: 2.4 };
    const verdict = judgeWeighing(
      { rawG: 100, usableG: 210, scaleStepG: 1 },
      { posterior: priorOf(soaking), handbook: soaking },
    );
    expect(verdict).toMatchObject({ ok: true, value: { ask: null } });
  });
});

describe("what this kitchen expects", () => {
  const prime = (fraction: number) => ({ grade: "prime", juices: null, fraction }) as const;
  const seconds = (fraction: number) => ({ grade: "seconds", juices: null, fraction }) as const;

  it("starts from the handbook and says so", () => {
    const y = kitchenYield(chard, { grade: "prime", juices: null }, []);
    expect(y.next.value).toBeCloseTo(0.6, 9);
    expect(y.workings).toMatch(/^handbook 0\.60 \(0\.50–0\.70\): common practice/);
  });

  it("takes a grade's own weighings, and prime's for seconds without any", () => {
    const own = [prime(0.66), prime(0.65), prime(0.67)];
    const first = kitchenYield(chard, { grade: "prime", juices: null }, own);
    const second = kitchenYield(chard, { grade: "seconds", juices: null }, own);
    expect(second.next.value).toBeCloseTo(first.next.value, 9);
    expect(second.next.high - second.next.low).toBeGreaterThan(first.next.high - first.next.low);
    expect([first.ownWeighings, second.ownWeighings]).toEqual([3, 0]);
    expect(
      kitchenYield(chard, { grade: "seconds", juices: null }, [...own, seconds(0.4), seconds(0.42)]).next
        .value,
    ).toBeLessThan(0.6);
  });

  it("expects usable grams with their range and says how they came about", () => {
    const y = kitchenYield(chard, { grade: "prime", juices: null }, [prime(0.62), prime(0.63), prime(0.62)]);
    const expected = expectedTrim(430, y);
    expect(expected.usable.value).toBeCloseTo(430 * y.next.value, 9);
    expect(expected.workings).toMatch(
      /430 g × 0\.62 = about \d+ g \(\d+–\d+ g\).*your 3 weighings.*handbook 0\.60/,
    );
  });
});

describe("backwards and prices", () => {
  it("needs 250 ÷ 0.6 raw, and advises the low end", () => {
    const plan = planPurchase(250, { value: 0.6, low: 0.5, high: 0.7 });
    expect(plan.raw.value).toBeCloseTo(416.67, 2);
    expect([plan.raw.low, plan.raw.high, plan.safeG]).toEqual([expect.closeTo(357.14, 2), 500, 500]);
  });

  it("leaves enough even at the low end of the yield", () => {
    check(
      fc.property(fc.integer({ min: 1, max: 5000 }), (wanted) => {
        const { next } = kitchenYield(chard, { grade: "prime", juices: null }, [
          { grade: "prime", juices: null, fraction: 0.64 },
        ]);
        expect(planPurchase(wanted, next).safeG * next.low).toBeGreaterThanOrEqual(wanted - 1e-6);
      }),
    );
  });

  it("prices a usable gram: 2.40 for 1,650 g at 0.9 is 16.2 per 100 g", () => {
    const cost = costPerUsable100g(240, 1650, { value: 0.9, low: 0.8, high: 0.95 });
    expect(cost.value).toBeCloseTo(16.16, 2);
    expect(cost.low).toBeLessThan(cost.high);
  });

  it("decides between seconds at half price and prime by the usable gram", () => {
    const prime = costPerUsable100g(400, 1000, { value: 0.9, low: 0.9, high: 0.9 });
    const seconds = costPerUsable100g(200, 1000, { value: 0.6, low: 0.6, high: 0.6 });
    expect(seconds.value).toBeLessThan(prime.value);
    expect(learnYield(priorOf(chard), []).weighings).toBe(0);
  });
});
