import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { check } from "../../test/property.ts";
import { aFormula, aLine, everyone, factsOf } from "../../test/kitchen.ts";
import { referenceCatalogue } from "../catalogue/reference.ts";
import { writtenWeight } from "./batch-weight.ts";
import { compareVersions } from "./compare-versions.ts";
import { costOf, per100gUsable } from "./cost.ts";
import { stepOf } from "./formula.ts";
import { defaultVersion } from "./default-version.ts";
import { cardOf, searchLibrary } from "./library.ts";
import { readLineAmount } from "./line-amount.ts";
import { equalLoads, gramsInLoads, loadsOf } from "./loads.ts";
import { openQuestions } from "./open-questions.ts";
import { readStep } from "./read-step.ts";
import { celsiusIn } from "./step-heat.ts";
import { minutesIn } from "./step-time.ts";
import { recipeId } from "./recipe-id.ts";
import { scaleFormula, timesFormula } from "./scale.ts";
import { allowedFillers } from "./slots.ts";

const kitchen = { catalogue: referenceCatalogue, diners: everyone };

describe("scaling", () => {
  const formula = aFormula(
    [aLine("a", 120, "chard", { range: { low: 100, high: 140 } }), aLine("b", 33, "walnut")],
    {
      makes: { kind: "volume", ml: 300 },
    },
  );

  it("by a and then by b is by a × b, before any rounding", () => {
    const factors = fc.double({ min: 0.01, max: 50, noNaN: true });
    check(
      fc.property(factors, factors, (a, b) => {
        const twice = timesFormula(timesFormula(formula, a), b);
        const once = timesFormula(formula, a * b);
        for (const [i, line] of twice.lines.entries()) {
          expect(line.grams / (once.lines[i]?.grams ?? 0)).toBeCloseTo(1, 9);
          expect((line.range?.high ?? 1) / (once.lines[i]?.range?.high ?? 1)).toBeCloseTo(1, 9);
        }
        expect(twice.servings / once.servings).toBeCloseTo(1, 9);
      }),
    );
  });

  it("fills a weight of finished dish: what cooks away is made up for", () => {
    const roast = aFormula([aLine("a", 1000, "beet", { eatenRaw: false, cook: "roast-diced" })]);
    const cooked = writtenWeight(roast, referenceCatalogue).value;
    const factor = factsOf("beet").changes.find((c) => c.method === "roast-diced")?.factor ?? 0;
    expect(cooked).toBeCloseTo(1000 * factor, 6);
    const scaled = scaleFormula(roast, { kind: "weight", grams: 570, as: "three jars" }, kitchen);
    expect(scaled.ok && scaled.value.batches).toBeCloseTo(570 / cooked, 9);
  });

  it.each([
    [{ kind: "mass", grams: 600 } as const, 0.6],
    [{ kind: "mass", grams: 60 } as const, 0.25],
    // Rounded, or said of something else: all that goes in is left.
    [{ kind: "mass", grams: 970 } as const, 1],
    [{ kind: "mass", grams: 1500 } as const, 1],
    [{ kind: "volume", ml: 600 } as const, 1],
    [null, 1],
  ])("of a kilogram that is said to make %j so much is left, in any number of batches", (makes, share) => {
    const jam = aFormula([aLine("a", 800, "beet"), aLine("b", 200, "sugar")], { makes });
    expect(writtenWeight(jam, referenceCatalogue).value).toBeCloseTo(1000 * share, 6);
    const [first, ...rest] = jam.lines.map((line) => ({ ...line, group: "For the topping" }));
    const parts = { ...jam, lines: [...(first ? [{ ...first, group: "" }] : []), ...rest] };
    expect(writtenWeight(parts, referenceCatalogue).value).toBe(1000);
    expect(writtenWeight(timesFormula(jam, 3), referenceCatalogue).value).toBeCloseTo(3000 * share, 6);
  });

  it.each([
    [1000, { leastG: 100, mostG: 450 }, 3, null],
    [900, { leastG: 100, mostG: 450 }, 2, null],
    [451, { leastG: 300, mostG: 450 }, 2, "under-least"],
    [80, { leastG: 120, mostG: 450 }, 1, "under-least"],
    [450, { leastG: 120, mostG: 450 }, 1, null],
  ])("%d g in equal loads of %j", (grams, load, count, problem) => {
    const loads = equalLoads(grams, load);
    expect(loads).toMatchObject({ count, problem });
    expect(loads.eachG * loads.count).toBeCloseTo(grams, 9);
    expect(loads.eachG).toBeLessThanOrEqual(load.mostG + 1e-9);
  });

  it("finds the tightest machine of several", () => {
    const machine = (mostG: number) => stepOf("Blitz.", { tool: "processor", load: { leastG: 50, mostG } });
    const dish = { ...formula, steps: [machine(450), stepOf("Stir."), machine(300)] };
    expect(gramsInLoads(dish, 2)).toBe(600);
    expect(loadsOf(dish, 600).map((l) => [l.step, l.count])).toEqual([
      [0, 2],
      [2, 2],
    ]);
    expect(gramsInLoads(formula, 2)).toBeUndefined();
  });
});

describe("versions", () => {
  const first = aFormula([aLine("a", 100, "chard kale"), aLine("b", 40, "walnut"), aLine("c", 5, "honey")], {
    steps: [stepOf("Chop."), stepOf("Mix.")],
  });

  it("compares two: head, lines and steps", () => {
    const second = {
      ...first,
      servings: 6,
      lines: [aLine("a", 120, "chard kale"), aLine("c", 5, "honey"), aLine("d", 3, "chives")],
      steps: [stepOf("Chop."), stepOf("Fold.")],
    };
    const changes = compareVersions(first, second);
    expect(changes.head).toEqual(["servings"]);
    expect(changes.lines.map((l) => [l.lineId, l.kind, l.fields])).toEqual([
      ["a", "changed", ["grams"]],
      ["b", "removed", []],
      ["d", "added", []],
    ]);
    expect(changes.steps).toEqual({ added: ["Fold."], removed: ["Mix."] });
    expect(compareVersions(first, first)).toEqual({ head: [], lines: [], steps: { added: [], removed: [] } });
  });

  it("what was really used becomes what is written, by the batch", () => {
    const used = [
      { lineId: "a", ingredient: "kale", grams: 150 },
      { lineId: "a", ingredient: "chard", grams: 30 },
      { lineId: "b", ingredient: "hazelnut", grams: 90 },
    ];
    const asMade = defaultVersion(first, used, 2);
    expect(
      asMade.ok && asMade.value.lines.map((l) => [l.id, l.grams, l.fillers.map((f) => f.ingredient)]),
    ).toEqual([
      ["a", 90, ["kale", "chard"]],
      ["b", 45, ["hazelnut", "walnut"]],
    ]);
    expect(defaultVersion(first, [], 1)).toMatchObject({ ok: false, issue: { code: "nothing-used" } });
  });

  it("adds up what a sub-recipe's lines took", () => {
    const salad = aFormula([aLine("dress", 40, "chard", { fillers: [], recipe: "dressing" })]);
    const used = [
      { lineId: "dress.oil", ingredient: "olive-oil", grams: 45 },
      { lineId: "dress.acid", ingredient: "cider-vinegar", grams: 15 },
    ];
    const asMade = defaultVersion(salad, used, 1);
    expect(asMade.ok && asMade.value.lines[0]).toMatchObject({ grams: 60, recipe: "dressing", fillers: [] });
  });
});

describe("cost", () => {
  it("sums by 100 usable grams and rounds once; what has no price is named", () => {
    const cost = costOf(
      [
        { name: "chard", grams: 150, per100gMinor: 33.4 },
        { name: "oil", grams: 33, per100gMinor: 90.5 },
        { name: "dew", grams: 4, per100gMinor: null },
        { name: "own plums", grams: 80, per100gMinor: 0 },
      ],
      4,
    );
    expect(
      costOf(
        [
          { name: "kale", grams: 250.4, per100gMinor: 125 },
          { name: "tap water", grams: 100, per100gMinor: 0 },
          { name: "oil", grams: 20, per100gMinor: 90 },
        ],
        4,
      ),
    ).toEqual({
      ...{ batchMinor: 331, portionMinor: 83, unpriced: [] },
      workings: "kale 250 g × 1.25 a 100 g + oil 20 g × 0.9 a 100 g",
    });
    expect(costOf([{ name: "dew", grams: 0, per100gMinor: null }], 2).unpriced).toEqual([]);
    expect([per100gUsable(400, 0.5), per100gUsable(400, 0)]).toEqual([80, 40]);
    expect(cost).toMatchObject({ batchMinor: 80, portionMinor: 20, unpriced: ["dew"] });
    expect(costOf([{ name: "dew", grams: 4, per100gMinor: null }], 2).batchMinor).toBeNull();
    expect(per100gUsable(400, 0.5)).toBe(80);
  });
});

describe("reading a step", () => {
  it.each([
    [
      "Roast at 200 °C for 25–30 minutes until the edges brown, turning every 10 minutes.",
      {
        tool: "oven",
        celsius: 200,
        passiveMin: { low: 25, high: 30 },
        checkEveryMin: 10,
        doneWhen: "the edges brown",
      },
    ],
    [
      "Bake in a 400°F oven for half an hour",
      { tool: "oven", celsius: 204, passiveMin: { low: 30, high: 30 } },
    ],
    ["Oven at 180°C fan, 1 hour", { celsius: 200, passiveMin: { low: 60, high: 60 } }],
    ["Oven, gas mark 6", { tool: "oven", celsius: 200, passiveMin: null }],
    ["Blanch for 6 seconds", { tool: "hob", activeMin: 0.1, celsius: null }],
    ["Leave to stand for an hour", { tool: null, wait: { leastMin: 60, mostMin: null } }],
    [
      "Chill for at least 2 hours; taste again cold",
      { tool: "fridge", passiveMin: { low: 120, high: 120 }, tasteCold: true },
    ],
    ["Set a plain portion aside, then the chilli", { setAside: true }],
    ["Fold it all together", { tool: null, activeMin: null, passiveMin: null, doneWhen: "" }],
  ])("%s", (text, expected) => {
    expect(readStep(text)).toMatchObject(expected);
  });

  it("knows gas marks, Fahrenheit and spans of time, and says nothing where nothing is said", () => {
    expect([celsiusIn("gas ½"), celsiusIn("350 F"), celsiusIn("220c"), celsiusIn("a hot oven")]).toEqual([
      120, 177, 220, 220,
    ]);
    expect([minutesIn("1 to 2 hrs"), minutesIn("90 secs"), minutesIn("until soft")]).toEqual([
      { low: 60, high: 120 },
      { low: 1.5, high: 1.5 },
      null,
    ]);
  });
});

describe("what a recipe leaves open", () => {
  it("asks for heat, time and sign, with a proposal from the cooking tables and its source", () => {
    const formula = aFormula([aLine("a", 600, "beet", { eatenRaw: false, cook: "roast-diced" })], {
      steps: [
        readStep("Roast the beetroot."),
        readStep("Mix."),
        readStep("Roast at 200 °C for 30 min until soft."),
      ],
      unread: ["some fog"],
    });
    const asked = openQuestions(formula, referenceCatalogue);
    expect(asked.map((q) => q.about)).toEqual(["temperature", "time", "doneness", "unread"]);
    expect(asked[0]).toMatchObject({ step: 0, proposal: { celsius: 200, of: "beet" } });
    expect(asked[1]).toMatchObject({ proposal: { minutes: { low: 35, high: 50 } } });
  });

  it("proposes nothing where the tables are silent", () => {
    const formula = aFormula([aLine("a", 100, "honey", { eatenRaw: false })], {
      steps: [readStep("Boil it.")],
    });
    expect(openQuestions(formula, referenceCatalogue)[0]).toMatchObject({ about: "time", proposal: null });
  });
});

describe("the library", () => {
  const cards = [
    cardOf(
      aFormula([aLine("a", 1, "arugula spinach:0.5"), aLine("b", 1, "walnut")], {
        id: "a",
        name: "Green pesto",
      }),
      referenceCatalogue,
    ),
    cardOf(
      aFormula([aLine("a", 1, "kohlrabi"), aLine("b", 1, "yogurt")], {
        id: "b",
        name: "Slaw of the day",
        kind: "slaw",
      }),
      referenceCatalogue,
    ),
    cardOf(
      aFormula([aLine("a", 1, "plum")], {
        id: "c",
        name: "Plum plate",
        kind: "composed-plate",
        unread: ["?"],
      }),
      referenceCatalogue,
    ),
  ];
  const all = { text: "", kind: null, diet: null, without: [], onHand: null } as const;
  const found = (question: Partial<Parameters<typeof searchLibrary>[1]>) =>
    searchLibrary(cards, { ...all, ...question }, referenceCatalogue.ingredients).map((card) => card.id);

  it("finds by any name of any ingredient, and by title", () => {
    expect([
      found({ text: "rocket" }),
      found({ text: "arugula" }),
      found({ text: "roquette" }),
      found({ text: "spinach" }),
    ]).toEqual([["a"], ["a"], ["a"], ["a"]]);
    expect([found({ text: "slaw of" }), found({ text: "nothing" }), found({})]).toEqual([
      ["b"],
      [],
      ["a", "c", "b"],
    ]);
  });

  it("by kind, diet and allergen; what could not be read promises no diet", () => {
    expect(found({ kind: "slaw" })).toEqual(["b"]);
    expect(found({ diet: "vegan" })).toEqual(["a"]);
    expect(found({ without: ["nuts"] })).toEqual(["c", "b"]);
    expect(found({ without: ["nuts", "milk"] })).toEqual(["c"]);
  });

  it("by what is on hand, the most of it first", () => {
    expect(found({ onHand: new Set(["plum", "spinach", "walnut"]) })).toEqual(["a", "c"]);
  });

  it("makes a readable id that is free", () => {
    expect(recipeId("Crème & Plum!", new Set())).toBe("creme-plum");
    expect(recipeId("Crème & Plum!", new Set(["creme-plum", "creme-plum-2"]))).toBe("creme-plum-3");
    expect(recipeId("日本", new Set())).toBe("recipe");
    expect(recipeId("x".repeat(300), new Set()).length).toBeLessThanOrEqual(60);
  });
});

describe("an amount as it is typed", () => {
  const read = (text: string, id = "basil") => {
    const amount = readLineAmount(text, factsOf(id), { cup: "us-customary" });
    return amount.ok ? amount.value : amount.issue;
  };

  it.each([
    ["80", { grams: 80, range: null, amountText: "" }],
    ["0,08 kg", { grams: 80, amountText: "" }],
    ["80–100 g", { grams: 90, range: { low: 80, high: 100 } }],
    ["80 to 100", { grams: 90, range: { low: 80, high: 100 } }],
    ["0", { code: "amount-not-positive" }],
    ["-5", { code: "amount-not-positive" }],
    ["100-80", { code: "amount-not-positive" }],
    ["a wheelbarrow", { code: "measure-unknown" }],
    ["", { code: "amount-empty" }],
  ])("%s", (text, expected) => {
    expect(read(text)).toMatchObject(expected);
  });

  it("keeps a loose measure in its own words beside its grams", () => {
    const bunches = read("2 bunches");
    expect(bunches).toMatchObject({ amountText: "2 bunches", range: null });
    expect("grams" in bunches && bunches.grams).toBeGreaterThan(60);
  });
});

describe("woody herbs", () => {
  it("stay out of raw greens unless the line is written of them", () => {
    const green = aLine("green", 50, "parsley rosemary thyme");
    const ids = (line: typeof green): string[] =>
      allowedFillers(line, referenceCatalogue, everyone).map((f) => f.ingredient);
    expect(ids(green)).toEqual(["parsley"]);
    expect(ids({ ...green, eatenRaw: false })).toEqual(["parsley", "rosemary", "thyme"]);
    expect(ids(aLine("green", 2, "thyme"))).toEqual(["thyme"]);
  });
});
