import { describe, expect, it } from "@jest/globals";
import { pouring } from "./pour-down.ts";

const held = { startG: 60, stepG: 15, mostG: 110 };

describe("pouring to taste", () => {
  it.each([
    [0, "start", 60, 60],
    [-3, "start", 60, 60],
    [59.4, "start", 60, 0.6],
    // The hand is no machine: half a gram short is there.
    [59.6, "step", 75, 15.4],
    [60, "step", 75, 15],
    [74.2, "step", 75, 0.8],
    [75, "step", 90, 15],
    [90, "step", 105, 15],
    [105, "most", 110, 5],
    [110.4, "most", 110, -0.4],
    [112, "over", 110, -2],
  ])("with %d g in: %s, to %d g", (pouredG, stage, nextG, toGoG) => {
    const now = pouring(pouredG, held);
    expect(now).toMatchObject({ stage, nextG });
    expect(now.toGoG).toBeCloseTo(toGoG, 9);
  });
});
