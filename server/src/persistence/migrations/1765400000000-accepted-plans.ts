import type { MigrationInterface, QueryRunner } from "typeorm";

const current = "nullif(current_setting('app.kitchen_id', true), '')::uuid";

const ofKitchen = (table: string): string => `
alter table ${table} enable row level security;
create policy own_kitchen on ${table} using (kitchen_id = ${current}) with check (kitchen_id = ${current});
`;

const acceptedPlans = `
create table meal_plan (
  id uuid constraint meal_plan_pk primary key,
  kitchen_id uuid not null references kitchen (id),
  from_day date not null,
  accepted_at timestamptz not null,
  body jsonb not null,
  member_id uuid references member (id)
);
create index meal_plan_of_kitchen on meal_plan (kitchen_id, accepted_at);
create table planned_dish (
  id uuid constraint planned_dish_pk primary key,
  kitchen_id uuid not null references kitchen (id),
  meal_plan_id uuid not null references meal_plan (id),
  day date not null,
  body jsonb not null,
  dropped boolean not null default false,
  batch_id uuid references batch (id)
);
create index planned_dish_of_kitchen on planned_dish (kitchen_id, day);
create index planned_dish_of_plan on planned_dish (meal_plan_id);
create index planned_dish_of_batch on planned_dish (batch_id) where batch_id is not null;
create table shopping_item (
  kitchen_id uuid not null references kitchen (id),
  key text not null,
  text text not null default '',
  ingredient text,
  ticked boolean not null default false,
  added_at timestamptz not null,
  constraint shopping_item_pk primary key (kitchen_id, key)
);
${ofKitchen("meal_plan")}${ofKitchen("planned_dish")}${ofKitchen("shopping_item")}`;

const before = [
  ...[
    "withdrawal",
    "container",
    "batch_photo",
    "batch_input",
    "entry",
    "trim_withdrawal",
    "trim_part",
    "trim",
  ],
  ...[
    "cook_event",
    "cook_time",
    "plan",
    "spoilage",
    "dressing_weighing",
    "batch",
    "recipe_photo",
    "recipe_version",
  ],
  ...[
    "recipe",
    "lot",
    "bed",
    "own_figure",
    "own_ingredient",
    "scale",
    "idempotency_record",
    "session",
    "invite",
  ],
  ...["security_event", "member"],
];

/** A kitchen is deleted table by table, each before those that it refers to. */
const deletion = (tables: readonly string[]): string => `
create or replace function delete_due_kitchens(moment timestamptz) returns integer
  language plpgsql security definer set search_path = pg_catalog, public as $$
declare due uuid; deleted integer := 0; scoped text;
begin
  for due in select id from kitchen where delete_after <= moment for update skip locked loop
    perform set_config('app.deleting_kitchen', due::text, true);
    foreach scoped in array array[${tables.map((table) => `'${table}'`).join(", ")}] loop
      execute format('delete from %I where kitchen_id = $1', scoped) using due;
    end loop;
    delete from kitchen where id = due;
    deleted := deleted + 1;
  end loop;
  perform set_config('app.deleting_kitchen', '', true);
  delete from account a where not exists (select from member m where m.account_id = a.id and m.left_at is null)
    and a.created_at < moment - interval '1 day';
  return deleted;
end $$;
`;

/** Plans for the coming days that were accepted, dish by dish, and the shopping list. */
export class AcceptedPlans1765400000000 implements MigrationInterface {
  name = "AcceptedPlans1765400000000";

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(acceptedPlans);
    await runner.query(deletion(["shopping_item", "planned_dish", "meal_plan", ...before]));
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(deletion(before));
    await runner.query("drop table shopping_item, planned_dish, meal_plan");
  }
}
