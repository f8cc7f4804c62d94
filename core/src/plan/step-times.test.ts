import { describe, expect, it } from "@jest/globals";
import { aFormula, aLine } from "../../test/kitchen.ts";
import { referenceCatalogue as catalogue } from "../catalogue/reference.ts";
import { readStep } from "../recipes/index.ts";
import { preparationMin, stepTimes } from "./step-times.ts";

const workOf = (text: string): number => {
  const formula = aFormula([aLine("beet", 600, "beet")], { steps: [readStep(text)] });
  const times = stepTimes({ formula, index: 0, batches: 1, lessons: [] }, catalogue);
  return times.from === "unknown" ? Number.NaN : times.workMin;
};

describe("getting a line ready", () => {
  it.each([
    ["roughly chopped", 15],
    ["roughly chopped (no need to peel)", 15],
    ["chopped, do not peel", 38],
    ["peeled, roughly chopped", 38],
    ["finely chopped", 38],
  ])("1.5 kg %s takes %d minutes", (preparation, minutes) => {
    const line = { ...aLine("one", 1500, "tomato"), preparation };
    expect(Math.round(preparationMin(line, line.grams))).toBe(minutes);
  });
});

describe("what goes on long after the cooking", () => {
  it("is no time of the plan, and a cool place cools nothing", () => {
    const timesOf = (text: string) => {
      const formula = aFormula([aLine("beet", 600, "beet")], { steps: [readStep(text)] });
      return stepTimes({ formula, index: 0, batches: 1, lessons: [] }, catalogue);
    };
    const laterOn = timesOf(
      "Leave in a cool dark place for at least 4 weeks before eating. Once opened keep it cold.",
    );
    expect(laterOn).toMatchObject({ byItself: null });
    expect(timesOf("Keep in a cool, dry place.")).toMatchObject({ byItself: null });
    expect(timesOf("Leave it to cool.")).toMatchObject({ byItself: { low: 20, high: 30 } });
  });
});

describe("the work of a step in which food stands", () => {
  it.each([
    ["Leave to stand for 15 minutes.", 2],
    ["Cover the bowl and leave 15 mins to steam. When you can handle them, peel and tear into strips.", 10],
    ["Leave to cool for 20 minutes, then slice.", 6],
    ["Leave for 20 minutes, then stir in the rest and slice.", 6],
    ["Leave half for 10 minutes, and the rest.", 2],
    // What is done before it stands is of the step before, or of the getting ready.
    ["Peel the beetroot and leave it for 10 minutes.", 2],
  ])("%s", (text, minutes) => {
    expect(workOf(text)).toBe(minutes);
  });
});
