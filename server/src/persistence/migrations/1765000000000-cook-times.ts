import type { MigrationInterface, QueryRunner } from "typeorm";

const current = "nullif(current_setting('app.kitchen_id', true), '')::uuid";

const cookTime = `
create table cook_time (
  kitchen_id uuid not null references kitchen (id),
  plan_id uuid not null,
  task text not null,
  food jsonb not null,
  minutes numeric(12,3) not null,
  at timestamptz not null,
  constraint cook_time_pk primary key (kitchen_id, plan_id, task),
  constraint cook_time_positive check (minutes > 0)
);
create index cook_time_of_kitchen on cook_time (kitchen_id, at);
alter table cook_time enable row level security;
create policy own_kitchen on cook_time using (kitchen_id = ${current}) with check (kitchen_id = ${current});
`;

/** How long things really cooked: kept when their plan is not, since the kitchen has learned from them. */
export class CookTimes1765000000000 implements MigrationInterface {
  name = "CookTimes1765000000000";

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(cookTime);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query("drop table cook_time");
  }
}
