import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { aFormula, aLine } from "../../test/kitchen.ts";
import { check } from "../../test/property.ts";
import { referenceCatalogue as catalogue } from "../catalogue/reference.ts";
import { partName, partOnly, partsApart } from "../recipes/index.ts";
import { settleMake, weightOfPart, withoutKept, type KeptPart } from "./kept-apart.ts";
import type { OnHandLot, UsedPart } from "./reconcile-batch.ts";

const cream = "For the cream:";
const formula = aFormula(
  [
    aLine("leaf", 300, "kale"),
    aLine("curd", 200, "yogurt-greek", { group: cream }),
    aLine("lemon", 20, "lemon-juice", { group: cream }),
    aLine("bread", 80, "walnut", { group: "Topping" }),
  ],
  { name: "Kale with cream" },
);
const lot: OnHandLot = {
  ...{ lotId: "yogurt-1", ingredient: "yogurt-greek", onHandG: 200, state: "opened", method: null },
  ...{ part: null, pastSafety: false },
};
const used: readonly UsedPart[] = [
  { lineId: "leaf", ingredient: "kale", lotId: null, grams: 300 },
  { lineId: "curd", ingredient: "yogurt-greek", lotId: "yogurt-1", grams: 200 },
  { lineId: "lemon", ingredient: "lemon-juice", lotId: null, grams: 20 },
  { lineId: "bread", ingredient: "walnut", lotId: null, grams: 80 },
];
const settle = (kept: readonly KeptPart[], of = used) =>
  settleMake(formula, { used: of, kept }, { lots: [lot], catalogue });
const settled = (kept: readonly KeptPart[]) => {
  const made = settle(kept);
  if (!made.ok) throw new Error(made.issue.code);
  return made.value;
};
const grams = (parts: readonly UsedPart[]) =>
  Object.fromEntries(parts.map(({ lineId, grams: g }) => [lineId, g]));

describe("parts that are made apart", () => {
  it("are those with a heading of their own, where not all of it is one", () => {
    expect(partsApart(formula.lines)).toEqual([cream, "Topping"]);
    expect(partsApart(formula.lines.filter(({ group }) => group === cream))).toEqual([]);
    expect(partsApart([{ group: "" }, { group: "" }])).toEqual([]);
  });

  it.each([
    ["For the cream:", "cream"],
    ["For serving", "serving"],
    ["Topping", "Topping"],
    ["Forest dressing :", "Forest dressing"],
  ])("%s is %s", (heading, name) => {
    expect(partName(heading)).toBe(name);
  });

  it("stand for themselves under the dish's name", () => {
    const only = partOnly(formula, cream);
    expect([only.name, only.lines.map(({ id }) => id)]).toEqual([
      "Kale with cream – cream",
      ["curd", "lemon"],
    ]);
  });
});

describe("what is kept of a part by itself", () => {
  it("is its share of everything that went into the part; the dish has the rest", () => {
    const { dish, parts } = settled([{ part: cream, keptG: 55, weighedG: null }]);
    // 55 g of 220 g: a quarter.
    expect(parts.map((one) => [one.shareOfPart, grams(one.used)])).toEqual([[0.25, { curd: 50, lemon: 5 }]]);
    expect(grams(dish.used)).toEqual({ leaf: 300, curd: 150, lemon: 15, bread: 80 });
    expect([dish.draws, parts[0]?.draws]).toEqual([
      [{ lotId: "yogurt-1", grams: 150 }],
      [{ lotId: "yogurt-1", grams: 50 }],
    ]);
    expect([dish.output.value, parts[0]?.output.value]).toEqual([545, 55]);
  });

  it("goes by what the part weighed, where it was weighed", () => {
    const { parts } = settled([{ part: cream, keptG: 55, weighedG: 110 }]);
    expect(parts[0]?.shareOfPart).toBe(0.5);
  });

  it("may be all of it: then the dish has none of it", () => {
    const { dish, parts } = settled([{ part: cream, keptG: 221, weighedG: null }]);
    expect([parts[0]?.shareOfPart, grams(dish.used)]).toEqual([1, { leaf: 300, bread: 80 }]);
  });

  it("changes nothing where nothing is kept", () => {
    expect(settled([]).dish.used).toEqual(used);
    expect(settled([]).parts).toEqual([]);
  });

  it.each([
    [
      { part: "For the soup", keptG: 5, weighedG: null },
      { code: "part-unknown", kept: 0 },
    ],
    [
      { part: "", keptG: 5, weighedG: null },
      { code: "part-unknown", kept: 0 },
    ],
    [
      { part: cream, keptG: 223, weighedG: null },
      { code: "more-than-part", madeG: 220, keptG: 223 },
    ],
    [
      { part: cream, keptG: 55, weighedG: 50 },
      { code: "more-than-part", madeG: 50, keptG: 55 },
    ],
    [
      { part: cream, keptG: 55, weighedG: 2000 },
      { code: "part-over-inputs", kept: 0 },
    ],
  ])("%j is refused", (kept, issue) => {
    const refused = settle([kept]);
    expect(refused.ok ? undefined : refused.issue).toMatchObject(issue);
  });

  it("is refused where nothing of the part was used, where all of the dish is kept, and for whatever the make itself is", () => {
    const codeOf = (kept: readonly KeptPart[], of: readonly UsedPart[]) => {
      const made = settle(kept, of);
      return made.ok ? undefined : made.issue.code;
    };
    const [leaf, curd] = used;
    expect(codeOf([{ part: cream, keptG: 5, weighedG: null }], leaf ? [leaf] : [])).toBe("part-not-used");
    expect(codeOf([{ part: cream, keptG: 200, weighedG: null }], curd ? [curd] : [])).toBe("nothing-used");
    const tooMuch = used.map((one) => ({ ...one, grams: one.grams * 2 }));
    expect(codeOf([{ part: cream, keptG: 5, weighedG: null }], tooMuch)).toBe("more-than-on-hand");
  });

  it("loses nothing and draws no milligram more, whatever is kept", () => {
    const amount = fc.double({ min: 1, max: 100, noNaN: true });
    check(
      fc.property(amount, amount, fc.double({ min: 0.01, max: 1, noNaN: true }), (curd, lemon, share) => {
        const of = [
          ...used.slice(0, 1),
          { lineId: "curd", ingredient: "yogurt-greek", lotId: "yogurt-1", grams: curd },
          { lineId: "curd", ingredient: "yogurt-greek", lotId: "yogurt-1", grams: curd },
          { lineId: "lemon", ingredient: "lemon-juice", lotId: null, grams: lemon },
        ];
        const keptG = share * (2 * curd + lemon);
        const made = settle([{ part: cream, keptG, weighedG: 2 * curd + lemon }], of);
        if (!made.ok) throw new Error(made.issue.code);
        const all = [made.value.dish, ...made.value.parts];
        const total = all.flatMap((one) => one.used).reduce((sum, one) => sum + one.grams, 0);
        expect(Math.abs(total - 300 - 2 * curd - lemon)).toBeLessThan(0.0031);
        const drawn = all.flatMap((one) => one.draws).reduce((sum, one) => sum + one.grams, 0);
        expect(drawn).toBeLessThanOrEqual(2 * curd + 1e-9);
      }),
    );
  });
});

describe("while it is being typed", () => {
  const whole = { value: 1, low: 1, high: 1 };
  const goingIn = [
    { part: "", grams: 300, inDish: { value: 0.5, low: 0.4, high: 0.6 } },
    { part: cream, grams: 200, inDish: whole },
    { part: cream, grams: 20, inDish: whole },
  ];

  it("a part's weight is of its own lines, and the dish's figures of what stays in it", () => {
    expect(weightOfPart(goingIn, cream).value).toBe(220);
    expect(withoutKept(goingIn, []).map((one) => one.grams)).toEqual([300, 200, 20]);
    const kept = (keptG: number, weighedG: number | null) =>
      withoutKept(goingIn, [{ part: cream, keptG, weighedG }]).map((one) => one.grams);
    expect(kept(55, null)).toEqual([300, 150, 15]);
    expect(kept(55, 110)).toEqual([300, 100, 10]);
    expect(kept(500, null)).toEqual([300, 0, 0]);
  });
});
