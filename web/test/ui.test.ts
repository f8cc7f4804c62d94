import { afterEach, describe, expect, it } from "@jest/globals";
import { allergenName } from "@apron/core/catalogue";
import { allergenChoices } from "../src/catalogue/allergen-words.ts";
import { currencyChoices, fromBrowser, localeChoices, timeZoneChoices } from "../src/kitchen/choices.ts";
import { showSpan, showSpans } from "../src/ui/spans.ts";
import { allergenWords, dietLabels, servingsWords, stepMarks, timeWords } from "../src/recipes/kind-words.ts";
import { lineMarks } from "../src/recipes/line-words.ts";
import { emptyLine, emptyStep } from "../src/recipes/use-recipe-draft.ts";
import { calendarWords } from "../src/ui/calendar-words.ts";
import {
  datePattern,
  firstWeekday,
  showDayOf,
  showInstant,
  todayIso,
  useLocale,
  useTimeZone,
} from "../src/ui/dates.ts";
import { listed } from "../src/ui/listed.ts";
import { counted, nounFor } from "../src/ui/plural.ts";
import { typedNumber } from "../src/ui/typed-number.ts";

afterEach(() => {
  useLocale("en-GB");
  useTimeZone("UTC");
});

describe("a stretch of time", () => {
  it.each([
    [0.5, "30 s"],
    [1, "1 min"],
    [90, "90 min"],
    [119, "119 min"],
    [120, "2 h"],
    [150, "2 h 30 min"],
    [1440, "24 h"],
    [2880, "2 days"],
    [3000, "50 h"],
  ])("of %p minutes is %p", (minutes, words) => {
    expect(showSpan(minutes)).toBe(words);
  });

  it.each([
    [28, 40, "28–40 min"],
    [30, 30, "30 min"],
    [480, 720, "8–12 h"],
    [90, 120, "90 min–2 h"],
    [150, 180, "2 h 30 min–3 h"],
  ])("from %p to %p is %p", (low, high, words) => {
    expect(showSpans({ low, high })).toBe(words);
  });
});

describe("counted nouns", () => {
  it.each([
    [0, "0 lots"],
    [1, "1 lot"],
    [2, "2 lots"],
    [1.5, "1.5 lots"],
    [1200, "1,200 lots"],
  ])("%d is %s", (count, words) => {
    expect(counted(count, "lot")).toBe(words);
  });

  it("may have a plural of their own", () => {
    expect([counted(1, "leaf", "leaves"), counted(3, "leaf", "leaves")]).toEqual(["1 leaf", "3 leaves"]);
    expect([nounFor(1, "is", "are"), nounFor(4, "is", "are")]).toEqual(["is", "are"]);
  });
});

describe("numbers as they are typed", () => {
  it.each([
    ["2,5", 2.5],
    [" 10 ", 10],
    ["-3", -3],
    ["0", 0],
    ["", undefined],
    ["ten", undefined],
    ["1.2.3", undefined],
    ["Infinity", undefined],
  ])("%p is %p", (text, value) => {
    expect(typedNumber(text)).toBe(value);
  });

  it("a list is its items without blanks", () => {
    expect(listed(" milk, mustard;; celery ,")).toEqual(["milk", "mustard", "celery"]);
    expect(listed("  ")).toEqual([]);
  });
});

describe("days where the kitchen is", () => {
  // Half past eleven in the morning in London is the next day in Auckland.
  const noon = "2026-11-28T11:30:00Z";

  it("a moment is on the kitchen's own day", () => {
    const days = ["UTC", "Pacific/Auckland", "America/Los_Angeles"].map((zone) => {
      useTimeZone(zone);
      return showDayOf("2026-11-28T23:30:00Z");
    });
    expect(days).toEqual(["Sat 28 Nov", "Sun 29 Nov", "Sat 28 Nov"]);
    useTimeZone("Pacific/Auckland");
    expect(showInstant(noon)).toBe("Sun 29 Nov, 00:30");
    expect(todayIso()).toMatch(/^\d{4}-\d\d-\d\d$/);
  });

  it.each([
    ["en-GB", "dd/mm/yy", 1],
    ["en-US", "mm/dd/yy", 0],
    ["de-DE", "dd.mm.yy", 1],
    ["sv-SE", "yy-mm-dd", 1],
  ])("%s writes a date %s and its week begins on %d", (locale, pattern, weekday) => {
    useLocale(locale);
    expect([datePattern(), firstWeekday()]).toEqual([pattern, weekday]);
  });

  it("the calendar's names are the locale's, from Sunday and from January", () => {
    useLocale("de-DE");
    const words = calendarWords();
    expect([words.dayNames[0], words.dayNames[6], words.monthNames[0], words.monthNames[11]]).toEqual([
      ...["Sonntag", "Samstag", "Januar", "Dezember"],
    ]);
    expect([words.dayNamesMin.length, words.monthNamesShort.length, words.firstDayOfWeek]).toEqual([
      7, 12, 1,
    ]);
  });
});

describe("what a recipe says of itself", () => {
  it("allergens by the names on a label; every one can be chosen", () => {
    expect(allergenWords(["milk", "gluten-barley", "soy"])).toBe("Contains milk, barley (gluten), soya");
    expect(allergenWords([])).toBe("No listed allergens");
    expect(allergenName("a-new-one")).toBe("a new one");
    expect(allergenChoices.map((one) => one.label)).toEqual(
      [...allergenChoices.map((one) => one.label)].sort((a, b) => a.localeCompare(b)),
    );
  });

  it("the shortest list of diets that says it all", () => {
    expect(dietLabels(["vegan", "vegetarian", "dairy-free", "nut-free"])).toEqual(["Vegan", "Nut-free"]);
    expect(dietLabels(["vegetarian", "dairy-free"])).toEqual(["Vegetarian", "Dairy-free"]);
  });

  it("servings and time, also where it does not say", () => {
    expect([servingsWords(1), servingsWords(2.25), timeWords(0), timeWords(25)]).toEqual([
      ...["1 serving", "2.3 servings", "time not given", "25 min"],
    ]);
  });

  it("a step's tool, heat, time, checks, waits and loads", () => {
    const step = {
      ...emptyStep(),
      ...{ tool: "oven" as const, celsius: 210, warmUpMin: 12, passiveMin: { low: 28, high: 40 } },
      ...{ activeMin: 5, checkEveryMin: 12, wait: { leastMin: 30, mostMin: null }, tasteCold: true },
      ...{ load: { leastG: 200, mostG: 900 }, setAside: true },
    };
    expect(stepMarks(step, (g) => `${g} g`)).toEqual([
      ...["oven", "210 °C", "12 min to heat up", "28–40 min", "5 min hands-on", "check every 12 min"],
      ...[
        "leave 30 min or more",
        "200 g to 900 g at a time",
        "set a plain portion aside first",
        "taste again when cold",
      ],
    ]);
    expect(stepMarks(emptyStep(), String)).toEqual([]);
    expect(stepMarks({ ...emptyStep(), activeMin: 10 / 60 }, String)).toEqual(["10 s hands-on"]);
    const within = { ...emptyStep(), wait: { leastMin: 10, mostMin: 20 }, passiveMin: { low: 8, high: 8 } };
    expect(stepMarks(within, String)).toEqual(["8 min", "leave 10 min, at most 20 min"]);
  });

  it("a line's own words, its range, its caps, and how it is added", () => {
    const line = {
      ...emptyLine(),
      ...{ amountText: "2 bunches", range: { low: 80, high: 120 }, maxStrongHerbShare: 0.25 },
      ...{ gradualAddition: { start: 0.66, step: 0.1, most: 1.2 }, cook: "roast-diced", optional: true },
    };
    const marks = lineMarks(line as never, { system: "metric", locale: "en-GB" });
    expect(marks).toEqual([
      ...["“2 bunches”", "80 g to 120 g", "strong herbs at most 25 %"],
      ...[expect.stringMatching(/^start with 66 g, then by 10 g, at most 120 g$/), "roast diced", "optional"],
    ]);
    expect(
      lineMarks({ ...emptyLine(), eatenRaw: true } as never, { system: "metric", locale: "en-GB" }),
    ).toEqual([]);
  });
});

describe("choices of a kitchen", () => {
  it("hold what is chosen already, whatever it is", () => {
    expect(localeChoices("cy-GB").map((one) => one.value)).toContain("cy-GB");
    expect(timeZoneChoices("Etc/GMT+11").map((one) => one.value)).toContain("Etc/GMT+11");
    expect(timeZoneChoices("UTC").find((one) => one.value === "America/New_York")?.label).toBe(
      "America/New York",
    );
    expect(currencyChoices("en-GB").find((one) => one.value === "EUR")?.label).toBe("EUR – Euro");
    const locales = localeChoices("en-GB").map((one) => one.value);
    expect(new Set(locales).size).toBe(locales.length);
  });

  it("begin with what the browser says of where it is", () => {
    const start = fromBrowser();
    expect(start.currency).toMatch(/^[A-Z]{3}$/);
    expect(["metric", "us"]).toContain(start.units);
    expect(start.timeZone.length).toBeGreaterThan(2);
  });
});
