import { describe, expect, it } from "@jest/globals";
import { referenceCatalogue as catalogue } from "../catalogue/reference.ts";
import { learnedTime, type CookTime } from "./cooked-food.ts";
import { tableTime } from "./table-time.ts";
import { timesOfFood } from "./times-of-food.ts";

const took = (minutes: number, other: Partial<CookTime> = {}): CookTime => ({
  ...{
    ingredient: "winter-squash-butternut",
    method: "roast-diced",
    tool: "oven",
    celsius: 210,
    sizeMm: 30,
    minutes,
  },
  ...other,
});

describe("what a kitchen has timed of a food", () => {
  const times = [took(44), took(50), took(31, { ingredient: "leek" }), took(70, { sizeMm: 60 }), took(47)];

  it("is told by way and size, the last first, beside what the tables say for that size", () => {
    const [pieces, thick, ...others] = timesOfFood("winter-squash-butternut", times, catalogue);
    expect(others).toEqual([]);
    expect(pieces).toMatchObject({ cooks: 3, took: { low: 44, high: 50 }, food: { sizeMm: 30 } });
    expect(thick).toMatchObject({ cooks: 1, took: { low: 70, high: 70 }, food: { sizeMm: 60 } });
    for (const one of [pieces, thick]) {
      if (!one) throw new Error("not told");
      const said = tableTime(one.food, catalogue);
      if (!said) throw new Error("the tables have no time for roasted squash");
      expect(one.said).toEqual(said);
      expect(one.expected).toEqual(learnedTime(one.food, said, times)?.minutes);
    }
    expect(thick?.said?.high).toBeGreaterThan(pieces?.said?.high ?? Infinity);
  });

  it("is shown also of what the tables have no time for, and nothing of what was never cooked", () => {
    const odd = took(9, { method: "baked-in-ash" });
    expect(timesOfFood("winter-squash-butternut", [odd], catalogue)).toEqual([
      {
        food: { ...odd, minutes: undefined },
        cooks: 1,
        took: { low: 9, high: 9 },
        said: null,
        expected: null,
      },
    ]);
    expect(timesOfFood("chard", times, catalogue)).toEqual([]);
  });
});
