import { describe, expect, it } from "@jest/globals";
import { aFormula, aLine, factsOf } from "../../test/kitchen.ts";
import { referenceCatalogue } from "../catalogue/reference.ts";
import { dressingFormula, dressingLines } from "./dressing-recipe.ts";
import { stepOf, type Formula } from "./formula.ts";
import { keepingOf } from "./kind-of-dish.ts";
import { subRecipeLimits, withSubRecipes } from "./sub-recipes.ts";

describe("recipes in recipes", () => {
  const dressing = aFormula([aLine("oil", 75, "olive-oil"), aLine("acid", 25, "cider-vinegar")], {
    id: "dressing",
    kind: "dressing",
    name: "House dressing",
    steps: [stepOf("Shake.")],
    cautions: ["garlic-in-oil"],
  });
  const salad = aFormula(
    [aLine("base", 200, "chard"), aLine("dress", 40, "chard", { fillers: [], recipe: "dressing" })],
    {
      id: "salad",
      steps: [stepOf("Toss.")],
    },
  );
  const known = (formulas: readonly Formula[]) => ({
    find: (id: string) => formulas.find((f) => f.id === id),
    catalogue: referenceCatalogue,
  });

  it("puts the lines of the other in place, in proportion, with its steps first and its cautions", () => {
    const whole = withSubRecipes(salad, known([dressing]));
    expect(whole.ok && whole.value.lines.map((l) => [l.id, l.grams])).toEqual([
      ["base", 200],
      ["dress.oil", 30],
      ["dress.acid", 10],
    ]);
    expect(whole.ok && whole.value.lines.map((l) => l.group)).toEqual([
      "",
      "House dressing",
      "House dressing",
    ]);
    const grouped = { ...salad, lines: salad.lines.map((l) => ({ ...l, group: "To finish" })) };
    const inGroup = withSubRecipes(grouped, known([dressing]));
    expect(inGroup.ok && inGroup.value.lines.map((l) => l.group)).toEqual([
      "To finish",
      "To finish",
      "To finish",
    ]);
    expect(whole.ok && whole.value.steps.map((s) => s.text)).toEqual(["Shake.", "Toss."]);
    expect(whole.ok && whole.value.cautions).toEqual(["garlic-in-oil"]);
  });

  it("refuses what leads back to itself, at any depth, and what is not there", () => {
    const line = (recipe: string) => [aLine("x", 10, "chard", { fillers: [], recipe })];
    const a = aFormula(line("b"), { id: "a" });
    const b = aFormula(line("c"), { id: "b" });
    const c = aFormula(line("a"), { id: "c" });
    expect(withSubRecipes(a, known([a, b, c]))).toMatchObject({
      ok: false,
      issue: { code: "recipe-in-itself", recipes: ["a", "b", "c", "a"] },
    });
    expect(
      withSubRecipes(aFormula(line("self"), { id: "self" }), known([aFormula(line("self"), { id: "self" })])),
    ).toMatchObject({
      issue: { code: "recipe-in-itself" },
    });
    expect(withSubRecipes(salad, known([]))).toMatchObject({
      ok: false,
      issue: { code: "recipe-unknown", recipe: "dressing" },
    });
  });

  const inside = (recipe: string, lines = 1) =>
    Array.from({ length: lines }, (_, i) => aLine(`x${i}`, 10, "chard", { fillers: [], recipe }));

  it("lie six deep at most", () => {
    const nested = (depth: number): Formula[] =>
      Array.from({ length: depth + 1 }, (_, i) =>
        i === depth ? { ...dressing, id: `r${i}` } : aFormula(inside(`r${i + 1}`), { id: `r${i}` }),
      );
    const put = (depth: number) => withSubRecipes(nested(depth)[0] ?? dressing, known(nested(depth)));
    expect(put(subRecipeLimits.depth).ok).toBe(true);
    expect(put(subRecipeLimits.depth + 1)).toMatchObject({ issue: { code: "recipes-nested-too-deep" } });
  });

  it("have 360 lines together at most, and are not put together any further", () => {
    const wide = (id: string, recipe: string) => aFormula(inside(recipe, 8), { id });
    const names = ["a", "b", "c", "d", "e"];
    const five = [...names.map((id, i) => wide(id, names[i + 1] ?? "dressing")), dressing];
    let asked = 0;
    const counted = {
      catalogue: referenceCatalogue,
      find: (id: string) => {
        asked++;
        return five.find((f) => f.id === id);
      },
    };
    // 8 ⁵ × 2 lines, if they all were put in place.
    expect(withSubRecipes(five[0] ?? dressing, counted)).toMatchObject({
      ok: false,
      issue: { code: "too-many-lines-in-all", atMost: subRecipeLimits.lines },
    });
    expect(asked).toBeLessThan(400);
  });

  it("a dressing off the bench becomes a recipe, whole or half to roast and half to finish", () => {
    const parts = [
      { facts: { id: "cider-vinegar" }, role: "acid" as const, grams: 50 },
      { facts: { id: "salt-sea-fine" }, role: "salt" as const, grams: 3 },
      { facts: { id: "olive-oil" }, role: "oil" as const, grams: 140 },
    ];
    const saved = dressingFormula("Sunday", parts, { catalogue: referenceCatalogue, halved: true });
    expect(saved.lines.map((l) => [l.role, l.grams])).toEqual([
      ["acid", 50],
      ["salt", 3],
      ["oil", 140],
    ]);
    expect(saved.lines.map((l) => l.id)).toEqual(["acid-1", "salt-2", "oil-3"]);
    expect([saved.keeping.fridge, saved.steps.length]).toEqual(["vinaigrette-plain", 3]);
    const lines = dressingLines({ ...saved, id: "sunday" }, 40, true);
    expect(lines.map((l) => [l.recipe, l.grams])).toEqual([
      ["sunday", 20],
      ["sunday", 20],
    ]);
  });

  it("dates a dressing by what is in it, never by its sharpness", () => {
    const of = (...ids: string[]) => keepingOf("dressing", ids.map(factsOf)).fridge;
    expect([
      of("olive-oil", "wine-vinegar-red"),
      of("olive-oil", "lemon-juice"),
      of("olive-oil", "lemon-juice", "garlic"),
    ]).toEqual(["vinaigrette-plain", "vinaigrette-citrus", "dressing-fresh-garlic-herbs"]);
  });
});
