import { describe, expect, it } from "@jest/globals";
import { celsiusIn } from "./read-step.ts";

/** The British oven's marks, °C as cookers and cookbooks print them; from memory. */
const marks: readonly (readonly [string, number])[] = [
  ["¼", 110],
  ["½", 120],
  ["0.25", 110],
  ["0.5", 120],
  ["1", 140],
  ["2", 150],
  ["3", 170],
  ["4", 180],
  ["5", 190],
  ["6", 200],
  ["7", 220],
  ["8", 230],
  ["9", 240],
];

describe("the oven's temperature in a step", () => {
  it.each(marks)("gas mark %s is %i °C", (mark, celsius) => {
    expect(celsiusIn(`Bake at gas mark ${mark} until golden.`)).toBe(celsius);
    expect(celsiusIn(`Bake at gas ${mark}.`)).toBe(celsius);
  });

  it("knows no mark beyond the dial", () => {
    expect(celsiusIn("Gas mark 10.")).toBeNull();
    expect(celsiusIn("Gas mark 0.")).toBeNull();
  });

  it("reads Fahrenheit to the nearest degree, and a fan oven as one 20 °C warmer", () => {
    expect(celsiusIn("Roast at 400 °F.")).toBe(204);
    expect(celsiusIn("Roast at 212F.")).toBe(100);
    expect(celsiusIn("Roast at 180 °C fan.")).toBe(200);
    expect(celsiusIn("Roast at 180 °C (fan 160).")).toBe(180);
    expect(celsiusIn("Roast at 180 °C (fan oven: 160 °C).")).toBe(180);
    expect(celsiusIn("Roast at 180 °C (160 °C fan).")).toBe(180);
    expect(celsiusIn("Heat the oven to fan 160 °C.")).toBe(180);
    expect(celsiusIn("Roast at 180 °C fan 20 minutes long.")).toBe(200);
    expect(celsiusIn("Roast at 400 °F fan.")).toBe(204);
  });

  it("takes nothing hotter than a kitchen's oven", () => {
    expect(celsiusIn("Heat to 350 °C.")).toBe(350);
    expect(celsiusIn("Heat to 351 °C.")).toBeNull();
    expect(celsiusIn("Heat to 330 °C fan.")).toBe(350);
    expect(celsiusIn("Heat to 331 °C fan.")).toBeNull();
    expect(celsiusIn("Heat to 00 °C.")).toBeNull();
  });

  it("says nothing where no temperature stands", () => {
    expect(celsiusIn("Stir for 10 minutes.")).toBeNull();
  });
});
