import type { MigrationInterface, QueryRunner } from "typeorm";

const current = "nullif(current_setting('app.kitchen_id', true), '')::uuid";

const renamed = `
alter table recipe rename column away to archived;
alter table lot rename column refreshed to cloth_refreshes;
alter table scale rename column was_g to previous_g;
alter table served_request rename to idempotency_record;
alter table idempotency_record rename constraint served_request_pk to idempotency_record_pk;
`;

const renamedBack = `
alter table idempotency_record rename constraint idempotency_record_pk to served_request_pk;
alter table idempotency_record rename to served_request;
alter table scale rename column previous_g to was_g;
alter table lot rename column cloth_refreshes to refreshed;
alter table recipe rename column archived to away;
`;

/** Keys of a stored formula, before and now. Only keys match: inside a text the quotation marks are escaped. */
const formulaKeys: readonly (readonly [before: string, now: string])[] = [
  ["strongShare", "maxStrongHerbShare"],
  ["holdBack", "gradualAddition"],
  ["written", "amountText"],
  ["by", "convertBy"],
  ["done", "doneWhen"],
];

const rekeyed = (pairs: readonly (readonly [from: string, to: string])[]): string =>
  `update recipe_version set formula = (${pairs.reduce(
    (sql, [from, to]) => `replace(${sql}, '"${from}": ', '"${to}": ')`,
    "formula::text",
  )})::jsonb`;

/** What a kitchen learns, a row a lesson, so that two who teach it at once both count. */
const learned = `
create table dressing_weighing (
  id uuid constraint dressing_weighing_pk primary key,
  seq bigserial not null,
  kitchen_id uuid not null references kitchen (id),
  salad_group text not null,
  per_100g numeric(10,4) not null,
  at timestamptz not null,
  member_id uuid references member (id),
  constraint dressing_weighing_positive check (per_100g > 0)
);
create index dressing_weighing_of_kitchen on dressing_weighing (kitchen_id, seq);
create table spoilage (
  entry_id uuid constraint spoilage_pk primary key references entry (id),
  kitchen_id uuid not null references kitchen (id),
  ingredient_id text not null,
  place text not null,
  days integer not null
);
create index spoilage_of_kitchen on spoilage (kitchen_id);
create table recipe_photo (
  kitchen_id uuid not null,
  recipe_id text not null,
  media_type text not null,
  bytes bytea not null,
  digest text not null,
  at timestamptz not null,
  constraint recipe_photo_pk primary key (kitchen_id, recipe_id),
  constraint recipe_photo_of_recipe foreign key (kitchen_id, recipe_id) references recipe (kitchen_id, id),
  constraint recipe_photo_small check (length(bytes) <= 600000)
);
`;

const policies = ["dressing_weighing", "spoilage", "recipe_photo"]
  .map(
    (table) => `alter table ${table} enable row level security;
   create policy own_kitchen on ${table} using (kitchen_id = ${current}) with check (kitchen_id = ${current});`,
  )
  .join("\n");

/** What the settings held becomes rows. */
const moved = `
insert into dressing_weighing (id, kitchen_id, salad_group, per_100g, at)
  select gen_random_uuid(), k.id, jar.value->>'group', (jar.value->>'per100g')::numeric, now()
  from kitchen k cross join lateral jsonb_array_elements(coalesce(k.settings->'jars', '[]')) with ordinality jar
  order by k.id, jar.ordinality;
insert into spoilage (entry_id, kitchen_id, ingredient_id, place, days)
  select e.id, l.kitchen_id, l.ingredient_id, l.place, (e.at::date - l.since)::int
  from entry e join lot l on l.id = e.lot_id
  where e.kind = 'spoiled' and l.state = 'raw' and l.moved is null and l.place <> 'freezer'
    and not exists (select from entry u where u.undoes = e.id);
`;

/** People by name instead of a number of them: each starts with what was said of all. */
const people = `
update kitchen set settings = (settings - 'jars' - 'wentOff' - 'diners')
  || jsonb_build_object(
    'scale', 'simulated',
    'eaters', (select jsonb_agg(jsonb_build_object('name', 'Person ' || n) || coalesce(settings->'diners',
        '{"diet": "any", "avoidAllergens": [], "avoidIngredients": []}'::jsonb))
      from generate_series(1, greatest(1, coalesce((settings#>>'{household,people}')::int, 2))) n),
    'household', coalesce(settings->'household', '{}'::jsonb) - 'people');
`;

const peopleBack = `
update kitchen k set settings = (settings - 'eaters' - 'scale') || jsonb_build_object(
  'diners', (settings->'eaters'->0) - 'name',
  'household', (settings->'household') || jsonb_build_object('people', jsonb_array_length(settings->'eaters')),
  'jars', (select coalesce(jsonb_agg(jsonb_build_object('group', salad_group, 'per100g', per_100g) order by seq), '[]')
           from dressing_weighing w where w.kitchen_id = k.id));
`;

const zones = `
alter table kitchen add column time_zone text not null default 'UTC';
`;

/** The demo kitchen is a place to look around in: it does not count as having set up one's own. */
const doors = (condition: string): string => `
create or replace function any_kitchen() returns boolean language sql stable security definer
  set search_path = pg_catalog, public as $$ select exists (select from kitchen ${condition}) $$;
`;

/** Names that say what they hold; lessons in tables of their own; people, a time zone, photos. */
export class PlainWords1764300000000 implements MigrationInterface {
  name = "PlainWords1764300000000";

  async up(runner: QueryRunner): Promise<void> {
    const rekey = rekeyed(formulaKeys);
    for (const sql of [renamed, rekey, learned, policies, moved, people, zones, doors("where not demo")])
      await runner.query(sql);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(doors(""));
    await runner.query("alter table kitchen drop column time_zone");
    await runner.query(peopleBack);
    await runner.query("drop table recipe_photo, spoilage, dressing_weighing");
    await runner.query(rekeyed(formulaKeys.map(([before, now]) => [now, before])));
    await runner.query(renamedBack);
  }
}
