import { describe, expect, it } from "@jest/globals";
import { aWish, toCook } from "../../test/dishes-to-plan.ts";
import { aFormula, aLine } from "../../test/kitchen.ts";
import { planned } from "../../test/planned.ts";
import { referenceCatalogue as catalogue } from "../catalogue/reference.ts";
import { stepOf, type Formula } from "../recipes/index.ts";
import { linesCookedWhole } from "./cooked-whole.ts";

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

describe("what a step cooks whole", () => {
  const lines = [
    aLine("onion", 200, "onion", { preparation: "chopped" }),
    aLine("aubergine", 500, "eggplant"),
    aLine("beet", 600, "beet"),
    aLine("cumin", 4, "cumin"),
    aLine("milk", 200, "milk"),
    aLine("mustard", 10, "mustard-wholegrain"),
  ];
  const whole = (text: string, tool: "hob" | null = "hob"): string[] =>
    linesCookedWhole({ lines }, { text, tool }, catalogue).map(({ id }) => id);

  it.each([
    ["Fry the chopped onions with the whole cumin.", ["cumin"]],
    ["Fry the onions, then char the aubergines whole until the skin blisters.", ["aubergine"]],
    ["Roast the whole unpeeled beets.", ["beet"]],
    ["Boil the beets in their skins.", ["beet"]],
    ["Boil the beets and the aubergines whole.", ["aubergine", "beet"]],
    ["Put the aubergines on the flame. Cook whole, turning.", ["aubergine"]],
    ["Fry the onions in the whole milk.", []],
    ["Fry the onions over the whole of the ring, with the beets.", []],
    ["Fry the onions for a whole hour.", []],
    ["Fry the onions with the wholegrain mustard.", []],
  ])("%s", (text, expected) => {
    expect(whole(text)).toEqual(expected);
  });

  it("is nothing where nothing is heated", () => {
    expect(whole("Serve the beets whole.", null)).toEqual([]);
  });
});
