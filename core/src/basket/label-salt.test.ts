import { describe, expect, it } from "@jest/globals";
import { factsOf } from "../../test/kitchen.ts";
import { saltPer100g } from "./label-salt.ts";

describe("the salt of a pack", () => {
  it("is what its label says, a nothing too, else what the table says", () => {
    const feta = factsOf("feta");
    const byTable = feta.composition?.saltG;
    expect(byTable).toBeGreaterThan(1);
    expect([{ saltG: 3.1 }, { saltG: 0 }].map((label) => saltPer100g(label, feta))).toEqual([3.1, 0]);
    expect([{ saltG: null }, null, undefined].map((label) => saltPer100g(label, feta))).toEqual([
      byTable,
      byTable,
      byTable,
    ]);
  });

  it("is unknown where neither says", () => {
    expect(saltPer100g(null, { composition: undefined })).toBeNull();
  });
});
