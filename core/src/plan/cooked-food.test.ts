import { describe, expect, it } from "@jest/globals";
import { aFormula, aLine } from "../../test/kitchen.ts";
import { referenceCatalogue } from "../catalogue/reference.ts";
import { linesNamed, stepOf } from "../recipes/index.ts";
import { timeFactor } from "../trim/time-by-size.ts";
import { heatedFood, learnedTime, type CookedFood } from "./cooked-food.ts";
import { stepTimes } from "./step-times.ts";

const squash: CookedFood = {
  ...{ ingredient: "winter-squash-kabocha", method: "roast-diced", tool: "oven", celsius: 200, sizeMm: 25 },
};
const took = (minutes: number, more: Partial<CookedFood> = {}) => ({ ...squash, ...more, minutes });
const said = { low: 30, high: 40 };
const middle = (minutes: { low: number; high: number } | undefined) =>
  minutes && Math.sqrt(minutes.low * minutes.high);

describe("what this kitchen learns of the times of cooking", () => {
  it("is nothing before anything was cooked", () => {
    expect(learnedTime(squash, said, [])).toBeUndefined();
  });

  it("moves with each cook towards what it really takes, and keeps what was said beside it", () => {
    const once = learnedTime(squash, said, [took(50)]);
    const often = learnedTime(
      squash,
      said,
      [50, 52, 48, 51, 50, 49].map((minutes) => took(minutes)),
    );
    expect(once).toMatchObject({ said, cooks: 1 });
    expect(middle(once?.minutes)).toBeGreaterThan(Math.sqrt(30 * 40));
    expect(middle(often?.minutes)).toBeCloseTo(50, -0.3);
    // Six that agree leave less open than one.
    const width = (minutes: { low: number; high: number } | undefined) =>
      (minutes?.high ?? 0) / (minutes?.low ?? 1);
    expect(width(often?.minutes)).toBeLessThan(width(once?.minutes));
  });

  it.each([
    ["another food", { ingredient: "carrot" }],
    ["another way", { method: "roast-whole" }],
    ["another fire", { tool: "grill" as const }],
    ["a hotter oven", { celsius: 220 }],
    ["an oven that was not named", { celsius: null }],
    ["bigger pieces", { sizeMm: 40 }],
  ])("is nothing of %s", (_, other) => {
    expect(learnedTime(squash, said, [took(50, other)])).toBeUndefined();
  });

  it("counts what is nearly the same heat and size", () => {
    expect(learnedTime(squash, said, [took(50, { celsius: 210, sizeMm: 28 })])?.cooks).toBe(1);
  });

  it("takes a single number for about that, and the last twenty cooks only", () => {
    const exact = learnedTime(squash, { low: 40, high: 40 }, [took(40)]);
    expect(exact?.minutes.low).toBeLessThan(40);
    expect(exact?.minutes.high).toBeGreaterThan(40);
    const old = Array.from({ length: 30 }, () => took(80));
    const recent = Array.from({ length: 20 }, () => took(35));
    expect(middle(learnedTime(squash, said, [...old, ...recent])?.minutes)).toBeCloseTo(35, 0);
  });
});

const roast = (preparation: string, text: string, more = {}) =>
  aFormula(
    [aLine("base", 600, "winter-squash-kabocha", { cook: "roast-diced", eatenRaw: false, preparation })],
    { steps: [stepOf(text, { tool: "oven", celsius: 200, ...more })] },
  );

describe("the minutes of a step that heats", () => {
  it("are this kitchen's own where it has any, and the food is named", () => {
    const formula = roast("25 mm dice", "Roast the squash for 35 minutes.", {
      passiveMin: { low: 35, high: 35 },
    });
    const [step] = formula.steps;
    const food = step && heatedFood(formula, step, linesNamed(formula, step, referenceCatalogue));
    expect(food).toEqual(squash);
    const asked = { formula, index: 0, batches: 1 };
    expect(stepTimes({ ...asked, lessons: [] }, referenceCatalogue)).toMatchObject({ from: "recipe", food });
    const learned = stepTimes({ ...asked, lessons: [took(50), took(52)] }, referenceCatalogue);
    expect(learned).toMatchObject({ from: "kitchen", learned: { cooks: 2, said: { low: 35, high: 35 } } });
  });

  it("go by the size of the pieces where the tables tell theirs (conduction, see time-by-size)", () => {
    const row = referenceCatalogue.ingredients
      .get("winter-squash-kabocha")
      ?.changes.find(({ method }) => method === "roast-diced");
    const usual = /(\d+)/.exec(row?.piece ?? "")?.[1];
    const at = (preparation: string) => {
      const formula = roast(preparation, "Roast until soft.");
      const times = stepTimes({ formula, index: 0, batches: 1, lessons: [] }, referenceCatalogue);
      return times.from === "unknown" ? undefined : times.byItself;
    };
    expect(at("in dice")).toEqual({ low: row?.minutesLow, high: row?.minutesHigh });
    const factor = timeFactor({ mm: 40, referenceMm: Number(usual), heat: "oven" });
    expect(factor.ok && at("40 mm dice")?.high).toBeCloseTo(
      (row?.minutesHigh ?? 0) * (factor.ok ? factor.value : 0),
      6,
    );
  });
});
