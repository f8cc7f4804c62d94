import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { check } from "../../test/property.ts";
import { addDays, dayIn, daysBetween, earliest, instantAt, isTimeZone, showDays } from "./day.ts";

describe("calendar days", () => {
  it.each([
    ["2026-02-27", 2, "2026-03-01"],
    ["2028-02-28", 1, "2028-02-29"],
    ["2026-12-31", 1, "2027-01-01"],
    ["2026-03-01", -1, "2026-02-28"],
    ["2026-11-25", 0.083, "2026-11-25"],
    ["2026-11-25", 3.9, "2026-11-28"],
  ])("%s and %d days is %s", (day, count, expected) => {
    expect(addDays(day, count)).toBe(expected);
  });

  it("counts back what it added, across daylight saving and leap years", () => {
    check(
      fc.property(fc.integer({ min: -4000, max: 4000 }), (count) => {
        expect(daysBetween("2026-03-28", addDays("2026-03-28", count))).toBe(count);
      }),
    );
  });

  it("finds the earliest, and nothing among nothing", () => {
    expect(earliest(["2026-03-01", "2025-12-31", "2026-02-01"])).toBe("2025-12-31");
    expect(earliest([])).toBeUndefined();
  });

  it.each([
    ["2026-11-28T12:00:00Z", "Pacific/Auckland", "2026-11-29"],
    ["2026-11-28T12:00:00Z", "America/Los_Angeles", "2026-11-28"],
    ["2026-01-01T03:30:00Z", "America/St_Johns", "2026-01-01"],
    ["2026-01-01T03:29:00Z", "America/St_Johns", "2025-12-31"],
    ["2026-03-05T23:59:59Z", "UTC", "2026-03-05"],
    ["0987-03-05T12:00:00Z", "UTC", "0987-03-05"],
  ])("%s in %s is %s", (instant, zone, day) => {
    expect(dayIn(new Date(instant), zone)).toBe(day);
  });

  it("knows time zones by their names", () => {
    expect(["Europe/Paris", "UTC", "Middle/Earth", ""].map(isTimeZone)).toEqual([true, true, false, false]);
  });

  it("are counted in plain words", () => {
    expect([0, 1, 2].map(showDays)).toEqual(["0 days", "1 day", "2 days"]);
  });

  it("does not take nonsense for a day", () => {
    expect(() => addDays("2026-13-40", 1)).toThrow(/not a day/);
  });

  it.each([
    ["2026-11-28", "18:30", "Pacific/Auckland", "2026-11-28T05:30:00Z"],
    ["2026-11-28", "18:30", "America/St_Johns", "2026-11-28T22:00:00Z"],
    ["2026-07-01", "00:00", "Europe/London", "2026-06-30T23:00:00Z"],
    // Skipped in spring: as much later. Shown twice in autumn: the first.
    ["2026-03-29", "01:30", "Europe/London", "2026-03-29T01:30:00Z"],
    ["2026-10-25", "01:30", "Europe/London", "2026-10-25T00:30:00Z"],
    ["2026-10-25", "02:00", "Europe/London", "2026-10-25T02:00:00Z"],
  ])("%s %s in %s is %s", (day, time, zone, instant) => {
    expect(instantAt(day, time, zone)).toEqual(new Date(instant));
  });

  it("have no time that is none", () => {
    expect(() => instantAt("2026-11-28", "25:00", "UTC")).toThrow(/not a day and a time/);
  });
});
