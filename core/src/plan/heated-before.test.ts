import { describe, expect, it } from "@jest/globals";
import { aWish, toCook } from "../../test/dishes-to-plan.ts";
import { aFormula, aLine } from "../../test/kitchen.ts";
import { planned } from "../../test/planned.ts";
import { readStep, withOvenHeat, type Formula } from "../recipes/index.ts";

const dish = (...texts: string[]): Formula =>
  aFormula([aLine("beet", 600, "beet"), aLine("oil", 40, "olive-oil")], {
    ...{ name: "Beets", kind: "cooked-salad", steps: withOvenHeat(texts.map((text) => readStep(text))) },
  });
const roast = "Roast the beetroot for 40 to 50 minutes.";

describe("a step that says to heat the oven", () => {
  it("is the warming up before what goes in, and nobody's work", () => {
    const { at, end, infos } = planned(aWish([toCook("b", dish("Preheat the oven to 200 °C.", roast))]));
    expect(at("b/0/work")).toBeNaN();
    expect(infos.get("b/1/warm-up")).toMatchObject({ step: 0, celsius: 200 });
    expect(end("b/1/warm-up")).toBeLessThanOrEqual(at("b/1/by-itself"));
  });

  it("is work of the hands for what else it says, and no roasting of its own", () => {
    const { at, infos } = planned(
      aWish([toCook("b", dish("Oven to 200C fan. Rub the beetroot with the oil.", roast))]),
    );
    expect(at("b/0/by-itself")).toBeNaN();
    expect(infos.get("b/0/work")).toMatchObject({ tool: null });
    expect(at("b/0/work")).toBeLessThan(at("b/1/by-itself"));
    expect(infos.get("b/1/warm-up")).toMatchObject({ step: 1, celsius: 220 });
  });

  const again = "Take off the foil and bake another 15 minutes.";

  it.each([
    [[roast, again], false],
    [[roast, "Let it stand for 10 minutes.", again], true],
    [[roast, `${again.slice(0, -1)} at 220 °C.`], true],
    [["Let the beetroot stand for 10 minutes.", again], true],
  ])("%j: is the oven heated for the last of them? %s", (texts, isHeated) => {
    const { infos, at, end } = planned(aWish([toCook("b", dish("Preheat the oven to 200 °C.", ...texts))]));
    const last = `b/${texts.length}`;
    expect(infos.has(`${last}/warm-up`)).toBe(isHeated);
    if (isHeated) return;
    expect(at(`${last}/put-in`) - end("b/1/take-out")).toBeLessThanOrEqual(15);
  });

  it("stays in the plan where nothing goes in", () => {
    const { at } = planned(aWish([toCook("b", dish("Preheat the oven to 200 °C.", "Slice the beetroot."))]));
    expect(at("b/0/work")).toBeGreaterThanOrEqual(0);
  });
});
