import type { IngredientDetail, IngredientFacts as Sent, IngredientSummary } from "@apron/contract";
import { foragingCautions, mayBeForaged, defaultPlace } from "@apron/core/basket";
import { needsNoTrimming } from "@apron/core/forms";
import { provenance, type Catalogue, type IngredientFacts } from "@apron/core/catalogue";
import type { OwnFigure } from "@apron/core/catalogue";

export const summaryOf = (facts: IngredientFacts): IngredientSummary => ({
  id: facts.id,
  us: facts.us,
  uk: facts.uk,
  other: facts.other,
  category: facts.category,
  raw: facts.raw,
  rawNote: facts.rawNote,
  bestPlace: defaultPlace(facts),
  needsTrimming: !needsNoTrimming(facts),
  mayBeForaged: mayBeForaged(facts),
});

/** Everything known of an ingredient, each figure with its source and confidence. */
export const factsSent = (facts: IngredientFacts): Sent => ({
  ...summaryOf(facts),
  strength: facts.strength,
  allergens: facts.allergens,
  diet: facts.diet,
  tcsWhen: facts.tcsWhen,
  group: facts.group,
  traits: facts.traits ?? [],
  notes: facts.notes,
  measures: facts.measures,
  trims: facts.trims,
  changes: facts.changes,
  composition: facts.composition ?? null,
  season: facts.season ?? null,
  source: facts.source,
  confidence: facts.confidence,
  basis: facts.basis,
});

/** An ingredient as this kitchen sees it, with its own figures apart and the handbook's still to be seen. */
export function detailOf(
  facts: IngredientFacts,
  from: { readonly reference: Catalogue; readonly figures: readonly OwnFigure[] },
): IngredientDetail {
  const book = from.reference.ingredients.get(facts.id);
  const cautionsOf = (triggers: readonly string[]) =>
    triggers
      .flatMap((trigger) => from.reference.cautions.get(trigger) ?? [])
      .map((c) => ({ trigger: c.trigger, severity: c.severity, text: c.text, source: provenance(c) }));
  return {
    ...factsSent(facts),
    storage: facts.season?.advice ?? null,
    cautions: cautionsOf([facts.id]),
    foraging: mayBeForaged(facts) ? cautionsOf(foragingCautions(facts)) : [],
    own: from.figures.filter((f) => f.ingredient === facts.id),
    handbook: book
      ? {
          strength: book.strength,
          measures: book.measures,
          trims: book.trims,
          changes: book.changes,
          composition: book.composition ?? null,
          season: book.season ?? null,
        }
      : null,
  };
}
