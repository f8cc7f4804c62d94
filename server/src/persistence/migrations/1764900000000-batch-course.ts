import type { MigrationInterface, QueryRunner } from "typeorm";

const current = "nullif(current_setting('app.kitchen_id', true), '')::uuid";

const columns = `
alter table batch
  add column note text not null default '',
  add column next_time text not null default '',
  add column plan_id uuid,
  add column plan_dish text,
  add column changes jsonb not null default '{"swaps": [], "joined": [], "leftOut": []}',
  add column undone_at timestamptz;
create index batch_made on batch (kitchen_id, made_at);
alter table container add column is_plain boolean not null default false;
create index container_of_batch on container (batch_id);
create index entry_of_batch on entry (batch_id) where batch_id is not null;
`;

const photos = `
create table batch_photo (
  kitchen_id uuid not null references kitchen (id),
  batch_id uuid not null references batch (id),
  media_type text not null,
  bytes bytea not null,
  digest text not null,
  at timestamptz not null,
  constraint batch_photo_pk primary key (kitchen_id, batch_id),
  constraint batch_photo_small check (length(bytes) <= 600000)
);
alter table batch_photo enable row level security;
create policy own_kitchen on batch_photo using (kitchen_id = ${current}) with check (kitchen_id = ${current});
`;

/** A batch remembers its course: what was changed on the night, the plan it was cooked by, notes, a photo, and its undoing. */
export class BatchCourse1764900000000 implements MigrationInterface {
  name = "BatchCourse1764900000000";

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(columns);
    await runner.query(photos);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      drop table batch_photo;
      drop index entry_of_batch, container_of_batch, batch_made;
      alter table container drop column is_plain;
      alter table batch drop column note, drop column next_time, drop column plan_id, drop column plan_dish,
        drop column changes, drop column undone_at;
    `);
  }
}
