import type { Catalogue } from "../catalogue/index.ts";
import { dressingRates, type DressingRate } from "../dressing/index.ts";
import { writtenFiller, type DishKind, type Formula, type Line, type Role } from "../recipes/index.ts";

/** Where a line goes on the plate. */
export const layerNames = ["under", "body", "over", "dressing", "last"] as const;
export type LayerName = (typeof layerNames)[number];

export type Layer = { readonly layer: LayerName; readonly lineIds: readonly string[] };

const layerOfRole: Readonly<Record<Role, LayerName>> = {
  creamy: "under",
  base: "body",
  body: "body",
  green: "over",
  bright: "over",
  crunch: "last",
  nut: "last",
  cheese: "over",
  salty: "over",
  allium: "dressing",
  oil: "dressing",
  acid: "dressing",
  sweet: "dressing",
  salt: "dressing",
  liquid: "body",
  finish: "last",
};

/** What another recipe makes is poured or spooned over as one. */
const layerOf = (line: Line, catalogue: Catalogue): LayerName => {
  if (line.recipe !== null) return "dressing";
  const facts = catalogue.ingredients.get(writtenFiller(line)?.ingredient ?? "");
  return facts?.category === "flower" ? "last" : layerOfRole[line.role];
};

/** The layers of a plate from the bottom up; what wilts, softens or bleeds goes on last. Empty layers are left out. */
export const layersOf = (formula: Formula, catalogue: Catalogue): Layer[] =>
  layerNames
    .map((layer) => ({
      layer,
      lineIds: formula.lines.filter((line) => layerOf(line, catalogue) === layer).map((line) => line.id),
    }))
    .filter(({ lineIds }) => lineIds.length > 0);

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
