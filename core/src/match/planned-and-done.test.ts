import { describe, expect, it } from "@jest/globals";
import { byDay, plannedAndDone } from "./planned-and-done.ts";

describe("planned against done", () => {
  it("counts what was cooked and what is still to come; dropped and missed dishes are neither", () => {
    const dishes = (["cooked", "planned", "dropped", "past", "cooked"] as const).map((state) => ({ state }));
    expect(plannedAndDone(dishes)).toEqual({ dishes: 5, cooked: 2, toCome: 1 });
    expect(plannedAndDone([])).toEqual({ dishes: 0, cooked: 0, toCome: 0 });
  });

  it("stands day by day, each day's dishes as they were", () => {
    const dish = (name: string, day: string) => ({ name, day });
    const [slaw, soup, dip] = [
      dish("Slaw", "2026-03-02"),
      dish("Soup", "2026-03-01"),
      dish("Dip", "2026-03-02"),
    ];
    expect(byDay([slaw, soup, dip])).toEqual([
      { day: "2026-03-01", dishes: [soup] },
      { day: "2026-03-02", dishes: [slaw, dip] },
    ]);
  });
});
