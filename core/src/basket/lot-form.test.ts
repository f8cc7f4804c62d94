import { describe, expect, it } from "@jest/globals";
import { factsOf } from "../../test/kitchen.ts";
import { isUntrimmed } from "./lot-form.ts";

type About = Parameters<typeof isUntrimmed>[0];
const untrimmed = (id: string, about: Partial<About>): boolean =>
  isUntrimmed({ state: "raw", method: null, part: null, ...about }, factsOf(id));

describe("food as it grew, that can still be trimmed", () => {
  it.each([
    ["a lemon", "lemon", {}, true],
    ["a raw pack of feta", "feta", {}, true],
    ["half a lemon", "lemon", { state: "opened" }, true],
    ["a lemon's zest", "lemon", { state: "opened", part: "zest" }, false],
    ["a squeezed half", "lemon", { state: "opened", method: "squeeze" }, false],
    ["an opened pack of feta", "feta", { state: "opened" }, false],
    ["trimmed leeks", "leek", { state: "usable", method: "trim" }, false],
    ["leek tops", "leek", { state: "by-product", part: "tops" }, false],
  ] as const)("%s", (_, id, about, expected) => {
    expect(untrimmed(id, about)).toBe(expected);
  });
});
