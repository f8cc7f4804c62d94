import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { check } from "../../test/property.ts";
import { aFormula, aLine, everyone, factsOf } from "../../test/kitchen.ts";
import { referenceCatalogue } from "../catalogue/reference.ts";
import { adaptFormula } from "./adapt.ts";
import { convert } from "./conversion.ts";
import { dietsOf } from "./diets.ts";
import type { Demand, Stock } from "./demand.ts";
import { fillLines } from "./fill-lines.ts";
import { fillByProgramme } from "./fill-programme.ts";
import { fillerOf, type Conversion, type Line } from "./formula.ts";
import { validateFormula } from "./validate-formula.ts";
import { allowedFillers, isStrong } from "./slots.ts";
import { substitutionFor, substitutionsFor } from "./substitute.ts";
import { substitutionTable } from "./tables/substitutions.ts";
import { topUpLine } from "./top-up.ts";

const factor = (by: Conversion, from: string, to: string): number => {
  const converted = convert(by, factsOf(from), factsOf(to));
  if (!converted.ok) throw new Error(converted.issue.code);
  return converted.value.factor;
};
const demandOf = (line: Line): Demand => ({
  lineId: line.id,
  grams: line.grams,
  fillers: allowedFillers(line, referenceCatalogue, everyone),
  maxStrongHerbShare: line.maxStrongHerbShare,
  optional: line.optional,
});
const lot = (lotId: string, ingredient: string, grams: number, urgencyWeight = 1): Stock => ({
  lotId,
  ingredient,
  grams,
  urgencyWeight,
});
const inAll = (fillings: readonly { grams: number }[]): number =>
  fillings.reduce((total, f) => total + f.grams, 0);

describe("how much of another does the work", () => {
  it("gram for gram unless said otherwise", () => {
    expect(factor("mass", "parsley", "chard")).toBe(1);
  });

  it("by volume through the measure both have; by strength for acids through equivalents", () => {
    const cups = (id: string): number =>
      factsOf(id).measures.find((m) => m.measure === "cup-chopped")?.grams ?? 0;
    expect(factor("volume", "parsley", "cilantro")).toBeGreaterThan(0.2);
    expect(factor("volume", "bulgur", "quinoa")).toBeCloseTo(
      (factsOf("quinoa").measures.find((m) => m.measure === "cup-whole")?.grams ?? cups("quinoa")) /
        (factsOf("bulgur").measures.find((m) => m.measure === "cup-whole")?.grams ?? cups("bulgur")),
      1,
    );
    // 5 g citric at 64.04 g/eq in lemon, against orange's 0.8 g: six and a quarter times as much juice.
    expect(factor("strength", "lemon-juice", "orange-juice")).toBeCloseTo(6.25, 2);
    expect(factor("strength", "orange-juice", "lemon-juice")).toBeCloseTo(1 / 6.25, 3);
  });

  it("one of dried for three of fresh by volume, and back (common practice, no source)", () => {
    const there = factor("strength", "oregano", "oregano-dried");
    expect(there).toBeLessThan(1);
    expect(there * factor("strength", "oregano-dried", "oregano")).toBeCloseTo(1, 9);
  });

  it("as salty: capers stand for anchovies by their salt", () => {
    const salt = (id: string): number => factsOf(id).composition?.saltG ?? 0;
    expect(factor("strength", "anchovy", "capers")).toBeCloseTo(salt("anchovy") / salt("capers"), 9);
  });

  it("refuses what has nothing in common", () => {
    expect(convert("strength", factsOf("parsley"), factsOf("chard"))).toMatchObject({
      ok: false,
      issue: { code: "conversion-unknown", ingredient: "chard", convertBy: "strength" },
    });
  });
});

describe("slots with conversions and floors", () => {
  it("a weaker acid takes more grams of itself for the same share", () => {
    const line = aLine("acid", 10, "lemon-juice", {
      fillers: [fillerOf("lemon-juice"), fillerOf("orange-juice", { convertBy: "strength" })],
    });
    expect(inAll(fillLines([demandOf(line)], [lot("o", "orange-juice", 500)]))).toBeCloseTo(62.5, 6);
    expect(
      inAll(fillLines([demandOf(line)], [lot("o", "orange-juice", 31.25), lot("l", "lemon-juice", 50, 0.1)])),
    ).toBeCloseTo(31.25 + 5, 6);
  });

  it("a floor keeps its room: at least half basil, however much spinach there is", () => {
    const line = aLine("green", 80, "basil", {
      fillers: [fillerOf("basil", { minShare: 0.5 }), fillerOf("spinach")],
    });
    const fillings = fillLines([demandOf(line)], [lot("s", "spinach", 500)]);
    expect(inAll(fillings)).toBeCloseTo(40, 6);
    expect(topUpLine(demandOf(line), fillings, () => false)).toEqual([
      { lineId: "green", ingredient: "basil", grams: 40, from: "buy" },
    ]);
  });

  it("nothing is bought for an optional line", () => {
    const line = aLine("finish", 10, "viola chives", { optional: true });
    expect(topUpLine(demandOf(line), [], () => false)).toEqual([]);
    expect(topUpLine(demandOf(line), [], (id) => id === "chives")).toMatchObject([
      { ingredient: "chives", from: "staple" },
    ]);
  });

  const names = ["parsley", "lovage", "basil", "chard", "tarragon"] as const;
  const someLine = fc
    .record({
      grams: fc.integer({ min: 10, max: 60 }),
      picks: fc.uniqueArray(fc.constantFrom(...names), { minLength: 2, maxLength: 3 }),
      caps: fc.array(fc.constantFrom(0.25, 0.5, 1), { minLength: 3, maxLength: 3 }),
      floor: fc.constantFrom(0, 0, 0.25),
      maxStrongHerbShare: fc.constantFrom(0.25, 0.5, 1),
    })
    .map((made): Omit<Line, "id"> => {
      const fillers = made.picks.map((id, i) =>
        fillerOf(id, {
          maxShare: i === 0 ? 1 : (made.caps[i] ?? 1),
          minShare: i === 1 ? Math.min(made.floor, made.caps[1] ?? 1, made.maxStrongHerbShare) : 0,
        }),
      );
      return aLine("x", made.grams, "parsley", { fillers, maxStrongHerbShare: made.maxStrongHerbShare });
    });
  const someStock = fc.array(
    fc.record({
      ingredient: fc.constantFrom(...names),
      grams: fc.integer({ min: 1, max: 50 }),
      urgencyWeight: fc.integer({ min: 1, max: 9 }),
    }),
    { minLength: 1, maxLength: 4 },
  );

  it("never breaks a cap or a floor, and fills as much worth as the linear programme (300 kitchens)", () => {
    let seen = 0;
    check(
      fc.property(fc.array(someLine, { minLength: 1, maxLength: 3 }), someStock, (lines, stocks) => {
        const demands = lines.map((line, i) => demandOf({ ...line, id: `l${i}` }));
        const stock = stocks.map((s, i) => ({ ...s, lotId: `lot${i}` }));
        const urgencyWeight = (fillings: ReturnType<typeof fillLines>): number =>
          fillings.reduce(
            (total, f) => total + f.grams * (stock.find((s) => s.lotId === f.lotId)?.urgencyWeight ?? 0),
            0,
          );
        const filled = fillLines(demands, stock);
        for (const demand of demands) {
          const mine = filled.filter((f) => f.lineId === demand.lineId);
          const gramsOf = (id: string): number => inAll(mine.filter((f) => f.ingredient === id));
          for (const filler of demand.fillers) {
            expect(gramsOf(filler.ingredient)).toBeLessThanOrEqual(demand.grams * filler.maxShare + 1e-6);
            const others = inAll(mine) - gramsOf(filler.ingredient);
            expect(others).toBeLessThanOrEqual(demand.grams * (1 - filler.minShare) + 1e-6);
          }
          const strong = demand.fillers.filter((f) => isStrong(f.facts)).map((f) => f.ingredient);
          expect(inAll(mine.filter((f) => strong.includes(f.ingredient)))).toBeLessThanOrEqual(
            demand.grams * demand.maxStrongHerbShare + 1e-6,
          );
        }
        expect(urgencyWeight(filled)).toBeCloseTo(urgencyWeight(fillByProgramme(demands, stock)), 1);
        seen++;
      }),
      { numRuns: 300 },
    );
    expect(seen).toBe(300);
  });

  it("equals trying every split of whole grams on small kitchens (120 of them)", () => {
    const small = fc.record({
      grams: fc.array(fc.integer({ min: 1, max: 4 }), { minLength: 2, maxLength: 2 }),
      stock: fc.array(fc.integer({ min: 0, max: 4 }), { minLength: 3, maxLength: 3 }),
      urgencyWeight: fc.array(fc.integer({ min: 1, max: 5 }), { minLength: 3, maxLength: 3 }),
      half: fc.boolean(),
    });
    let seen = 0;
    check(
      fc.property(small, ({ grams, stock, urgencyWeight, half }) => {
        const cap = half ? 0.5 : 1;
        const [a = 1, b = 1] = grams.map((g) => g * 2);
        const lineA = aLine("a", a, "chard", {
          fillers: [fillerOf("chard"), fillerOf("kale", { maxShare: cap })],
        });
        const lineB = aLine("b", b, "kale", {
          fillers: [fillerOf("kale"), fillerOf("leek", { maxShare: cap })],
        });
        const [chard = 0, kale = 0, leek = 0] = stock;
        const [w1 = 1, w2 = 1, w3 = 1] = urgencyWeight;
        const lots = [lot("c", "chard", chard, w1), lot("k", "kale", kale, w2), lot("l", "leek", leek, w3)];
        let best = 0;
        for (let c = 0; c <= chard; c++)
          for (let inA = 0; inA <= kale; inA++)
            for (let inB = 0; inA + inB <= kale; inB++)
              for (let l = 0; l <= leek; l++)
                if (c + inA <= a && inA <= a * cap && inB + l <= b && l <= b * cap)
                  best = Math.max(best, c * w1 + (inA + inB) * w2 + l * w3);
        const filled = fillLines([demandOf(lineA), demandOf(lineB)], lots);
        const got = filled.reduce(
          (t, f) => t + f.grams * (lots.find((one) => one.lotId === f.lotId)?.urgencyWeight ?? 0),
          0,
        );
        expect(got).toBeCloseTo(best, 3);
        seen++;
      }),
      { numRuns: 120 },
    );
    expect(seen).toBe(120);
  });

  it("one lot shared by lines that convert it differently: as good as trying every split", () => {
    // Orange juice is gram for gram in one line and by strength (6.25 g for 1) in the other.
    const sweet = aLine("bright", 30, "apple-juice", {
      fillers: [fillerOf("apple-juice"), fillerOf("orange-juice")],
    });
    const sour = aLine("acid", 10, "lemon-juice", {
      fillers: [fillerOf("lemon-juice"), fillerOf("orange-juice", { convertBy: "strength" })],
    });
    for (const grams of [10, 40, 70, 200]) {
      const stock = [lot("o", "orange-juice", grams, 1), lot("l", "lemon-juice", 4, 3)];
      const filled = fillLines([demandOf(sweet), demandOf(sour)], stock);
      const urgencyWeight = filled.reduce((total, f) => total + f.grams * (f.lotId === "l" ? 3 : 1), 0);
      let best = 0;
      for (let tenths = 0; tenths <= 10 * Math.min(30, grams); tenths++)
        for (let lemonTenths = 0; lemonTenths <= 40; lemonTenths++) {
          const lemon = lemonTenths / 10;
          const orange = Math.min(grams - tenths / 10, (10 - lemon) * 6.25);
          best = Math.max(best, tenths / 10 + orange + 3 * lemon);
        }
      expect(urgencyWeight).toBeCloseTo(best, 1);
    }
  });
});

describe("judging a formula before it is kept", () => {
  const issueOf = (line: Line) => {
    const judged = validateFormula(aFormula([line]), referenceCatalogue);
    return judged.ok ? undefined : judged.issue;
  };

  it.each([
    [aLine("a", 0, "chard"), { code: "amount-not-positive", line: 0 }],
    [aLine("a", -5, "chard"), { code: "amount-not-positive" }],
    [aLine("a", Number.NaN, "chard"), { code: "amount-not-positive" }],
    [aLine("a", 5, "moonleaf"), { code: "ingredient-unknown", ingredient: "moonleaf" }],
    [aLine("a", 5, "chard:0.5 kale:0.25"), { code: "slot-cannot-be-filled", atMost: 0.75 }],
    [aLine("a", 5, "lovage", { maxStrongHerbShare: 0.25 }), { code: "slot-cannot-be-filled", atMost: 0.25 }],
    [aLine("a", 5, "chard chard"), { code: "filled-twice" }],
    [aLine("a", 5, "runner-bean"), { code: "never-raw", ingredient: "runner-bean" }],
    [aLine("a", 5, "chard stinging-nettle:0.5"), { code: "never-raw", ingredient: "stinging-nettle" }],
    [aLine("a", 5, "chard", { range: { low: 6, high: 9 } }), { code: "range-out-of-order" }],
    [aLine("a", 5, "chard", { fillers: [] }), { code: "line-says-nothing" }],
    [aLine("a", 5, "chard", { recipe: "another" }), { code: "line-says-nothing" }],
    [
      aLine("a", 5, "chard", {
        fillers: [fillerOf("chard", { minShare: 0.7 }), fillerOf("kale", { minShare: 0.4 })],
      }),
      { code: "floors-over-line" },
    ],
    [
      aLine("a", 5, "chard", { fillers: [fillerOf("chard"), fillerOf("kale", { convertBy: "strength" })] }),
      { code: "conversion-unknown", ingredient: "kale" },
    ],
  ])("refuses %#", (line, expected) => {
    expect(issueOf(line)).toMatchObject(expected);
  });

  it("takes a sound one, and says which line is not", () => {
    expect(issueOf(aLine("a", 5, "chard kale:0.5"))).toBeUndefined();
    const judged = validateFormula(
      aFormula([aLine("a", 5, "chard"), aLine("a", 5, "kale")]),
      referenceCatalogue,
    );
    expect(judged).toMatchObject({ ok: false, issue: { code: "line-said-twice", line: 1 } });
  });
});

describe("standing in for another", () => {
  it("cheese by mass, with what its salt does to the hand's", () => {
    const salt = (id: string): number => factsOf(id).composition?.saltG ?? 0;
    const swap = substitutionFor(100, [factsOf("feta"), factsOf("goat-cheese")]);
    expect(swap.grams).toBe(100);
    expect(swap.saltChangeG).toBeCloseTo(salt("goat-cheese") - salt("feta"), 6);
  });

  it("tin for cooked from dried by what a pulse becomes; tomato for dried by its dry matter", () => {
    const listed = (from: string, to: string) =>
      substitutionTable.find((row) => row.from === from && row.to === to);
    const dry = substitutionFor(
      240,
      [factsOf("chickpea"), factsOf("chickpea-dry")],
      listed("chickpea", "chickpea-dry"),
    );
    const grown = factsOf("chickpea-dry").changes.find((c) => c.method === "boil")?.factor ?? 0;
    expect(grown).toBeGreaterThan(1.8);
    expect(dry.grams).toBeCloseTo(240 / grown, 6);
    const dried = substitutionFor(
      200,
      [factsOf("tomato"), factsOf("sun-dried-tomato")],
      listed("tomato", "sun-dried-tomato"),
    );
    const water = (id: string): number => factsOf(id).composition?.waterG ?? 0;
    expect(dried.grams).toBeCloseTo((200 * (100 - water("tomato"))) / (100 - water("sun-dried-tomato")), 6);
    expect(dried.grams).toBeLessThan(30);
  });

  it("never offers never-raw produce for a raw line", () => {
    const line = aLine("green", 50, "spinach");
    const offered = substitutionsFor(line, "peas", { catalogue: referenceCatalogue, suits: () => true });
    expect(offered.length).toBeGreaterThan(0);
    const raw = substitutionsFor(aLine("b", 50, "farro"), "farro", {
      catalogue: referenceCatalogue,
      suits: () => true,
    });
    expect(raw.filter((s) => factsOf(s.ingredient).raw === "no")).toEqual([]);
  });

  it("names only ingredients there are", () => {
    const known = substitutionTable
      .flatMap((row) => [row.from, row.to])
      .filter((id) => !referenceCatalogue.ingredients.has(id));
    expect(known).toEqual([]);
  });
});

describe("the same formula for other diners", () => {
  const pesto = aFormula([
    aLine("green", 100, "basil spinach:0.5"),
    aLine("nut", 40, "hazelnut walnut"),
    aLine("cheese", 50, "parmesan pecorino"),
    aLine("oil", 90, "olive-oil"),
    aLine("salt", 2, "salt-sea-fine", { role: "salt" }),
  ]);
  const writtenOf = (lines: readonly Line[]): (string | undefined)[] =>
    lines.map((line) => line.fillers[0]?.ingredient);

  it("vegan: the cheese goes, in the amount that does its work, and the salt it carried comes back by hand", () => {
    const vegan = adaptFormula(pesto, { diets: ["vegan"], without: [] }, referenceCatalogue);
    expect(vegan.cannot).toEqual([]);
    expect(writtenOf(vegan.formula.lines)).toEqual([
      "basil",
      "hazelnut",
      "nutritional-yeast",
      "olive-oil",
      "salt-sea-fine",
    ]);
    expect(vegan.changes[0]).toMatchObject({ from: "parmesan", fromG: 50, to: { grams: 20 } });
    const salt = (id: string): number => factsOf(id).composition?.saltG ?? 0;
    expect(vegan.saltChangeG).toBeCloseTo((50 * salt("parmesan") - 20 * salt("nutritional-yeast")) / 100, 6);
    expect(dietsOf(writtenOf(vegan.formula.lines).map(String), referenceCatalogue)).toContain("vegan");
  });

  it("nut-free: another filler of the line first, else the table; struck out are those that do not fit", () => {
    const free = adaptFormula(pesto, { diets: ["nut-free"], without: [] }, referenceCatalogue);
    expect(free.formula.lines[1]?.fillers.map((f) => f.ingredient)).toEqual(["sunflower-seed"]);
    const own = aFormula([aLine("nut", 40, "hazelnut pumpkin-seed walnut")]);
    const stays = adaptFormula(own, { diets: ["nut-free"], without: [] }, referenceCatalogue);
    expect(stays.formula.lines[0]?.fillers.map((f) => f.ingredient)).toEqual(["pumpkin-seed"]);
  });

  it("gluten-free and dairy-free work the same; an allergen can be named", () => {
    const grain = aFormula([
      aLine("base", 200, "bulgur", { eatenRaw: false, cook: "boil" }),
      aLine("cheese", 80, "feta"),
      aLine("green", 20, "parsley"),
    ]);
    const both = adaptFormula(
      grain,
      { diets: ["gluten-free", "dairy-free"], without: [] },
      referenceCatalogue,
    );
    expect(writtenOf(both.formula.lines)).toEqual(["quinoa", "tofu", "parsley"]);
    const without = adaptFormula(grain, { diets: ["dairy-free"], without: ["soy"] }, referenceCatalogue);
    expect(writtenOf(without.formula.lines)).toEqual(["bulgur", "olives-green", "parsley"]);
  });

  it("leaves an optional line out, and says what nothing stands in for", () => {
    const odd = aFormula([
      aLine("a", 10, "tofu", { optional: true }),
      aLine("b", 10, "tofu"),
      aLine("c", 5, "chard"),
    ]);
    const adapted = adaptFormula(odd, { diets: [], without: ["soy"] }, referenceCatalogue);
    expect(adapted).toMatchObject({
      leftOut: ["a"],
      cannot: [{ lineId: "b", ingredient: "tofu" }],
      changes: [],
    });
    expect(adapted.formula.lines.map((line) => line.id)).toEqual(["b", "c"]);
  });

  it("a grain boiled in meat stock is not vegetarian", () => {
    expect(dietsOf(["farro", "parsley", "stock-vegetable"], referenceCatalogue)).toContain("vegetarian");
    expect(dietsOf(["farro", "parsley", "stock-meat"], referenceCatalogue)).not.toContain("vegetarian");
    expect(dietsOf(["parsley", "moonleaf"], referenceCatalogue)).toEqual([]);
  });
});
