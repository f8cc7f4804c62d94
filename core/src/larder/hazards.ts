import { hasTrait, type Catalogue, type FoodClass, type IngredientFacts } from "../catalogue/index.ts";
import { formAfter, isCooked } from "../forms/index.ts";
import { foodClassOf } from "../keeping/index.ts";
import { writtenFiller, type Formula } from "../recipes/index.ts";
import {
  componentHazards,
  freshDressing,
  garlicInSweet,
  leftOverPart,
  unboiledBeans,
  underOil,
  unprovenPickle,
  type Hazard,
} from "./tables/hazards.ts";

/** What goes into a dish: an ingredient's grams in one of its lines. */
export type Used = { readonly lineId: string; readonly ingredient: string; readonly grams: number };

/** As much of a formula as its hazards hang on. */
export type Dish = Pick<Formula, "lines" | "kind" | "keeping">;

/** A dish as it is written: the first filler of each line. */
export const writtenUse = (dish: Pick<Formula, "lines">): Used[] =>
  dish.lines.flatMap((line) => {
    const written = writtenFiller(line);
    return written ? [{ lineId: line.id, ingredient: written.ingredient, grams: line.grams }] : [];
  });

/** A limit that something in a dish sets, whatever the dish is called: whole days in the fridge after making. */
export type DishHazard = Pick<Hazard, "id" | "name" | "days" | "caution" | "source">;

/** What one part of a dish is, and whether it is heated through on its way into it. */
export type Component = {
  readonly facts: IngredientFacts;
  readonly class: FoodClass;
  readonly grams: number;
  readonly cooked: boolean;
};

/** The parts of a dish that the catalogue knows. */
export function componentsOf(formula: Dish, used: readonly Used[], catalogue: Catalogue): Component[] {
  return used.flatMap(({ lineId, ingredient, grams }) => {
    const facts = catalogue.ingredients.get(ingredient);
    const line = formula.lines.find((l) => l.id === lineId);
    if (!facts) return [];
    // What stands in no line is not known to have been cooked.
    const cooked = [line?.cook, line?.trim].some((how) => how != null && isCooked(formAfter(how)));
    return [{ facts, grams, cooked, class: foodClassOf(facts) }];
  });
}

const holds = ({ classes, when }: Hazard, component: Component): boolean =>
  classes.includes(component.class) && (when === "any" || (when === "cooked") === component.cooked);

/** The share of a dish's weight that some of its parts have, 0–1; 0 of an empty dish. */
export const shareOf = (components: readonly Component[], which: (one: Component) => boolean): number => {
  const total = components.reduce((grams, one) => grams + one.grams, 0);
  return total > 0 ? components.filter(which).reduce((grams, one) => grams + one.grams, 0) / total : 0;
};

/** From this share of its weight on, what is in oil or honey may lie under it. A judgement, no source. */
const mostlyShare = 0.3;

const lowAcidUnderOil: readonly FoodClass[] = [
  ...([
    "garlic",
    "bulb",
    "soft-herb",
    "woody-herb",
    "leaf",
    "vegetable",
    "root",
    "tomato",
    "flower",
  ] as const),
  ...(["ginger", "frozen-vegetable", "sprout", "fresh-cheese", "blue-cheese"] as const),
];

const isOil = (one: Component): boolean => one.facts.category === "oil";
const isSweet = (one: Component): boolean => one.facts.category === "sweet";
const isGarlic = (one: Component): boolean => one.class === "garlic";

function oilHazards(components: readonly Component[]): DishHazard[] {
  const low = components.filter((one) => lowAcidUnderOil.includes(one.class));
  const oil = low.length > 0 && shareOf(components, isOil) >= mostlyShare;
  const garlic = components.some(isGarlic);
  return [
    ...(oil ? [{ ...underOil, caution: garlic ? "garlic-in-oil" : "herbs-in-oil" }] : []),
    ...(garlic && shareOf(components, isSweet) >= mostlyShare ? [garlicInSweet] : []),
  ];
}

/** What may be in a dressing that keeps for weeks: nothing fresh. */
const stable: readonly FoodClass[] = [
  ...(["oil", "nut-oil", "vinegar", "salt", "sauce", "sugar-or-honey", "syrup", "dry-goods"] as const),
  ...(["dried-herb-or-spice", "jam", "wine", "miso"] as const),
];

/** Subjects of the keeping table that only a plain dressing may claim, and those that only a proven pickle may. */
const plainDressings = ["vinaigrette-plain"];
const pickles = ["quick-pickles", "pickled-onions-quick", "garlic-vinegar", "flavoured-vinegar-fridge"];

/** Acetic acid, g per 100 g, from which a vinegar is full strength: 5 g per 100 ml. */
const fullStrengthG = 4.9;

const isFullVinegar = ({ facts }: Component): boolean =>
  hasTrait(facts, "vinegar") &&
  facts.composition?.acidAs === "acetic" &&
  (facts.composition.titratableAcidG ?? 0) >= fullStrengthG;

const liquids: readonly FoodClass[] = [
  "vinegar",
  "citrus-juice",
  "bottled-citrus-juice",
  "fruit-juice",
  "wine",
  "stock",
];
const isLiquid = (one: Component): boolean => liquids.includes(one.class) || one.facts.group === "water";

/** Is vinegar of full strength at least half of the liquid, by weight? Without any liquid it is no pickle at all. */
const isProvenPickle = (components: readonly Component[]): boolean =>
  shareOf(components.filter(isLiquid), isFullVinegar) >= 0.5;

function classHazards(formula: Dish, components: readonly Component[]): DishHazard[] {
  const subject = formula.keeping.fridge ?? "";
  const fresh = components.some((one) => !stable.includes(one.class));
  return [
    ...(fresh && (formula.kind === "dressing" || plainDressings.includes(subject)) ? [freshDressing] : []),
    ...(pickles.includes(subject) && !isProvenPickle(components) ? [unprovenPickle] : []),
  ];
}

const isUnboiledBean = ({ facts, cooked }: Component): boolean =>
  !cooked && hasTrait(facts, "dry-pulse") && (facts.cautions?.includes("raw-kidney-beans") ?? false);

/**
 * Everything in a dish that limits how long it keeps, the shortest first: what is in it decides, never its name. Empty
 * where nothing perishable is in it.
 */
export function hazardsOf(formula: Dish, used: readonly Used[], catalogue: Catalogue): DishHazard[] {
  const components = componentsOf(formula, used, catalogue);
  return [
    ...componentHazards.filter((hazard) => components.some((one) => holds(hazard, one))),
    ...oilHazards(components),
    ...classHazards(formula, components),
    ...(components.some(isUnboiledBean) ? [unboiledBeans] : []),
  ].sort((a, b) => a.days - b.days);
}

/** What limits a part that is kept by itself: what is in it, and that no table knows it by a name of its own. */
export const hazardsOfPart = (part: Dish, used: readonly Used[], catalogue: Catalogue): DishHazard[] =>
  [...hazardsOf(part, used, catalogue), leftOverPart].sort((a, b) => a.days - b.days);
