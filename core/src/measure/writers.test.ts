import { describe, expect, it } from "@jest/globals";
import { dateWriter, numberWriter } from "./writers.ts";

const noon = new Date("2026-11-28T12:00:00Z");
const clock = { hour: "2-digit", minute: "2-digit" } as const;

describe("what writes dates and numbers", () => {
  it("is made once for a locale and the same parts", () => {
    const first = dateWriter("en-GB", { ...clock, timeZone: "UTC" });
    expect(dateWriter("en-GB", { ...clock, timeZone: "UTC" })).toBe(first);
    expect(numberWriter("de-DE", { style: "percent" })).toBe(numberWriter("de-DE", { style: "percent" }));
  });

  it("is another one where locale, zone or parts differ", () => {
    const written = [
      dateWriter("en-GB", { ...clock, timeZone: "UTC" }),
      dateWriter("en-GB", { ...clock, timeZone: "Pacific/Auckland" }),
      dateWriter("en-US", { ...clock, timeZone: "UTC" }),
      dateWriter("en-GB", { ...clock, timeZone: "UTC", second: "2-digit" }),
    ].map((writer) => writer.format(noon));
    expect(written).toEqual(["12:00", "01:00", "12:00 PM", "12:00:00"]);
    const numbers = [numberWriter("en-GB", {}), numberWriter("de-DE", {})].map((writer) =>
      writer.format(1.5),
    );
    expect(numbers).toEqual(["1.5", "1,5"]);
  });

  it("does not know a zone that is none, however often it is asked", () => {
    for (const _ of [1, 2])
      expect(() => dateWriter("en-GB", { timeZone: "Middle/Earth" })).toThrow(RangeError);
  });
});
