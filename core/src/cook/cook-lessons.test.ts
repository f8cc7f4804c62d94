import { describe, expect, it } from "@jest/globals";
import { cookLessons } from "./cook-lessons.ts";
import type { CookAct, CookEvent } from "./cook-event.ts";
import type { RunTask } from "./cook-run.ts";

const minute = 60_000;
const task = (id: string, kind: RunTask["kind"], more: Partial<RunTask> = {}): RunTask => ({
  ...{ id, kind, dish: "dip", isHot: true, minutes: { low: 2, high: 2 }, plannedAt: 0 },
  ...more,
});
const tasks = [
  task("dip/0/put-in", "put-in"),
  task("dip/0/by-itself", "by-itself", { minutes: { low: 30, high: 40 }, plannedAt: 2 * minute }),
  task("dip/0/take-out", "take-out", { plannedAt: 42 * minute }),
  task("dip/1/by-itself", "by-itself", { isHot: false, plannedAt: 50 * minute }),
];
let count = 0;
const at = (minutes: number, act: CookAct): CookEvent => ({ id: `e${count++}`, at: minutes * minute, act });
const done = (minutes: number, id: string): CookEvent => at(minutes, { kind: "done", task: id });
const putIn = done(0, "dip/0/put-in");

describe("what a run teaches of the times of cooking", () => {
  it("is how long what was put in really cooked, to when it was said to be done", () => {
    expect(cookLessons(tasks, [putIn, done(47, "dip/0/take-out")])).toEqual([
      { task: "dip/0/by-itself", minutes: 47 },
    ]);
  });

  it("is believed for longer where it was looked at and was not done", () => {
    const late = done(75, "dip/0/take-out");
    expect(cookLessons(tasks, [putIn, late])).toEqual([]);
    const notYet = at(40, { kind: "not-yet", task: "dip/0/by-itself", minutes: 20 });
    expect(cookLessons(tasks, [late, notYet, putIn])).toEqual([{ task: "dip/0/by-itself", minutes: 75 }]);
  });

  it.each([
    ["nothing of what is still in", [putIn]],
    ["nothing of a slip that came too soon", [putIn, done(3, "dip/0/take-out")]],
    ["nothing of what was skipped", [putIn, at(35, { kind: "skipped", task: "dip/0/by-itself" })]],
    [
      "nothing of what only stands",
      [at(0, { kind: "started", task: "dip/1/by-itself" }), done(30, "dip/1/by-itself")],
    ],
  ])("is %s", (_, events) => {
    expect(cookLessons(tasks, events)).toEqual([]);
  });

  it("is taken back with the act that was undone", () => {
    const out = done(38, "dip/0/take-out");
    expect(cookLessons(tasks, [putIn, out, at(39, { kind: "undone", event: out.id })])).toEqual([]);
  });
});
