import { describe, expect, it } from "@jest/globals";
import { aWish, dip, grain, salad, toCook } from "../../test/dishes-to-plan.ts";
import { referenceCatalogue as catalogue } from "../catalogue/reference.ts";
import { leftByAll, skillOf, whoDoes, type Cook } from "./crew.ts";
import { explainImpossible } from "./explain-impossible.ts";
import { draftPlan, solvePlan, type PlanWish } from "./plan-dishes.ts";
import { verifySchedule } from "./verify-schedule.ts";

const limits = { goOn: () => true };
const all: Cook = { name: "Ash", leaves: [] };
const helper: Cook = { name: "Birch", leaves: ["knife", "heat", "machine"] };
const noKnife: Cook = { name: "Cedar", leaves: ["knife"] };
const dishes = [toCook("dip", dip), toCook("salad", salad), toCook("grain", grain)];

function solved(wish: PlanWish) {
  const { problem, infos } = draftPlan(wish, wish.tableAt, catalogue);
  const plan = solvePlan(problem, wish.tableAt, limits);
  if (!plan || plan === "gave-up") throw new Error("no plan");
  expect(verifySchedule(problem, plan.schedule)).toEqual([]);
  const shifts = [...infos.values()].map(({ id, kind, tool, minutes }) => {
    const start = plan.schedule.get(id)?.start ?? 0;
    return { id, kind, tool, start, end: start + Math.round(minutes.high) };
  });
  return { startAt: plan.startAt, shifts };
}

describe("several cooks who do not all do everything", () => {
  it("are as many hands as they are where each does everything", () => {
    const two = solved(aWish(dishes, { cooks: 2 }));
    const named = solved(aWish(dishes, { cooks: 2, crew: [all, { ...all, name: "Elm" }] }));
    expect(named.startAt).toBe(two.startAt);
  });

  it("are no more than the others where somebody does no such work", () => {
    const [one, two] = [solved(aWish(dishes)), solved(aWish(dishes, { cooks: 2 }))];
    const helped = solved(aWish(dishes, { cooks: 2, crew: [all, helper] }));
    expect(helped.startAt).toBeGreaterThanOrEqual(one.startAt);
    expect(helped.startAt).toBeLessThanOrEqual(two.startAt);
    // Whoever neither cuts, heats nor minds a machine never does; the other does one such thing at a time.
    const who = whoDoes(helped.shifts, [all, helper]);
    const skilled = helped.shifts.filter((shift) => skillOf(shift) !== null);
    for (const { id } of skilled) expect(who.get(id)).not.toBe(helper.name);
    for (const a of skilled)
      for (const b of skilled)
        expect(
          a === b || a.end <= b.start || b.end <= a.start || a.start === a.end || b.start === b.end,
        ).toBe(true);
  });

  it("never has more to cut at a time than there are who cut", () => {
    const { shifts } = solved(aWish(dishes, { cooks: 3, crew: [all, noKnife, { ...noKnife, name: "Fir" }] }));
    const cutting = shifts.filter(({ kind }) => kind === "prepare");
    expect(cutting.length).toBeGreaterThan(1);
    for (const a of cutting)
      for (const b of cutting) expect(a === b || a.end <= b.start || b.end <= a.start).toBe(true);
  });

  it("are named only where they are free and do such work", () => {
    const shift = (
      id: string,
      start: number,
      end: number,
      kind: "prepare" | "taste" | "by-itself" = "prepare",
    ) => ({
      ...{ id, start, end, kind, tool: null },
    });
    const crew = [all, helper];
    expect([...whoDoes([shift("b", 5, 9), shift("a", 0, 10), shift("c", 2, 4, "taste")], crew)]).toEqual([
      ["a", "Ash"],
      ["c", "Birch"],
      ["b", null],
    ]);
    // Back to back is free; what goes by itself is nobody's.
    expect([
      ...whoDoes([shift("a", 0, 10), shift("b", 10, 12), shift("x", 0, 5, "by-itself")], crew),
    ]).toEqual([
      ["a", "Ash"],
      ["b", "Ash"],
    ]);
  });

  it("cannot leave a kind of work to nobody", () => {
    expect(leftByAll([])).toBeUndefined();
    expect(leftByAll([all, helper])).toBeUndefined();
    expect(leftByAll([helper, noKnife])).toBe("knife");
  });

  it("are helped by one more who does everything, where that makes it possible", () => {
    const tight = aWish([toCook("one", salad), toCook("two", { ...salad, name: "Other" })], { tableAt: 8 });
    const crewed = { ...tight, cooks: 2, crew: [all, { ...helper, leaves: ["knife"] as const }] };
    const { remedies } = explainImpossible(tight, catalogue, limits);
    expect(remedies).toContainEqual({ kind: "another-cook" });
    expect(explainImpossible({ ...crewed, tableAt: 3 }, catalogue, limits).remedies).not.toContainEqual({
      kind: "another-cook",
    });
  });
});
