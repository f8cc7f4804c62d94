import { lineReader } from "@apron/core/catalogue";
import { referenceCatalogue } from "@apron/core/catalogue/reference";
import { withRereadAmounts, type OlderFormula } from "@apron/core/recipes";
import type { MigrationInterface, QueryRunner } from "typeorm";
import { rewriteFormulas } from "./rewrite-formulas.ts";

/** What a by-product is, and whether it is food; what a counted piece weighs; by which rules a kitchen's dates were made. */
const columns = `
alter table lot add column part text, add column useful boolean not null default true, add column piece_g numeric(12,3);
alter table kitchen add column dates_version integer not null default 0;
`;

/** By-products said what they are good for after their name ("stems: stock"); compost and silence were no use. */
const fromTrims = `
update lot set part = trim_part.part from trim_part
  where trim_part.lot_id = lot.id and lot.state = 'by-product';
update lot set part = split_part(note, ': ', 1) where state = 'by-product' and part is null and note <> '';
update lot set useful = note like '%: %' and note not like '%: compost%' where state = 'by-product';
`;

/** How a kitchen's own ingredients keep was told by some of their traits; now it is said by itself. */
const keepingTraits = `
update own_ingredient set body = body
  || coalesce((select jsonb_build_object('keepsAs', kept.class)
       from (values ('melon', 'melon'), ('tomato', 'tomato'), ('sprout', 'sprout'), ('yogurt', 'yogurt'),
                    ('rice', 'rice'), ('nut-oil', 'nut-oil'), ('sesame-paste', 'nut-butter')) kept(trait, class)
       where body->'traits' ? kept.trait limit 1), '{}'::jsonb)
  || jsonb_build_object('traits', coalesce(body->'traits', '[]'::jsonb)
       - 'melon' - 'tomato' - 'sprout' - 'yogurt' - 'rice' - 'nut-oil' - 'sesame-paste');
`;

/** Asked once at the start, before any kitchen is entered. */
const kitchensToDate = `
create function kitchens_dated_before(version integer) returns setof jsonb language sql stable security definer
  set search_path = pg_catalog, public as
  $$ select to_jsonb(k) from kitchen k where k.dates_version < version order by k.id $$;
`;

/** By-products are food of their own, lots know their pieces, and dates follow when the rules get stricter. */
export class PartsAndPieces1764600000000 implements MigrationInterface {
  name = "PartsAndPieces1764600000000";

  async up(runner: QueryRunner): Promise<void> {
    for (const sql of [columns, fromTrims, keepingTraits, kitchensToDate]) await runner.query(sql);
    // "3 cucumbers, peeled": pieces that the table weighs trimmed are whole ones too.
    const reader = lineReader(referenceCatalogue, { cup: "us-customary", ounces: {} });
    await rewriteFormulas<OlderFormula>(runner, (formula) => withRereadAmounts(formula, reader));
  }

  /** What own ingredients keep like stays with them: older programs do not look at it. */
  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      drop function kitchens_dated_before(integer);
      alter table kitchen drop column dates_version;
      alter table lot drop column part, drop column useful, drop column piece_g`);
  }
}
