import type { Caution, Recipe } from "@apron/contract";
import { keepingRule, nameOf, provenance } from "@apron/core/catalogue";
import { cautionsFor, placesFor } from "@apron/core/larder";
import { accept } from "@apron/core/measure";
import { allergensOf, type Formula } from "@apron/core/recipes";
import { notFound } from "../http/refusal.ts";
import type { Kit, UseCase, UseCases } from "../kit.ts";

/** The first filler of each line: the dish as it is written. */
const writtenFillers = (formula: Formula): string[] =>
  formula.lines.flatMap((l) => l.fillers[0]?.ingredient ?? []);

/** Cautions as they travel, each with the source the figure came from. */
export const presentCautions = (
  formula: Formula,
  used: readonly string[],
  kit: Pick<Kit, "catalogue">,
): Caution[] =>
  cautionsFor(formula, used, kit.catalogue).map((c) => ({
    trigger: c.trigger,
    severity: c.severity,
    text: c.text,
    source: provenance(c),
  }));

const listRecipes: UseCase<"listRecipes"> = async (_input, kit) => {
  const recipes = await kit.stores.recipes.all();
  return accept(
    recipes.map(({ formula, version }) => ({
      id: formula.id,
      name: formula.name,
      kind: formula.kind,
      servings: formula.servings,
      minutes: formula.minutes,
      version,
      allergens: allergensOf(writtenFillers(formula), kit.catalogue),
    })),
  );
};

const keepsOf = (formula: Formula, kit: Kit): Recipe["keeps"] =>
  placesFor(formula.keeping).flatMap((place) => {
    const rule = keepingRule(kit.catalogue, formula.keeping[place] ?? "", place);
    return rule ? [{ place, days: rule.cautiousDays, reason: rule.name, source: provenance(rule) }] : [];
  });

const getRecipe: UseCase<"getRecipe"> = async ({ params }, kit) => {
  const found = await kit.stores.recipes.get(params.id);
  if (!found) return notFound("recipe-unknown");
  const { formula, version } = found;
  const all = formula.lines.flatMap((l) => l.fillers.map((f) => f.ingredient));
  const names = all.flatMap((id) => {
    const facts = kit.catalogue.ingredients.get(id);
    return facts ? [[id, nameOf(facts, kit.asker.kitchen.dialect)] as const] : [];
  });
  const written = writtenFillers(formula);
  return accept({
    formula,
    version,
    names: Object.fromEntries(names),
    allergens: allergensOf(written, kit.catalogue),
    cautions: presentCautions(formula, written, kit),
    keeps: keepsOf(formula, kit),
  });
};

export const recipeUseCases = { listRecipes, getRecipe } satisfies UseCases<"listRecipes" | "getRecipe">;
