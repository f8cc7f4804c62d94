import { dressingRates, type DressingRate } from "../dressing/index.ts";
import { writtenFiller, type DishKind, type Formula } from "../recipes/index.ts";
import type { Catalogue } from "../catalogue/index.ts";

const groupOfKind: Readonly<Partial<Record<DishKind, string>>> = {
  slaw: "slaw",
  "grain-salad": "grain-salad",
  "cooked-salad": "roasted-vegetables",
  "composed-plate": "chopped-salad",
  "chopped-salad": "chopped-salad",
  "cooked-vegetables": "roasted-vegetables",
};

const groupOfLeaf: Readonly<Record<string, string>> = {
  "mild-leaf": "tender-leaves",
  "peppery-leaf": "peppery-leaves",
  "bitter-leaf": "crisp-leaves",
  "hearty-leaf": "hearty-leaves",
  "hearty-green": "hearty-leaves",
};

/**
 * How much dressing a dish of this kind takes, and when; a leaf salad goes by its heaviest leaf. Undefined of what is
 * not dressed (a pesto, a dip, a dressing itself).
 */
export function rateFor(formula: Formula, catalogue: Catalogue): DressingRate | undefined {
  const heaviest = [...formula.lines]
    .filter((line) => line.role === "base")
    .sort((a, b) => b.grams - a.grams)[0];
  const facts = heaviest && catalogue.ingredients.get(writtenFiller(heaviest)?.ingredient ?? "");
  const beans =
    (formula.kind === "cooked-salad" || formula.kind === "chopped-salad") && facts?.category === "legume";
  const leaf =
    formula.kind === "leaf-salad" ? (groupOfLeaf[facts?.group ?? ""] ?? "tender-leaves") : undefined;
  const group = beans ? "pulse-salad" : (leaf ?? groupOfKind[formula.kind]);
  return dressingRates.find((rate) => rate.group === group);
}
