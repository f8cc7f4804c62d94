import type { Allergen, Catalogue, Caution, IngredientFacts } from "../catalogue/index.ts";
import type { Formula } from "../recipes/index.ts";

type Test = (facts: IngredientFacts, eatenRaw: boolean) => boolean;

const carries =
  (...allergens: readonly Allergen[]): Test =>
  (facts) =>
    allergens.some((a) => facts.allergens.includes(a));

/** Cautions that a whole kind of ingredient brings up; what only some bring stands in their rows. */
const byKind: Readonly<Record<string, Test>> = {
  "nut-allergy": carries("nuts", "peanut"),
  sesame: carries("sesame"),
  "mustard-celery": carries("mustard", "celery"),
  sulphites: carries("sulphites"),
  "anchovy-worcestershire": carries("fish", "crustaceans"),
  "animal-rennet": (facts) => facts.diet.includes("not-vegetarian-animal-rennet"),
  "raw-flowers": (facts) => facts.category === "flower",
  "rice-and-grain": (facts) => facts.category === "grain",
  "chilli-handling": (facts) => facts.group === "chilli",
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
  const raised = Object.entries(byKind)
    .filter(([, test]) => facts.some((f) => test(f, rawIds.has(f.id))))
    .map(([trigger]) => trigger);
  const own = facts.flatMap((f) => f.cautions ?? []);
  const cooked = formula.lines.some((l) => l.cook !== null) ? ["cooling-cooked-food"] : [];
  const triggers = new Set([...formula.cautions, ...cooked, ...raised, ...own]);
  return [...triggers]
    .flatMap((trigger) => catalogue.cautions.get(trigger) ?? [])
    .sort((a, b) => severityRank[a.severity] - severityRank[b.severity]);
}
