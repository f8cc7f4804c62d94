import { lineReader } from "@apron/core/catalogue";
import { referenceCatalogue } from "@apron/core/catalogue/reference";
import { withRereadAmounts, type Formula, type OlderFormula } from "@apron/core/recipes";
import type { MigrationInterface, QueryRunner } from "typeorm";
import { rewriteFormulas } from "./rewrite-formulas.ts";

/** Lines that ask for cooked grain or pulses say what it weighs cooked; their grams are the dry food that gives it. */
export class CookedAmounts1764500000000 implements MigrationInterface {
  name = "CookedAmounts1764500000000";

  async up(runner: QueryRunner): Promise<void> {
    const reader = lineReader(referenceCatalogue, { cup: "us-customary", ounces: {} });
    await rewriteFormulas<OlderFormula>(runner, (formula) => withRereadAmounts(formula, reader));
  }

  async down(runner: QueryRunner): Promise<void> {
    await rewriteFormulas<Formula>(runner, (formula) => ({
      ...formula,
      lines: formula.lines.map(({ cookedG, ...line }) => ({ ...line, grams: cookedG ?? line.grams })),
    }));
  }
}
