import { describe, expect, it } from "@jest/globals";
import { factsOf } from "../../test/kitchen.ts";
import { ingredientAfter, madeFrom } from "../catalogue/index.ts";
import { referenceCatalogue as catalogue } from "../catalogue/reference.ts";
import { wantedForm, lineOf, fillerOf, type Line } from "../recipes/index.ts";
import { askedForAs, fitOf, type Fit, type FoodOnHand } from "./fit.ts";
import { foodForms, formAfter } from "./food-form.ts";
import { formWords, methodWords, nameOnceCooked, toDoWords, trimWords } from "./form-words.ts";

const yieldsOf = (id: string): Record<string, number> =>
  Object.fromEntries(factsOf(id).trims.map((trim) => [trim.method, trim.mean]));
/** "lemon": whole; "lemon squeeze": after that method. */
const food = (text: string): FoodOnHand => {
  const [ingredient = "", method = null] = text.split(" ");
  return method === null
    ? { ingredient, form: "whole", method: null, yields: yieldsOf(ingredient) }
    : { ingredient, form: formAfter(method), method, yields: {} };
};
const fit = (lot: string, ingredient: string, line: Partial<Line> = {}): Fit | undefined => {
  const facts = factsOf(ingredient);
  const whole = lineOf({ id: "l", role: "body", grams: 100, fillers: [fillerOf(ingredient)] }, line);
  return fitOf(food(lot), wantedForm(whole, facts));
};

describe("what goes into a line, and how", () => {
  it.each([
    ["lemon", "lemon-juice", {}, 1 / 0.43, "squeeze"],
    ["lemon squeeze", "lemon-juice", {}, 1, null],
    ["lemon-juice", "lemon-juice", {}, 1, null],
    ["lemon-juice squeeze", "lemon-juice", {}, 1, null],
    ["lemon", "lemon", { trim: "zest" }, 1 / 0.05, "zest"],
    ["lemon zest", "lemon", { trim: "zest" }, 1, null],
    ["eggplant", "eggplant", { trim: "char-whole-then-scoop" }, 1 / 0.5, "char-whole-then-scoop"],
    ["eggplant roast-whole-then-scoop", "eggplant", { trim: "char-whole-then-scoop" }, 1, null],
    ["eggplant peel", "eggplant", {}, 1, null],
    ["leek", "leek", {}, 1 / 0.44, "top-and-tail"],
    ["leek peel", "leek", {}, 1, null],
    ["lemon", "lemon", { preparation: "1 whole lemon" }, 1, null],
    ["rice-white boil", "rice-white", { cook: null }, undefined, null],
    ["feta", "feta", {}, 1, null],
    ["feta drain-can", "feta", {}, 1, null],
    ["chickpea-dry boil", "chickpea", {}, 1, null],
    // A tin of tomatoes goes in with its juice, unless the line says drained.
    ["tomato-tinned", "tomato-tinned", {}, 1, null],
    ["tomato-tinned", "tomato-tinned", { trim: "drain-can" }, 1 / 0.6, "drain-can"],
    ["chickpea", "chickpea", {}, 1 / 0.6, "drain-can"],
  ] as const)("%s into a line of %s %j", (lot, ingredient, line, perGram, toDo) => {
    const found = fit(lot, ingredient, line);
    if (perGram === undefined) expect(found).toBeUndefined();
    else {
      const own = lot.split(" ").length === 1 && toDo !== null ? yieldsOf(lot)[toDo] : undefined;
      expect(found?.perGram).toBeCloseTo(own === undefined ? 1 : 1 / own, 9);
      expect(found?.toDo).toBe(toDo);
    }
  });

  it.each([
    ["lemon squeeze", "lemon", { trim: "zest" }],
    ["lemon zest", "lemon-juice", {}],
    ["lemon zest", "lemon", {}],
    ["lemon-juice", "lemon", {}],
    ["eggplant peel", "eggplant", { trim: "char-whole-then-scoop" }],
    ["eggplant roast-whole-then-scoop", "eggplant", {}],
    ["eggplant roast-whole-then-scoop", "eggplant", { cook: "char-grill", eatenRaw: false }],
    ["tomato dry", "tomato", {}],
    ["chickpea-dry", "chickpea", {}],
    ["chickpea-dry soak", "chickpea", {}],
    ["chickpea", "chickpea-dry", { cook: "boil", eatenRaw: false }],
    ["lemon peel", "lemon", { preparation: "1 whole lemon" }],
    ["lime", "lemon-juice", {}],
  ] as const)("%s never goes into a line of %s %j", (lot, ingredient, line) => {
    expect(fit(lot, ingredient, line)).toBeUndefined();
  });

  it("takes what is cooked as the line would cook it, by its cooked weight", () => {
    const found = fit("beet boil", "beet", { cook: "boil", eatenRaw: false });
    const factor = factsOf("beet").changes.find((change) => change.method === "boil")?.factor ?? 0;
    expect(found).toMatchObject({ perGram: factor, toDo: null, isCooked: true });
    expect(fit("beet boil", "beet", { cook: "roast-diced", eatenRaw: false })).toBeUndefined();
    expect(fit("beet boil", "beet")).toBeUndefined();
  });

  it("back and forth gives the amount again: every food, every way of trimming it", () => {
    for (const facts of catalogue.ingredients.values())
      for (const { method, mean } of facts.trims) {
        const line = { trim: method, eatenRaw: false };
        const whole = fit(facts.id, facts.id, line);
        if (!whole || whole.toDo === null) continue;
        expect(100 * whole.perGram * mean).toBeCloseTo(100, 6);
        expect(fit(`${facts.id} ${method}`, facts.id, line)).toMatchObject({ perGram: 1, toDo: null });
      }
  });

  it("food in two forms never stands for each other where heat, juice, zest or water lies between", () => {
    const apart = ["roasted", "boiled", "juice", "zest", "dried", "soaked"] as const;
    const wantedOf = (form: (typeof foodForms)[number]) => ({
      ...{ ingredient: "lemon", method: "x", form, only: false, cook: null },
    });
    for (const form of apart)
      for (const other of foodForms.filter((one) => one !== form && one !== "whole"))
        expect(fitOf({ ...food("lemon peel"), form: other }, wantedOf(form))).toBeUndefined();
  });

  it("knows every food that another is asked for as, and each way there exists", () => {
    expect(askedForAs("lemon")).toEqual(["lemon", "lemon-juice"]);
    expect(askedForAs("kale")).toEqual(["kale"]);
    expect(ingredientAfter("lemon", "squeeze")).toBe("lemon-juice");
    expect(ingredientAfter("lemon", "zest")).toBe("lemon");
    for (const { ingredient, from, method } of madeFrom) {
      expect(catalogue.ingredients.has(ingredient)).toBe(true);
      const { trims, changes } = factsOf(from);
      if (method !== "boil") expect([...trims, ...changes].map((one) => one.method)).toContain(method);
    }
  });
});

describe("parts that come off beside what is used", () => {
  const stems = { preparation: "stems only, sliced" };
  it("come off whole food by the trim that gives them, at its share of what is not usable here", () => {
    const { mean, byProducts } = factsOf("chard").trims.find((t) => t.method === "strip-leaves")!;
    const share = byProducts[0]?.fraction ?? 0;
    expect(fit("chard", "chard", stems)?.perGram).toBeCloseTo(1 / share, 9);
    expect(fit("chard", "chard", stems)).toMatchObject({
      toDo: "strip-leaves",
      part: "stems",
      isCooked: false,
    });
    // Where more is kept as leaves, fewer stems are left.
    const line = lineOf({ id: "l", role: "body", grams: 100, fillers: [fillerOf("chard")] }, stems);
    const here = { ...food("chard"), yields: { "strip-leaves": 1 - (1 - mean) / 2 } };
    expect(fitOf(here, wantedForm(line, factsOf("chard")))?.perGram).toBeCloseTo(2 / share, 9);
    const all = { ...food("chard"), yields: { "strip-leaves": 1 } };
    expect(fitOf(all, wantedForm(line, factsOf("chard")))).toBeUndefined();
  });

  it("are taken of a by-product that is just that, and of nothing else", () => {
    const kept: FoodOnHand = { ...food("chard"), form: "cut", yields: {}, part: "thick stems" };
    const line = lineOf({ id: "l", role: "body", grams: 100, fillers: [fillerOf("chard")] }, stems);
    expect(fitOf(kept, wantedForm(line, factsOf("chard")))).toMatchObject({ perGram: 1, toDo: null });
    expect(fitOf({ ...kept, part: "roots" }, wantedForm(line, factsOf("chard")))).toBeUndefined();
    expect(fit("chard strip-leaves", "chard", stems)).toBeUndefined();
    const leaves = lineOf({ id: "l", role: "body", grams: 100, fillers: [fillerOf("chard")] });
    expect(fitOf(kept, wantedForm(leaves, factsOf("chard")))).toBeUndefined();
    // Without a yield for the trim here, nothing is known of its stems either.
    expect(fitOf({ ...food("chard"), yields: {} }, wantedForm(line, factsOf("chard")))).toBeUndefined();
  });

  it("an egg gives its yolk and its white", () => {
    expect(fit("egg", "egg-yolk")).toMatchObject({ perGram: 1 / 0.31, toDo: "separate" });
    expect(fit("egg", "egg-white")).toMatchObject({ perGram: 1 / 0.57, toDo: "separate-whites" });
    expect(fit("egg-yolk", "egg-white")).toBeUndefined();
  });

  it("what is still to be done says which part to keep", () => {
    expect(toDoWords({ toDo: "strip-leaves", part: "stems" })).toBe("strip leaves, keep the stems");
    expect(toDoWords({ toDo: "char-whole-then-scoop", part: null })).toBe("char whole, then scoop");
    expect(toDoWords({ toDo: null, part: null })).toBeNull();
    expect(trimWords("zest", ["juice"])).toBe("zest, keep the juice");
    expect(trimWords("strip-leaves", ["stems", "core"])).toBe("strip leaves, keep the stems and the core");
  });
});

it("forms and methods read as a cook would say them", () => {
  expect(methodWords("char-whole-then-scoop")).toBe("char whole, then scoop");
  expect(formWords("roasted", "roast-whole-then-scoop")).toBe("roasted (roast whole, then scoop)");
  expect(formWords("juice", "squeeze")).toBe("juice");
  expect(formWords("boiled", "boil")).toBe("boiled");
  expect(formWords("cut", "top-and-tail")).toBe("trimmed (top and tail)");
  expect(nameOnceCooked("white rice, dried")).toBe("white rice");
  expect(nameOnceCooked("dried apricots")).toBe("dried apricots");
  expect(formWords("whole", null)).toBe("whole");
});
