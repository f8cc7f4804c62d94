import { describe, expect, it } from "@jest/globals";
import type { Container } from "@apron/contract";
import { groupContainers } from "../src/larder/container-groups.ts";
import { limitWords, makeLink, servingWords } from "../src/match/match-words.ts";
import { sectionsOf, showRange } from "../src/catalogue/figure-rows.ts";
import { partGrams } from "../src/trim/part-draft.ts";
import { emptyVessel, weighedVessels } from "../src/trim/vessel-draft.ts";
import { yieldPicture, yieldRange } from "../src/trim/yield-picture.ts";
import { laneData, laneOptions } from "../src/ui/lane-chart.ts";
import { typedGrams } from "../src/ui/typed-grams.ts";
import { daysLeftWords } from "../src/ui/band.ts";
import { showDay, useLocale } from "../src/ui/dates.ts";
import { unitsGlued } from "../src/ui/units-glued.ts";
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
    [-3, "expired 3 days ago"],
    [-1, "expired yesterday"],
    [0, "use today"],
    [1, "use by tomorrow"],
    [5, "5 days left"],
    [90, "3 months left"],
  ])("%d days left is %s", (days, words) => {
    expect(daysLeftWords(days)).toBe(words);
  });

  it("name the year only when it is another", () => {
    const today = "2026-09-10";
    expect([showDay("2026-09-14", today), showDay("2027-03-09", today)]).toEqual([
      "Mon 14 Sept",
      "9 Mar 2027",
    ]);
  });

  it("are written as the kitchen's locale writes them", () => {
    const today = "2026-09-10";
    const written = ["en-US", "de-DE", "en-GB"].map((locale) => {
      useLocale(locale);
      return showDay("2026-11-24", today);
    });
    expect(written).toEqual(["Tue Nov 24", "Di., 24. Nov.", "Tue 24 Nov"]);
  });
});

const metric = { system: "metric", locale: "en-GB" } as const;

describe("a match in words", () => {
  it("says batches and servings, and links to the make", () => {
    expect(servingWords({ batches: 0.5, servings: 4 })).toBe("half a batch, 4 servings");
    expect(servingWords({ batches: 1, servings: 8 })).toBe("1 batch, 8 servings");
    expect(makeLink({ recipeId: "a-pesto", batches: 2.5 })).toBe("/cook/a-pesto?batches=2.5");
  });

  it("says what sets the limit", () => {
    expect(limitWords({ kind: "stock", names: ["chard", "kale"], shortG: 40 }, metric)).toBe(
      "Limited by chard and kale: half a batch more needs another 40 g.",
    );
    expect(limitWords({ kind: "appetite", eaten: 5.9999999, frozen: 30.3, given: 6 }, metric)).toBe(
      "More can't be used in time: 6 portions eaten, 30 portions frozen, 6 portions given away.",
    );
    expect(limitWords({ kind: "not-worth-more" }, metric)).toMatch(/cost more than it saves/);
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
});

describe("several bowls", () => {
  it("count once they are weighed full; an empty tare is a tared scale", () => {
    const bowl = (gross: string, tare: string) => ({ ...emptyVessel(), gross, tare });
    expect(
      weighedVessels([bowl("640", "210"), bowl("1.2 kg", ""), bowl("", "210"), bowl("300", "two")]),
    ).toEqual([
      { grossG: 640, tareG: 210 },
      { grossG: 1200, tareG: 0 },
    ]);
  });
});

describe("the picture of a yield", () => {
  const method = {
    handbook: { mean: 0.6, low: 0.5, high: 0.7, source: "" },
    next: { value: 0.64, low: 0.58, high: 0.7 },
    weighings: [{ trimId: "a", fraction: 0.44, grade: "prime", at: "" }],
  } as never;
  const colours = { handbook: "h", expected: "e", dot: "d", ring: "r", now: "n" };

  it("shows every weighing, also one outside the handbook's band", () => {
    const [low, high] = yieldRange(method);
    expect(low).toBeLessThanOrEqual(0.44);
    expect(high).toBe(1);
  });

  const at = (now: number | undefined) => yieldPicture(method, now, colours);

  it("has a lane for the handbook, one for what is expected and one of dots", () => {
    const { datasets } = laneData(at(undefined));
    expect(datasets.map((d) => d.label)).toEqual(["your weighings", "your estimate", "handbook"]);
    expect(datasets[0]?.data).toEqual([{ x: 0.44, y: 1 }]);
    expect(datasets[2]?.data).toEqual([
      { x: 0.5, y: 3 },
      { x: 0.7, y: 3 },
    ]);
  });

  it("keeps the line of what is on the scale inside the picture", () => {
    const { datasets } = laneData(at(3));
    expect(datasets[0]).toMatchObject({ label: "now", borderColor: "n" });
    expect(datasets[0]?.data.map((point) => point.x)).toEqual([1, 1]);
    expect(laneData(at(0.1)).datasets[0]?.data[0]?.x).toBe(yieldRange(method)[0]);
  });

  it("writes its axis and its lanes in words", () => {
    const { scales } = laneOptions(at(0.6), { text: "t", line: "l" });
    const ticks = scales?.["x"]?.ticks as { callback: (value: number) => string };
    expect(ticks.callback(0.6)).toMatch(/0\.6/);
    const lanes = scales?.["y"]?.ticks as { callback: (value: number) => string };
    expect([1, 2, 3, 9].map((value) => lanes.callback(value))).toEqual([
      "your weighings",
      "your estimate",
      "handbook",
      "",
    ]);
  });
});

describe("figures of the handbook", () => {
  const measure = (grams: number, extra = {}) => ({
    ...{ ingredient: "chard", measure: "bunch", grams, low: grams - 50, high: grams + 50, state: "whole" },
    ...{ source: "common practice", confidence: "medium", basis: "estimate", ...extra },
  });
  const detail = {
    measures: [measure(420, { source: "your own figure", basis: "own" })],
    trims: [],
    changes: [],
    composition: null,
    season: null,
    strength: 0,
    source: "common practice",
    confidence: "high",
    basis: "estimate",
    own: [
      { ingredient: "chard", table: "measure", key: "bunch", value: 420, low: 370, high: 470, note: "ten" },
    ],
    handbook: {
      ...{ strength: 0, measures: [measure(350)], trims: [], changes: [] },
      ...{ composition: null, season: null },
    },
  } as never;

  it("stand behind the kitchen's own, which says how it is known", () => {
    const [weights] = sectionsOf(detail);
    expect(weights?.rows).toMatchObject([
      {
        label: "bunch",
        value: 420,
        own: true,
        source: "your own figure: ten",
        book: { value: 350, source: "common practice, medium confidence" },
      },
    ]);
  });

  it("show their range where there is one, and no more digits than are known", () => {
    expect(showRange({ value: 350, low: 250, high: 450.4 }, "en-GB")).toBe("350 (250–450)");
    expect(showRange({ value: 0.6123, low: 0.6123, high: 0.6123 }, "de-DE")).toBe("0,612");
  });
});

it("a number and its unit stay together", () => {
  expect(unitsGlued("about 650 g (550–700 g)")).toBe("about 650\u00a0g (550–700\u00a0g)");
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

  it("of one dish are one group whatever batch they are of; the first to expire leads", () => {
    const [group, ...others] = groupContainers([
      jar("later", 160, { batchId: "b2", useBy: "2026-09-20" }),
      jar("sooner", 160),
    ]);
    expect([others.length, group?.count, group?.next.id]).toEqual([0, 2, "sooner"]);
  });

  it("stand apart when they are kept elsewhere or are another dish", () => {
    const groups = groupContainers([
      jar("a", 160),
      jar("b", 160, { place: "freezer" }),
      jar("c", 160, { name: "another", useBy: "2026-09-13" }),
    ]);
    expect(groups.map((g) => g.next.id)).toEqual(["c", "a", "b"]);
  });
});
