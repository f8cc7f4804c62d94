import { describe, expect, it } from "@jest/globals";
import { aWish, toCook } from "../../test/dishes-to-plan.ts";
import { aFormula, aLine } from "../../test/kitchen.ts";
import { planned } from "../../test/planned.ts";
import { referenceCatalogue as catalogue } from "../catalogue/reference.ts";
import { stepOf, type Formula, type Step } from "../recipes/index.ts";
import { goesBeside } from "./beside.ts";

const lines = [
  aLine("beet", 600, "beet", { preparation: "" }),
  aLine("oil", 40, "olive-oil", { group: "Dressing" }),
  aLine("lemon", 20, "lemon-juice", { group: "Dressing" }),
  aLine("mint", 10, "mint"),
];
const roast = stepOf("Roast the beetroot.", {
  ...{ tool: "oven", celsius: 200, warmUpMin: 15, activeMin: 3 },
  passiveMin: { low: 40, high: 60 },
});
const dish = (...steps: Step[]): Formula => aFormula(lines, { name: "Beets", kind: "cooked-salad", steps });
const besideAt = (index: number, ...texts: string[]): boolean =>
  goesBeside({ lines, steps: texts.map((text) => ({ text })) }, index, catalogue);

describe("a step beside the one before", () => {
  it.each([
    ["Meanwhile, whisk the oil with the lemon juice."],
    ["While the beetroot roasts, whisk the oil with the lemon juice."],
    ["Mientras tanto, bata el aceite con el limón."],
    ["Pendant ce temps, fouetter l'huile et le jus de citron."],
    // A part of its own.
    ["Whisk the olive oil and the lemon juice."],
  ])("%s", (text) => {
    expect(besideAt(1, "Roast the beetroot.", text)).toBe(true);
  });

  it.each([
    ["Toss with the olive oil and the lemon juice."],
    ["Whisk the oil, the lemon juice and the beetroot."],
    ["Chop the mint."],
    ["Chill for an hour."],
    ["While still warm, peel the beetroot."],
    ["While it's still hot, peel the beetroot."],
    ["While stirring, add the oil."],
  ])("not in doubt: %s", (text) => {
    expect(besideAt(1, "Roast the beetroot.", text)).toBe(false);
  });

  it("is never the first, nor a part that was begun before", () => {
    expect(besideAt(0, "Meanwhile, whisk the oil.")).toBe(false);
    const begun = ["Whisk the olive oil.", "Roast the beetroot.", "Whisk the lemon juice."];
    expect(besideAt(2, ...begun)).toBe(false);
  });
});

describe("a dish that is worked at while a part of it cooks", () => {
  const whisk = stepOf("Meanwhile, whisk the oil with the lemon juice.", { activeMin: 10 });
  const toss = stepOf("Toss together.", { activeMin: 2 });

  it("does it in the meantime, and joins both when both are done", () => {
    const { at, end } = planned(aWish([toCook("beets", dish(roast, whisk, toss))]));
    expect(at("beets/1/work")).toBeGreaterThanOrEqual(end("beets/0/put-in"));
    expect(end("beets/1/work")).toBeLessThanOrEqual(end("beets/0/by-itself"));
    expect(at("beets/2/work")).toBeGreaterThanOrEqual(end("beets/0/take-out"));
    expect(at("beets/2/work")).toBeGreaterThanOrEqual(end("beets/1/work"));
  });

  it("keeps two such steps in their order, and waits for the longer of what stands", () => {
    const chop = stepOf("Meanwhile, chop the mint.", { activeMin: 4 });
    const { at, end } = planned(aWish([toCook("beets", dish(roast, whisk, chop, toss))]));
    expect(at("beets/2/work")).toBeGreaterThanOrEqual(end("beets/1/work"));
    expect(end("beets/2/work")).toBeLessThanOrEqual(end("beets/0/by-itself"));
  });

  it("works while something has to wait, and still waits as long as it must", () => {
    const chill = stepOf("Chill.", { activeMin: 1, wait: { leastMin: 60, mostMin: null } });
    const { at, end } = planned(aWish([toCook("beets", dish(chill, whisk, toss))]));
    expect(at("beets/1/work")).toBeLessThan(end("beets/0/work") + 60);
    expect(at("beets/2/work")).toBeGreaterThanOrEqual(end("beets/0/work") + 60);
  });

  it("takes another pan than the one that is on", () => {
    const boil = stepOf("Boil the beetroot.", {
      ...{ tool: "hob", activeMin: 2 },
      passiveMin: { low: 30, high: 40 },
    });
    const toast = stepOf("Meanwhile, toast the mint in a pan.", { tool: "hob", activeMin: 3 });
    const { at, end } = planned(aWish([toCook("beets", dish(boil, toast, toss))]));
    expect(end("beets/1/work")).toBeLessThanOrEqual(end("beets/0/by-itself"));
    expect(at("beets/2/work")).toBeGreaterThanOrEqual(end("beets/0/take-out"));
  });
});
