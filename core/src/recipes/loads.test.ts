import { describe, expect, it } from "@jest/globals";
import { stepOf } from "./formula.ts";
import { equalLoads, loadsSaid, withLoadsSaid } from "./loads.ts";

describe("loads that the words of a step ask for", () => {
  it.each([
    ["Blend in two batches until smooth.", 2],
    ["Fry in three or four batches.", 4],
    ["Blitz in 2-3 loads.", 3],
    ["Grind in two goes.", 2],
    ["Blanch in 12 lots.", 12],
    ["Blend in one batch.", null],
    ["Blend in 13 batches.", null],
    ["Fry in batches.", null],
    ["Cut in two and roast.", null],
  ])("%p: %p", (text, count) => {
    expect(loadsSaid(text)).toBe(count);
  });

  it("come out as so many equal loads of that dish; a load that is set stays", () => {
    const set = { leastG: 50, mostG: 400 };
    const steps = withLoadsSaid(
      [stepOf("Blend in three batches."), stepOf("Blend in three batches.", { load: set }), stepOf("Serve.")],
      1000,
    );
    expect(steps.map((step) => step.load)).toEqual([{ leastG: 0, mostG: 334 }, set, null]);
    expect(equalLoads(1000, { leastG: 0, mostG: 334 })).toMatchObject({ count: 3, problem: null });
  });
});
