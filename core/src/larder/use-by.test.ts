import { describe, expect, it } from "@jest/globals";
import { mayRelabel, useByWith } from "./use-by.ts";

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
