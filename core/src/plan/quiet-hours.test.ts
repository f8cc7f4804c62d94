import { describe, expect, it } from "@jest/globals";
import { quietSpans } from "./quiet-hours.ts";

const night = { from: "22:00", to: "07:00" };

describe("quiet hours", () => {
  it("go over midnight, and cover the night that has already begun", () => {
    const start = new Date("2026-11-30T01:00:00Z");
    expect(quietSpans(night, { start, minutes: 24 * 60, timeZone: "UTC" })).toEqual([
      { from: -180, to: 360 },
      { from: 21 * 60, to: 30 * 60 },
    ]);
  });

  it("are an hour shorter in the night when the clocks go forward, an hour longer when they go back", () => {
    const lasts = (start: string): number => {
      const [span] = quietSpans(night, { start: new Date(start), minutes: 900, timeZone: "Europe/London" });
      return span ? span.to - span.from : Number.NaN;
    };
    expect(lasts("2026-03-28T18:00:00Z")).toBe(8 * 60);
    expect(lasts("2026-10-24T17:00:00Z")).toBe(10 * 60);
    expect(lasts("2026-11-24T17:00:00Z")).toBe(9 * 60);
  });

  it("within one day end on it", () => {
    const start = new Date("2026-11-30T08:00:00Z");
    const siesta = { from: "13:00", to: "15:00" };
    expect(quietSpans(siesta, { start, minutes: 600, timeZone: "UTC" })).toEqual([{ from: 300, to: 420 }]);
  });
});
