import type { Allergen, Catalogue, Caution, FoodClass } from "../catalogue/index.ts";
import type { Formula } from "../recipes/index.ts";
import { componentsOf, hazardsOf, shareOf, type Component, type Dish, type Used } from "./hazards.ts";

type Test = (components: readonly Component[]) => boolean;

const carries =
  (...allergens: readonly Allergen[]): Test =>
  (components) =>
    components.some((one) => allergens.some((a) => one.facts.allergens.includes(a)));
const some =
  (test: (one: Component) => boolean): Test =>
  (components) =>
    components.some(test);
const isOf =
  (...classes: readonly FoodClass[]): Test =>
  (components) =>
    components.some((one) => classes.includes(one.class));
const oily: Test = (components) => shareOf(components, (one) => one.facts.category === "oil") > 0;

/** Cautions that a whole kind of ingredient brings up; what only some bring stands in their rows. */
const byKind: Readonly<Record<string, Test>> = {
  "nut-allergy": carries("nuts", "peanut"),
  sesame: carries("sesame"),
  "mustard-celery": carries("mustard", "celery"),
  sulphites: carries("sulphites"),
  "anchovy-worcestershire": carries("fish", "crustaceans"),
  "animal-rennet": some((one) => one.facts.diet.includes("not-vegetarian-animal-rennet")),
  "raw-flowers": some((one) => one.facts.category === "flower"),
  "rice-and-grain": isOf("rice", "grain"),
  "chilli-handling": some((one) => one.facts.group === "chilli"),
  "cut-leafy-greens": some((one) => one.facts.category === "leaf" && !one.cooked),
  "cooling-cooked-food": some((one) => one.cooked),
};

/** Where a caution that a recipe, its kind or its ingredients name can be true at all; others can be true anywhere. */
const canBeTrue: Readonly<Record<string, Test>> = {
  ...byKind,
  "garlic-in-oil": (components) => oily(components) && isOf("garlic")(components),
  "herbs-in-oil": oily,
  "blender-hot-food": some((one) => one.cooked),
  "raw-egg": some((one) => !one.cooked && ["egg", "separated-egg"].includes(one.class)),
  sprouts: some((one) => !one.cooked && one.class === "sprout"),
  nettle: some((one) => one.facts.cautions?.includes("nettle") ?? false),
  "washing-leaves": isOf("leaf", "soft-herb"),
  "round-vegetable-cutting": isOf("vegetable", "root"),
};

/** Food that stands outside the fridge so long ferments, minutes. Common practice, no source. */
const fermentsMin = 1440;

/** Is some of it left raw, outside the fridge, for so long that it ferments? */
const ferments = ({ steps }: Pick<Formula, "steps">, components: readonly Component[]): boolean =>
  steps.some(({ tool, wait }) => tool === null && (wait?.leastMin ?? 0) >= fermentsMin) &&
  components.some(
    (one) =>
      !one.cooked && ["brassica", "root", "leaf", "fruit-vegetable", "allium"].includes(one.facts.category),
  );

const severityRank = { stop: 0, warn: 1, info: 2 } as const;

/**
 * Every caution a dish calls for, the gravest first: those that what is in it brings, those that bind its date, and
 * those its formula names – each only where it can be true of this food, and once. Each ends at the local authority's
 * guidance.
 */
export function cautionsFor(
  dish: Dish & Pick<Formula, "cautions" | "steps">,
  used: readonly Used[],
  catalogue: Catalogue,
): Caution[] {
  const components = componentsOf(dish, used, catalogue);
  const triggers = new Set([
    ...dish.cautions,
    ...hazardsOf(dish, used, catalogue).flatMap((hazard) => hazard.caution ?? []),
    ...Object.keys(byKind).filter((trigger) => byKind[trigger]?.(components)),
    ...components.flatMap((one) => one.facts.cautions ?? []),
    ...(ferments(dish, components) ? ["fermenting-salt"] : []),
  ]);
  // Garlic in oil says all that herbs in oil does, and more.
  if (triggers.has("garlic-in-oil") && canBeTrue["garlic-in-oil"]?.(components))
    triggers.delete("herbs-in-oil");
  return [...triggers]
    .filter((trigger) => canBeTrue[trigger]?.(components) ?? true)
    .flatMap((trigger) => catalogue.cautions.get(trigger) ?? [])
    .sort((a, b) => severityRank[a.severity] - severityRank[b.severity]);
}
