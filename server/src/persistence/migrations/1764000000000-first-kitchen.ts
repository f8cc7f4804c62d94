import type { MigrationInterface, QueryRunner } from "typeorm";

const tables = `
create table kitchen (
  id uuid constraint kitchen_pk primary key,
  name text not null,
  dialect text not null,
  units text not null,
  cup text not null,
  currency text not null,
  demo boolean not null,
  revision bigint not null default 0,
  settings jsonb not null
);
create table member (
  id uuid constraint member_pk primary key,
  kitchen_id uuid not null references kitchen (id),
  name text not null,
  name_key text not null constraint member_name_key_is_unique unique,
  password_hash text not null,
  created_at timestamptz not null
);
create table session (
  token_hash text constraint session_pk primary key,
  member_id uuid not null references member (id),
  kitchen_id uuid not null references kitchen (id),
  expires_at timestamptz not null
);
create table served_request (
  kitchen_id uuid not null references kitchen (id),
  key uuid not null,
  fingerprint text not null,
  reply jsonb,
  at timestamptz not null,
  constraint served_request_pk primary key (kitchen_id, key)
);
create table scale (
  kitchen_id uuid constraint scale_pk primary key references kitchen (id),
  pile_g numeric(12,3) not null,
  tare_g numeric(12,3) not null,
  was_g numeric(12,3) not null,
  changed_at timestamptz not null
);
create table lot (
  id uuid constraint lot_pk primary key,
  kitchen_id uuid not null references kitchen (id),
  ingredient_id text not null,
  state text not null,
  method text,
  grade text not null,
  source_kind text not null,
  source_note text not null,
  place text not null,
  since date not null,
  best_before date,
  price_minor integer,
  estimate_low numeric(12,3),
  estimate_high numeric(12,3),
  received_g numeric(12,3) not null,
  balance_g numeric(12,3) not null default 0,
  spoils_on date not null,
  parent_lot_id uuid references lot (id),
  note text not null,
  created_at timestamptz not null,
  constraint lot_balance_not_negative check (balance_g >= 0),
  constraint lot_received_positive check (received_g > 0)
);
create index lot_use_first on lot (kitchen_id, spoils_on, id) where balance_g > 0;
create index lot_recent on lot (kitchen_id, created_at);
create table recipe (
  kitchen_id uuid not null references kitchen (id),
  id text not null,
  version integer not null,
  constraint recipe_pk primary key (kitchen_id, id)
);
create table recipe_version (
  kitchen_id uuid not null,
  recipe_id text not null,
  version integer not null,
  formula jsonb not null,
  created_at timestamptz not null,
  constraint recipe_version_pk primary key (kitchen_id, recipe_id, version),
  constraint recipe_version_of_recipe foreign key (kitchen_id, recipe_id) references recipe (kitchen_id, id)
);
create table batch (
  id uuid constraint batch_pk primary key,
  kitchen_id uuid not null references kitchen (id),
  recipe_id text not null,
  recipe_version integer not null,
  name text not null,
  kind text not null,
  batches numeric(12,3) not null,
  servings numeric(12,3) not null,
  made_at timestamptz not null,
  made_on date not null,
  output_g numeric(12,3) not null,
  weighed boolean not null,
  allergens jsonb not null,
  member_id uuid not null references member (id),
  constraint batch_of_version foreign key (kitchen_id, recipe_id, recipe_version)
    references recipe_version (kitchen_id, recipe_id, version)
);
create table batch_input (
  id uuid constraint batch_input_pk primary key,
  kitchen_id uuid not null references kitchen (id),
  batch_id uuid not null references batch (id),
  line_id text not null,
  ingredient_id text not null,
  lot_id uuid references lot (id),
  grams numeric(12,3) not null
);
create index batch_input_of_batch on batch_input (batch_id);
create table trim (
  id uuid constraint trim_pk primary key,
  seq bigserial not null,
  kitchen_id uuid not null references kitchen (id),
  lot_id uuid not null references lot (id),
  ingredient_id text not null,
  method text not null,
  grade text not null,
  raw_g numeric(12,3) not null,
  usable_g numeric(12,3) not null,
  parts_g numeric(12,3) not null,
  loss_g numeric(12,3) not null,
  learned boolean not null,
  usable_lot_id uuid not null references lot (id),
  at timestamptz not null,
  member_id uuid not null references member (id),
  constraint trim_closes_to_the_gram check (raw_g = usable_g + parts_g + loss_g),
  constraint trim_loss_not_negative check (loss_g >= 0)
);
create index trim_learned on trim (kitchen_id, ingredient_id, method, at) where learned;
create table trim_part (
  id uuid constraint trim_part_pk primary key,
  kitchen_id uuid not null references kitchen (id),
  trim_id uuid not null references trim (id),
  part text not null,
  grams numeric(12,3) not null,
  fate text not null,
  lot_id uuid references lot (id)
);
create table entry (
  id uuid constraint entry_pk primary key,
  seq bigserial not null,
  kitchen_id uuid not null references kitchen (id),
  lot_id uuid not null references lot (id),
  kind text not null,
  grams numeric(12,3) not null,
  at timestamptz not null,
  member_id uuid not null references member (id),
  reason text not null,
  batch_id uuid references batch (id),
  trim_id uuid references trim (id),
  constraint entry_grams_signed_only_when_corrected check (grams > 0 or kind = 'corrected')
);
create index entry_of_lot on entry (lot_id, seq);
create table container (
  id uuid constraint container_pk primary key,
  kitchen_id uuid not null references kitchen (id),
  batch_id uuid not null references batch (id),
  kind text not null,
  place text not null,
  start_g numeric(12,3) not null,
  remaining_g numeric(12,3) not null,
  portion_g numeric(12,3) not null,
  use_by date not null,
  use_by_limit text not null,
  reason text not null,
  source text not null,
  practice_from date,
  practice_to date,
  must_never text not null,
  thaw_days integer,
  constraint container_not_overdrawn check (remaining_g >= 0 and remaining_g <= start_g)
);
create index container_first_out on container (kitchen_id, use_by) where remaining_g > 0;
create table withdrawal (
  id uuid constraint withdrawal_pk primary key,
  kitchen_id uuid not null references kitchen (id),
  container_id uuid not null references container (id),
  grams numeric(12,3) not null,
  fate text not null,
  at timestamptz not null,
  member_id uuid not null references member (id),
  undoes uuid constraint withdrawal_undone_once unique references withdrawal (id),
  constraint withdrawal_negative_only_when_undone check (grams > 0 or undoes is not null)
);
create index withdrawal_of_container on withdrawal (container_id);
`;

/** Balances follow the ledger and nothing else: the serving role may not write them. */
const ledger = `
create function entry_moves_balance() returns trigger language plpgsql security definer
  set search_path = pg_catalog, public as $$
begin
  update lot set balance_g = balance_g + case
    when new.kind in ('received', 'from-trim', 'by-product', 'returned', 'corrected') then new.grams
    else -new.grams end
  where id = new.lot_id and kitchen_id = new.kitchen_id;
  if not found then raise foreign_key_violation using message = 'entry of a lot of another kitchen'; end if;
  return null;
end $$;
create trigger entry_moves_balance after insert on entry for each row execute function entry_moves_balance();

create function withdrawal_moves_remaining() returns trigger language plpgsql security definer
  set search_path = pg_catalog, public as $$
begin
  update container set remaining_g = remaining_g - new.grams
  where id = new.container_id and kitchen_id = new.kitchen_id;
  if not found then raise foreign_key_violation using message = 'withdrawal from another kitchen'; end if;
  return null;
end $$;
create trigger withdrawal_moves_remaining after insert on withdrawal
  for each row execute function withdrawal_moves_remaining();

create function ledger_is_append_only() returns trigger language plpgsql as $$
begin raise exception 'the ledger is append-only' using errcode = 'restrict_violation'; end $$;
create trigger entry_append_only before update or delete on entry
  for each row execute function ledger_is_append_only();
create trigger withdrawal_append_only before update or delete on withdrawal
  for each row execute function ledger_is_append_only();
`;

/** What must be known before the kitchen is: answered by the owner, one narrow question at a time. */
const doors = `
create function any_kitchen() returns boolean language sql stable security definer
  set search_path = pg_catalog, public as $$ select exists (select from kitchen) $$;
create function find_member(wanted text)
  returns table (id uuid, kitchen_id uuid, name text, password_hash text)
  language sql stable security definer set search_path = pg_catalog, public as
  $$ select id, kitchen_id, name, password_hash from member where name_key = wanted $$;
create function find_demo_member()
  returns table (id uuid, kitchen_id uuid, name text)
  language sql stable security definer set search_path = pg_catalog, public as
  $$ select m.id, m.kitchen_id, m.name from member m join kitchen k on k.id = m.kitchen_id
     where k.demo order by m.created_at, m.name limit 1 $$;
create function find_session(wanted text, moment timestamptz)
  returns table (member_id uuid, member_name text, kitchen jsonb)
  language plpgsql stable security definer set search_path = pg_catalog, public as $$
begin
  -- Asked with every request: plpgsql keeps the plan, a plain SQL function would plan it anew each time.
  return query select m.id, m.name, to_jsonb(k) from session s
    join member m on m.id = s.member_id join kitchen k on k.id = s.kitchen_id
    where s.token_hash = wanted and s.expires_at > moment;
end $$;
`;

const scoped = [
  "member",
  "session",
  "served_request",
  "scale",
  "lot",
  "entry",
  "trim",
  "trim_part",
  "recipe",
  "recipe_version",
  "batch",
  "batch_input",
  "container",
  "withdrawal",
];

const current = "nullif(current_setting('app.kitchen_id', true), '')::uuid";

const policies = [
  `alter table kitchen enable row level security;
   create policy own_kitchen on kitchen using (id = ${current}) with check (id = ${current});`,
  ...scoped.map(
    (table) => `alter table ${table} enable row level security;
   create policy own_kitchen on ${table} using (kitchen_id = ${current}) with check (kitchen_id = ${current});`,
  ),
].join("\n");

export class FirstKitchen1764000000000 implements MigrationInterface {
  name = "FirstKitchen1764000000000";

  async up(runner: QueryRunner): Promise<void> {
    for (const sql of [tables, ledger, doors, policies]) await runner.query(sql);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      drop table withdrawal, container, entry, trim_part, trim, batch_input, batch, recipe_version, recipe, lot,
        scale, served_request, session, member, kitchen cascade;
      drop function entry_moves_balance, withdrawal_moves_remaining, ledger_is_append_only, any_kitchen,
        find_member, find_demo_member, find_session cascade;
    `);
  }
}
