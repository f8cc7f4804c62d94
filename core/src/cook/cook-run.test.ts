import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { aWish, dip, grain, salad, toCook } from "../../test/dishes-to-plan.ts";
import { aFormula, aLine } from "../../test/kitchen.ts";
import { check } from "../../test/property.ts";
import { referenceCatalogue as catalogue } from "../catalogue/reference.ts";
import { draftPlan, solvePlan, type PlanWish } from "../plan/index.ts";
import { isHot, stepOf } from "../recipes/index.ts";
import { doneBefore } from "./agenda.ts";
import type { CookAct, CookEvent } from "./cook-event.ts";
import { foldRun, stateOf, statusAt, type CookRun, type RunTask } from "./cook-run.ts";
import { runPlan, type PlanToCook } from "./run-plan.ts";
import { remindersAt, timersAt } from "./timers.ts";

const whenever = { goOn: () => true };
const [from, minute] = [Date.UTC(2026, 10, 30, 9), 60_000];
const atMinute = (count: number): number => from + count * minute;

function planOf(wish: PlanWish): PlanToCook {
  const { problem, infos } = draftPlan(wish, wish.tableAt, catalogue);
  const solved = solvePlan(problem, wish.tableAt, whenever);
  if (!solved || solved === "gave-up") throw new Error("no plan");
  const tasks = [...infos.values()].map(({ id, dish, kind, tool, minutes }): RunTask => ({
    ...{ id, dish, kind, minutes, isHot: isHot(tool) },
    plannedAt: atMinute(solved.schedule.get(id)?.start ?? 0),
  }));
  return { problem, from, tableAt: atMinute(wish.tableAt), tasks, cooks: wish.cooks };
}

let count = 0;
const event = (at: number, act: CookAct): CookEvent => ({ id: `event-${++count}`, at: atMinute(at), act });
const done = (task: string, at: number): CookEvent => event(at, { kind: "done", task });

const dipPlan = planOf(aWish([toCook("dip", dip)]));
const plannedAt = (plan: PlanToCook, id: string): number =>
  ((plan.tasks.find((task) => task.id === id)?.plannedAt ?? Number.NaN) - from) / minute;
const [putIn, roast, takeOut] = ["dip/0/put-in", "dip/0/by-itself", "dip/0/take-out"];
const roastAt = (run: CookRun, now: number) => {
  const task = dipPlan.tasks.find(({ id }) => id === roast);
  return task && statusAt(task, run, atMinute(now));
};
const timers = (events: readonly CookEvent[], now: number) =>
  timersAt({ tasks: dipPlan.tasks, run: foldRun(dipPlan.tasks, events), now: atMinute(now) });

describe("a run", () => {
  it("starts the roast when it was put in, and ends it when it is taken out", () => {
    const events = [done(putIn, 100)];
    expect(roastAt(foldRun(dipPlan.tasks, []), 100)).toBe("waiting");
    expect(roastAt(foldRun(dipPlan.tasks, events), 120)).toBe("running");
    // What is hot is never over by itself.
    expect(roastAt(foldRun(dipPlan.tasks, events), 500)).toBe("running");
    const out = foldRun(dipPlan.tasks, [...events, done(takeOut, 128)]);
    expect(roastAt(out, 128)).toBe("ended");
    expect(stateOf(out, roast).endedAt).toBe(atMinute(128));
    expect(stateOf(out, "dip/0/look-1").endedAt).toBe(atMinute(128));
  });

  it("lets what chills go on while other work of its dish is done, and ends it with what waited for it", () => {
    const cream = stepOf("Chill the cream.", {
      tool: "fridge",
      activeMin: 2,
      wait: { leastMin: 60, mostMin: null },
    });
    const nuts = stepOf("Meanwhile, toast the nuts.", { activeMin: 5 });
    const spoon = stepOf("Spoon the cream over.", { activeMin: 2 });
    const formula = aFormula([aLine("base", 400, "yogurt-greek"), aLine("nut", 40, "walnut")], {
      steps: [cream, nuts, spoon],
    });
    const { tasks } = planOf(aWish([toCook("fool", formula)]));
    const chill = "fool/0/by-itself";
    const started = [done("fool/0/work", 10), done("fool/1/work", 20)];
    expect(stateOf(foldRun(tasks, started), chill)).toMatchObject({ startedAt: atMinute(10), endedAt: null });
    const served = foldRun(tasks, [...started, done("fool/2/work", 75)]);
    expect(stateOf(served, chill).endedAt).toBe(atMinute(75));
  });

  it("times from its short end to its long one, then says that it is over", () => {
    const events = [done(putIn, 100)];
    expect(timers(events, 110)).toEqual([
      {
        ...{ task: roast, dish: "dip", startedAt: atMinute(100), endedBy: takeOut, stage: "running" },
        ...{ soonestAt: atMinute(125), dueAt: atMinute(130) },
      },
    ]);
    expect([124, 125, 129, 130, 400].map((now) => timers(events, now)[0]?.stage)).toEqual([
      "running",
      "look",
      "look",
      "over",
      "over",
    ]);
  });

  it("not yet: ten minutes more, as often as it is said", () => {
    const notYet = (at: number) => event(at, { kind: "not-yet", task: roast, minutes: 10 });
    expect(timers([done(putIn, 100), notYet(130), notYet(140)], 141)[0]?.dueAt).toBe(atMinute(150));
  });

  it("reminds of each turn as long after the real beginning as was planned", () => {
    const events = [done(putIn, 200)];
    const run = foldRun(dipPlan.tasks, events);
    const after = (id: string): number => 200 + plannedAt(dipPlan, id) - plannedAt(dipPlan, roast);
    const expected = ["dip/0/look-1", "dip/0/look-2"].map((task) => ({
      ...{ task, dish: "dip" },
      at: atMinute(after(task)),
    }));
    expect(remindersAt({ tasks: dipPlan.tasks, run, now: atMinute(201) })).toEqual(expected);
    const turned = foldRun(dipPlan.tasks, [...events, done("dip/0/look-1", 210)]);
    expect(remindersAt({ tasks: dipPlan.tasks, run: turned, now: atMinute(211) })).toEqual(expected.slice(1));
  });

  it("ends the heating with its time", () => {
    const events = [event(10, { kind: "started", task: "dip/0/warm-up" })];
    expect(timers(events, 20).map(({ task, endedBy }) => [task, endedBy])).toEqual([["dip/0/warm-up", null]]);
    expect(timers(events, 25)).toEqual([]);
  });

  it("takes back what was a mistake, and knows what can be taken back next", () => {
    const [first, second] = [done(putIn, 100), done(takeOut, 101)];
    const undone = event(102, { kind: "undone", event: second.id });
    const run = foldRun(dipPlan.tasks, [first, second, undone]);
    expect(roastAt(run, 103)).toBe("running");
    expect(run.last?.id).toBe(first.id);
  });

  it("skips a step, and knows that it was skipped", () => {
    const run = foldRun(dipPlan.tasks, [event(5, { kind: "skipped", task: "dip/0/prepare" })]);
    expect(stateOf(run, "dip/0/prepare")).toMatchObject({ isSkipped: true, endedAt: atMinute(5) });
  });

  it("does a step once more, with what cooks in it, and not what was got ready for it", () => {
    const [prepare, onceMore] = ["dip/0/prepare", { kind: "again", task: putIn } as const];
    const said = [
      event(2, { kind: "done", task: prepare }),
      event(5, { kind: "done", task: putIn }),
      event(30, { kind: "done", task: takeOut }),
    ];
    const run = foldRun(dipPlan.tasks, [...said, event(40, onceMore)]);
    for (const id of [putIn, roast, takeOut])
      expect(stateOf(run, id)).toMatchObject({ startedAt: null, endedAt: null });
    expect(stateOf(run, prepare).endedAt).toBe(atMinute(2));
    expect(timersAt({ tasks: dipPlan.tasks, run, now: atMinute(41) })).toEqual([]);
    const now = { tasks: dipPlan.tasks, now: atMinute(41) };
    const before = foldRun(dipPlan.tasks, said);
    expect(doneBefore({ ...now, run: before }).map(({ id }) => id)).toEqual([putIn, prepare]);
    expect(doneBefore({ ...now, run }).map(({ id }) => id)).toEqual([prepare]);
    // It can be said to be done again, and the "once more" taken back.
    const done = foldRun(dipPlan.tasks, [
      ...said,
      event(40, onceMore),
      event(45, { kind: "done", task: putIn }),
    ]);
    expect(stateOf(done, roast)).toMatchObject({ startedAt: atMinute(45), endedAt: null });
    const mistake = event(40, onceMore);
    const undone = foldRun(dipPlan.tasks, [
      ...said,
      mistake,
      event(41, { kind: "undone", event: mistake.id }),
    ]);
    expect(stateOf(undone, putIn).endedAt).toBe(atMinute(5));
  });

  it("is paused until it is resumed; what cooks goes on", () => {
    const pause = event(105, { kind: "paused" });
    const paused = foldRun(dipPlan.tasks, [done(putIn, 100), pause]);
    expect([paused.isPaused, roastAt(paused, 106)]).toEqual([true, "running"]);
    expect(foldRun(dipPlan.tasks, [pause, event(106, { kind: "resumed" })]).isPaused).toBe(false);
  });

  it("counts the first of two taps, and knows nothing of tasks of another plan", () => {
    const run = foldRun(dipPlan.tasks, [done(putIn, 100), done(putIn, 107), done("gone/0/work", 1)]);
    expect(stateOf(run, roast).startedAt).toBe(atMinute(100));
    expect([...run.states.keys()]).toEqual(dipPlan.tasks.map(({ id }) => id));
  });
});

const three = planOf(aWish([toCook("dip", dip), toCook("leaves", salad), toCook("grain", grain)]));
const anAct = fc.oneof(
  fc.record({
    kind: fc.constantFrom("done" as const, "skipped" as const, "started" as const, "again" as const),
    task: fc.constantFrom(...three.tasks.map(({ id }) => id)),
  }),
  fc.record({
    kind: fc.constant("not-yet" as const),
    task: fc.constantFrom(...three.tasks.map(({ id }) => id)),
    minutes: fc.constantFrom(5, 10),
  }),
  fc.record({ kind: fc.constantFrom("paused" as const, "resumed" as const) }),
  fc.record({
    kind: fc.constant("undone" as const),
    event: fc.integer({ min: 0, max: 20 }).map((n) => `e${n}`),
  }),
);
const someEvents = fc
  .array(fc.tuple(anAct, fc.integer({ min: 0, max: 700 })), { maxLength: 20 })
  .map((acts) => acts.map(([act, at], i): CookEvent => ({ act, id: `e${i}`, at: atMinute(at) })));

describe("the same events", () => {
  it("give the same run in any order of arrival, once or twice over", () => {
    check(
      fc.property(
        someEvents.chain((events) =>
          fc.tuple(
            fc.constant(events),
            fc.shuffledSubarray([...events, ...events], {
              minLength: events.length * 2,
              maxLength: events.length * 2,
            }),
          ),
        ),
        ([events, arrived]) => {
          expect(foldRun(three.tasks, arrived)).toEqual(foldRun(three.tasks, events));
        },
      ),
    );
  });
});

const goesOn = (plan: PlanToCook, events: readonly CookEvent[], now: number) => {
  const run = foldRun(plan.tasks, events);
  return runPlan({ plan, run, now: atMinute(now) }, whenever);
};

describe("the rest of a plan", () => {
  const start = Math.min(...dipPlan.tasks.map(({ id }) => plannedAt(dipPlan, id)));

  it("stays as it was planned before anything has happened, and while all is on time", () => {
    const before = goesOn(dipPlan, [], start - 30);
    expect(before.tableAt).toBe(dipPlan.tableAt);
    const prepared = plannedAt(dipPlan, "dip/0/prepare");
    const events = [
      event(start, { kind: "started", task: "dip/0/warm-up" }),
      done("dip/0/prepare", prepared + 2),
      done(putIn, plannedAt(dipPlan, roast)),
    ];
    const onTime = goesOn(dipPlan, events, plannedAt(dipPlan, roast) + 1);
    expect(onTime.tableAt).toBe(dipPlan.tableAt);
    expect(onTime.starts.get(takeOut)).toBe(atMinute(plannedAt(dipPlan, takeOut)));
  });

  it("moves with what is late, and says by how much the table does", () => {
    const late = [done("dip/0/prepare", start), done(putIn, plannedAt(dipPlan, roast) + 12)];
    const moved = goesOn(dipPlan, late, plannedAt(dipPlan, roast) + 13);
    expect(moved.tableAt).toBe(dipPlan.tableAt + 12 * minute);
    expect(moved.starts.get("dip/1/work")).toBe(atMinute(plannedAt(dipPlan, "dip/1/work") + 12));
  });

  it("moves on by itself while nothing is said", () => {
    const silent = (now: number): number => (goesOn(dipPlan, [], now).tableAt - dipPlan.tableAt) / minute;
    expect(silent(start)).toBe(0);
    expect(silent(start + 40)).toBeGreaterThan(silent(start + 20));
    expect(silent(start + 20)).toBeGreaterThan(0);
  });

  it("does not move while the hands are at what they should be at", () => {
    const task = "dip/1/work";
    const events = [
      done("dip/0/prepare", start),
      done(putIn, plannedAt(dipPlan, roast)),
      done(takeOut, plannedAt(dipPlan, takeOut) + 2),
    ];
    const begin = plannedAt(dipPlan, task);
    for (const after of [1, 2, 3, 4])
      expect(goesOn(dipPlan, events, begin + after).tableAt).toBe(dipPlan.tableAt);
    expect(goesOn(dipPlan, events, begin + 9).tableAt).toBeGreaterThan(dipPlan.tableAt);
  });

  it("a roast that needs longer holds up what waits for it", () => {
    const events = [
      done("dip/0/prepare", start),
      done(putIn, plannedAt(dipPlan, roast)),
      event(plannedAt(dipPlan, takeOut), { kind: "not-yet", task: roast, minutes: 10 }),
    ];
    const later = goesOn(dipPlan, events, plannedAt(dipPlan, takeOut) + 1);
    expect(later.tableAt).toBe(dipPlan.tableAt + 10 * minute);
  });

  it("what is begun early pulls nothing else forward", () => {
    const begin = Math.min(...three.tasks.map(({ id }) => plannedAt(three, id)));
    const early = goesOn(
      three,
      [done("dip/0/prepare", begin - 6), done("dip/0/put-in", begin - 5)],
      begin - 4,
    );
    expect(early.tableAt).toBe(three.tableAt);
    for (const id of ["leaves/0/work", "leaves/1/work", "grain/0/work", "grain/cook-base/put-in"])
      expect(Math.abs((early.starts.get(id) ?? 0) - atMinute(plannedAt(three, id)))).toBeLessThanOrEqual(
        10 * minute,
      );
    // What belongs to the roast comes with it.
    const takenOut = ((early.starts.get("dip/0/take-out") ?? 0) - atMinute(begin - 5 + 30)) / minute;
    expect([takenOut >= 0, takenOut <= 3]).toEqual([true, true]);
  });

  it("never asks one pair of hands for two things, starts nothing in the past, and has the table last", () => {
    check(
      fc.property(someEvents, fc.integer({ min: 400, max: 760 }), (events, now) => {
        const past = events.filter(({ at }) => at <= atMinute(now));
        const run = foldRun(three.tasks, past);
        const { starts, tableAt } = goesOn(three, past, now);
        const left = three.tasks
          .filter((task) => statusAt(task, run, atMinute(now)) === "waiting")
          .map((task) => ({ ...task, at: starts.get(task.id) ?? Number.NaN }));
        for (const task of left)
          expect(task.at + task.minutes.high * minute).toBeLessThanOrEqual(tableAt + minute);
        const hands = left
          .filter(({ kind, at }) => kind !== "by-itself" && kind !== "warm-up" && at > atMinute(now))
          .map(({ at, minutes }) => [at, at + Math.round(minutes.high) * minute] as const)
          .sort(([a], [b]) => a - b);
        for (const [i, [, end]] of hands.entries()) {
          const next = hands[i + 1];
          if (next) expect(next[0]).toBeGreaterThanOrEqual(end);
        }
      }),
      { numRuns: 30 },
    );
  });
});
