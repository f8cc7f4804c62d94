import { describe, expect, it } from "@jest/globals";
import { factsOf } from "../../test/kitchen.ts";
import { referenceCatalogue } from "./reference.ts";
import { lineReader, readLine } from "./read-line.ts";
import { toGrams } from "./to-grams.ts";

describe("ounces of what can be poured", () => {
  const four = { kind: "mass", grams: 113.4, ounces: 4 } as const;

  it("are weighed or poured as the kitchen means them, and say so", () => {
    const oil = factsOf("olive-oil");
    expect(toGrams(four, oil).ok).toBe(false);
    const fluid = toGrams(four, oil, { ounces: "fluid" });
    const ml = 4 * 29.5735295625;
    expect(fluid).toMatchObject({ ok: true, value: { weighed: false, form: "usable" } });
    expect(fluid.ok && fluid.value.grams.value).toBeCloseTo(ml * (oil.composition?.gramsPerMl ?? 0), 6);
    expect(fluid.ok && fluid.value.workings).toMatch(/^4 fl oz = 118 ml × /);
    expect(toGrams(four, oil, { ounces: "mass" })).toMatchObject({
      ok: true,
      value: { weighed: true, workings: "weighed, in ounces" },
    });
  });

  it("of solids are weight without a question", () => {
    expect(toGrams(four, factsOf("carrot"))).toMatchObject({ ok: true, value: { weighed: true } });
  });
});

describe("juice of a fruit", () => {
  const reader = lineReader(referenceCatalogue, { cup: "us-customary", ounces: {} });
  const idOf = (text: string) => {
    const { ingredient } = readLine(text, reader);
    return ingredient.kind === "one" ? ingredient.id : ingredient.kind;
  };

  it("is meant only where pieces are pressed: not of a weight, a slice, its zest", () => {
    expect(idOf("1 lemon, juiced")).toBe("lemon-juice");
    expect(idOf("100 g lemons, juiced")).toBe("lemon");
    expect(idOf("2 slices lemon")).toBe("lemon");
    expect(idOf("1 wedge lemon")).toBe("lemon");
    expect(idOf("1 tbsp lemon zest")).toBe("lemon");
    expect(idOf("1 lemon, zested")).toBe("lemon");
    expect(idOf("1 lemon")).toBe("lemon");
  });
});

describe("workings", () => {
  it("show counts to a hundredth and millilitres to a tenth", () => {
    const spoon = toGrams(
      { kind: "volume", ml: 12.3456, count: 0.8333, unit: "tbsp" } as never,
      factsOf("olive-oil"),
    );
    expect(spoon.ok && spoon.value.workings).toMatch(/^0\.83 tbsp at /);
    const bare = { ...factsOf("olive-oil"), measures: [] };
    const poured = toGrams({ kind: "volume", ml: 12.3456, count: 0.8333, unit: "tbsp" } as never, bare);
    expect(poured.ok && poured.value.workings).toMatch(/^12\.3 ml × /);
    expect(poured.ok && poured.value.weighed).toBe(false);
  });
});
