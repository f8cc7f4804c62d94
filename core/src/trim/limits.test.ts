import { describe, expect, it } from "@jest/globals";
import { compareBuys } from "./compare-buys.ts";
import { massRetention, waterAfter } from "./cooking-change.ts";
import { netOf } from "./vessels.ts";

describe("weights at their edges", () => {
  it("a tray needs weights above nothing, extras from nothing on, and food beside them", () => {
    const tray = (beforeG: number, afterG: number, extrasG: number) =>
      massRetention({ beforeG, afterG, extrasG });
    expect(tray(0.5, 0.4, 0)).toEqual({ ok: true, value: 0.8 });
    expect(tray(0, 1, 0)).toMatchObject({ ok: false, issue: { code: "weight-not-positive", grams: 0 } });
    expect(tray(1, 0, 0)).toMatchObject({ ok: false, issue: { code: "weight-not-positive" } });
    expect(tray(1, 0.5, -0.1)).toMatchObject({ ok: false, issue: { code: "weight-not-positive" } });
    expect(tray(1, 0.5, 0.5)).toMatchObject({ ok: false, issue: { code: "extras-over-weight" } });
    expect(tray(1, 0.5, 0.4)).toMatchObject({ ok: true });
  });

  it("water after cooking: never less than what the dry matter alone weighs", () => {
    expect(waterAfter(0.9, 0.5)).toEqual({ ok: true, value: expect.closeTo(0.8, 9) });
    expect(waterAfter(0.9, 0.1)).toEqual({ ok: true, value: expect.closeTo(0, 9) });
    expect(waterAfter(0.9, 0.0999)).toMatchObject({ ok: false, issue: { code: "lighter-than-solids" } });
    expect(waterAfter(0.9, 0)).toMatchObject({ ok: false, issue: { code: "weight-not-positive" } });
    expect(waterAfter(0.9, 0.5, 0.5)).toEqual({ ok: true, value: expect.closeTo(0.9, 9) });
  });

  it("a bowl weighs more than nothing, and its tare nothing at least", () => {
    expect(netOf([{ grossG: 1, tareG: 0 }]).ok).toBe(true);
    expect(netOf([{ grossG: 0, tareG: 0 }]).ok).toBe(false);
    expect(netOf([{ grossG: 1, tareG: -1 }]).ok).toBe(false);
  });

  it("two prices that meet are not clear", () => {
    const buy = (label: string, priceMinor: number, value: number, low: number, high: number) => ({
      ...{ label, whole: false, priceMinor, unitG: { value: 1000, low: 1000, high: 1000 } },
      yield: { value, low, high },
    });
    const clear = (a: ReturnType<typeof buy>, b?: ReturnType<typeof buy>) =>
      compareBuys(500, b ? [a, b] : [a]).clear;
    expect(clear(buy("one", 100, 1, 1, 1))).toBe(true);
    expect(clear(buy("one", 100, 1, 1, 1), buy("other", 100, 1, 1, 1))).toBe(false);
    expect(clear(buy("one", 100, 1, 1, 1), buy("other", 101, 1, 1, 1))).toBe(true);
  });
});
