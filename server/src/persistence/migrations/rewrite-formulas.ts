import type { QueryRunner } from "typeorm";

type Stored<Kept> = {
  readonly kitchen_id: string;
  readonly recipe_id: string;
  readonly version: number;
  readonly formula: Kept;
};

/** Every version of every recipe, of every kitchen, written anew. */
export async function rewriteFormulas<Kept>(
  runner: QueryRunner,
  of: (formula: Kept) => unknown,
): Promise<void> {
  const rows = (await runner.query(
    "select kitchen_id, recipe_id, version, formula from recipe_version",
  )) as Stored<Kept>[];
  for (const { kitchen_id, recipe_id, version, formula } of rows)
    await runner.query(
      "update recipe_version set formula = $4 where kitchen_id = $1 and recipe_id = $2 and version = $3",
      [kitchen_id, recipe_id, version, JSON.stringify(of(formula))],
    );
}
