import { describe, expect, it } from "@jest/globals";
import { comesOffBeside, doneTogether, gramsTaken, keptBeside, type Taken } from "./taken-together.ts";

describe("what is taken of one lot in all", () => {
  const take = (toDo: string | null, lotG: number, part: Taken["part"] = null): Taken => ({
    toDo,
    part,
    lotG,
  });
  it.each([
    [
      "the leaves and the stems of the same chard",
      [take("strip-leaves", 300), take("strip-leaves", 200, "stems")],
      300,
    ],
    [
      "more stems than the leaves leave",
      [take("strip-leaves", 100), take("strip-leaves", 200, "stems")],
      200,
    ],
    ["stems for two lines", [take("strip-leaves", 100, "stems"), take("strip-leaves", 200, "stems")], 300],
    ["juice and zest", [take("squeeze", 220), take("zest", 110)], 220],
    ["yolks and whites", [take("separate", 110), take("separate-whites", 170)], 170],
    ["two ways that exclude each other", [take("squeeze", 220), take("peel", 110)], 330],
    ["what is ready for two lines", [take(null, 100), take(null, 50)], 150],
    ["nothing", [], 0],
  ])("%s", (_what, all, grams) => {
    expect(gramsTaken(all)).toBe(grams);
  });

  it("tells what comes off beside something else", () => {
    expect([take("zest", 1), take("squeeze", 1), take("separate-whites", 1)].every(comesOffBeside)).toBe(
      true,
    );
    expect(comesOffBeside(take("strip-leaves", 1, "stems"))).toBe(true);
    expect(comesOffBeside(take("strip-leaves", 1))).toBe(false);
    expect(comesOffBeside(take(null, 1))).toBe(false);
  });

  it("says what to keep beside the usable part", () => {
    expect(keptBeside("zest", [take("zest", 5), take("squeeze", 60)])).toEqual(["juice"]);
    expect(keptBeside("zest", [take("zest", 5)])).toEqual([]);
    expect(keptBeside("squeeze", [take("zest", 5), take("squeeze", 60)])).toEqual([]);
    const stems = [
      take("strip-leaves", 9),
      take("strip-leaves", 5, "stems"),
      take("strip-leaves", 2, "stems"),
    ];
    expect(keptBeside("strip-leaves", stems)).toEqual(["stems"]);
    expect(keptBeside("peel", stems)).toEqual([]);
  });

  it("does two trims of one piece as one", () => {
    const trim = (method: string, rawG: number) => ({ method, rawG });
    expect(doneTogether([trim("squeeze", 220), trim("zest", 110), trim("peel", 50)])).toEqual([
      trim("zest", 220),
      trim("peel", 50),
    ]);
    expect(doneTogether([trim("separate-whites", 170)])).toEqual([trim("separate-whites", 170)]);
    expect(doneTogether([])).toEqual([]);
  });
});
