import { afterEach, describe, expect, it } from "@jest/globals";
import type { AcceptedDish } from "@apron/contract";
import { usualPlaces } from "@apron/core/plan";
import {
  emptyPlan,
  notPlannedYet,
  onDay,
  withAccepted,
  withDish,
  wishOfForm,
} from "../src/plan/plan-form.ts";
import { dayOfInstant, instantOn, showClock, useTimeZone } from "../src/ui/dates.ts";

const clock = { dayOf: dayOfInstant, timeOf: showClock, instantOn };
const accepted = (recipeId: string, day: string): AcceptedDish => ({
  ...{
    id: `${recipeId}-${day}`,
    planId: "p",
    recipeId,
    name: recipeId.toUpperCase(),
    kind: "leaf-salad",
    day,
  },
  ...{ batches: 1.5, servings: 6, minutes: 30, uses: [], toBuy: [], short: [], eaten: [] },
  ...{ frozen: 0, given: 0, state: "planned" },
});
const [monday, tuesday] = ["2026-11-30", "2026-12-01"];
const plan = [accepted("slaw", monday), accepted("pesto", monday), accepted("soup", tuesday)];
const keysOf = (dishes: readonly { key: string }[]): string[] => dishes.map(({ key }) => key);

afterEach(() => useTimeZone("UTC"));

describe("the dishes of an accepted plan in the plan of their cooking", () => {
  it("come with their batches, on their day, once", () => {
    useTimeZone("UTC");
    const taken = withAccepted(emptyPlan("one", monday), { day: monday, accepted: plan }, clock);
    expect(taken.dishes).toMatchObject([
      { recipeId: "slaw", name: "SLAW", batches: 1.5 },
      { recipeId: "pesto", batches: 1.5 },
    ]);
    expect(notPlannedYet(taken, plan)).toEqual([plan[2]]);
    expect(withAccepted(taken, { day: monday, accepted: plan }, clock)).toEqual(taken);
    // What the page remembers of where a dish is from is nobody else's business.
    expect(wishOfForm(taken, { timeZone: "UTC", places: usualPlaces })?.dishes[0]).not.toHaveProperty(
      "plannedFor",
    );
  });

  it("make room for those of another day, with what was fixed for them; a dish chosen by hand stays", () => {
    useTimeZone("UTC");
    const begun = withAccepted(emptyPlan("one", monday), { day: monday, accepted: plan }, clock);
    const dip = { recipeId: "dip", name: "Dip", batches: 1 };
    const at = instantOn(monday, "17:00").toISOString();
    const mixed = {
      ...begun,
      dishes: withDish(begun.dishes, dip),
      fixed: ["slaw/0/work", "dip/0/work"].map((task) => ({ task, at })),
      times: ["slaw", "dip"].map((dish) => ({ dish, step: 0, workMin: 3, byItself: null })),
    };
    const next = withAccepted(mixed, { day: tuesday, accepted: plan }, clock);
    expect(keysOf(next.dishes)).toEqual(["dip", "soup"]);
    expect(next.day).toBe(tuesday);
    expect(next.fixed).toEqual([{ task: "dip/0/work", at: instantOn(tuesday, "17:00").toISOString() }]);
    expect(next.times.map(({ dish }) => dish)).toEqual(["dip"]);
  });

  it("stop at twelve dishes, as everything else does", () => {
    const many = Array.from({ length: 14 }, (_, i) => accepted(`dish-${i}`, monday));
    const full = withAccepted(emptyPlan("one", monday), { day: monday, accepted: many }, clock);
    expect(full.dishes).toHaveLength(12);
  });
});

describe("a plan moved to another day", () => {
  it("keeps what was fixed at its time of day, the evening before too, over a change of the clock", () => {
    // EU Directive 2000/84/EC: summer time ends at 01:00 UTC on the last Sunday of October.
    useTimeZone("Europe/Berlin");
    const fixed = [
      { task: "dip/0/work", at: instantOn("2026-10-23", "21:30").toISOString() },
      { task: "dip/1/work", at: instantOn("2026-10-24", "17:00").toISOString() },
    ];
    const moved = onDay({ ...emptyPlan("one", "2026-10-24"), fixed }, "2026-10-25", clock);
    expect(moved.fixed.map(({ at }) => at)).toEqual(["2026-10-24T19:30:00.000Z", "2026-10-25T16:00:00.000Z"]);
  });

  it("moves nothing while one of the days is empty", () => {
    const fixed = [{ task: "dip/0/work", at: "2026-11-30T17:00:00.000Z" }];
    const form = { ...emptyPlan("one", monday), fixed };
    expect(onDay(form, "", clock)).toEqual({ ...form, day: "" });
    expect(onDay({ ...form, day: "" }, monday, clock)).toEqual(form);
  });
});
