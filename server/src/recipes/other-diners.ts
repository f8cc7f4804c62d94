import { accept } from "@apron/core/measure";
import {
  adaptFormula,
  allergensOf,
  dietsOf,
  substitutesFor,
  suits,
  writtenFiller,
  writtenIngredients,
  type Substitute,
} from "@apron/core/recipes";
import { nameFor } from "../stock/present-lot.ts";
import { notFound } from "../context/refusal.ts";
import type { Kit, UseCase } from "../context/request-context.ts";
import { wholeRecipe } from "./library.ts";

const presentSwap = (swap: Substitute, kit: Kit) => ({ ...swap, name: nameFor(kit, swap.ingredient) });

/** The same formula with other fillings; sub-recipes are opened up, since what must go may be in one. Saves nothing. */
export const adaptRecipe: UseCase<"adaptRecipe"> = async ({ params, body }, kit) => {
  const found = await wholeRecipe(params.id, kit);
  if (!found) return notFound("recipe-unknown");
  const adapted = adaptFormula(found.formula, body, kit.catalogue);
  const used = writtenIngredients(adapted.formula);
  const { id: _id, ...formula } = adapted.formula;
  return accept({
    formula: {
      ...formula,
      name: `${formula.name}, ${[...body.diets, ...body.without].join(", ")}`.slice(0, 120),
    },
    changes: adapted.changes.map(({ lineId, from, fromG, to }) => ({
      lineId,
      from: nameFor(kit, from),
      fromG,
      to: presentSwap(to, kit),
    })),
    leftOut: adapted.leftOut,
    cannot: adapted.cannot.map(({ lineId, ingredient }) => ({ lineId, name: nameFor(kit, ingredient) })),
    saltChangeG: adapted.saltChangeG,
    allergens: allergensOf(used, kit.catalogue),
    diets: dietsOf(used, kit.catalogue),
  });
};

export const substitutes: UseCase<"substitutes"> = async ({ params }, kit) => {
  const found = await wholeRecipe(params.id, kit);
  const line = found?.formula.lines.find((one) => one.id === params.line);
  const ingredient = line && writtenFiller(line)?.ingredient;
  if (!line || ingredient === undefined) return notFound(found ? "line-unknown" : "recipe-unknown");
  const { diners } = kit.asker.kitchen.settings;
  const offered = substitutesFor(line, ingredient, {
    catalogue: kit.catalogue,
    suits: (facts) => suits(facts, diners),
  });
  return accept({ substitutes: offered.map((swap) => presentSwap(swap, kit)) });
};
