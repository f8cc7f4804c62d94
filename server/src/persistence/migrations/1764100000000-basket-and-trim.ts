import type { MigrationInterface, QueryRunner } from "typeorm";

const kitchens = `
alter table kitchen
  add column locale text not null default 'en-GB',
  add column catalogue_revision bigint not null default 0;
`;

const beds = `
create table bed (
  id uuid constraint bed_pk primary key,
  kitchen_id uuid not null references kitchen (id),
  name text not null,
  ingredient_id text not null,
  state text not null,
  next_on date,
  next_g numeric(12,3),
  created_at timestamptz not null,
  constraint bed_says_when_and_how_much check ((next_on is null) = (next_g is null))
);
`;

const lots = `
alter table lot
  add column condition text,
  add column intake_id uuid,
  add column bed_id uuid references bed (id),
  add column label jsonb,
  add column moved jsonb,
  add column refreshed integer not null default 0;
create index lot_by_ingredient on lot (kitchen_id, ingredient_id, spoils_on, id) where balance_g > 0;
create index lot_by_state on lot (kitchen_id, state, spoils_on, id) where balance_g > 0;
create index lot_by_place on lot (kitchen_id, place, spoils_on, id) where balance_g > 0;
create index lot_by_source on lot (kitchen_id, source_kind, spoils_on, id) where balance_g > 0;
create index lot_of_intake on lot (intake_id) where intake_id is not null;
create index lot_of_parent on lot (parent_lot_id) where parent_lot_id is not null;
create index lot_of_bed on lot (bed_id, since) where bed_id is not null;
alter table entry add column undoes uuid constraint entry_undone_once unique references entry (id);
create index entry_gone_off on entry (kitchen_id, at) where kind = 'spoiled';
`;

/** The in-kinds with "split-from" among them; what is not listed goes out. */
const ledger = (inKinds: string): string => `
create or replace function entry_moves_balance() returns trigger language plpgsql security definer
  set search_path = pg_catalog, public as $$
begin
  update lot set balance_g = balance_g + case
    when new.kind in (${inKinds}) then new.grams
    else -new.grams end
  where id = new.lot_id and kitchen_id = new.kitchen_id;
  if not found then raise foreign_key_violation using message = 'entry of a lot of another kitchen'; end if;
  return null;
end $$;
`;
const firstKinds = "'received', 'from-trim', 'by-product', 'returned', 'corrected'";

const trims = `
alter table trim add column juices text;
create table trim_withdrawal (
  id uuid constraint trim_withdrawal_pk primary key,
  kitchen_id uuid not null references kitchen (id),
  trim_id uuid not null constraint trim_withdrawn_once unique references trim (id),
  reason text not null,
  grams_back boolean not null,
  at timestamptz not null,
  member_id uuid not null references member (id)
);
create trigger trim_withdrawal_append_only before update or delete on trim_withdrawal
  for each row execute function ledger_is_append_only();
`;

const figures = `
create table own_ingredient (
  kitchen_id uuid not null references kitchen (id),
  id text not null,
  body jsonb not null,
  constraint own_ingredient_pk primary key (kitchen_id, id)
);
create table own_figure (
  kitchen_id uuid not null references kitchen (id),
  ingredient_id text not null,
  figure_table text not null,
  figure_key text not null,
  value numeric(14,5) not null,
  low numeric(14,5) not null,
  high numeric(14,5) not null,
  note text not null,
  constraint own_figure_pk primary key (kitchen_id, ingredient_id, figure_table, figure_key),
  constraint own_figure_in_order check (low <= value and value <= high)
);
`;

const scale = `
alter table scale
  add column unit text not null default 'g',
  add column held_g numeric(12,3),
  add column plugged boolean not null default true,
  add column used_at timestamptz not null default 'epoch';
alter table scale alter column used_at drop default;
`;

const current = "nullif(current_setting('app.kitchen_id', true), '')::uuid";
const newTables = ["bed", "trim_withdrawal", "own_ingredient", "own_figure"];

const policies = newTables
  .map(
    (table) => `alter table ${table} enable row level security;
   create policy own_kitchen on ${table} using (kitchen_id = ${current}) with check (kitchen_id = ${current});`,
  )
  .join("\n");

export class BasketAndTrim1764100000000 implements MigrationInterface {
  name = "BasketAndTrim1764100000000";

  async up(runner: QueryRunner): Promise<void> {
    const steps = [
      kitchens,
      beds,
      lots,
      ledger(`${firstKinds}, 'split-from'`),
      trims,
      figures,
      scale,
      policies,
    ];
    for (const sql of steps) await runner.query(sql);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      drop table own_figure, own_ingredient, trim_withdrawal;
      alter table trim drop column juices;
      alter table scale drop column unit, drop column held_g, drop column plugged, drop column used_at;
      drop index entry_gone_off;
      alter table entry drop column undoes;
      drop index lot_by_ingredient, lot_by_state, lot_by_place, lot_by_source, lot_of_parent;
      alter table lot drop column condition, drop column intake_id, drop column bed_id, drop column label,
        drop column moved, drop column refreshed;
      drop table bed;
      alter table kitchen drop column locale, drop column catalogue_revision;
    `);
    await runner.query(ledger(firstKinds));
  }
}
