import { describe, expect, it } from "@jest/globals";
import type { PlanTask, PlanWish, SavedPlan } from "@apron/contract";
import { usualPlaces } from "@apron/core/plan";
import { noChanges, readStep } from "@apron/core/recipes";
import { dayToPlan } from "../src/plan/day-to-plan.ts";
import { useTimeZone } from "../src/ui/dates.ts";
import { barsOf, movedStart } from "../src/plan/bars.ts";
import {
  emptyPlan,
  formOfPlan,
  isAsKitchen,
  letterAt,
  nextPlan,
  onDayAsked,
  takeWay,
  typedTime,
  wishOfForm,
  withDish,
  withFixed,
  withTimes,
  withWaysTaken,
  type PlanForm,
} from "../src/plan/plan-form.ts";
import {
  clashWords,
  givenMinutes,
  lanesOf,
  minuteWords,
  otherWaysOf,
  remedyWords,
  takenWords,
  tooEarlyWords,
  stepAbout,
} from "../src/plan/plan-words.ts";
import { timedTasks } from "../src/plan/use-plan.ts";

const aTask = (id: string, more: Partial<PlanTask> = {}): PlanTask => ({
  ...{ id, dish: id.split("/")[0] ?? "", dishName: "A dish", step: 0, kind: "work", text: "Cut it." },
  ...{ tool: null, celsius: null, doneWhen: "", method: null, from: "recipe", lines: [] },
  minutes: { low: 5, high: 5 },
  ...more,
});

describe("the form of a plan", () => {
  it.each([
    ["18:30", "18:30"],
    ["1830", "18:30"],
    ["7.05", "07:05"],
    ["0:00", "00:00"],
    ["24:00", undefined],
    ["18:60", undefined],
    ["half six", undefined],
    ["", undefined],
  ])("takes %p for %p", (text, time) => {
    expect(typedTime(text)).toBe(time);
  });

  const kitchen = { timeZone: "UTC", places: usualPlaces };
  const chosen = {
    key: "dip",
    recipeId: "dip",
    name: "Dip",
    batches: 2,
    isMade: false,
    ways: [],
    changes: noChanges,
  };

  it("a new plan is for today while its hour is to come, and for tomorrow in the evening", () => {
    useTimeZone("UTC");
    expect(dayToPlan(new Date("2026-11-30T18:59:00Z"))).toBe("2026-11-30");
    expect(dayToPlan(new Date("2026-11-30T19:00:00Z"))).toBe("2026-12-01");
    // Seven in the evening there, six in the morning here.
    useTimeZone("Pacific/Auckland");
    expect(dayToPlan(new Date("2026-11-30T05:59:00Z"))).toBe("2026-11-30");
    expect(dayToPlan(new Date("2026-11-30T06:00:00Z"))).toBe("2026-12-01");
    useTimeZone("UTC");
  });

  it("asks for nothing before there is a dish and a time", () => {
    const form = emptyPlan("one", "2026-11-30");
    expect(wishOfForm(form, kitchen)).toBeUndefined();
    expect(wishOfForm({ ...form, dishes: [chosen], time: "late" }, kitchen)).toBeUndefined();
    expect(wishOfForm({ ...form, dishes: [chosen], day: "" }, kitchen)).toBeUndefined();
  });

  it("asks in the kitchen's own time", () => {
    const form = { ...emptyPlan("one", "2026-07-01"), dishes: [chosen], time: "18.30", homeTime: "1615" };
    expect(wishOfForm(form, { ...kitchen, timeZone: "Pacific/Auckland" })).toMatchObject({
      tableAt: "2026-07-01T06:30:00.000Z",
      homeAt: "2026-07-01T04:15:00.000Z",
      quiet: null,
      dishes: [{ key: "dip", recipeId: "dip", batches: 2, isMade: false }],
    });
    const quiet = { ...form, isQuiet: true };
    expect(wishOfForm(quiet, kitchen)?.quiet).toEqual({ from: "22:00", to: "07:00" });
    expect(wishOfForm({ ...quiet, quietTo: "?" }, kitchen)?.quiet).toBeNull();
  });

  it("cooks with what the kitchen has, or with what there is this time only", () => {
    const form = { ...emptyPlan("one", "2026-11-30"), dishes: [chosen] };
    const [large, small] = [
      { ...kitchen.places, trays: 4 },
      { ...kitchen.places, trays: 0 },
    ];
    expect(wishOfForm(form, { ...kitchen, places: large })?.places).toEqual(large);
    const away = { ...form, places: small };
    expect(wishOfForm(away, { ...kitchen, places: large })?.places).toEqual(small);
    expect([form, away, { ...form, places: { ...large } }].map((one) => isAsKitchen(one, large))).toEqual([
      ...[true, false, true],
    ]);
    expect(nextPlan(away, "two").places).toBeNull();
  });

  it("opens a kept plan as it was filled in", () => {
    const typed = { ...emptyPlan("one", "2026-11-30"), dishes: [chosen], time: "18:30", homeTime: "16:15" };
    const form = { ...typed, places: { ...kitchen.places, rings: 2 } };
    const wish = wishOfForm(form, kitchen);
    if (!wish) throw new Error("no wish");
    const schedule = { starts: [], startAt: wish.tableAt, latestStart: wish.tableAt, isProven: true };
    const problem = { tasks: [], lags: [], resources: [], separations: [] };
    const tasks = [aTask("dip/0/work", { dishName: "Dip" })];
    const saved: SavedPlan = { ...{ id: "one", from: wish.tableAt, problem }, wish, schedule, tasks };
    const zone = { dayOf: (at: string) => at.slice(0, 10), timeOf: (at: string) => at.slice(11, 16) };
    expect(formOfPlan(saved, zone)).toEqual(form);
  });

  it("does a step another way: what was given or fixed for the way before is gone, what the plan took is kept", () => {
    const times = [0, 1].map((step) => ({ dish: "dip", step, workMin: 3, byItself: null }));
    const fixed = ["dip/0/put-in", "dip/1/work", "dip-2/0/work"].map((task) => ({ task, at: "now" }));
    const form = { ...emptyPlan("one", "2026-11-30"), dishes: [{ ...chosen }], times, fixed };
    takeWay(form, { dish: "dip", step: 0, way: 1 });
    takeWay(form, { dish: "dip", step: 0, way: 2 });
    takeWay(form, { dish: "gone", step: 0, way: 1 });
    expect(form.dishes[0]?.ways).toEqual([{ step: 0, way: 2 }]);
    expect([form.times.map(({ step }) => step), form.fixed.map(({ task }) => task)]).toEqual([
      [1],
      ["dip/1/work", "dip-2/0/work"],
    ]);
    const wish = wishOfForm(form, kitchen);
    const taken = [
      { dish: "dip", step: 1, way: 1 },
      { dish: "other", step: 0, way: 1 },
    ];
    expect(wish && withWaysTaken(wish, taken).dishes[0]?.ways).toEqual([
      { step: 0, way: 2 },
      { step: 1, way: 1 },
    ]);
  });

  it("says who the cooks are only where something tells them apart, and as many as there are", () => {
    const form = { ...emptyPlan("one", "2026-11-30"), dishes: [chosen], cooks: 2 };
    const crewOf = (crew: PlanForm["crew"], cooks = 2) => wishOfForm({ ...form, cooks, crew }, kitchen)?.crew;
    const [plain, helper] = [
      { name: "", leaves: [] },
      { name: " Birch ", leaves: ["knife" as const] },
    ];
    expect(crewOf(undefined)).toEqual([]);
    expect(crewOf([plain, plain])).toEqual([]);
    expect(crewOf([plain, helper])).toEqual([
      { name: "Cook 1", leaves: [] },
      { name: "Birch", leaves: ["knife"] },
    ]);
    expect(crewOf([helper], 3)?.map(({ name }) => name)).toEqual(["Birch", "Cook 2", "Cook 3"]);
    expect(crewOf([plain, helper], 1)).toEqual([]);
  });

  it("gives each dish a key of its own, fit for a task's name", () => {
    const keyOf = (recipeId: string, taken: PlanForm["dishes"] = []) =>
      withDish(taken, { recipeId, name: "Dip", batches: 1 }).at(-1)?.key;
    expect(keyOf("dip")).toBe("dip");
    expect(keyOf("dip", [chosen, { ...chosen, key: "dip-2" }])).toBe("dip-3");
    expect(keyOf("É/!")).toBe("dish");
    expect(keyOf("a".repeat(80))?.length).toBeLessThanOrEqual(40);
  });

  it("fixes a time on the day that is asked for, though the plan of the day before is still shown", () => {
    const on = (tableAt: string) => ({ tableAt }) as PlanWish;
    const at = new Date("2026-11-30T15:00:00Z");
    const shown = on("2026-11-30T19:00:00Z");
    const fixed = (asked: string) => onDayAsked(at, { shown, asked: on(asked) }).toISOString();
    expect(fixed("2026-12-03T18:30:00Z")).toBe("2026-12-03T15:00:00.000Z");
    expect(fixed("2026-11-30T12:30:00Z")).toBe("2026-11-30T15:00:00.000Z");
    expect(onDayAsked(at, { shown: undefined, asked: shown })).toBe(at);
  });

  it("takes no more dishes than one plan may have, wherever they come from", () => {
    const twelve = Array.from({ length: 12 }, (_, i) => ({ ...chosen, key: `dish-${i}` }));
    const one = { recipeId: "dip", name: "Dip", batches: 1 };
    expect(withDish(twelve.slice(1), one)).toHaveLength(12);
    expect(withDish(twelve, one)).toEqual(twelve);
  });

  it("keeps the kitchen for the next plan, not its dishes and times", () => {
    const form = {
      ...emptyPlan("one", "2026-11-30"),
      dishes: [chosen],
      trays: 1,
      cooks: 2,
      homeTime: "16:00",
    };
    expect(nextPlan(form, "two")).toMatchObject({ id: "two", dishes: [], homeTime: "", trays: 1, cooks: 2 });
  });

  it("fixes a time in place of the one before, and frees it again", () => {
    const form = { ...emptyPlan("one", "2026-11-30"), fixed: withFixed(emptyPlan("", ""), "a", "8") };
    expect(withFixed(form, "a", "9")).toEqual([{ task: "a", at: "9" }]);
    expect(withFixed(form, "a", null)).toEqual([]);
    const times = { dish: "dip", step: 0, workMin: 2, byItself: null };
    const timed = { ...form, times: withTimes(form, times) };
    expect(withTimes(timed, { ...times, workMin: 9 })).toEqual([{ ...times, workMin: 9 }]);
  });

  it("letters its dishes", () => {
    expect([0, 1, 11].map(letterAt)).toEqual(["A", "B", "L"]);
  });
});

const table = new Date("2026-11-30T19:00:00Z");
const starts = [
  { task: "a/0/by-itself", at: "2026-11-30T18:10:00Z" },
  { task: "a/0/put-in", at: "2026-11-30T18:05:00Z" },
  { task: "b/0/by-itself", at: "2026-11-30T18:20:00Z" },
  { task: "gone", at: "2026-11-30T18:00:00Z" },
];
const tasks = timedTasks(
  [
    aTask("a/0/put-in", { kind: "put-in", tool: "oven" }),
    aTask("a/0/by-itself", { kind: "by-itself", tool: "oven", minutes: { low: 28, high: 40 } }),
    aTask("b/0/by-itself", { kind: "by-itself", tool: "oven", minutes: { low: 20, high: 20 } }),
    aTask("b/0/work"),
  ],
  { starts },
  { fixed: [{ task: "a/0/put-in", at: "2026-11-30T18:05:00Z" }], crew: [] },
);

describe("a plan as bars", () => {
  it("says who does what, where the cooks are not alike", () => {
    const crew = [
      { name: "Ash", leaves: [] },
      { name: "Birch", leaves: ["heat" as const] },
    ];
    const at = (task: string, time: string) => ({ task, at: `2026-11-30T${time}:00Z` });
    const [cut, fry, pour] = [
      aTask("a/0/prepare", { kind: "prepare" }),
      aTask("a/1/work", { tool: "hob" }),
      aTask("b/0/work", { minutes: { low: 10, high: 10 } }),
    ];
    const starts = [at(cut.id, "18:00"), at(fry.id, "18:02"), at(pour.id, "18:03")];
    const named = timedTasks([cut, fry, pour], { starts }, { fixed: [], crew });
    expect(named.map(({ id, who }) => [id, who])).toEqual([
      ["a/0/prepare", "Birch"],
      ["a/1/work", "Ash"],
      ["b/0/work", "whoever is free"],
    ]);
  });

  it("has its tasks by the clock, those without a time left out", () => {
    expect(tasks.map(({ id, isFixed }) => [id, isFixed])).toEqual([
      ["a/0/put-in", true],
      ["a/0/by-itself", false],
      ["b/0/by-itself", false],
    ]);
    expect(tasks[1]?.end.toISOString()).toBe("2026-11-30T18:50:00.000Z");
  });

  it("draws what stands together one under the other, from the first start to the table", () => {
    const { lanes, ticks, minutes } = barsOf(tasks, table);
    expect(minutes).toBe(55);
    expect(lanes.map(({ lane, tracks }) => [lane, tracks])).toEqual([
      ["hands", 1],
      ["oven", 2],
    ]);
    expect(
      lanes[1]?.bars.map(({ left, width, track }) => [Math.round(left * 55), Math.round(width * 55), track]),
    ).toEqual([
      [5, 40, 0],
      [15, 20, 1],
    ]);
    expect(ticks.map(({ at }) => at.toISOString().slice(11, 16))).toEqual([
      "18:15",
      "18:30",
      "18:45",
      "19:00",
    ]);
  });

  it("moves in whole fives on the clock", () => {
    expect(movedStart(new Date("2026-11-30T18:07:00Z"), 0.2, 55).toISOString()).toBe(
      "2026-11-30T18:20:00.000Z",
    );
    expect(movedStart(new Date("2026-11-30T18:07:00Z"), -0.2, 55).toISOString()).toBe(
      "2026-11-30T17:55:00.000Z",
    );
  });

  it.each<[PlanTask["kind"], PlanTask["tool"], string[]]>([
    ["put-in", "oven", ["hands"]],
    ["by-itself", "oven", ["oven"]],
    ["warm-up", "grill", ["grill"]],
    ["work", "processor", ["hands", "machine"]],
    ["work", "hob", ["hands", "hob"]],
    ["by-itself", null, ["standing"]],
    ["by-itself", "fridge", ["fridge"]],
    ["look", "oven", ["hands"]],
  ])("%s with %s keeps %p busy", (kind, tool, lanes) => {
    expect(lanesOf(aTask("a", { kind, tool }))).toEqual(lanes);
  });
});

describe("what stands beside a step wherever its words stand", () => {
  // Heating up is a task of its own, so it is not said beside this one.
  const written = {
    ...readStep("Roast at 200C for 45-60 mins until brown, turning half way."),
    warmUpMin: 12,
  };
  const metric = { system: "metric", locale: "en-GB" } as const;

  it.each<PlanTask["kind"]>(["work", "put-in"])(
    "heat, time, looks and sign, where it is a step: %s",
    (kind) => {
      expect(stepAbout({ kind, written }, metric)).toBe(
        "oven · 200 °C · 45–60 min · check every 30 min · done when brown",
      );
    },
  );

  it("is nothing beside what is no step itself, and of plans from before", () => {
    expect(stepAbout({ kind: "look", written }, metric)).toBe("");
    expect(stepAbout({ kind: "work" }, metric)).toBe("");
  });
});

describe("what a plan says", () => {
  it("says minutes as a range with what it is planned at", () => {
    expect(minuteWords({ low: 28, high: 40 })).toBe("28–40 min, planned at 40");
    expect(minuteWords({ low: 5, high: 5 })).toBe("5 min");
    expect(minuteWords({ low: 120, high: 150 })).toBe("2 h–2 h 30 min, planned at 2 h 30 min");
  });

  it("says how much too early, in words of the clock", () => {
    const form = { time: "18:30", at: "2026-11-30T18:30:00Z" };
    expect(tooEarlyWords("2026-11-30T18:50:00Z", form)).toBe("18:30 is 20 minutes too early.");
    expect(tooEarlyWords("2026-11-30T18:31:00Z", form)).toBe("18:30 is 1 minute too early.");
    expect(tooEarlyWords("2026-11-30T20:40:00Z", form)).toBe("18:30 is 2 h 10 min too early.");
    expect(tooEarlyWords("2026-11-30T20:30:00Z", form)).toBe("18:30 is 2 hours too early.");
  });

  it("names each remedy and each clash by what it is, never by an id", () => {
    const about = { clock: (at: string) => at.slice(11, 16), dishName: () => "Dip", taskName: () => "Chill" };
    const words = (
      [
        { kind: "later", tableAt: "2026-11-30T18:50:00Z" },
        { kind: "earlier-home", homeAt: "2026-11-30T16:00:00Z" },
        { kind: "another-cook" },
        { kind: "without", dish: "dip" },
        { kind: "set-free", task: "dip/0/work" },
      ] as const
    ).map((remedy) => remedyWords(remedy, about));
    expect(words).toEqual([
      "On the table at 18:50",
      "Home by 16:00",
      "One more cook",
      "Without Dip",
      "Don't fix the time of “Chill”",
    ]);
    const clash = [{ kind: "dish", dish: "dip" }, { kind: "away" }, { kind: "hands" }] as const;
    expect(clashWords([...clash], { dishName: () => "Dip", cooks: 1 })).toBe(
      "These do not go together before then: Dip, the hours when nobody is in the kitchen, 1 pair of hands.",
    );
    expect(clashWords([clash[0]], { dishName: () => "Dip", cooks: 1 })).toBe("Dip can't be ready by then.");
    expect(clashWords([], { dishName: () => "", cooks: 1 })).toBe("");
  });

  it("gives minutes to one task of a step and leaves the others of it as they are", () => {
    const [putIn, roast] = tasks;
    if (!putIn || !roast) throw new Error("no tasks");
    expect(givenMinutes(roast, 50, tasks)).toEqual({
      ...{ dish: "a", step: 0, workMin: 5 },
      byItself: { low: 50, high: 50 },
    });
    expect(givenMinutes(putIn, 9, tasks)).toEqual({
      ...{ dish: "a", step: 0, workMin: 9 },
      byItself: { low: 28, high: 40 },
    });
    expect(givenMinutes(aTask("x", { step: null }), 9, tasks)).toBeUndefined();
  });
});

describe("the other ways of a step", () => {
  const grilled = aTask("dip/0/work", { way: 1, ways: ["Roast.", "Grill."], text: "Grill." });

  it("stand beside its work, and not beside what else belongs to it", () => {
    expect(otherWaysOf(grilled)).toEqual([{ way: 0, text: "Roast." }]);
    expect(otherWaysOf({ ...grilled, kind: "by-itself" })).toEqual([]);
    expect(otherWaysOf(aTask("dip/1/work"))).toEqual([]);
  });

  it("are said where the plan took one", () => {
    expect(takenWords({ ways: [], tasks: [grilled] })).toBe("");
    expect(takenWords({ ways: [{ dish: "dip", step: 0, way: 1 }], tasks: [grilled] })).toBe(
      "As written it doesn't fit, so this is planned another way. A dish: “Grill.”",
    );
  });
});
