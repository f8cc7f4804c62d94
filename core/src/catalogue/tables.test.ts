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
