import { describe, expect, it } from "@jest/globals";
import { foodClasses, type Place } from "../catalogue/index.ts";
import { foodForms } from "../forms/index.ts";
import { classLimit, comesSealed, isByStorageTable, isLowAcidPack, type Kept } from "./class-limit.ts";
import { classLimits, type ClassLimit } from "./tables/class-limits.ts";

const places: readonly Place[] = ["fridge", "freezer", "room", "cupboard"];
const everyKept: readonly Kept[] = foodClasses.flatMap((one) =>
  foodForms.flatMap((form) =>
    (["sealed", "opened"] as const).flatMap((pack) =>
      places.map((place) => ({ class: one, form, pack, place })),
    ),
  ),
);
const rowsFor = (kept: Kept): ClassLimit[] =>
  classLimits.filter(
    (row) =>
      row.classes.includes(kept.class) &&
      row.forms.includes(kept.form) &&
      row.packs.includes(kept.pack) &&
      row.places.includes(kept.place),
  );

describe("how long food of a class keeps", () => {
  it("is the shortest of the rows that cover it, the first of them where two are as short", () => {
    const overlapping = everyKept.filter((kept) => rowsFor(kept).length > 1);
    expect(overlapping.length).toBeGreaterThan(0);
    for (const kept of overlapping) {
      const rows = rowsFor(kept);
      const least = Math.min(...rows.map((row) => row.days));
      expect(classLimit(kept)).toBe(rows.find((row) => row.days === least));
    }
  });

  it("is the one row's where only one covers it", () => {
    for (const kept of everyKept.filter((one) => rowsFor(one).length === 1))
      expect(classLimit(kept)).toBe(rowsFor(kept)[0]);
  });

  it("is the shortest of all where no row covers it", () => {
    const uncovered = everyKept.filter((kept) => rowsFor(kept).length === 0);
    expect(uncovered.length).toBeGreaterThan(0);
    const days: Readonly<Record<Place, number>> = { fridge: 1, freezer: 90, room: 0, cupboard: 0 };
    for (const kept of uncovered) expect(classLimit(kept).days).toBe(days[kept.place]);
  });
});

describe("packs", () => {
  it("come sealed where a row speaks of sealed packs alone", () => {
    expect((["cooked-pulse", "tinned-tomato"] as const).map(comesSealed)).toEqual([true, true]);
    expect((["leaf", "cooked-meat", "unknown"] as const).map(comesSealed)).toEqual([false, false, false]);
  });

  it("low in acid are those in which botulism can grow", () => {
    expect(foodClasses.filter(isLowAcidPack)).toEqual(
      expect.arrayContaining(["cooked-pulse", "stock", "tinned-fish", "in-oil"]),
    );
    expect((["tinned-tomato", "vinegar", "jam"] as const).some(isLowAcidPack)).toBe(false);
  });
});

describe("the storage table of the plant itself", () => {
  const kept = (one: Partial<Kept>): Kept => ({
    ...{ class: "root", form: "whole", pack: "opened", place: "fridge" },
    ...one,
  });

  it("speaks of whole produce, never of cut food or of what is not produce", () => {
    expect(isByStorageTable(kept({}))).toBe(true);
    expect(isByStorageTable(kept({ form: "cut" }))).toBe(false);
    expect(isByStorageTable(kept({ class: "cooked-meat" }))).toBe(false);
  });

  it("speaks of a whole lemon, the juice rule of its juice", () => {
    const citrus = (form: Kept["form"]) => classLimit(kept({ class: "citrus", form }));
    expect([citrus("juice").days, citrus("whole").name]).toEqual([3, "whole and uncut"]);
    expect([citrus("zest").name, citrus("cut").name]).toEqual(["citrus zest", "cut fruit"]);
  });
});
