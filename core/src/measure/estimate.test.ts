import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { check } from "../../test/property.ts";
import { estimate, exactly, isExact, neededFor, product, sum, times } from "./estimate.ts";

const anyEstimate = fc
  .tuple(
    fc.double({ min: 1, max: 1000, noNaN: true }),
    fc.double({ min: 0, max: 0.9, noNaN: true }),
    fc.double({ min: 0, max: 2, noNaN: true }),
  )
  .map(([value, below, above]) => estimate(value, value * (1 - below), value * (1 + above)));

const inOrder = (e: { low: number; value: number; high: number }): boolean =>
  e.low <= e.value + 1e-9 && e.value <= e.high + 1e-9;

describe("combining estimates", () => {
  it("scales a range with its value", () => {
    expect(times(estimate(85, 60, 110), 2)).toEqual({ value: 170, low: 120, high: 220 });
  });

  it("leaves a weighed fact without a range", () => {
    expect(isExact(product(exactly(430), exactly(0.5)))).toBe(true);
    expect(product(exactly(430), estimate(0.62, 0.58, 0.66))).toEqual({
      value: expect.closeTo(266.6, 6),
      low: expect.closeTo(249.4, 6),
      high: expect.closeTo(283.8, 6),
    });
  });

  it.each([
    // Relative half-ranges 0.3 and 0.4 below make 0.5, 0.6 and 0.8 above make 1.
    [estimate(100, 70, 160), estimate(2, 1.2, 3.6), { value: 200, low: 100, high: 400 }],
    [estimate(2, 1.2, 3.6), estimate(100, 70, 160), { value: 200, low: 100, high: 400 }],
    // Of nothing there may still be something: the range reaches as far as both ranges do.
    [estimate(0, 0, 2), estimate(3, 2, 4), { value: 0, low: 0, high: 8 }],
  ])("the product of %j and %j is %j", (a, b, expected) => {
    const both = product(a, b);
    expect(both.value).toBeCloseTo(expected.value, 9);
    expect(both.low).toBeCloseTo(expected.low, 9);
    expect(both.high).toBeCloseTo(expected.high, 9);
  });

  it("the product of wide ranges stops at what both ends give", () => {
    const wide = product(estimate(10, 1, 10), estimate(10, 1, 10));
    expect(wide.low).toBe(1);
    expect(product(estimate(10, 10, 11), estimate(10, 10, 30)).high).toBeLessThan(330);
  });

  it("adds independent half-ranges in quadrature: 3 and 4 make 5", () => {
    expect(sum([estimate(10, 7, 13), estimate(20, 16, 24)])).toEqual({ value: 30, low: 25, high: 35 });
    expect(sum([])).toEqual({ value: 0, low: 0, high: 0 });
  });

  it("keeps low ≤ value ≤ high and never reaches beyond the extremes", () => {
    check(
      fc.property(anyEstimate, anyEstimate, (a, b) => {
        const both = product(a, b);
        expect(inOrder(both) && inOrder(sum([a, b]))).toBe(true);
        expect(both.low).toBeGreaterThanOrEqual(a.low * b.low - 1e-6);
        expect(both.high).toBeLessThanOrEqual(a.high * b.high + 1e-6);
      }),
    );
  });

  it("needs most where the factor is lowest, and comes back to what was wanted", () => {
    const need = neededFor(250, estimate(0.6, 0.5, 0.7));
    expect(need.high * 0.5).toBeCloseTo(250, 9);
    expect(need.value * 0.6).toBeCloseTo(250, 9);
  });

  it("a weighed fact has no width", () => {
    expect([isExact(exactly(3)), isExact(estimate(3, 2, 3)), exactly(3)]).toEqual([
      true,
      false,
      { value: 3, low: 3, high: 3 },
    ]);
  });

  it("needs all there is of a factor that is certain", () => {
    expect(neededFor(250, exactly(0.5))).toEqual({ value: 500, low: 500, high: 500 });
    expect(neededFor(250, estimate(0.5, 0.25, 1))).toEqual({ value: 500, low: 250, high: 1000 });
  });

  it("treats numbers out of order as our own mistake", () => {
    expect(() => estimate(5, 6, 7)).toThrow(/bug/);
    expect(() => neededFor(1, exactly(0))).toThrow(/bug/);
  });
});
