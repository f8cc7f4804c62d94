import { describe, expect, it } from "@jest/globals";
import { aWish, dip, grain, salad, toCook } from "../../test/dishes-to-plan.ts";
import { aFormula, aLine } from "../../test/kitchen.ts";
import { asLongAsItTakes, planned } from "../../test/planned.ts";
import { referenceCatalogue as catalogue } from "../catalogue/reference.ts";
import { readStep, stepOf, type Formula, type Step } from "../recipes/index.ts";
import { draftPlan, solvePlan, type PlanSolved } from "./plan-dishes.ts";
import { goesOnInPot } from "./same-pot.ts";
import { taskWords } from "./task-words.ts";

describe("one machine for an allergen and for what is free of it", () => {
  const inMachine = (name: string, nut: string): Formula =>
    aFormula([aLine("leaf", 60, "basil"), aLine("nut", 40, nut)], {
      name,
      steps: [stepOf("Run it in the processor.", { tool: "processor", activeMin: 5 })],
    });
  const [nutty, seedy] = [inMachine("Nutty", "walnut"), inMachine("Seedy", "sunflower-seed")];
  const both = [toCook("nutty", nutty), toCook("seedy", seedy)];
  const { infos } = draftPlan(aWish(both), 600, catalogue);

  it.each([[both], [both.toReversed()]])(
    "does what is free of it first, whichever was chosen first",
    (dishes) => {
      const { at, end } = planned(aWish(dishes));
      expect(end("seedy/0/wash-up")).toBeLessThanOrEqual(at("nutty/0/work"));
    },
  );

  it("is washed for five minutes and dried for five where the allergen has to come first", () => {
    const fixed = [{ task: "nutty/0/work", start: 500 }];
    const { problem } = draftPlan(aWish(both, { fixed }), 600, catalogue);
    const from505To = (to: number): PlanSolved | "gave-up" | undefined => {
      const tasks = problem.tasks.map((task) =>
        task.id === "seedy/0/work" ? { ...task, window: { from: 505, to } } : task,
      );
      return solvePlan({ ...problem, tasks }, 600, asLongAsItTakes);
    };
    expect(from505To(520)).toMatchObject({ isProven: true });
    expect(from505To(519)).toBeUndefined();
  });

  it("says what it is washed for, and nothing of what both have", () => {
    const wash = (dish: string) => infos.get(`${dish}/0/wash-up`)?.allergens;
    expect([wash("nutty"), wash("seedy")]).toEqual([["nuts"], []]);
    expect(
      taskWords({
        kind: "wash-up",
        tool: "processor",
        celsius: null,
        text: "",
        method: null,
        lines: [],
        allergens: ["nuts", "wheat"],
      }),
    ).toBe("Take the processor apart, wash and dry it: nuts, wheat (gluten)");
    const alike = [toCook("one", nutty), toCook("two", nutty)];
    const same = draftPlan(aWish(alike), 600, catalogue);
    expect(same.problem.separations).toEqual([]);
  });
});

describe("a pot of the step before", () => {
  const onHob = (text: string, more: Partial<Step> = {}) => stepOf(text, { tool: "hob", ...more });
  it.each([
    ["Soften the onions.", "Add the peppers and cook on.", true],
    ["Boil the potatoes and drain.", "Fry the onions.", false],
    ["Boil the potatoes.", "Drain, and mash over a low heat.", false],
    ["Toast the seeds.", "Fry the onions in another pan.", false],
    ["Soften the onions.", "Meanwhile, fry the peppers.", false],
    ["Soften the onions.", "Boil a large pot of water for the pasta.", false],
    ["Fry the mushrooms and set them aside.", "Soften the onions.", false],
    ["Soften the onions.", "Stir in the stock, simmer, then set aside to cool.", true],
  ])("%s %s: %s", (before, next, isSame) => {
    expect(goesOnInPot(onHob(before), onHob(next))).toBe(isSame);
  });

  it("is none where something waits, or what comes next is not on the hob", () => {
    const waits = onHob("Soften the onions.", { wait: { leastMin: 5, mostMin: null } });
    expect(goesOnInPot(waits, onHob("Add the peppers."))).toBe(false);
    expect(goesOnInPot(onHob("Soften the onions."), stepOf("Add the peppers.", { tool: "oven" }))).toBe(
      false,
    );
    expect(goesOnInPot(onHob("Soften the onions."), undefined)).toBe(false);
  });
});

describe("what is got ready when", () => {
  const pot = aFormula(
    [
      aLine("onion", 150, "onion", { preparation: "sliced", cook: "saute" }),
      aLine("pepper", 300, "bell-pepper-red", { preparation: "in strips" }),
      aLine("tomato", 400, "tomato", { preparation: "chopped" }),
      aLine("yog", 100, "cucumber", { preparation: "grated", group: "For the cream" }),
      aLine("parsley", 20, "parsley", { preparation: "chopped" }),
    ],
    {
      kind: "cooked-salad",
      steps: [
        stepOf("Soften the onions.", { tool: "hob", passiveMin: { low: 10, high: 12 } }),
        stepOf("Add the peppers, then the remaining vegetables.", {
          tool: "hob",
          passiveMin: { low: 15, high: 20 },
        }),
        stepOf("Stir the cream and spoon it over.", { activeMin: 3 }),
      ],
    },
  );
  const { at, end } = planned(aWish([toCook("pot", pot)]));
  const { infos } = draftPlan(aWish([toCook("pot", pot)]), 600, catalogue);
  const readyFor = (line: string): number | null | undefined =>
    [...infos.values()].find(({ kind, lineIds }) => kind === "prepare" && lineIds.includes(line))?.step;

  it("is got ready for the step that names it by any of its names, or its part, or all that is left", () => {
    expect([readyFor("onion"), readyFor("pepper"), readyFor("yog")]).toEqual([0, 1, 2]);
    expect([readyFor("tomato"), readyFor("parsley")]).toEqual([1, 1]);
  });

  it("goes on in one pot at once, which nobody takes off the fire in between", () => {
    expect(at("pot/1/put-in") - end("pot/0/take-out")).toBeLessThanOrEqual(3);
    const staying = [...infos.values()].filter(({ kind }) => kind === "take-out");
    expect(staying.map(({ staysOn }) => staysOn)).toEqual([true, false]);
    const [look, off] = staying.map(({ kind, tool, celsius, staysOn }) =>
      taskWords({ kind, tool, celsius, staysOn, text: "", method: null, lines: [] }),
    );
    expect([look, off]).toEqual(["Look: the next step goes on in this pot", "Take off the hob"]);
  });

  it("is ready before it goes into the pot", () => {
    expect(end("pot/0/prepare")).toBeLessThanOrEqual(at("pot/0/put-in"));
    expect(end("pot/1/prepare")).toBeLessThanOrEqual(at("pot/1/put-in"));
  });
});

describe("a dish as tasks", () => {
  const plan = planned(aWish([toCook("dip", dip)]));

  it("roasts after the oven is hot, is looked at every ten minutes, and taken out at once", () => {
    expect(plan.at("dip/0/by-itself")).toBeGreaterThanOrEqual(plan.end("dip/0/warm-up"));
    expect(plan.at("dip/0/by-itself") - plan.end("dip/0/warm-up")).toBeLessThanOrEqual(10);
    const looks = [1, 2].map((count) => plan.at(`dip/0/look-${count}`) - plan.at("dip/0/by-itself"));
    for (const [i, after] of looks.entries()) expect(Math.abs(after - (i + 1) * 10)).toBeLessThanOrEqual(3);
    expect(plan.at("dip/0/look-3")).toBeNaN();
    expect(plan.at("dip/0/take-out") - plan.end("dip/0/by-itself")).toBeLessThanOrEqual(3);
  });

  it("plans a roast at its long end, cools it before the closed machine, and washes up", () => {
    expect(plan.end("dip/0/by-itself") - plan.at("dip/0/by-itself")).toBe(30);
    expect(plan.at("dip/1/work") - plan.end("dip/0/take-out")).toBeGreaterThanOrEqual(15);
    expect(plan.at("dip/1/wash-up")).toBe(plan.end("dip/1/work"));
  });

  it("chills for as long as the recipe says before the table", () => {
    expect(600 - plan.end("dip/2/work")).toBeGreaterThanOrEqual(60);
    // It stands in the fridge meanwhile: that has its place and its timer.
    expect(plan.at("dip/2/by-itself")).toBe(plan.end("dip/2/work"));
    expect(plan.end("dip/2/by-itself") - plan.at("dip/2/by-itself")).toBe(60);
  });

  it("starts as late as it can: the longest chain, counted by hand", () => {
    const first = Math.min(...[...plan.schedule.values()].map(({ start }) => start));
    expect(plan.startAt).toBe(first);
    expect(plan.latestStart).toBe(plan.startAt);
    expect(plan.isProven).toBe(true);
    // Heating 15, oven 30, out 2, cooling 15, machine 5 and its washing 5, chilling 1 and an hour.
    expect(600 - plan.startAt).toBe(15 + 30 + 2 + 15 + 5 + 5 + 1 + 60);
  });

  it("dresses leaves at the last moment, within ten minutes of the table", () => {
    const leaves = planned(aWish([toCook("salad", salad)]));
    expect(600 - leaves.end("salad/1/work")).toBeLessThanOrEqual(10);
  });

  it("boils what no step boils, as long as the tables say, after the water boils", () => {
    const wish = aWish([toCook("grain", grain)]);
    const { infos } = draftPlan(wish, 600, catalogue);
    const row = catalogue.ingredients.get("farro")?.changes.find(({ method }) => method === "boil");
    expect(infos.get("grain/cook-base/by-itself")).toMatchObject({
      ...{ from: "table", method: "boil", tool: "hob", step: null },
      minutes: { low: row?.minutesLow, high: row?.minutesHigh },
    });
    // The tables say how long it boils; that putting it in takes two minutes is a rule of thumb.
    const byHand = ["warm-up", "put-in", "take-out"].map(
      (kind) => infos.get(`grain/cook-base/${kind}`)?.from,
    );
    expect(byHand).toEqual(["usual", "usual", "usual"]);
    const boiled = planned(wish);
    expect(boiled.at("grain/cook-base/put-in")).toBeGreaterThanOrEqual(boiled.end("grain/cook-base/warm-up"));
    expect(boiled.at("grain/0/work") - boiled.end("grain/cook-base/take-out")).toBeGreaterThanOrEqual(20);
  });

  it.each([
    ["150 g cooked farro", "Stir in the farro and simmer for 10 minutes.", true],
    ["150 g leftover farro", "Stir in the farro and simmer for 10 minutes.", false],
    ["150 g cooked farro", "Cook the farro for 30 minutes.", false],
  ])("%s, %s: is it boiled before? %s", (amountText, text, isBoiled) => {
    const lines = grain.lines.map((line) =>
      line.id === "base" ? { ...line, amountText, cookedG: 150 } : line,
    );
    const steps = [stepOf("Stew the beetroot in the oil.", { tool: "hob", activeMin: 10 }), readStep(text)];
    const { infos } = draftPlan(aWish([toCook("grain", { ...grain, lines, steps })]), 600, catalogue);
    expect(infos.has("grain/cook-base/by-itself")).toBe(isBoiled);
  });

  it.each([
    [
      "Put the leeks into a pan with 200 ml water, bring to the boil and simmer for 20 minutes.",
      12,
      undefined,
    ],
    ["Bring to a simmer, cover and cook until tender for 20 minutes.", 12, undefined],
    ["Bring a large pan of water to the boil. Simmer the leeks for 20 minutes.", 2, 10],
    ["Simmer the leeks for 20 minutes.", 2, undefined],
  ])("%s takes so long to put in, and to heat up before", (text, putInMin, warmUpMin) => {
    const soup = aFormula([aLine("one", 300, "leek")], { steps: [{ ...readStep(text), tool: "hob" }] });
    const { infos } = draftPlan(aWish([toCook("soup", soup)]), 600, catalogue);
    expect(infos.get("soup/0/put-in")?.minutes.high).toBe(putInMin);
    expect(infos.get("soup/0/by-itself")?.minutes.high).toBe(20);
    expect(infos.get("soup/0/warm-up")?.minutes.high).toBe(warmUpMin);
    const given = { workMin: 4, byItself: { low: 20, high: 20 } };
    const told = aWish([toCook("soup", soup, { times: new Map([[0, given]]) })]);
    expect(draftPlan(told, 600, catalogue).infos.get("soup/0/put-in")?.minutes.high).toBe(4);
  });

  it("asks for the minutes of a heated step that nobody knows, and takes those given", () => {
    const odd = aFormula([aLine("one", 100, "lettuce-looseleaf")], {
      steps: [stepOf("Fry it.", { tool: "hob" })],
    });
    const { missing } = draftPlan(aWish([toCook("odd", odd)]), 600, catalogue);
    expect(missing).toEqual([{ dish: "odd", step: 0 }]);
    const times = new Map([[0, { workMin: 2, byItself: { low: 8, high: 9 } }]]);
    const given = draftPlan(aWish([toCook("odd", odd, { times })]), 600, catalogue);
    expect(given.missing).toEqual([]);
    expect(given.infos.get("odd/0/by-itself")).toMatchObject({ from: "cook", minutes: { low: 8, high: 9 } });
  });
});

describe("several dishes", () => {
  it("never ask one pair of hands for two things at once", () => {
    const plan = planned(aWish([toCook("a", dip), toCook("b", salad), toCook("c", grain)]));
    const { infos } = draftPlan(
      aWish([toCook("a", dip), toCook("b", salad), toCook("c", grain)]),
      600,
      catalogue,
    );
    const busy = [...infos.values()]
      .filter(({ kind }) => kind !== "by-itself" && kind !== "warm-up")
      .map(({ id }) => ({ from: plan.at(id), to: plan.end(id) }))
      .sort((one, other) => one.from - other.from);
    for (const [i, one] of busy.entries()) expect(busy[i + 1]?.from ?? 600).toBeGreaterThanOrEqual(one.to);
  });

  it("at two heats share the oven one after the other, with time to change it", () => {
    const cooler = {
      ...dip,
      steps: dip.steps.map((step, i) => (i === 0 ? { ...step, celsius: 160 } : step)),
    };
    const plan = planned(aWish([toCook("a", dip), toCook("b", cooler)]));
    const [a, b] = [plan.at("a/0/by-itself"), plan.at("b/0/by-itself")].sort((x, y) => x - y);
    expect((b ?? 0) - (a ?? 0)).toBeGreaterThanOrEqual(30 + 10);
    const same = planned(aWish([toCook("a", dip), toCook("b", dip)]));
    expect(Math.abs(same.at("a/0/by-itself") - same.at("b/0/by-itself"))).toBeLessThan(30);
  });

  it("are ready sooner with two cooks", () => {
    const dishes = [toCook("a", salad), toCook("b", salad), toCook("c", salad)];
    expect(planned(aWish(dishes, { cooks: 2 })).startAt).toBeGreaterThan(planned(aWish(dishes)).startAt);
  });

  it("leave the hands alone while nobody is there; what cooks by itself goes on", () => {
    const plan = planned(aWish([toCook("dip", dip)], { away: [{ from: 560, to: 590 }] }));
    expect(plan.end("dip/2/work")).toBeLessThanOrEqual(560);
  });

  it("go round a step that the cook fixed", () => {
    const plan = planned(
      aWish([toCook("a", dip), toCook("b", salad)], { fixed: [{ task: "a/1/work", start: 300 }] }),
    );
    expect(plan.at("a/1/work")).toBe(300);
  });
});

describe("a dish that was made earlier", () => {
  it("is only taken out, in time to lose its chill", () => {
    const made = aWish([toCook("grain", grain, { isMade: true })]);
    const { problem, infos } = draftPlan(made, 600, catalogue);
    expect([...infos.values()].map(({ id, kind, tool }) => [id, kind, tool])).toEqual([
      ["grain/out/take-out", "take-out", "fridge"],
    ]);
    const solved = solvePlan(problem, 600, asLongAsItTakes);
    const start =
      solved && solved !== "gave-up" ? solved.schedule.get("grain/out/take-out")?.start : undefined;
    expect(start).toBe(600 - 15 - 2);
  });
});

describe("what a kitchen has", () => {
  it("lights charcoal well before, and a gas grill not so long", () => {
    const grilled = aFormula([aLine("base", 400, "zucchini", { cook: "char-grill", eatenRaw: false })], {
      steps: [stepOf("Grill until charred.", { tool: "grill", activeMin: 8 })],
    });
    const minutes = (isCharcoal: boolean) => {
      const wish = aWish([toCook("plate", grilled)]);
      const { infos } = draftPlan({ ...wish, places: { ...wish.places, isCharcoal } }, 600, catalogue);
      return [...infos.values()].find(({ kind }) => kind === "warm-up")?.minutes.high;
    };
    expect([minutes(false), minutes(true)]).toEqual([10, 35]);
  });

  it("gives what has to stand its hour although a cook gave the minutes of the work alone", () => {
    const times = new Map([[2, { workMin: 4, byItself: null }]]);
    const given = planned(aWish([{ ...toCook("dip", dip), times }]));
    expect(600 - given.end("dip/2/work")).toBe(60);
    const shorter = new Map([[2, { workMin: 4, byItself: { low: 20, high: 20 } }]]);
    const sooner = planned(aWish([{ ...toCook("dip", dip), times: shorter }]));
    expect(600 - sooner.end("dip/2/work")).toBe(20);
  });

  it.each([
    ["Cover the bowl and leave 15 mins to steam. Then peel and tear into strips.", true],
    ["Leave to cool for 20 minutes, then slice.", true],
    ["Cut in strips and leave to stand for 15 minutes.", false],
    ["Mix half of it and leave for 15 minutes; stir in the rest.", false],
  ])("stands before the work behind it, else after: %s", (text, isFirst) => {
    const formula = aFormula([aLine("pepper", 600, "bell-pepper-red")], { steps: [readStep(text)] });
    const stood = planned(aWish([toCook("a", formula)]));
    expect(stood.at("a/0/by-itself") < stood.at("a/0/work")).toBe(isFirst);
    expect(Math.max(stood.end("a/0/by-itself"), stood.end("a/0/work"))).toBe(
      isFirst ? stood.end("a/0/work") : stood.end("a/0/by-itself"),
    );
  });

  it("chills no more dishes at once than the fridge has shelves", () => {
    const chilled = aFormula([aLine("base", 400, "yogurt-greek")], {
      steps: [
        stepOf("Chill for 3 hours.", { tool: "fridge", activeMin: 1, passiveMin: { low: 180, high: 180 } }),
      ],
    });
    const starts = (shelves: number): number[] => {
      const wish = aWish([toCook("a", chilled), toCook("b", chilled)]);
      const { problem } = draftPlan({ ...wish, places: { ...wish.places, shelves } }, 600, catalogue);
      const solved = solvePlan(problem, 600, asLongAsItTakes);
      if (!solved || solved === "gave-up") throw new Error("no plan");
      return ["a", "b"].map((dish) => solved.schedule.get(`${dish}/0/by-itself`)?.start ?? 0);
    };
    const apart = ([one = 0, other = 0]: number[]): number => Math.abs(one - other);
    expect(apart(starts(2))).toBeLessThan(180);
    expect(apart(starts(1))).toBeGreaterThanOrEqual(180);
  });
});

describe("work in loads", () => {
  const fried = aFormula([aLine("base", 900, "zucchini", { eatenRaw: false })], {
    steps: [stepOf("Fry the ribbons.", { tool: "hob", activeMin: 9, load: { leastG: 0, mostG: 300 } })],
  });

  it("is a task for each, one after the other, and no load is bigger than the pan takes", () => {
    const { problem, infos } = draftPlan(aWish([toCook("dish", fried)]), 600, catalogue);
    const loads = [...infos.values()].filter(({ kind }) => kind === "work");
    expect(loads.map(({ id, load, minutes }) => [id, load?.number, load?.grams, minutes.high])).toEqual([
      ["dish/0/work", 1, 300, 3],
      ["dish/0/work-2", 2, 300, 3],
      ["dish/0/work-3", 3, 300, 3],
    ]);
    const solved = solvePlan(problem, 600, asLongAsItTakes);
    if (!solved || solved === "gave-up") throw new Error("no plan");
    const starts = loads.map(({ id }) => solved.schedule.get(id)?.start ?? 0);
    expect(starts).toEqual([...starts].sort((a, b) => a - b));
  });

  it("is one task where it goes in at once", () => {
    const { infos } = draftPlan(aWish([toCook("dish", fried, { batches: 0.25 })]), 600, catalogue);
    expect([...infos.values()].filter(({ kind }) => kind === "work").map(({ load }) => load)).toEqual([null]);
  });
});
