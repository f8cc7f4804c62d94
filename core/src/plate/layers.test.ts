import { describe, expect, it } from "@jest/globals";
import { aFormula, aLine } from "../../test/kitchen.ts";
import { referenceCatalogue } from "../catalogue/reference.ts";
import { stepOf, type Formula } from "../recipes/index.ts";
import { layersOf } from "./layers.ts";
import { seasonedParts } from "./seasoned-parts.ts";

const shown = (formula: Formula) =>
  layersOf(formula, referenceCatalogue).map(
    ({ lineIds, name, isLast, isGuess }) =>
      `${name || lineIds.join("+")}${isLast ? " last" : ""}${isGuess ? "?" : ""}`,
  );

describe("the layers of a plate", () => {
  it("keep a part together, and go as the steps do", () => {
    const plate = aFormula(
      [
        aLine("beet", 400, "beet", { role: "base" }),
        aLine("yog", 120, "yogurt-greek", { role: "creamy", group: "For the cream" }),
        aLine("must", 8, "mustard-dijon", { role: "salty", group: "For the cream" }),
        aLine("lem", 10, "lemon-juice", { role: "acid", group: "For the cream" }),
        aLine("nut", 30, "walnut", { role: "nut" }),
      ],
      {
        kind: "composed-plate",
        steps: [
          stepOf("Whisk the cream."),
          stepOf("Lay the beets on the plates, spoon the cream over them, scatter with walnuts."),
        ],
      },
    );
    // By the role of each line the cream was torn into yogurt under, mustard over and lemon among the dressing.
    expect(shown(plate)).toEqual(["beet", "For the cream", "nut"]);
    const kept = { ...plate, layers: ["part:For the cream", "nut", "gone"] };
    expect(shown(kept)).toEqual(["For the cream", "nut", "beet"]);
  });

  const salad = (steps: string[], kind: Formula["kind"] = "leaf-salad"): Formula =>
    aFormula(
      [
        aLine("leaf", 180, "lettuce-butterhead", { role: "base" }),
        aLine("seed", 20, "sunflower-seed", { role: "crunch" }),
        aLine("oil", 20, "olive-oil", { role: "oil" }),
        aLine("sour", 8, "wine-vinegar-white", { role: "acid" }),
        aLine("flower", 8, "nasturtium-flower", { role: "bright" }),
        aLine("chive", 5, "chive", { role: "green", preparation: "snipped, on top" }),
      ],
      { kind, steps: steps.map((text) => stepOf(text)) },
    );

  it("are one where things are tossed, with what was whisked for it; what goes on last does", () => {
    expect(shown(salad(["Whisk oil and vinegar.", "Toss the leaves with it."]))).toEqual([
      "leaf+oil+sour",
      "seed?",
      "flower+chive last",
    ]);
  });

  it("are guessed by role where no step says anything, and marked", () => {
    expect(shown(salad([]))).toEqual(["leaf?", "oil+sour?", "seed?", "flower+chive last"]);
  });

  it("are one of what is one mixture anyway", () => {
    expect(shown(salad(["Blitz."], "herb-sauce"))).toEqual(["leaf+seed+oil+sour", "flower+chive last"]);
  });

  it("hold every line exactly once, whatever the steps say", () => {
    for (const steps of [
      [],
      ["Toss."],
      ["Fry the leaves.", "Scatter seeds."],
      ["Lay out leaves, oil over."],
    ]) {
      const formula = salad(steps);
      const ids = layersOf(formula, referenceCatalogue).flatMap(({ lineIds }) => lineIds);
      expect([...ids].sort()).toEqual(formula.lines.map(({ id }) => id).sort());
    }
  });
});

describe("what is salted by itself", () => {
  const dish = aFormula([
    aLine("beet", 400, "beet"),
    aLine("yog", 120, "yogurt-greek", { group: "Cream" }),
    aLine("salt", 1, "salt-sea-fine", { group: "Cream", role: "salt" }),
    aLine("nut", 30, "walnut", { group: "Crumble" }),
  ]);

  it("is each part with salt of its own, and the rest with what has none", () => {
    const parts = seasonedParts(dish, ["", "Cream", "Cream", "Crumble"], referenceCatalogue);
    expect(parts.map(({ name, lines }) => [name, lines.map(({ id }) => id)])).toEqual([
      ["", ["beet", "nut"]],
      ["Cream", ["yog", "salt"]],
    ]);
  });

  it("is the whole where nothing is apart, or another recipe salts it", () => {
    expect(seasonedParts(dish, [], referenceCatalogue)).toMatchObject([{ name: "", lines: dish.lines }]);
  });
});
