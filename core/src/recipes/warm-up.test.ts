import { describe, expect, it } from "@jest/globals";
import { openQuestions } from "./open-questions.ts";
import { referenceCatalogue as catalogue } from "../catalogue/reference.ts";
import { aFormula } from "../../test/kitchen.ts";
import { readStep } from "./read-step.ts";
import { onlyWarmsUp, withOvenHeat, worksBesideWarmUp } from "./warm-up.ts";

describe("a step that only heats the oven", () => {
  it.each([
    ["Preheat the oven to 200 °C.", false],
    ["Preheat the oven to 200C/180C fan/gas 6", false],
    ["Oven to 200C fan. Rub the peppers with oil and lay them on two trays.", true],
    ["Heat the oven to 220 °C and line two trays with paper.", false],
    ["Set the oven to gas 7. Peel the beets.", true],
  ])("%s", (text, works) => {
    const step = readStep(text);
    expect([onlyWarmsUp(step), step.celsius === null, worksBesideWarmUp(step)]).toEqual([true, false, works]);
  });

  it("heats the grill where it says so", () => {
    const steps = ["Preheat the grill to high.", "Grill the peppers for 10 minutes until black."].map(
      (text) => readStep(text),
    );
    expect(steps.map(({ tool }) => tool)).toEqual(["grill", "grill"]);
    expect(steps.map(onlyWarmsUp)).toEqual([true, false]);
  });

  it("is not set by what only cools", () => {
    const steps = ["Let the milk cool to 40°C.", "Bake until set."].map((text) => readStep(text));
    expect(withOvenHeat(steps).map(({ celsius }) => celsius)).toEqual([40, null]);
  });

  it.each([
    "Preheat to 400F and roast for 20-25 minutes until golden.",
    "Preheat the oven to 200 °C and roast the peppers until black.",
    "Preheat the oven. Bake the crumbs until crisp.",
    "Roast the peppers until black.",
    "Put in the oven until golden.",
  ])("is none that cooks: %s", (text) => {
    expect(onlyWarmsUp(readStep(text))).toBe(false);
  });

  it.each([
    "Precalienta el horno a 200 °C.",
    "Préchauffer le four à 200 °C.",
    "Preriscaldate il forno a 200 °C.",
    "Den Backofen auf 200 °C vorheizen.",
  ])("is known in other languages: %s", (text) => {
    expect(onlyWarmsUp({ ...readStep(text), tool: "oven" })).toBe(true);
  });

  it("is asked neither for its time nor for a sign; what goes in later has its heat", () => {
    const steps = withOvenHeat(
      [
        "Heat the oven to 200 °C.",
        "Roast the beets for 40 minutes.",
        "Bake at 150 °C for 20 minutes.",
        "Chill.",
      ].map((text) => readStep(text)),
    );
    expect(steps.map(({ celsius }) => celsius)).toEqual([200, 200, 150, null]);
    const asked = openQuestions(aFormula([], { steps }), catalogue);
    expect(asked.filter((one) => "step" in one && one.step === 0)).toEqual([]);
    expect(asked.map(({ about }) => about)).not.toContain("temperature");
  });
});
