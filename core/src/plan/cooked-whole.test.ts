import { describe, expect, it } from "@jest/globals";
import { aWish, toCook } from "../../test/dishes-to-plan.ts";
import { aFormula, aLine } from "../../test/kitchen.ts";
import { planned } from "../../test/planned.ts";
import { stepOf, type Formula } from "../recipes/index.ts";

const cooked = (text: string): Formula =>
  aFormula([aLine("beet", 600, "beet", { preparation: "peeled and diced" })], {
    ...{ name: "Beets", kind: "cooked-salad" },
    steps: [
      stepOf(text, { tool: "oven", celsius: 200, activeMin: 2, passiveMin: { low: 40, high: 60 } }),
      stepOf("Dress the beetroot.", { activeMin: 3 }),
    ],
  });

describe("what is peeled and cut", () => {
  it("is so before it is cooked", () => {
    const { at, end } = planned(aWish([toCook("b", cooked("Roast the beetroot."))]));
    expect(end("b/0/prepare")).toBeLessThanOrEqual(at("b/0/put-in"));
    expect(at("b/1/prepare")).toBeNaN();
  });

  it.each(["Roast the beetroot whole.", "Roast the beetroot in its skin.", "Roast the beetroot, skins on."])(
    "is so afterwards: %s",
    (text) => {
      const { at, end } = planned(aWish([toCook("b", cooked(text))]));
      expect(at("b/0/prepare")).toBeNaN();
      expect(at("b/1/prepare")).toBeGreaterThanOrEqual(0);
      expect(end("b/1/prepare")).toBeLessThanOrEqual(at("b/1/work"));
      expect(at("b/1/prepare")).toBeGreaterThanOrEqual(end("b/0/take-out"));
    },
  );

  it("is no work of its own where the step that cooks it says it", () => {
    const { at } = planned(aWish([toCook("b", cooked("Roast the beetroot whole, then peel and dice it."))]));
    expect([at("b/0/prepare"), at("b/1/prepare")]).toEqual([NaN, NaN]);
  });
});
