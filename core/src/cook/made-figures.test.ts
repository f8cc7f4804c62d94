import { describe, expect, it } from "@jest/globals";
import { madeFigures, type MadePart } from "./made-figures.ts";

const part = (
  name: string,
  grams: number,
  saltPer100g: number | null,
  per100gMinor: number | null,
): MadePart => ({
  ...{ name, grams, saltPer100g, per100gMinor },
});

describe("what follows from what goes in", () => {
  const parts = [part("feta", 200, 2.5, 90), part("plums", 300, 0, 0), part("salt", 3, 99, null)];

  it("the portion is of the finished dish, salt stays when water cooks off, the cost is of what went in", () => {
    const { portionG, salt, cost } = madeFigures(parts, { massG: 400, servings: 4 });
    expect(portionG).toBe(100);
    expect(salt.grams).toBeCloseTo(5 + 2.97, 9);
    expect(salt.share).toBeCloseTo((5 + 2.97) / 400, 9);
    expect([cost.batchMinor, cost.portionMinor]).toEqual([180, 45]);
    expect(cost.unpriced).toEqual(["salt"]);
  });

  it("follows what is typed", () => {
    const more = madeFigures([part("feta", 400, 2.5, 90)], { massG: 400, servings: 4 });
    expect([more.salt.grams, more.cost.batchMinor]).toEqual([10, 360]);
    expect(madeFigures([part("feta", 0, 2.5, 90)], { massG: 0, servings: 4 }).salt).toEqual({
      ...{ grams: 0, share: 0, unknown: [] },
    });
  });

  it("names once what no salt is known of, from five grams on", () => {
    const unknown = [part("relish", 5, null, 1), part("relish", 20, null, 1), part("dust", 4.9, null, 1)];
    expect(madeFigures(unknown, { massG: 30, servings: 1 }).salt.unknown).toEqual(["relish"]);
  });
});
