import { describe, expect, it } from "@jest/globals";
import { cardChanges } from "./compare-meal-plans.ts";
import type { MealPlanCard, MealPlanDay } from "./meal-plan-view.ts";

const card = (recipeId: string, day: number, batches = 1): MealPlanCard => ({
  ...{ recipeId, name: recipeId.toUpperCase(), day, batches, servings: 4, minutes: 20 },
  ...{ uses: [], toBuy: [], eaten: [], frozen: 0, given: 0 },
});
const plan = (...cards: MealPlanCard[]): { days: MealPlanDay[] } => ({
  days: [0, 1, 2].map((day) => ({
    ...{ day, minutes: 0, fromLarder: [] },
    cards: cards.filter((one) => one.day === day),
  })),
});

describe("what is otherwise in a plan than before", () => {
  it("tells new dishes, moved ones, other batches, and those that are gone", () => {
    const before = plan(card("slaw", 0), card("soup", 1, 2), card("dip", 2), card("pesto", 2));
    const [slaw, soup, dip, fresh] = [card("slaw", 2), card("soup", 1, 1.5), card("dip", 2), card("bowl", 0)];
    const { of, gone } = cardChanges(before, plan(slaw, soup, dip, fresh));
    expect([slaw, soup, dip, fresh].map(of)).toEqual([
      { kind: "moved", fromDay: 0 },
      { kind: "resized", fromBatches: 2 },
      undefined,
      { kind: "new" },
    ]);
    expect(gone).toEqual(["PESTO"]);
  });

  it("a dish that comes a second time is new there; one of two that goes is gone", () => {
    const [first, second] = [card("slaw", 0), card("slaw", 2)];
    const twice = cardChanges(plan(first), plan(first, second));
    expect([twice.of(first), twice.of(second), twice.gone]).toEqual([undefined, { kind: "new" }, []]);
    expect(cardChanges(plan(first, second), plan(second)).gone).toEqual(["SLAW"]);
  });

  it("nothing changes between a plan and itself", () => {
    const same = plan(card("slaw", 0), card("soup", 1));
    const { of, gone } = cardChanges(same, same);
    expect(same.days.flatMap((day) => day.cards).map(of)).toEqual([undefined, undefined]);
    expect(gone).toEqual([]);
  });
});
