import { expect, it } from "@jest/globals";
import { toMilligram } from "./milligram.ts";

it.each([
  [566.9904625, 566.99],
  [0.0005, 0.001],
  [0.0004, 0],
  [1234.5678, 1234.568],
  [-2.0016, -2.002],
  [-0.0001, 0],
])("%d g is kept as %d g", (grams, kept) => {
  expect(toMilligram(grams)).toBe(kept);
});
