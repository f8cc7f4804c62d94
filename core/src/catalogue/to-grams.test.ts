import { describe, expect, it } from "@jest/globals";
import { factsOf } from "../../test/kitchen.ts";
import { parseAmount } from "../measure/index.ts";
import { isPourable, toGrams, type Weight } from "./to-grams.ts";

function weigh(text: string, ingredient: string): Weight | string {
  const read = parseAmount(text, "us-customary");
  if (!read.ok) return read.issue.code;
  const weight = toGrams(read.value.amount, factsOf(ingredient), { rest: read.value.rest });
  return weight.ok ? weight.value : weight.issue.code;
}
const gramsOf = (text: string, ingredient: string): number => {
  const weight = weigh(text, ingredient);
  return typeof weight === "string" ? Number.NaN : weight.grams.value;
};

describe("what an ounce may be of", () => {
  const honey = factsOf("honey");
  const like = (
    category: "sweet" | "nut" | "oil",
    waterG: number | null,
    gramsPerMl: number | null,
  ): boolean => {
    if (!honey.composition) throw new Error("honey has no composition");
    return isPourable({ id: honey.id, category, composition: { ...honey.composition, waterG, gramsPerMl } });
  };

  it("something wet, an oil, or a paste of nuts: a fluid ounce is possible", () => {
    expect([like("sweet", 15, 1.4), like("sweet", 14.9, 1.4), like("sweet", null, 1.4)]).toEqual([
      true,
      false,
      false,
    ]);
    expect([like("nut", 1, 1.01), like("nut", 1, 1), like("nut", 1, 0.6)]).toEqual([true, false, false]);
    expect([like("oil", 0, 0.92), like("oil", 0, null)]).toEqual([true, false]);
  });
});

describe("what a loose measure is of", () => {
  const formOf = (text: string, ingredient: string): string => {
    const weight = weigh(text, ingredient);
    return typeof weight === "string" ? weight : weight.form;
  };

  it.each([
    ["1 handful", "walnut", "usable"],
    ["2 handfuls", "pistachio", "usable"],
    ["5 leaves", "chervil", "usable"],
    ["1 bunch", "chervil", "as-bought"],
    ["1 handful", "chard", "as-bought"],
  ])("%s of %s is %s: nuts are out of their shells, leaves off their stems", (text, ingredient, form) => {
    expect(formOf(text, ingredient)).toBe(form);
  });
});

describe("pieces of a lot that were counted and weighed", () => {
  const two = (text: string, pieceG?: number) => {
    const amount = parseAmount(text, "us-customary");
    if (!amount.ok) throw new Error(amount.issue.code);
    const weight = toGrams(amount.value.amount, factsOf("eggplant"), { rest: amount.value.rest, pieceG });
    return weight.ok ? weight.value : weight.issue.code;
  };
  it.each(["2 of them", "2 pieces", "2 aubergines", "2 whole", "2 eggplants"])(
    "%s are two of these",
    (text) => {
      expect(two(text, 500)).toMatchObject({
        grams: { value: 1000, low: 1000, high: 1000 },
        form: "as-bought",
      });
    },
  );

  it("are not weighed themselves, and say how they came about", () => {
    expect(two("1⅓ pieces", 83.333)).toMatchObject({
      weighed: false,
      workings: "1.33 × 83.3 g, as these were counted and weighed",
    });
  });

  it("a size goes with the measure after it, and the words after that are the preparation", () => {
    const garlic = factsOf("garlic");
    const clove = garlic.measures.find((row) => row.measure === "clove")!;
    const measures = [
      { ...clove, grams: 3, low: 3, high: 3 },
      { ...clove, measure: "clove-minced", grams: 9, low: 9, high: 9 },
      { ...clove, measure: "head", grams: 40, low: 40, high: 40 },
    ];
    const grams = (rest: string): number => {
      const weight = toGrams(
        { kind: "count", low: 2, high: 2, word: "large" },
        { ...garlic, measures },
        { rest },
      );
      return weight.ok ? weight.value.grams.value : 0;
    };
    expect([grams("cloves"), grams("cloves minced"), grams("heads minced")]).toEqual([6, 18, 80]);
  });

  it("a size, a measure or a weight is what it always is, and so are pieces that were not counted", () => {
    expect(two("2 small", 500)).toEqual(two("2 small"));
    expect(two("2 small", 500)).not.toMatchObject({ grams: { value: 1000 } });
    expect(two("300 g", 500)).toMatchObject({ grams: { value: 300 } });
    expect(two("2 aubergines")).toMatchObject({ grams: { value: 1166 } });
    expect(two("1–2 of them", 500)).toMatchObject({ grams: { value: 750, low: 500, high: 1000 } });
  });
});

describe("household weights of USDA SR Legacy, by NDB number (from memory, as in the tables)", () => {
  it.each([
    ["1 cup chopped", "lettuce-iceberg", 57, "11252"],
    ["1 leaf", "chard", 48, "11147"],
    ["1 clove", "garlic", 3.45, "11215"],
    ["1 tbsp", "olive-oil", 13.5, "04053"],
    ["1 tbsp", "cider-vinegar", 14.9, "02048"],
    ["1 tbsp", "honey", 21, "19296"],
    ["1 cup whole", "hazelnut", 135, "12120"],
    ["1 cup", "honey", 339, "19296"],
    ["2 tsp", "mustard-dijon", 10, "02046"],
  ])("%s of %s is %d g", (text, ingredient, grams, ndb) => {
    expect(gramsOf(text, ingredient)).toBeCloseTo(grams, 1);
    const weight = weigh(text, ingredient);
    expect(typeof weight === "object" && weight.workings).toContain(ndb);
  });
});

describe("loose measures become grams with a range", () => {
  it("two bunches are twice a bunch, low and high", () => {
    expect(weigh("2 bunches", "chard")).toMatchObject({
      grams: { value: 700, low: 500, high: 900 },
      weighed: false,
    });
  });

  it("a counted range widens the grams", () => {
    const weight = weigh("1–2 bunches", "chard");
    expect(weight).toMatchObject({ grams: { low: 250, high: 900 } });
  });

  it("a count of the thing itself is a whole one", () => {
    expect(gramsOf("3 leeks", "leek")).toBeCloseTo(3 * 202, 6);
    expect(gramsOf("2 kohlrabi", "kohlrabi")).toBe(400);
    expect(gramsOf("2 bulbs", "fennel-bulb")).toBeCloseTo(650, 6);
  });

  it("a weight is a fact", () => {
    expect(weigh("1 lb 4 oz", "chard")).toMatchObject({ weighed: true, grams: { value: 566.9904625 } });
  });

  it("takes the whole measure of a thing as it was picked before the trimmed one", () => {
    expect(gramsOf("1 plum", "plum")).toBeCloseTo(70.2, 6);
  });

  it("says in its workings how the grams came about", () => {
    const weight = weigh("2 bunches", "chard");
    expect(typeof weight === "object" && weight.workings).toMatch(
      /2 × bunch of 350 g \(250–450\) = about 700 g/,
    );
  });
});

describe("figures in the workings", () => {
  const workings = (
    text: string,
    own: { measure: "tbsp" | "bunch"; grams: number; low: number; high: number },
  ) => {
    const facts = factsOf("chard");
    const [row] = facts.measures;
    if (!row) throw new Error("chard has no measures");
    const read = parseAmount(text, "us-customary");
    const weight = read.ok && toGrams(read.value.amount, { ...facts, measures: [{ ...row, ...own }] });
    return weight && weight.ok ? weight.value.workings : undefined;
  };

  it("weights of one have one decimal, counts two", () => {
    expect(workings("1 tbsp", { measure: "tbsp", grams: 13.46, low: 12.94, high: 14.18 })).toMatch(
      /^1 tbsp at 13\.5 g a tbsp \(12\.9–14\.2 g\) =/,
    );
    expect(workings("0.333 bunch", { measure: "bunch", grams: 33.46, low: 30.24, high: 36.78 })).toMatch(
      /^0\.33 × bunch of 33\.5 g \(30\.2–36\.8\) =/,
    );
  });

  it("half an ounce of what pours is asked about, and said with two decimals where it is fluid", () => {
    expect(weigh("0.5 oz", "honey")).toBe("ounce-mass-or-fluid");
    const read = parseAmount("1.125 oz", "us-customary");
    const weight = read.ok && toGrams(read.value.amount, factsOf("honey"), { ounces: "fluid" });
    expect(weight && weight.ok && weight.value.workings).toMatch(/^1\.13 fl oz = 33 ml × 1\.\d+ g\/ml$/);
  });
});

describe("refusals", () => {
  it("names the measures an ingredient has when the one typed is not among them", () => {
    const read = parseAmount("2 wheelbarrows", "us-customary");
    const weight = read.ok ? toGrams(read.value.amount, factsOf("chard")) : undefined;
    expect(weight).toMatchObject({ ok: false, issue: { code: "measure-unknown", word: "wheelbarrows" } });
    expect(weight && !weight.ok && weight.issue.code === "measure-unknown" && weight.issue.known).toContain(
      "bunch",
    );
  });

  it("does not turn a volume into grams without a density or a cup of its own", () => {
    const bare = {
      id: "x",
      us: "x",
      uk: "x",
      category: "root" as const,
      measures: [],
      composition: undefined,
    };
    expect(toGrams({ kind: "volume", ml: 100, unit: "ml", count: 100 }, bare)).toMatchObject({
      ok: false,
      issue: { code: "volume-needs-density", ingredient: "x" },
    });
  });
});
