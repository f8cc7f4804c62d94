import type { MigrationInterface, QueryRunner } from "typeorm";

const current = "nullif(current_setting('app.kitchen_id', true), '')::uuid";

const plan = `
create table plan (
  id uuid constraint plan_pk primary key,
  kitchen_id uuid not null references kitchen (id),
  table_at timestamptz not null,
  start_at timestamptz not null,
  body jsonb not null,
  member_id uuid references member (id),
  constraint plan_begins_before_table check (start_at <= table_at)
);
create index plan_of_kitchen on plan (kitchen_id, table_at);
alter table plan enable row level security;
create policy own_kitchen on plan using (kitchen_id = ${current}) with check (kitchen_id = ${current});
`;

/** Plans of cooking. */
export class Plans1764700000000 implements MigrationInterface {
  name = "Plans1764700000000";

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(plan);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query("drop table plan");
  }
}
