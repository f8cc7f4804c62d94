import { describe, expect, it } from "@jest/globals";
import type { Container } from "@apron/contract";
import { groupContainers } from "../src/larder/container-groups.ts";
import { limitWords, makeLink, servingWords } from "../src/match/match-words.ts";
import { partDrafts, partGrams } from "../src/trim/part-draft.ts";
import { typedGrams } from "../src/ui/typed-grams.ts";
import { daysLeftWords } from "../src/ui/band.ts";
import { showDay } from "../src/ui/dates.ts";
import { readMoney, showMoney } from "../src/ui/money.ts";

describe("money", () => {
  it.each([
    ["2.40", 240],
    ["2,4", 240],
    ["£3", 300],
    [" 12 ", 1200],
    ["0", 0],
    ["2.405", undefined],
    ["two", undefined],
    ["-2", undefined],
    ["", undefined],
  ])("%p is %p minor units", (text, minor) => {
    expect(readMoney(text)).toBe(minor);
  });

  it("is shown in the kitchen's currency", () => {
    expect([showMoney(240, "GBP"), showMoney(5, "USD")]).toEqual(["£2.40", "US$0.05"]);
  });
});

describe("days", () => {
  it.each([
    [-3, "over by 3 days"],
    [-1, "over since yesterday"],
    [0, "last day today"],
    [1, "till tomorrow"],
    [5, "5 days left"],
    [90, "3 months left"],
  ])("%d days left is %s", (days, words) => {
    expect(daysLeftWords(days)).toBe(words);
  });

  it("name the year only when it is another", () => {
    const today = new Date("2026-09-10T09:00:00");
    expect([showDay("2026-09-14", today), showDay("2027-03-09", today)]).toEqual([
      "Mon 14 Sep",
      "9 Mar 2027",
    ]);
  });
});

describe("a match in words", () => {
  it("says batches and servings, and links to the make", () => {
    expect(servingWords({ batches: 0.5, servings: 4 })).toBe("half a batch, 4 servings");
    expect(servingWords({ batches: 1, servings: 8 })).toBe("1 batch, 8 servings");
    expect(makeLink({ recipeId: "a-pesto", batches: 2.5 })).toBe("/cook/a-pesto?batches=2.5");
  });

  it("says what sets the limit", () => {
    expect(limitWords({ kind: "stock", names: ["chard", "kale"], shortG: 40 }, "metric")).toBe(
      "The chard and kale sets the limit: half a batch more needs another 40 g.",
    );
    expect(limitWords({ kind: "appetite", eaten: 5.9999999, frozen: 30.3, given: 6 }, "metric")).toBe(
      "No more can be eaten (6 portions), frozen (30 portions) or given (6 portions) in time.",
    );
    expect(limitWords({ kind: "not-worth-more" }, "metric")).toMatch(/rescue less/);
  });
});

describe("weights typed at the trim bench", () => {
  it.each([
    ["310", 310],
    ["0.31 kg", 310],
    ["", undefined],
    ["two bunches", undefined],
    ["-5", undefined],
  ])("%p is %p grams", (text, grams) => {
    expect(typedGrams(text)).toBe(grams);
  });

  it("let the suggestion stand until something is typed, and nothing mean none", () => {
    const part = { part: "stems", use: "stock", suggestedG: 120, text: "", fate: "keep" as const };
    expect(partGrams(part)).toBe(120);
    expect(partGrams({ ...part, text: "95" })).toBe(95);
    expect(partGrams({ ...part, text: "0" })).toBe(0);
  });

  it("start by keeping what has a use and composting the rest", () => {
    const method = {
      parts: [
        { part: "stems", use: "saute", fraction: 0.35, grams: 391 },
        { part: "ends", use: "compost", fraction: 0.05, grams: 56 },
      ],
    };
    expect(partDrafts(method as never).map((p) => p.fate)).toEqual(["keep", "compost"]);
  });
});

describe("containers of one batch", () => {
  const jar = (id: string, remainingG: number, extra: Partial<Container> = {}): Container =>
    ({
      id,
      batchId: "b1",
      kind: "jar",
      place: "fridge",
      useBy: "2026-09-14",
      remainingG,
      portionsLeft: remainingG / 40,
      ...extra,
    }) as Container;

  it("stand together, and the one begun is taken from first", () => {
    const [group, ...others] = groupContainers([jar("full", 160), jar("begun", 40), jar("full-too", 160)]);
    expect(others).toEqual([]);
    expect(group).toMatchObject({ count: 3, grams: 360, portions: 9, next: { id: "begun" } });
  });

  it("stand apart when they are kept elsewhere or keep longer", () => {
    const groups = groupContainers([
      jar("a", 160),
      jar("b", 160, { place: "freezer" }),
      jar("c", 160, { useBy: "2026-09-15" }),
    ]);
    expect(groups.map((g) => g.next.id)).toEqual(["a", "b", "c"]);
  });
});
