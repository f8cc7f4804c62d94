import { describe, expect, it } from "@jest/globals";
import { aFormula, aLine } from "../../test/kitchen.ts";
import { stepOf, type Step } from "./formula.ts";
import { inWays, textWithWays, waysOfStep, waysSaid, waysUnsaid } from "./other-ways.ts";
import { readStep } from "./read-step.ts";

describe("ways that a step says", () => {
  it.each<[string, string[]]>([
    [
      "Roast the peppers at 220 °C for 25 minutes, or char over a flame for 10 minutes.",
      ["Roast the peppers at 220 °C for 25 minutes.", "Char over a flame for 10 minutes."],
    ],
    [
      "Halve them. Bake for 40 minutes (or grill them for 15 minutes). Let them cool.",
      [
        "Halve them. Bake for 40 minutes. Let them cool.",
        "Halve them. Grill them for 15 minutes. Let them cool.",
      ],
    ],
    [
      "Cook in a hot oven or on the grill for 20 minutes.",
      ["Cook in a hot oven for 20 minutes.", "Cook on the grill for 20 minutes."],
    ],
    [
      "Roast whole for an hour. Or: Halve them and roast for 30 minutes.",
      ["Roast whole for an hour.", "Halve them and roast for 30 minutes."],
    ],
  ])("%s", (text, ways) => {
    expect(waysSaid(text)).toEqual(ways);
  });

  it.each([
    // One fire, or none, or not another way at all.
    "Roast for 25 minutes or until brown.",
    "Boil or steam the beans.",
    "Season with lemon or vinegar.",
    "Roast in the oven for 20 to 25 minutes or so, then grill for 2 minutes.",
    "Or: Start here.",
    "Toast the nuts in a pan or leave them raw.",
  ])("%s is one", (text) => {
    expect(waysSaid(text)).toEqual([text]);
  });

  it("are each read by themselves; the step keeps its words", () => {
    const text = "Roast at 220 °C for 25 minutes, or char over a flame for 10 minutes.";
    const step = readStep(text);
    expect(step).toMatchObject({ text, tool: "oven", celsius: 220, passiveMin: { low: 25, high: 25 } });
    expect(step.otherWays).toMatchObject([{ tool: "grill", celsius: null, activeMin: 10 }]);
  });
});

describe("a step with other ways", () => {
  const flame = stepOf("Char over a flame.", { tool: "grill", activeMin: 10 });
  const step: Step = { ...stepOf("Roast.", { tool: "oven" }), otherWays: [flame] };
  const formula = aFormula([aLine("x", 10, "tomato")], { steps: [step, stepOf("Peel.")] });

  it("is done as written, or in the way that was chosen, as often as it is changed", () => {
    expect(inWays(formula, new Map())).toBe(formula);
    expect(inWays(formula, new Map([[0, 1]])).steps).toEqual([flame, stepOf("Peel.")]);
    expect(inWays(formula, new Map([[0, 0]])).steps[0]).toEqual(step);
    // The recipe was changed since: that way is gone.
    expect(inWays(formula, new Map([[0, 2]])).steps[0]).toEqual(step);
    expect(waysOfStep(step).map(({ text }) => text)).toEqual(["Roast.", "Char over a flame."]);
  });

  it("goes through a text and back", () => {
    const text = textWithWays(step);
    expect(text).toBe("Roast. Or: Char over a flame.");
    const back = readStep(text);
    expect(back.otherWays?.map((way) => way.text)).toEqual([flame.text]);
    expect(waysUnsaid(back)).toEqual([]);
    expect(textWithWays(back)).toBe(text);
  });
});
