import { useBy } from "@apron/core/larder";
import { accept, daysBetween } from "@apron/core/measure";
import { dressingFormula, dressingLines, keepingOf } from "@apron/core/recipes";
import { conflict, notFound, refuseWith } from "../context/refusal.ts";
import type { UseCase } from "../context/request-context.ts";
import { keepNew, keepVersion } from "../recipes/write.ts";

/** How long what is left in the jar keeps: by what is in it, never by how sharp it is. */
export const keepDressing: UseCase<"keepDressing"> = ({ query }, kit) => {
  const ids = query.ingredients.split(",").filter(Boolean);
  const unknown = ids.find((id) => !kit.catalogue.ingredients.has(id));
  if (unknown !== undefined) return Promise.resolve(notFound("ingredient-unknown", "ingredients"));
  const facts = ids.flatMap((id) => kit.catalogue.ingredients.get(id) ?? []);
  const dish = {
    madeOn: kit.today,
    place: "fridge" as const,
    keeping: keepingOf("dressing", facts),
    clocks: [],
  };
  const dated = useBy(dish, kit.catalogue);
  if (!dated.ok) return Promise.resolve(refuseWith(dated.issue, "ingredients"));
  const { on, reason, source, mustNever } = dated.value;
  return Promise.resolve(accept({ on, days: daysBetween(kit.today, on), reason, source, mustNever }));
};

/** Keeps a dressing as a recipe and, if asked, pours it into a salad as a part of it: a new version of the salad. */
export const saveDressing: UseCase<"saveDressing"> = async ({ body }, kit) => {
  const unknown = body.parts.findIndex((part) => !kit.catalogue.ingredients.has(part.ingredient));
  if (unknown >= 0) return notFound("ingredient-unknown", `parts.${unknown}.ingredient`);
  const parts = body.parts.map(({ ingredient, role, grams }) => ({ facts: { id: ingredient }, role, grams }));
  const formula = dressingFormula(body.name, parts, { catalogue: kit.catalogue, halved: body.halved });
  const here = await kit.stores.recipes.all();
  const saved = await keepNew(formula, new Set(here.map((one) => one.formula.id)), kit);
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
    kit,
  );
  return dressed.ok ? saved : dressed;
};
