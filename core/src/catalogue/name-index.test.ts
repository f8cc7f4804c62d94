import { describe, expect, it } from "@jest/globals";
import { factsOf } from "../../test/kitchen.ts";
import { findExactly, findNamed, indexNames } from "./name-index.ts";

const named = (id: string, us: string) => ({ ...factsOf("leek"), id, us, uk: us, other: [] });

describe("an index of a kitchen's own names", () => {
  it("holds no everyday name of a food that the kitchen does not have", () => {
    const index = indexNames([named("leek", "leek")]);
    expect(findExactly("parmesan shavings", index)).toBeUndefined();
    expect(findNamed("parmesan shavings", index)).toBeUndefined();
  });

  it("finds a whole name before the same words turned round", () => {
    const index = indexNames([named("garden-mint", "garden mint"), named("mint-garden", "mint garden")]);
    expect(findNamed("mint garden", index)?.ids).toEqual(["mint-garden"]);
    expect(findNamed("garden mint", index)?.ids).toEqual(["garden-mint"]);
  });

  it("takes a style for a description, but not the style of another food", () => {
    const index = indexNames([named("tofu", "tofu"), named("beef", "beef")]);
    expect(findNamed("Osaka-style tofu", index)).toEqual({ ids: ["tofu"], how: "name", leftOver: "" });
    expect(findNamed("beef-style tofu", index)?.leftOver).not.toBe("");
    expect(findNamed("tofu old style", index)?.leftOver).toBe("");
  });

  it("finds nothing in no words", () => {
    expect(findNamed("", indexNames([named("leek", "leek")]))).toBeUndefined();
  });
});
