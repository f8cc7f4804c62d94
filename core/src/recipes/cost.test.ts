import { describe, expect, it } from "@jest/globals";
import { factsOf } from "../../test/kitchen.ts";
import { boardPrice } from "./cost.ts";

describe("what the board asks", () => {
  it("is spread over what the usual trimming leaves", () => {
    const leek = factsOf("leek");
    const yieldMean = leek.trims[0]?.mean ?? 1;
    expect(yieldMean).toBeLessThan(0.8);
    expect(boardPrice(300, leek)).toBeCloseTo(30 / yieldMean, 9);
  });

  it("is the price as it is of what needs no trimming", () => {
    expect(boardPrice(900, { ...factsOf("leek"), trims: [] })).toBe(90);
  });

  it("is unknown for what it does not list, and nothing for tap water", () => {
    expect(boardPrice(undefined, factsOf("leek"))).toBeNull();
    expect([boardPrice(undefined, factsOf("water")), boardPrice(120, factsOf("water"))]).toEqual([0, 0]);
  });
});
