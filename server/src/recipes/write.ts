import type { NewFormula } from "@apron/contract";
import { keepingRule } from "@apron/core/catalogue";
import { accept, refuse } from "@apron/core/measure";
import { recipeId, validateFormula, type Formula } from "@apron/core/recipes";
import { conflict, notFound, refuseWith, type Answer } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { expandedFormula, spoiltBy } from "./library.ts";

/** Where in what was sent an issue of a line is. */
const lineField = (line: number): string => `formula.lines.${line}`;

/** Checks a formula before it is kept: its lines, its keeping class, the recipes that are part of it. */
async function validated(formula: Formula, context: RequestContext): Promise<Answer<Formula>> {
  const sound = validateFormula(formula, context.catalogue);
  if (!sound.ok) return refuseWith(sound.issue, lineField(sound.issue.line));
  for (const place of ["fridge", "freezer"] as const) {
    const subject = formula.keeping[place];
    if (subject !== null && !keepingRule(context.catalogue, subject, place))
      return refuseWith({ code: "keeping-unknown" }, `formula.keeping.${place}`);
  }
  const whole = await expandedFormula(formula, context);
  const spoilt = whole.ok ? await spoiltBy(formula, context) : undefined;
  if (spoilt) return refuse({ status: 422, code: "part-of-too-much", measurements: { recipe: spoilt } });
  if (whole.ok) return accept(formula);
  const line = formula.lines.findIndex((one) => one.recipe !== null);
  return refuseWith(whole.issue, lineField(line));
}

const about = (context: RequestContext, note: string) => ({
  at: context.now,
  memberId: context.session.memberId,
  note,
});

const takenIds = async (context: RequestContext): Promise<Set<string>> =>
  new Set((await context.stores.recipes.all()).map((record) => record.formula.id));

/** Keeps a new recipe under a readable id of its own. */
export async function keepNew(
  formula: NewFormula,
  taken: Set<string>,
  context: RequestContext,
): Promise<Answer<{ id: string; name: string; version: number }>> {
  const id = recipeId(formula.name, taken);
  const checked = await validated({ ...formula, id }, context);
  if (!checked.ok) return checked;
  await context.stores.recipes.save(checked.value, 1, about(context, ""));
  taken.add(id);
  return accept({ id, name: formula.name, version: 1 });
}

export const saveRecipe: UseCase<"saveRecipe"> = async ({ body }, context) =>
  keepNew(body.formula, await takenIds(context), context);

type NextVersion = {
  readonly id: string;
  readonly basedOn: number;
  readonly formula: Formula;
  readonly note: string;
};

/**
 * A new version on top of the one that was opened. When the default version has moved on meanwhile, it is refused with
 * who wrote it: nothing is overwritten.
 */
export async function keepVersion(
  { id, basedOn, formula, note }: NextVersion,
  context: RequestContext,
): Promise<Answer<{ id: string; name: string; version: number }>> {
  const current = await context.stores.recipes.get(id);
  if (!current) return notFound("recipe-unknown", "id");
  const versions = await context.stores.recipes.versions(id);
  if (current.version !== basedOn) {
    const by = versions.find((one) => one.version === current.version)?.by ?? null;
    return conflict("recipe-moved-on", { basedOn, now: current.version, by });
  }
  const checked = await validated({ ...formula, id }, context);
  if (!checked.ok) return checked;
  const version = Math.max(...versions.map((one) => one.version)) + 1;
  await context.stores.recipes.save(checked.value, version, about(context, note));
  return accept({ id, name: formula.name, version });
}

export const editRecipe: UseCase<"editRecipe"> = ({ params, body }, context) =>
  keepVersion({ ...body, id: params.id, formula: { ...body.formula, id: params.id } }, context);
