import type { MigrationInterface, QueryRunner } from "typeorm";

const partsApart = `
alter table batch
  add column part text not null default '',
  add column part_of uuid references batch (id);
create index batch_part_of on batch (part_of) where part_of is not null;
`;

/** Parts of a dish that are kept by themselves are batches of their own, and know the dish that they were made for. */
export class PartsApart1765100000000 implements MigrationInterface {
  name = "PartsApart1765100000000";

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(partsApart);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query("alter table batch drop column part_of, drop column part");
  }
}
