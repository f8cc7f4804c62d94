import { lineReader } from "@apron/core/catalogue";
import { referenceCatalogue } from "@apron/core/catalogue/reference";
import { withPiecesAsBought, type Formula, type OlderFormula } from "@apron/core/recipes";
import type { MigrationInterface, QueryRunner } from "typeorm";

type Stored<Kept> = {
  readonly kitchen_id: string;
  readonly recipe_id: string;
  readonly version: number;
  readonly formula: Kept;
};

async function rewritten<Kept>(runner: QueryRunner, of: (formula: Kept) => unknown): Promise<void> {
  const rows = (await runner.query(
    "select kitchen_id, recipe_id, version, formula from recipe_version",
  )) as Stored<Kept>[];
  for (const { kitchen_id, recipe_id, version, formula } of rows)
    await runner.query(
      "update recipe_version set formula = $4 where kitchen_id = $1 and recipe_id = $2 and version = $3",
      [kitchen_id, recipe_id, version, JSON.stringify(of(formula))],
    );
}

/** Lines that count whole pieces say what they weigh as bought; their grams are what is left once they are trimmed. */
export class PiecesAsBought1764400000000 implements MigrationInterface {
  name = "PiecesAsBought1764400000000";

  async up(runner: QueryRunner): Promise<void> {
    const reader = lineReader(referenceCatalogue, { cup: "us-customary", ounces: {} });
    await rewritten<OlderFormula>(runner, (formula) => withPiecesAsBought(formula, reader));
  }

  async down(runner: QueryRunner): Promise<void> {
    await rewritten<Formula>(runner, (formula) => ({
      ...formula,
      lines: formula.lines.map(({ asBoughtG, ...line }) => ({ ...line, grams: asBoughtG ?? line.grams })),
    }));
  }
}
