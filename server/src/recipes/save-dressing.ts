import { dressingFormula, dressingLines } from "@apron/core/recipes";
import { conflict, notFound } from "../context/refusal.ts";
import type { UseCase } from "../context/request-context.ts";
import { keepNew, keepVersion } from "./write.ts";

/** Keeps a dressing as a recipe and, if asked, pours it into a salad as a part of it: a new version of the salad. */
export const saveDressing: UseCase<"saveDressing"> = async ({ body }, context) => {
  const unknown = body.parts.findIndex((part) => !context.catalogue.ingredients.has(part.ingredient));
  if (unknown >= 0) return notFound("ingredient-unknown", `parts.${unknown}.ingredient`);
  const parts = body.parts.map(({ ingredient, role, grams }) => ({ facts: { id: ingredient }, role, grams }));
  const formula = dressingFormula(body.name, parts, { catalogue: context.catalogue, halved: body.halved });
  const here = await context.stores.recipes.all();
  const saved = await keepNew(formula, new Set(here.map((one) => one.formula.id)), context);
  const { intoRecipe } = body;
  if (!saved.ok || !intoRecipe) return saved;
  const salad = here.find((one) => one.formula.id === intoRecipe.id);
  if (!salad) return notFound("recipe-unknown", "intoRecipe.id");
  const lines = dressingLines({ ...formula, id: saved.value.id }, intoRecipe.grams, body.halved);
  const clash = lines.find((line) => salad.formula.lines.some((own) => own.id === line.id));
  if (clash) return conflict("already-dressed");
  const dressed = await keepVersion(
    {
      id: intoRecipe.id,
      basedOn: intoRecipe.basedOn,
      formula: { ...salad.formula, lines: [...salad.formula.lines, ...lines] },
      note: `with ${formula.name}`,
    },
    context,
  );
  return dressed.ok ? saved : dressed;
};
