import { accept } from "@apron/core/measure";
import {
  compareVersions as compare,
  defaultVersion,
  ownChanges,
  withTonightsChanges,
  type Formula,
  type Line,
} from "@apron/core/recipes";
import { lineText, recipeWriter } from "@apron/core/exchange";
import { conflict, notFound, refuseWith } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { expandedFormula } from "./library.ts";
import { keepVersion } from "./write.ts";

export const listVersions: UseCase<"listVersions"> = async ({ params }, context) => {
  const current = await context.stores.recipes.get(params.id);
  if (!current) return notFound("recipe-unknown");
  const versions = await context.stores.recipes.versions(params.id);
  return accept({
    defaultVersion: current.version,
    versions: versions.map(({ version, createdAt, by, note }) => ({
      version,
      at: createdAt.toISOString(),
      by,
      note,
    })),
    batches: (await context.stores.recipes.batchesOf(params.id)).map(
      ({ id, version, madeOn, batches, outputG }) => ({ id, version, madeOn, batches, outputG }),
    ),
  });
};

/** A value of a formula's head in words: plain ones as they are, parts named, lists joined. */
function shown(value: unknown): string {
  if (value === null || value === undefined) return "–";
  if (Array.isArray(value)) return value.map(shown).join(", ") || "–";
  if (typeof value === "number") return String(value);
  if (typeof value === "string") return value.replaceAll(/(?<=[a-z])-(?=[a-z])/g, " ");
  return Object.entries(value)
    .filter(([, part]) => part !== null)
    .map(([name, part]) => (name === "kind" ? "" : `${name} ${shown(part)}`))
    .filter(Boolean)
    .join(", ");
}

/** What changed, each line as a cook would write it down. */
export const compareVersions: UseCase<"compareVersions"> = async ({ params, query }, context) => {
  const before = await context.stores.recipes.getVersion(params.id, query.from);
  const after = await context.stores.recipes.getVersion(params.id, query.to);
  if (!before || !after) return notFound("version-unknown", before ? "to" : "from");
  const changes = compare(before.formula, after.formula);
  const writer = recipeWriter(context.catalogue, context.session.kitchen.dialect, (id) =>
    id.replaceAll("-", " "),
  );
  const text = (line: Line | null): string => (line ? lineText(line, writer) : "");
  const headValue = (formula: Formula, field: string): string => shown(formula[field as keyof Formula]);
  return accept({
    head: changes.head.map((field) => ({
      field,
      before: headValue(before.formula, field),
      after: headValue(after.formula, field),
    })),
    lines: changes.lines.map((line) => ({ ...line, before: text(line.before), after: text(line.after) })),
    steps: changes.steps,
  });
};

export const setDefaultVersion: UseCase<"setDefaultVersion"> = async ({ params, body }, context) => {
  const wanted = await context.stores.recipes.getVersion(params.id, body.version);
  if (!wanted) return notFound("version-unknown", "version");
  // Since it was written, a recipe in it may have come to contain this one.
  const whole = await expandedFormula(wanted.formula, context);
  if (!whole.ok) return refuseWith(whole.issue, "version");
  await context.stores.recipes.setDefaultVersion(params.id, body.version);
  return accept({ id: params.id, name: wanted.formula.name, version: body.version });
};

/** Archived, it is kept with its versions and batches, and still stands in the recipes it is part of. */
export const archiveRecipe: UseCase<"archiveRecipe"> = async ({ params, body }, context) => {
  const found = await context.stores.recipes.get(params.id);
  if (!found) return notFound("recipe-unknown");
  await context.stores.recipes.archiveRecipe(params.id, body.archived);
  return accept({ id: params.id, name: found.formula.name, version: found.version });
};

/** What really went into a batch becomes a new version, the default from now on. */
export const defaultFromBatch: UseCase<"defaultFromBatch"> = async (
  { params, body },
  context: RequestContext,
) => {
  const batch = await context.stores.recipes.batch(body.batchId);
  if (batch?.recipeId !== params.id) return notFound("batch-unknown", "batchId");
  const made = await context.stores.recipes.getVersion(params.id, batch.version);
  if (!made) return conflict("recipe-unknown");
  const { catalogue } = context;
  const changes = ownChanges(made.formula, batch.changes);
  const changed = withTonightsChanges(made.formula, changes, { catalogue, batches: batch.batches });
  const formula = changed.ok ? changed.value : made.formula;
  const really = defaultVersion(formula, batch.used, batch.batches);
  if (!really.ok) return refuseWith(really.issue, "batchId");
  const note = `as really made, version ${batch.version}`;
  return keepVersion({ id: params.id, basedOn: body.basedOn, formula: really.value, note }, context);
};
