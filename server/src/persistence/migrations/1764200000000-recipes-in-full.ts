import type { MigrationInterface, QueryRunner } from "typeorm";

/** Formulas as this migration found and left them: spelled out here, since the program's own shape has moved on. */
type Line = Readonly<Record<string, unknown>> & {
  readonly fillers: readonly Readonly<Record<string, unknown>>[];
};
type EarlierFormula = Readonly<Record<string, unknown>> & {
  readonly lines: readonly Line[];
  readonly steps: readonly (string | Readonly<Record<string, unknown>>)[];
};
type Row = { kitchen_id: string; recipe_id: string; version: number; formula: EarlierFormula };

const newLineMarks = {
  group: "",
  range: null,
  written: "",
  recipe: null,
  trim: null,
  optional: false,
  toTaste: false,
  holdBack: null,
};
const newStepMarks = {
  activeMin: null,
  passiveMin: null,
  tool: null,
  celsius: null,
  trayShare: null,
  warmUpMin: null,
  done: "",
  checkEveryMin: null,
  wait: null,
  load: null,
  setAside: false,
  tasteCold: false,
};

/** The same formula with room for all that a recipe can say; what it did not say stays unsaid. */
const inFull = (before: EarlierFormula): unknown => ({
  ...before,
  makes: null,
  notes: "",
  unread: [],
  lines: before.lines.map((line) => ({
    ...newLineMarks,
    ...line,
    fillers: line.fillers.map((filler) => ({ ...filler, minShare: 0, by: "mass" })),
  })),
  steps: before.steps.map((step) => (typeof step === "string" ? { text: step, ...newStepMarks } : step)),
});

const asBefore = (formula: EarlierFormula): unknown => {
  const { makes: _makes, notes: _notes, unread: _unread, ...rest } = formula;
  return {
    ...rest,
    steps: formula.steps.map((step) => (typeof step === "string" ? step : step["text"])),
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

async function rewrite(runner: QueryRunner, to: (formula: EarlierFormula) => unknown): Promise<void> {
  const rows = (await runner.query(
    "select kitchen_id, recipe_id, version, formula from recipe_version",
  )) as Row[];
  for (const row of rows)
    await runner.query(
      "update recipe_version set formula = $4::jsonb where kitchen_id = $1 and recipe_id = $2 and version = $3",
      [row.kitchen_id, row.recipe_id, row.version, JSON.stringify(to(row.formula))],
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
