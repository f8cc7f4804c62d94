import { describe, expect, it } from "@jest/globals";
import { factsOf } from "../../test/kitchen.ts";
import { piecesOfLine } from "./pieces-of-line.ts";

const counted = (amountText: string, asBoughtG: number | null, batches = 1) =>
  piecesOfLine({ amountText, asBoughtG }, batches, { facts: factsOf("eggplant"), name: "aubergine" });

describe("what a line counts", () => {
  it("is said in its own pieces, for as many batches as are made", () => {
    expect(counted("2 aubergines, about 600g", 600)).toMatchObject({
      count: 2,
      name: "aubergines",
      grams: 600,
    });
    expect(counted("2 aubergines, about 600g", 600, 2)).toMatchObject({ count: 4, grams: 1200 });
    expect(counted("4 big ripe aubergines", 1600)).toMatchObject({ count: 4, grams: 1600 });
    expect(counted("1 aubergine", 583, 1.5)).toMatchObject({ count: 2, name: "aubergines" });
  });

  it("is nothing where it counts nothing", () => {
    expect(counted("600 g aubergine", 600)).toBeNull();
    expect(counted("2 aubergines", null)).toBeNull();
    expect(counted("2-3 aubergines", 1400)).toBeNull();
    const garlic = { facts: factsOf("garlic"), name: "garlic" };
    expect(piecesOfLine({ amountText: "1 whole head of garlic", asBoughtG: 40 }, 1, garlic)).toBeNull();
    expect(piecesOfLine({ amountText: "3 cloves garlic", asBoughtG: 10.35 }, 1, garlic)).toMatchObject({
      ...{ count: 3, name: "cloves of garlic" },
    });
  });
});
