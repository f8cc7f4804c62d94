import { describe, expect, it } from "@jest/globals";
import { referenceCatalogue } from "../catalogue/reference.ts";
import { publishedRule } from "./published-rule.ts";

type Kept = Parameters<typeof publishedRule>[0];
const subjectOf = (kept: Kept): string | undefined => publishedRule(kept, referenceCatalogue)?.subject;

describe("the published rule of cut, cooked or opened food", () => {
  const fridge = "fridge" as const;

  it("is that of cooked beans for pulses boiled or drained, not for dry ones", () => {
    expect(subjectOf({ class: "dry-pulse", form: "boiled", place: fridge })).toBe("beans-cooked");
    expect(subjectOf({ class: "dry-pulse", form: "drained", place: fridge })).toBe("beans-cooked");
    expect(subjectOf({ class: "cooked-pulse", form: "drained", place: fridge })).toBe("beans-cooked");
    expect(subjectOf({ class: "dry-pulse", form: "whole", place: fridge })).toBeUndefined();
  });

  it("is that of roasted vegetables for whatever grew and is cooked, never for cooked meat", () => {
    expect(subjectOf({ class: "root", form: "roasted", place: fridge })).toBe("roasted-vegetables");
    expect(subjectOf({ class: "cooked-meat", form: "roasted", place: fridge })).toBeUndefined();
    expect(subjectOf({ class: "root", form: "cut", place: fridge })).toBeUndefined();
  });

  it("is written for one place and read for it wherever the food stands", () => {
    expect(subjectOf({ class: "oil", form: "whole", place: "room" })).toBe("olive-oil-open");
  });

  it("is the freezer's own there", () => {
    expect(subjectOf({ class: "nut", form: "whole", place: "freezer" })).toBe("nuts-frozen");
    expect(subjectOf({ class: "leaf", form: "cut", place: "freezer" })).toBe("blanched-vegetables-frozen");
  });
});
