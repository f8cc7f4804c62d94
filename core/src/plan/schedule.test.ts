import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { check } from "../../test/property.ts";
import { optimumOf } from "../../test/time-indexed.ts";
import type { Lag, Mode, Problem, Task } from "./problem.ts";
import { reverseSchedule, reverseTime } from "./reverse-time.ts";
import { solveSchedule } from "./solve-schedule.ts";
import { verifySchedule } from "./verify-schedule.ts";

const asLongAsItTakes = { goOn: () => true };

const resources = ["hands", "oven", "hob"] as const;
const aMode = fc.record({
  minutes: fc.integer({ min: 0, max: 4 }),
  uses: fc.uniqueArray(
    fc.record({ resource: fc.constantFrom(...resources), amount: fc.integer({ min: 1, max: 2 }) }),
    { maxLength: 2, selector: (use) => use.resource },
  ),
});
const aTask = fc.record({
  modes: fc.array(aMode, { minLength: 1, maxLength: 2 }),
  from: fc.integer({ min: 0, max: 3 }),
  to: fc.integer({ min: 9, max: 14 }),
  weight: fc.integer({ min: 0, max: 3 }),
});
const anEnd = fc.constantFrom("start" as const, "end" as const);
const aSpan = fc
  .record({ from: fc.integer({ min: 0, max: 12 }), length: fc.integer({ min: 1, max: 4 }) })
  .map(({ from, length }) => ({ from, to: from + length }));

/** Up to six tasks within a quarter of an hour, with every kind of limit there is. */
const smallProblem: fc.Arbitrary<Problem> = fc
  .array(aTask, { minLength: 2, maxLength: 6 })
  .chain((written) => {
    const tasks = written.map(({ modes, from, to, weight }, i): Task => {
      // One pair of hands: no way of a task takes two.
      const ways = modes.map(({ minutes, uses }, k): Mode => {
        const fit = uses.map((use) => (use.resource === "hands" ? { ...use, amount: 1 } : use));
        return { id: `way-${k}`, minutes, uses: fit };
      });
      return { id: `task-${i}`, modes: ways, window: { from, to }, weight };
    });
    const two = fc
      .tuple(fc.nat(tasks.length - 1), fc.nat(tasks.length - 1))
      .filter(([a, b]) => a !== b)
      .map(([a, b]) => [`task-${a}`, `task-${b}`] as const);
    const aLag = fc
      .tuple(two, anEnd, anEnd, fc.integer({ min: -3, max: 4 }), fc.option(fc.integer({ min: 0, max: 6 })))
      .map(([[from, to], fromAt, toAt, least, more]): Lag => ({
        from: { task: from, at: fromAt },
        to: { task: to, at: toAt },
        least,
        most: more === null ? null : least + more,
      }));
    const aSeparation = fc
      .tuple(two, fc.integer({ min: 0, max: 3 }), fc.integer({ min: 0, max: 3 }))
      .map(([[a, b], forward, backward]) => ({
        resource: "oven",
        tasks: [a, b] as const,
        gaps: [forward, backward] as const,
      }));
    return fc.record({
      tasks: fc.constant(tasks),
      lags: fc.array(aLag, { maxLength: 6 }),
      resources: fc
        .tuple(fc.array(aSpan, { maxLength: 2 }), fc.array(aSpan, { maxLength: 1 }))
        .map(([hands, oven]) => [
          { id: "hands", capacity: 1, closed: hands },
          { id: "oven", capacity: 2, closed: oven },
          { id: "hob", capacity: 3, closed: [] },
        ]),
      separations: fc.array(aSeparation, { maxLength: 2 }),
    });
  });

describe("the engine of the plan", () => {
  it("proves 55 for the job shop of six jobs on six machines (Fisher and Thompson 1963, FT06, from memory)", () => {
    const jobs = [
      "2 1 0 3 1 6 3 7 5 3 4 6",
      "1 8 2 5 4 10 5 10 0 10 3 4",
      "2 5 3 4 5 8 0 9 1 1 4 7",
      "1 5 0 5 2 5 3 3 4 8 5 9",
      "2 9 1 3 4 5 5 4 0 3 3 1",
      "1 3 3 3 5 9 0 10 4 4 2 1",
    ].map((job) => job.split(" ").map(Number));
    const id = (job: number, step: number): string => `${job}-${step}`;
    const steps = jobs.flatMap((job, j) =>
      [0, 1, 2, 3, 4, 5].map((k) => ({ j, k, machine: job[2 * k], minutes: job[2 * k + 1] })),
    );
    const problem: Problem = {
      tasks: steps.map(({ j, k, machine, minutes }) => ({
        id: id(j, k),
        modes: [{ id: "only", minutes: minutes ?? 0, uses: [{ resource: `machine-${machine}`, amount: 1 }] }],
        window: { from: 0, to: 200 },
        weight: 0,
      })),
      lags: steps
        .filter(({ k }) => k > 0)
        .map(({ j, k }) => ({
          from: { task: id(j, k - 1), at: "end" },
          to: { task: id(j, k), at: "start" },
          least: 0,
          most: null,
        })),
      resources: [0, 1, 2, 3, 4, 5].map((m) => ({ id: `machine-${m}`, capacity: 1, closed: [] })),
      separations: [],
    };
    const solved = solveSchedule(problem, asLongAsItTakes);
    expect(solved).toMatchObject({ kind: "solved", span: 55, spanBound: 55, isProven: true });
    if (solved.kind === "solved") expect(verifySchedule(problem, solved.schedule)).toEqual([]);
  });

  it("agrees with a time-indexed programme on small problems of every kind (HiGHS)", () => {
    const seen = { solved: 0, impossible: 0 };
    check(
      fc.property(smallProblem, (problem) => {
        const solved = solveSchedule(problem, asLongAsItTakes);
        const optimum = optimumOf(problem);
        if (solved.kind === "solved") {
          expect(verifySchedule(problem, solved.schedule)).toEqual([]);
          expect({ span: solved.span, weighed: solved.weighed }).toEqual(optimum);
          expect(solved).toMatchObject({ isProven: true, spanBound: solved.span });
        } else expect([solved.kind, optimum]).toEqual(["impossible", undefined]);
        seen[solved.kind === "solved" ? "solved" : "impossible"] += 1;
      }),
      { numRuns: 200 },
    );
    expect(Math.min(seen.solved, seen.impossible)).toBeGreaterThan(20);
  }, 120_000);

  it("solves a problem turned round in time as the problem itself", () => {
    check(
      fc.property(smallProblem, (problem) => {
        expect(reverseTime(reverseTime(problem, 14), 14)).toEqual(problem);
        const backwards = solveSchedule(reverseTime(problem, 14), asLongAsItTakes);
        const forwards = solveSchedule(problem, asLongAsItTakes);
        expect(backwards.kind).toBe(forwards.kind);
        if (backwards.kind !== "solved") return;
        const turned = reverseSchedule(backwards.schedule, problem, 14);
        expect(verifySchedule(problem, turned)).toEqual([]);
      }),
    );
  });

  it("stopped at any moment, what it shows holds and its bound is true", () => {
    check(
      fc.property(smallProblem, fc.integer({ min: 0, max: 12 }), (problem, nodes) => {
        let left = nodes;
        const early = solveSchedule(problem, { goOn: () => left-- > 0 });
        const whole = solveSchedule(problem, asLongAsItTakes);
        if (early.kind === "impossible") expect(whole.kind).toBe("impossible");
        if (early.kind !== "solved" || whole.kind !== "solved") return;
        expect(verifySchedule(problem, early.schedule)).toEqual([]);
        expect(early.spanBound).toBeLessThanOrEqual(whole.span);
        expect(early.span).toBeGreaterThanOrEqual(whole.span);
      }),
    );
  });
});

describe("the check of a schedule", () => {
  const one = (id: string, minutes: number, uses: Mode["uses"] = []): Task => ({
    id,
    modes: [{ id: "only", minutes, uses }],
    window: { from: 0, to: 60 },
    weight: 0,
  });
  const hands = [{ resource: "hands", amount: 1 }];
  const problem: Problem = {
    tasks: [one("chop", 10, hands), one("fry", 5, hands)],
    lags: [{ from: { task: "chop", at: "end" }, to: { task: "fry", at: "start" }, least: 0, most: 20 }],
    resources: [{ id: "hands", capacity: 1, closed: [{ from: 40, to: 50 }] }],
    separations: [],
  };
  const placed = (chop: number, fry: number, mode = "only") =>
    new Map([
      ["chop", { start: chop, mode: "only" }],
      ["fry", { start: fry, mode }],
    ]);

  it.each([
    ["holds", placed(0, 10), []],
    ["waits too long", placed(0, 31), [{ kind: "lag-broken", lag: 0 }]],
    [
      "begins too soon",
      placed(10, 19),
      [
        { kind: "lag-broken", lag: 0 },
        { kind: "over-capacity", resource: "hands", at: 19 },
      ],
    ],
    ["works while it is closed", placed(20, 36), [{ kind: "closed", resource: "hands", at: 36 }]],
    ["ends after its window", placed(50, 60), [{ kind: "outside-window", task: "fry" }]],
    ["starts at half a minute", placed(0, 10.5), [{ kind: "not-whole", task: "fry" }]],
    ["is done in no way it knows", placed(0, 10, "other"), [{ kind: "no-such-mode", task: "fry" }]],
    ["is not there", new Map([["chop", { start: 0, mode: "only" }]]), [{ kind: "not-placed", task: "fry" }]],
  ])("sees what %s", (_, schedule, violations) => {
    expect(verifySchedule(problem, schedule)).toEqual(violations);
  });

  it("keeps two apart on what serves both, with the gap of their order", () => {
    const oven = [{ resource: "oven", amount: 1 }];
    const roasts: Problem = {
      tasks: [one("chop", 10, oven), one("fry", 5, oven)],
      lags: [],
      resources: [{ id: "oven", capacity: 2, closed: [] }],
      separations: [{ resource: "oven", tasks: ["chop", "fry"], gaps: [7, 3] }],
    };
    expect(verifySchedule(roasts, placed(0, 17))).toEqual([]);
    expect(verifySchedule(roasts, placed(8, 0))).toEqual([]);
    expect(verifySchedule(roasts, placed(0, 16))).toEqual([{ kind: "not-apart", separation: 0 }]);
    expect(verifySchedule(roasts, placed(7, 0))).toEqual([{ kind: "not-apart", separation: 0 }]);
  });
});
