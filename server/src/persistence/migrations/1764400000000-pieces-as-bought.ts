import { lineReader } from "@apron/core/catalogue";
import { referenceCatalogue } from "@apron/core/catalogue/reference";
import { withRereadAmounts, type Formula, type OlderFormula } from "@apron/core/recipes";
import type { MigrationInterface, QueryRunner } from "typeorm";
import { rewriteFormulas } from "./rewrite-formulas.ts";

/** Lines that count whole pieces say what they weigh as bought; their grams are what is left once they are trimmed. */
export class PiecesAsBought1764400000000 implements MigrationInterface {
  name = "PiecesAsBought1764400000000";

  async up(runner: QueryRunner): Promise<void> {
    const reader = lineReader(referenceCatalogue, { cup: "us-customary", ounces: {} });
    await rewriteFormulas<OlderFormula>(runner, (formula) => withRereadAmounts(formula, reader));
  }

  async down(runner: QueryRunner): Promise<void> {
    await rewriteFormulas<Formula>(runner, (formula) => ({
      ...formula,
      lines: formula.lines.map(({ asBoughtG, ...line }) => ({ ...line, grams: asBoughtG ?? line.grams })),
    }));
  }
}
