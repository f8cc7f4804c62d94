import { describe, expect, it } from "@jest/globals";
import { factsOf } from "../../test/kitchen.ts";
import { foodParts, partOnly, partsNamed, partWanted, partYield, splitPart } from "./part-names.ts";

describe("parts by the words of the trim tables", () => {
  it.each([
    ["stems and midribs", ["stems"]],
    ["stalks and fronds", ["stems", "fronds"]],
    ["core and seeds", ["core", "seeds"]],
    ["dark tops", ["tops"]],
    ["outer leaves and core", ["outer leaves", "core"]],
    ["peel, pith and seeds", ["peel", "seeds"]],
    ["skin and cap", ["peel"]],
    ["rind and stem", ["stems", "rind"]],
    ["damaged leaves", []],
    ["trimmings", []],
  ])("%s: %j", (text, parts) => {
    expect(partsNamed(text)).toEqual(parts);
  });
});

describe("a part that a preparation asks for", () => {
  it("is read as it is written, each of them", () => {
    for (const part of foodParts) expect(partWanted(`${partOnly(part)}, sliced`)).toBe(part);
    expect(partWanted("the stems only")).toBe("stems");
  });

  it.each([
    "stems removed",
    "peel, core and dice",
    "stems and leaves",
    "leaves only",
    "sliced stems only",
    "",
  ])("%p asks for none", (preparation) => {
    expect(partWanted(preparation)).toBeUndefined();
  });
});

describe("how a part comes off", () => {
  it("by the most usual trim that gives it, as a share of what that does not leave usable", () => {
    const { trims } = factsOf("chard");
    const stripped = trims.find((one) => one.method === "strip-leaves")!;
    expect(partYield(trims, "stems")).toEqual({
      method: "strip-leaves",
      ofRest: (stripped.byProducts[0]?.fraction ?? 0) / (1 - stripped.mean),
    });
    expect(partYield(trims, "cob")).toBeUndefined();
    expect(partYield([], "stems")).toBeUndefined();
  });

  it("is never more than all of the rest, where the table's shares overrun it", () => {
    const byProducts = [
      { part: "stems", fraction: 0.3, use: "stock" },
      { part: "core", fraction: 0.3, use: "stock" },
    ];
    expect(partYield([{ method: "m", mean: 0.6, byProducts }], "core")?.ofRest).toBeCloseTo(0.5, 9);
    expect(partYield([{ method: "m", mean: 0.2, byProducts }], "core")?.ofRest).toBeCloseTo(0.375, 9);
  });
});

describe("a food and a part of it", () => {
  it.each([
    ["cauliflower core", "cauliflower", "core"],
    ["thick kale stems", "thick kale", "stems"],
    ["outer leaves of a savoy cabbage", "savoy cabbage", "outer leaves"],
    ["stalks from the parsley", "parsley", "stems"],
  ])("%s is %s, %s", (name, food, part) => {
    expect(splitPart(name)).toEqual({ food, part });
  });

  it.each(["carrots with tops", "leaves and stems", "stems", "chard", "skin on potatoes"])(
    "%p is not",
    (name) => {
      expect(splitPart(name)).toBeUndefined();
    },
  );
});
