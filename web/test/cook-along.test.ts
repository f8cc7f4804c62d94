import { describe, expect, it } from "@jest/globals";
import type { CookAlong, PlanTask } from "@apron/contract";
import { doneWords, endingAct, lateWords, timerWords } from "../src/cook/cook-words.ts";
import { goesIn, piecesWords } from "../src/recipes/piece-words.ts";
import { countdown } from "../src/cook/use-alarms.ts";
import { planToCook, saidAt } from "../src/cook/use-cook-along.ts";

const aTask = (kind: PlanTask["kind"], more: Partial<PlanTask> = {}): PlanTask => ({
  ...{ id: `dip/0/${kind}`, dish: "dip", dishName: "Dip", step: 0, kind, text: "Roast it.", tool: "oven" },
  ...{ celsius: 200, doneWhen: "", method: null, from: "recipe", lines: ["squash 700 g"] },
  minutes: { low: 5, high: 5 },
  ...more,
});

describe("pieces on the counter", () => {
  const two = { count: 2, name: "aubergines", grams: 1100, isWeighed: true };
  const metric = { system: "metric", locale: "en-GB" } as const;

  it("are said as a cook counts them, with what these very ones weigh, or about", () => {
    expect(piecesWords(two, metric)).toBe("2 aubergines, yours weigh 1.1 kg");
    expect(piecesWords({ ...two, count: 1, name: "aubergine" }, metric)).toBe(
      "1 aubergine, yours weighs 1.1 kg",
    );
    expect(piecesWords({ ...two, isWeighed: false }, metric)).toBe("2 aubergines, about 1.1 kg");
  });

  it("and what of them goes in, where that is not all", () => {
    expect(goesIn({ grams: 890 }, two, metric)).toBe("yours weigh 1.1 kg, 890 g of it goes in");
    expect(goesIn({ grams: 1100 }, two, metric)).toBe("yours weigh 1.1 kg");
  });
});

describe("what cooking along says", () => {
  it.each<[PlanTask["kind"], PlanTask["tool"], string, "started" | "done"]>([
    ["warm-up", "oven", "It's on", "started"],
    ["put-in", "oven", "It's in", "done"],
    ["put-in", "hob", "It's on", "done"],
    ["by-itself", null, "Start", "started"],
    ["work", null, "Done", "done"],
    ["take-out", "oven", "Done", "done"],
  ])("of %s with %s the button says “%s”", (kind, tool, words, act) => {
    const task = aTask(kind, { tool });
    expect([doneWords(task), endingAct(task)]).toEqual([words, { kind: act, task: task.id }]);
  });

  it("names a timer by its step, the heating up, or what was put on without a step", () => {
    expect(timerWords(aTask("by-itself"))).toBe("Roast it.");
    expect(timerWords(aTask("warm-up"))).toBe("Heat the oven to 200 °C");
    expect(timerWords(aTask("by-itself", { text: "", method: "boil" }))).toBe("Boil squash 700 g");
  });

  it.each([
    [0, ""],
    [20_000, ""],
    [40_000, "1 min late"],
    [12 * 60_000, "12 min late"],
    [-5 * 60_000, ""],
  ])("a table %p ms after it was wanted: “%s”", (after, words) => {
    expect(lateWords(1_000_000 + after, 1_000_000)).toBe(words);
  });

  it.each([
    [0, "0:00"],
    [59_600, "1:00"],
    [725_000, "12:05"],
    [3_725_000, "1:02:05"],
    [-130_000, "−2:10"],
  ])("%p ms before its end a timer shows %s", (left, shown) => {
    expect(countdown({ dueAt: 1_000_000 + left }, 1_000_000)).toBe(shown);
  });
});

it("a plan comes with its instants as milliseconds, a task without a start at the plan's beginning", () => {
  const from = "2026-11-30T09:00:00.000Z";
  const start = { task: "dip/0/put-in", at: "2026-11-30T09:10:00.000Z" };
  const plan = {
    ...{ from, wish: { tableAt: "2026-11-30T12:00:00.000Z", cooks: 2 }, problem: {} },
    ...{ schedule: { starts: [start] }, tasks: [aTask("put-in"), aTask("wash-up", { tool: "blender" })] },
  };
  const { tasks, ...rest } = planToCook({ plan } as unknown as CookAlong);
  expect(rest).toMatchObject({ from: Date.parse(from), tableAt: Date.parse(plan.wish.tableAt), cooks: 2 });
  expect(tasks.map(({ isHot, plannedAt }) => [isHot, plannedAt])).toEqual([
    [true, Date.parse(start.at)],
    [false, Date.parse(from)],
  ]);
});

describe("when something is said", () => {
  it("is now, and after all that was said before", () => {
    expect(saidAt(1000, [])).toBe(1000);
    expect(saidAt(1000, [{ at: 400 }])).toBe(1000);
    // Two taps within one tick of the clock, and a clock that was set back.
    expect(saidAt(1000, [{ at: 1000 }])).toBe(1001);
    expect(saidAt(1000, [{ at: 5000 }, { at: 400 }])).toBe(5001);
  });
});
