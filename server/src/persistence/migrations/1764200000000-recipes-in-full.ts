import { lineOf, stepOf, type Formula } from "@apron/core/recipes";
import type { MigrationInterface, QueryRunner } from "typeorm";

/** Formulas as they were kept before: lines without their newer marks, steps as bare words. */
type EarlierFormula = Omit<Formula, "lines" | "steps"> & {
  readonly lines: readonly Formula["lines"][number][];
  readonly steps: readonly (string | Formula["steps"][number])[];
};
type Row = { kitchen_id: string; recipe_id: string; version: number; formula: EarlierFormula };

/** The same formula in today's words; what it did not say stays unsaid. */
const inFull = (before: EarlierFormula): Formula => ({
  ...before,
  makes: null,
  notes: "",
  unread: [],
  lines: before.lines.map((line) =>
    lineOf(
      { ...line, fillers: line.fillers.map((filler) => ({ ...filler, minShare: 0, by: "mass" })) },
      {
        preparation: line.preparation,
        eatenRaw: line.eatenRaw,
        cook: line.cook,
        strongShare: line.strongShare,
      },
    ),
  ),
  steps: before.steps.map((step) => (typeof step === "string" ? stepOf(step) : step)),
});

const asBefore = (formula: Formula): unknown => {
  const { makes: _makes, notes: _notes, unread: _unread, ...rest } = formula;
  return {
    ...rest,
    steps: formula.steps.map((step) => step.text),
    lines: formula.lines.map(({ id, role, grams, fillers, preparation, eatenRaw, cook, strongShare }) => ({
      id,
      role,
      grams,
      preparation,
      eatenRaw,
      cook,
      strongShare,
      fillers: fillers.map(({ ingredient, maxShare }) => ({ ingredient, maxShare })),
    })),
  };
};

async function rewrite(runner: QueryRunner, to: (formula: never) => unknown): Promise<void> {
  const rows = (await runner.query(
    "select kitchen_id, recipe_id, version, formula from recipe_version",
  )) as Row[];
  for (const row of rows)
    await runner.query(
      "update recipe_version set formula = $4::jsonb where kitchen_id = $1 and recipe_id = $2 and version = $3",
      [row.kitchen_id, row.recipe_id, row.version, JSON.stringify(to(row.formula as never))],
    );
}

/** Who wrote a version and why; recipes put away; formulas with all that a recipe can say. */
export class RecipesInFull1764200000000 implements MigrationInterface {
  name = "RecipesInFull1764200000000";

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`alter table recipe_version
      add column member_id uuid references member (id),
      add column note text not null default ''`);
    await runner.query("alter table recipe add column away boolean not null default false");
    await runner.query("grant update (away) on recipe to apron_app");
    await runner.query(`create index batch_of_recipe on batch (kitchen_id, recipe_id, made_at)`);
    await rewrite(runner, inFull);
  }

  async down(runner: QueryRunner): Promise<void> {
    await rewrite(runner, asBefore);
    await runner.query("drop index batch_of_recipe");
    await runner.query("alter table recipe drop column away");
    await runner.query("alter table recipe_version drop column note, drop column member_id");
  }
}
