import { describe, expect, it } from "@jest/globals";
import { aFormula, aLine } from "../../test/kitchen.ts";
import { referenceCatalogue } from "../catalogue/reference.ts";
import { noChanges, withTonightsChanges, type TonightsChanges } from "./changes-tonight.ts";
import { allergensOf } from "./allergens.ts";
import { writtenIngredients } from "./formula.ts";

const pesto = aFormula(
  [
    aLine("leaf", 100, "basil", { role: "green" }),
    aLine("nut", 30, "walnut", { role: "nut" }),
    aLine("sour", 20, "lemon-juice", { role: "acid" }),
  ],
  { kind: "pesto" },
);
const kitchen = { catalogue: referenceCatalogue, batches: 2 };
const changed = (changes: Partial<TonightsChanges>) =>
  withTonightsChanges(pesto, { ...noChanges, ...changes }, kitchen);

describe("a dish as it is made this once", () => {
  it("is the recipe where nothing is changed", () => {
    expect(changed({})).toEqual({ ok: true, value: pesto });
  });

  it("takes a substitute in the amount that does its work, and its allergens", () => {
    const swap = changed({ swaps: [{ lineId: "sour", ingredient: "wine-vinegar-white" }] });
    if (!swap.ok) throw new Error(swap.issue.code);
    const sour = swap.value.lines.find((line) => line.id === "sour");
    // A wine vinegar is sharper than lemon juice, gram for gram: less of it.
    expect(sour?.grams).toBeLessThan(20);
    expect(sour?.fillers.map((one) => one.ingredient)).toEqual(["wine-vinegar-white"]);
    const seeds = changed({ swaps: [{ lineId: "nut", ingredient: "sunflower-seed" }] });
    if (!seeds.ok) throw new Error(seeds.issue.code);
    expect(allergensOf(writtenIngredients(pesto), referenceCatalogue)).toContain("nuts");
    expect(allergensOf(writtenIngredients(seeds.value), referenceCatalogue)).not.toContain("nuts");
  });

  it("is joined by what the recipe never had, by the batch, and leaves out what is not wanted", () => {
    const joined = { id: "joined-1", ingredient: "feta", grams: 80, isCooked: false };
    const dish = changed({ joined: [joined], leftOut: ["nut"] });
    if (!dish.ok) throw new Error(dish.issue.code);
    expect(dish.value.lines.map((line) => [line.id, line.grams])).toEqual([
      ["leaf", 100],
      ["sour", 20],
      ["joined-1", 40],
    ]);
    expect(allergensOf(writtenIngredients(dish.value), referenceCatalogue)).toContain("milk");
  });

  it.each([
    [{ swaps: [{ lineId: "gone", ingredient: "walnut" }] }, "line-unknown"],
    [{ leftOut: ["gone"] }, "line-unknown"],
    [{ swaps: [{ lineId: "nut", ingredient: "moonleaf" }] }, "ingredient-unknown"],
    [{ joined: [{ id: "j", ingredient: "moonleaf", grams: 1, isCooked: false }] }, "ingredient-unknown"],
    [{ swaps: [{ lineId: "leaf", ingredient: "eggplant" }] }, "never-raw"],
    [{ joined: [{ id: "j", ingredient: "eggplant", grams: 90, isCooked: false }] }, "never-raw"],
    [{ leftOut: ["leaf", "nut", "sour"] }, "nothing-left"],
    [
      { joined: [1, 2].map((grams) => ({ id: "j", ingredient: "feta", grams, isCooked: false })) },
      "listed-twice",
    ],
    [{ joined: [{ id: "leaf", ingredient: "feta", grams: 1, isCooked: false }] }, "listed-twice"],
    [{ swaps: ["walnut", "pine-nut"].map((ingredient) => ({ lineId: "nut", ingredient })) }, "listed-twice"],
  ])("refuses %j", (changes, code) => {
    expect(changed(changes)).toMatchObject({ ok: false, issue: { code } });
  });

  it("takes what is never eaten raw once it is cooked", () => {
    expect(
      changed({ joined: [{ id: "j", ingredient: "eggplant", grams: 90, isCooked: true }] }),
    ).toMatchObject({ ok: true });
  });
});
