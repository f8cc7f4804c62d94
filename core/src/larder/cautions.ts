import type { Catalogue, Caution, IngredientFacts } from "../catalogue/index.ts";
import type { Formula } from "../recipes/index.ts";

type Test = (facts: IngredientFacts, eatenRaw: boolean) => boolean;

const has =
  (...ids: readonly string[]): Test =>
  (facts) =>
    ids.includes(facts.id);
const carries =
  (...allergens: readonly string[]): Test =>
  (facts) =>
    allergens.some((a) => facts.allergens.includes(a));

/** Which ingredient brings up which caution of the table. */
const byIngredient: Readonly<Record<string, Test>> = {
  "nut-allergy": carries("nuts", "peanut"),
  "pine-nut-listing": has("pine-nut"),
  sesame: carries("sesame"),
  "mustard-celery": carries("mustard", "celery"),
  sulphites: carries("sulphites"),
  "anchovy-worcestershire": carries("fish", "crustaceans"),
  "animal-rennet": (facts) => facts.diet.includes("not-vegetarian-animal-rennet"),
  "raw-flowers": (facts) => facts.category === "flower",
  oxalate: has("sorrel", "spinach", "chard", "beet-greens"),
  "vitamin-k-warfarin": has("kale", "lacinato-kale", "parsley", "spinach", "chard", "basil"),
  "raw-runner-beans": has("runner-bean", "green-bean"),
  "raw-kidney-beans": has("kidney-bean-dry"),
  favism: has("broad-bean"),
  "bitter-squash": (facts) => /squash|zucchini|cucumber|pumpkin/.test(facts.id),
  "borage-comfrey": has("borage-flower"),
  "honey-infants": has("honey"),
  "raw-egg": has("egg-yolk"),
  sprouts: has("alfalfa-sprouts"),
  "rice-and-grain": (facts) => facts.category === "grain",
  "chilli-handling": (facts) => facts.group === "chilli",
  nettle: has("stinging-nettle"),
  "cut-leafy-greens": (facts, eatenRaw) => eatenRaw && facts.category === "leaf",
};

const severityRank = { stop: 0, warn: 1, info: 2 } as const;

/**
 * Every caution a dish calls for, the gravest first: those its ingredients bring, those its formula names, and
 * the cooling rule wherever something is cooked. Each ends at the local authority's guidance.
 */
export function cautionsFor(formula: Formula, used: readonly string[], catalogue: Catalogue): Caution[] {
  const rawIds = new Set(
    formula.lines.filter((l) => l.eatenRaw).flatMap((l) => l.fillers.map((f) => f.ingredient)),
  );
  const facts = used.flatMap((id) => catalogue.ingredients.get(id) ?? []);
  const raised = Object.entries(byIngredient)
    .filter(([, test]) => facts.some((f) => test(f, rawIds.has(f.id))))
    .map(([trigger]) => trigger);
  const cooked = formula.lines.some((l) => l.cook !== null) ? ["cooling-cooked-food"] : [];
  const triggers = new Set([...formula.cautions, ...cooked, ...raised]);
  return [...triggers]
    .flatMap((trigger) => catalogue.cautions.get(trigger) ?? [])
    .sort((a, b) => severityRank[a.severity] - severityRank[b.severity]);
}
