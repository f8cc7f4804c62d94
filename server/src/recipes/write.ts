import type { NewFormula } from "@apron/contract";
import { keepingRule } from "@apron/core/catalogue";
import { accept } from "@apron/core/measure";
import { judgeFormula, recipeId, wordForWord, type Formula } from "@apron/core/recipes";
import { conflict, notFound, refuseWith, type Answer } from "../context/refusal.ts";
import type { Kit, UseCase } from "../context/request-context.ts";
import { wholeFormula } from "./library.ts";

/** Where in what was sent an issue of a line is. */
const lineField = (line: number): string => `formula.lines.${line}`;

/** Checks a formula before it is kept: its lines, its keeping class, the recipes that are part of it. */
async function judged(formula: Formula, kit: Kit): Promise<Answer<Formula>> {
  const sound = judgeFormula(formula, kit.catalogue);
  if (!sound.ok) return refuseWith(sound.issue, lineField(sound.issue.line));
  for (const place of ["fridge", "freezer"] as const) {
    const subject = formula.keeping[place];
    if (subject !== null && !keepingRule(kit.catalogue, subject, place))
      return refuseWith({ code: "keeping-unknown" }, `formula.keeping.${place}`);
  }
  const whole = await wholeFormula(formula, kit);
  if (whole.ok) return accept(formula);
  const line = formula.lines.findIndex((one) => one.recipe !== null);
  return refuseWith(whole.issue, lineField(line));
}

const about = (kit: Kit, note: string) => ({ at: kit.now, memberId: kit.asker.memberId, note });

const takenIds = async (kit: Kit): Promise<Set<string>> =>
  new Set((await kit.stores.recipes.all()).map((record) => record.formula.id));

/** Keeps a new recipe under a readable id of its own. */
export async function keepNew(
  formula: NewFormula,
  taken: Set<string>,
  kit: Kit,
): Promise<Answer<{ id: string; name: string; version: number }>> {
  const id = recipeId(formula.name, taken);
  const checked = await judged({ ...formula, id }, kit);
  if (!checked.ok) return checked;
  await kit.stores.recipes.save(checked.value, 1, about(kit, ""));
  taken.add(id);
  return accept({ id, name: formula.name, version: 1 });
}

export const saveRecipe: UseCase<"saveRecipe"> = async ({ body }, kit) =>
  keepNew(body.formula, await takenIds(kit), kit);

type NextVersion = {
  readonly id: string;
  readonly basedOn: number;
  readonly formula: Formula;
  readonly note: string;
};

/**
 * A new version on top of the one that was opened. When the house version has moved on meanwhile, it is refused with
 * who wrote it: nothing is overwritten.
 */
export async function keepVersion(
  { id, basedOn, formula, note }: NextVersion,
  kit: Kit,
): Promise<Answer<{ id: string; name: string; version: number }>> {
  const house = await kit.stores.recipes.get(id);
  if (!house) return notFound("recipe-unknown", "id");
  const versions = await kit.stores.recipes.versions(id);
  if (house.version !== basedOn) {
    const by = versions.find((one) => one.version === house.version)?.by ?? null;
    return conflict("recipe-moved-on", { basedOn, now: house.version, by });
  }
  const checked = await judged({ ...formula, id }, kit);
  if (!checked.ok) return checked;
  const version = Math.max(...versions.map((one) => one.version)) + 1;
  await kit.stores.recipes.save(checked.value, version, about(kit, note));
  return accept({ id, name: formula.name, version });
}

export const editRecipe: UseCase<"editRecipe"> = ({ params, body }, kit) =>
  keepVersion({ ...body, id: params.id, formula: { ...body.formula, id: params.id } }, kit);

/** Each recipe is kept or refused on its own; those that are here already word for word are left alone. */
export const importRecipes: UseCase<"importRecipes"> = async ({ body }, kit) => {
  const here = await kit.stores.recipes.all();
  const known = new Set(here.map((record) => wordForWord(record.formula)));
  const taken = new Set(here.map((record) => record.formula.id));
  const saved: { id: string; name: string; version: number }[] = [];
  const same: string[] = [];
  const refused: { name: string; code: string; line: number | null }[] = [];
  for (const formula of body.formulas) {
    if (known.has(wordForWord(formula))) {
      same.push(formula.name);
      continue;
    }
    const kept = await keepNew(formula, taken, kit);
    if (kept.ok) saved.push(kept.value);
    else {
      const line = Number(/lines\.(\d+)/.exec(kept.issue.field ?? "")?.[1] ?? Number.NaN);
      refused.push({ name: formula.name, code: kept.issue.code, line: Number.isNaN(line) ? null : line });
    }
    known.add(wordForWord(formula));
  }
  return accept({ saved, same, refused });
};
