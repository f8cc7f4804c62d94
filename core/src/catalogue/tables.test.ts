import { describe, expect, it } from "@jest/globals";
import { cautions } from "./tables/cautions.ts";
import { compositions } from "./tables/composition.ts";
import { cookingChanges } from "./tables/cooking-changes.ts";
import { ingredients } from "./tables/ingredients.ts";
import { keepingRules } from "./tables/keeping.ts";
import { measures } from "./tables/measures.ts";
import { seasons } from "./tables/seasons.ts";
import { trimYields } from "./tables/trim-yields.ts";

const ids = new Set(ingredients.map((one) => one.id));
const rowsOfIngredients = { measures, trimYields, cookingChanges, compositions, seasons };

describe("every table", () => {
  it("has its rows", () => {
    expect(ingredients.length).toBeGreaterThanOrEqual(226);
    expect(measures.length).toBeGreaterThanOrEqual(700);
    expect(trimYields.length).toBeGreaterThanOrEqual(190);
    expect(keepingRules.length).toBeGreaterThanOrEqual(80);
    expect(cautions.length).toBeGreaterThanOrEqual(60);
  });

  it.each(Object.entries(rowsOfIngredients))("%s name only known ingredients", (_name, rows) => {
    expect(rows.filter((row) => !ids.has(row.ingredient)).map((row) => row.ingredient)).toEqual([]);
  });

  it("says where each figure comes from and how far to trust it", () => {
    const all = [...Object.values(rowsOfIngredients).flat(), ...ingredients, ...keepingRules, ...cautions];
    expect(all.filter((row) => row.source.trim() === "" || row.basis.trim() === "")).toEqual([]);
    expect(all.every((row) => ["high", "medium", "low"].includes(row.confidence))).toBe(true);
  });

  it("has each ingredient once", () => {
    expect(ids.size).toBe(ingredients.length);
  });
});

describe("ranges", () => {
  const outOfOrder = (
    rows: readonly { low: number; high: number }[],
    middle: (row: never) => number,
  ): unknown[] =>
    rows.filter(
      (row) => !(0 < row.low && row.low <= middle(row as never) && middle(row as never) <= row.high),
    );

  it("measures lie between their low and high", () => {
    expect(outOfOrder(measures, (m: (typeof measures)[number]) => m.grams)).toEqual([]);
  });

  it("yields lie between their low and high, and dry trims never give more than went in", () => {
    expect(outOfOrder(trimYields, (t: (typeof trimYields)[number]) => t.mean)).toEqual([]);
    expect(trimYields.filter((t) => t.mean > 1)).toEqual([]);
  });

  it("cooking factors lie between their low and high", () => {
    expect(outOfOrder(cookingChanges, (c: (typeof cookingChanges)[number]) => c.factor)).toEqual([]);
  });

  it("by-products never weigh more than what is not usable", () => {
    const over = trimYields.filter(
      (t) => t.byProducts.reduce((g, p) => g + p.fraction, 0) > 1 - t.low + 1e-9,
    );
    expect(over.map((t) => `${t.ingredient} ${t.method}`)).toEqual([]);
  });

  it("months are months", () => {
    expect(
      seasons.every((s) => s.fromMonth >= 1 && s.fromMonth <= 12 && s.toMonth >= 1 && s.toMonth <= 12),
    ).toBe(true);
  });
});

/** Refuse of USDA SR Legacy in per cent, by NDB number: from memory, as in the tables. */
const refuse: readonly (readonly [ingredient: string, method: string, ndb: string, percent: number])[] = [
  ["chard", "leaves-and-fine-stems", "11147", 8],
  ["beet-greens", "strip-leaves", "11086", 44],
  ["broccoli", "leaves-and-fine-stems", "11090", 39],
  ["cabbage-green", "core-and-outer-leaves-off", "11109", 20],
  ["kohlrabi", "strip-leaves-and-peel", "11241", 54],
  ["basil", "strip-leaves", "02044", 36],
  ["leek", "top-and-tail", "11246", 56],
  ["onion", "peel", "11282", 10],
  ["garlic", "peel", "11215", 13],
  ["zucchini", "top-and-tail", "11477", 5],
  ["eggplant", "peel", "11209", 19],
  ["winter-squash-butternut", "dice-peeled", "11485", 16],
  ["bell-pepper-red", "seed-and-core", "11821", 18],
  ["beet", "peel", "11080", 33],
  ["fennel-bulb", "core-and-outer-leaves-off", "11957", 28],
  ["asparagus", "top-and-tail", "11011", 47],
  ["green-bean", "top-and-tail", "11052", 12],
  ["peas", "shell", "11304", 62],
  ["apple", "seed-and-core", "09003", 10],
  ["plum", "pit", "09279", 6],
  ["lemon", "peel", "09150", 47],
  ["hazelnut", "shell", "12120", 54],
];

describe("yields against the refuse of USDA SR Legacy (from memory)", () => {
  const rowOf = (ingredient: string, method: string) =>
    trimYields.find((t) => t.ingredient === ingredient && t.method === method);

  it.each(refuse)("%s, %s: NDB %s loses %d %%", (ingredient, method, ndb, percent) => {
    const row = rowOf(ingredient, method);
    expect(row?.mean).toBeCloseTo(1 - percent / 100, 2);
    expect(row?.source).toContain(ndb);
  });

  it("stay within their range wherever a row quotes a refuse figure of its own method", () => {
    // Rows that say why they differ: counted otherwise, in part, of a near kind, or an older printing.
    const explained = /common practice|FNS Food Buying Guide [\d.-]+.*; USDA SR Legacy refuse|prints|older/;
    const quoting = trimYields.flatMap((row) => {
      const quoted = /refuse NDB \S+ (?:about )?(\d+) %/.exec(row.source)?.[1];
      return quoted === undefined || explained.test(row.source)
        ? []
        : [{ row, usable: 1 - Number(quoted) / 100 }];
    });
    expect(quoting.length).toBeGreaterThan(60);
    const outside = quoting.filter(({ row, usable }) => usable < row.low - 1e-9 || usable > row.high + 1e-9);
    expect(outside.map(({ row }) => `${row.ingredient} ${row.method}`)).toEqual([]);
  });
});

describe("safety", () => {
  it("never shows a second date where safety sets the limit", () => {
    expect(keepingRules.filter((rule) => rule.limit === "safety" && rule.showPractice)).toEqual([]);
  });

  it("never prints more days than the low end of practice or the source's own figure", () => {
    expect(keepingRules.filter((rule) => rule.cautiousDays > rule.practiceHigh)).toEqual([]);
  });

  it("keeps perishable food within the Food Code's seven days (3-501.17), making day included", () => {
    const cooked = [
      "roasted-vegetables",
      "grain-salad",
      "slaw-vinegar",
      "eggplant-dip",
      "beans-cooked",
      "cut-leafy-greens",
    ];
    const rules = keepingRules.filter((rule) => cooked.includes(rule.subject) && rule.place === "fridge");
    expect(rules).toHaveLength(cooked.length);
    expect(Math.max(...rules.map((rule) => rule.cautiousDays))).toBeLessThanOrEqual(6);
  });

  it("holds garlic in oil at four days cold at most (National Center for Home Food Preservation)", () => {
    const rule = keepingRules.find((r) => r.subject === "garlic-in-oil" && r.place === "fridge");
    expect(rule?.cautiousDays).toBeLessThanOrEqual(4);
    expect(rule?.source).toContain("National Center for Home Food Preservation");
  });

  it.each(["runner-bean", "green-bean", "kidney-bean-dry", "stinging-nettle", "potato"])(
    "%s is never eaten raw",
    (id) => {
      expect(ingredients.find((one) => one.id === id)?.raw).toBe("no");
    },
  );
});
