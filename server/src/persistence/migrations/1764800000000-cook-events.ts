import type { MigrationInterface, QueryRunner } from "typeorm";

const current = "nullif(current_setting('app.kitchen_id', true), '')::uuid";

const cookEvent = `
create table cook_event (
  id uuid constraint cook_event_pk primary key,
  seq bigserial not null,
  kitchen_id uuid not null references kitchen (id),
  plan_id uuid not null references plan (id) on delete cascade,
  at timestamptz not null,
  member_id uuid references member (id),
  body jsonb not null
);
create index cook_event_of_plan on cook_event (plan_id, seq);
alter table cook_event enable row level security;
create policy own_kitchen on cook_event using (kitchen_id = ${current}) with check (kitchen_id = ${current});
`;

/** What was said while cooking: facts that nobody may change. */
export class CookEvents1764800000000 implements MigrationInterface {
  name = "CookEvents1764800000000";

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(cookEvent);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query("drop table cook_event");
  }
}
