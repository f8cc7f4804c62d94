import { describe, expect, it } from "@jest/globals";
import { referenceCatalogue } from "../catalogue/reference.ts";
import { mayRelabel, useBy, useByWith } from "./use-by.ts";

describe("the reason of a date", () => {
  const reasonWith = (days: number): string | undefined => {
    const hazards = [
      { id: "sprouts", caution: "raw-sprouts", name: "sprouts in it", days, source: "a rule" },
    ];
    const keeping = { fridge: "roasted-vegetables", freezer: null };
    const made = { madeOn: "2026-09-10", place: "fridge" as const, keeping, clocks: [], hazards };
    const dated = useBy(made, referenceCatalogue);
    return dated.ok ? dated.value.reason : undefined;
  };

  it("says how many days what is in the dish allows, or that it is for the day it is made", () => {
    expect([0, 1, 2].map(reasonWith)).toEqual([
      "sprouts in it: the day it is made",
      "sprouts in it: 1 day",
      "sprouts in it: 2 days",
    ]);
  });
});

describe("a date that changes", () => {
  it("is never later for one more thing in the dish", () => {
    expect(useByWith("2026-09-12", "2026-09-14")).toBe("2026-09-12");
    expect(useByWith("2026-09-14", "2026-09-12")).toBe("2026-09-12");
    expect(useByWith("2026-09-14", undefined)).toBe("2026-09-14");
  });

  it("goes on a label again only when it is earlier", () => {
    const labelled = "2026-09-14";
    expect(["2026-09-13", labelled, "2026-09-15"].map((on) => mayRelabel(labelled, on))).toEqual([
      true,
      false,
      false,
    ]);
  });
});
