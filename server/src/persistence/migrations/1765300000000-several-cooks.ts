import type { MigrationInterface, QueryRunner } from "typeorm";

const current = "nullif(current_setting('app.kitchen_id', true), '')::uuid";

/**
 * A person signs in with one name and password (`account`), and is a member of one kitchen or several. What the ledger names is
 * the member: it stays when the person has left. Accounts belong to no kitchen: the serving role sees them through doors alone.
 */
const people = `
create table account (
  id uuid constraint account_pk primary key,
  name text not null,
  name_key text not null constraint account_name_key_is_unique unique,
  password_hash text not null,
  created_at timestamptz not null
);
alter table account enable row level security;
insert into account (id, name, name_key, password_hash, created_at)
  select id, name, name_key, password_hash, created_at from member;
alter table member drop constraint member_name_key_is_unique;
alter table member
  drop column name_key,
  drop column password_hash,
  add column account_id uuid references account (id) on delete set null,
  add column role text not null default 'cook' constraint member_role_is_known check (role in ('owner', 'cook')),
  add column left_at timestamptz;
update member set account_id = id;
update member m set role = 'owner'
  where not exists (select from member o where o.kitchen_id = m.kitchen_id
    and (o.created_at, o.name) < (m.created_at, m.name));
create unique index member_once_in_kitchen on member (kitchen_id, account_id) where left_at is null;
create index member_of_account on member (account_id) where account_id is not null;
alter table session
  add column id uuid not null default gen_random_uuid(),
  add column account_id uuid references account (id) on delete cascade,
  add column opened_at timestamptz not null default now(),
  add column seen_at timestamptz not null default now(),
  add column device text not null default '';
update session set account_id = member_id;
alter table session alter column id drop default, alter column opened_at drop default, alter column seen_at drop default,
  alter column device drop default;
alter table member alter column role drop default;
create index session_of_account on session (account_id);
create table invite (
  id uuid constraint invite_pk primary key,
  kitchen_id uuid not null references kitchen (id),
  kind text not null constraint invite_kind_is_known check (kind in ('join', 'password')),
  role text not null,
  account_id uuid references account (id) on delete cascade,
  code_hash text not null constraint invite_code_is_unique unique,
  created_at timestamptz not null,
  expires_at timestamptz not null,
  ended_at timestamptz
);
create index invite_open on invite (kitchen_id, expires_at) where ended_at is null;
create table security_event (
  id uuid constraint security_event_pk primary key,
  kitchen_id uuid not null references kitchen (id),
  at timestamptz not null,
  kind text not null,
  who text not null,
  whom text not null
);
create index security_event_newest on security_event (kitchen_id, at);
${["invite", "security_event"]
  .map(
    (table) => `alter table ${table} enable row level security;
create policy own_kitchen on ${table} using (kitchen_id = ${current}) with check (kitchen_id = ${current});`,
  )
  .join("\n")}
alter table kitchen add column delete_after timestamptz;
`;

const definer = "security definer set search_path = pg_catalog, public";

/** What is asked, and changed, of people: each a narrow question that the database's owner answers. */
const doors = `
drop function find_member(text);
drop function find_demo_member();
drop function find_session(text, timestamptz);
create function find_account(wanted text) returns table (id uuid, name text, password_hash text)
  language sql stable ${definer} as $$ select id, name, password_hash from account where name_key = wanted $$;
create function password_of(wanted uuid) returns text
  language sql stable ${definer} as $$ select password_hash from account where id = wanted $$;
create function set_password(wanted uuid, hash text) returns void
  language sql ${definer} as $$ update account set password_hash = hash where id = wanted $$;
create function add_account(new_id uuid, new_name text, new_key text, hash text, moment timestamptz) returns boolean
  language sql ${definer} as $$
  with added as (insert into account values (new_id, new_name, new_key, hash, moment) on conflict do nothing returning 1)
  select exists (select from added) $$;
create function kitchens_of(wanted uuid)
  returns table (member_id uuid, kitchen_id uuid, kitchen_name text, role text, demo boolean, owners integer)
  language sql stable ${definer} as $$
  select m.id, k.id, k.name, m.role, k.demo, (select count(*)::integer from member o
      where o.kitchen_id = k.id and o.role = 'owner' and o.left_at is null and o.account_id is not null)
    from member m join kitchen k on k.id = m.kitchen_id
    where m.account_id = wanted and m.left_at is null order by k.demo, m.created_at, k.name $$;
create function find_demo_member() returns table (id uuid, kitchen_id uuid, name text, account_id uuid)
  language sql stable ${definer} as $$
  select m.id, m.kitchen_id, m.name, m.account_id from member m join kitchen k on k.id = m.kitchen_id
    where k.demo and m.left_at is null and m.account_id is not null
    order by m.role = 'owner' desc, m.created_at, m.name limit 1 $$;
create function find_session(wanted text, moment timestamptz)
  returns table (id uuid, account_id uuid, member_id uuid, member_name text, role text, seen_at timestamptz, kitchen jsonb)
  language plpgsql stable ${definer} as $$
begin
  -- Asked with every request: plpgsql keeps the plan, a plain SQL function would plan it anew each time.
  return query select s.id, s.account_id, m.id, m.name, m.role, s.seen_at, to_jsonb(k) from session s
    join member m on m.id = s.member_id and m.left_at is null join kitchen k on k.id = s.kitchen_id
    where s.token_hash = wanted and s.expires_at > moment;
end $$;
create function seen_session(wanted text, moment timestamptz) returns void
  language sql ${definer} as $$ update session set seen_at = moment where token_hash = wanted $$;
create function sessions_of(wanted uuid, moment timestamptz)
  returns table (id uuid, kitchen_name text, device text, opened_at timestamptz, seen_at timestamptz)
  language sql stable ${definer} as $$
  select s.id, k.name, s.device, s.opened_at, s.seen_at from session s join kitchen k on k.id = s.kitchen_id
    where s.account_id = wanted and s.expires_at > moment order by s.seen_at desc, s.id $$;
create function end_session(of_account uuid, wanted uuid) returns boolean
  language sql ${definer} as $$
  with ended as (delete from session where account_id = of_account and id = wanted returning 1)
  select exists (select from ended) $$;
create function end_other_sessions(of_account uuid, kept uuid) returns void
  language sql ${definer} as $$ delete from session where account_id = of_account and id is distinct from kept $$;
create function switch_session(wanted uuid, of_account uuid, to_member uuid) returns boolean
  language sql ${definer} as $$
  with switched as (update session s set member_id = m.id, kitchen_id = m.kitchen_id from member m
    where s.id = wanted and s.account_id = of_account and m.id = to_member
      and m.account_id = of_account and m.left_at is null returning 1)
  select exists (select from switched) $$;
create function find_invite(wanted text, moment timestamptz)
  returns table (id uuid, kitchen_id uuid, kind text, role text, account_id uuid, expires_at timestamptz,
    kitchen_name text, account_name text)
  language sql stable ${definer} as $$
  select i.id, i.kitchen_id, i.kind, i.role, i.account_id, i.expires_at, k.name, a.name
    from invite i join kitchen k on k.id = i.kitchen_id left join account a on a.id = i.account_id
    where i.code_hash = wanted and i.ended_at is null and i.expires_at > moment $$;
create function remove_account(wanted uuid, moment timestamptz) returns void
  language sql ${definer} as $$
  update member set left_at = moment where account_id = wanted and left_at is null;
  delete from account where id = wanted $$;
`;

/** Nothing of the ledger can be deleted, but with its whole kitchen, once its grace is over. */
const deletion = `
create or replace function ledger_is_append_only() returns trigger language plpgsql as $$
begin
  if tg_op = 'DELETE' and current_setting('app.deleting_kitchen', true) = old.kitchen_id::text
    and not exists (select from kitchen k where k.id = old.kitchen_id and k.delete_after is null)
    and current_user = (select tableowner from pg_tables where schemaname = 'public' and tablename = tg_table_name)
    then return old; end if;
  raise exception 'the ledger is append-only' using errcode = 'restrict_violation';
end $$;
create function delete_due_kitchens(moment timestamptz) returns integer
  language plpgsql ${definer} as $$
declare due uuid; deleted integer := 0; scoped text;
begin
  for due in select id from kitchen where delete_after <= moment for update skip locked loop
    perform set_config('app.deleting_kitchen', due::text, true);
    foreach scoped in array array['withdrawal', 'container', 'batch_photo', 'batch_input', 'entry', 'trim_withdrawal',
      'trim_part', 'trim', 'cook_event', 'cook_time', 'plan', 'spoilage', 'dressing_weighing', 'batch', 'recipe_photo',
      'recipe_version', 'recipe', 'lot', 'bed', 'own_figure', 'own_ingredient', 'scale', 'idempotency_record',
      'session', 'invite', 'security_event', 'member'] loop
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

/** Every write of a kitchen is told to whoever listens, with who did what; so is a scale that was touched and a session that ended. */
const news = `
create function kitchen_has_news() returns trigger language plpgsql as $$
declare doing jsonb := coalesce(nullif(current_setting('app.doing', true), ''), '{"session": "", "by": "", "act": ""}')::jsonb;
begin
  perform pg_notify('kitchen', (doing || jsonb_build_object('id', new.id, 'revision', new.revision))::text);
  return null;
end $$;
create trigger kitchen_has_news after update of revision on kitchen for each row execute function kitchen_has_news();
create function scale_has_news() returns trigger language plpgsql as $$
begin
  perform pg_notify('scale', new.kitchen_id::text);
  return null;
end $$;
create trigger scale_has_news after insert or update on scale for each row execute function scale_has_news();
create function session_has_ended() returns trigger language plpgsql as $$
begin
  perform pg_notify('session', old.id::text);
  return null;
end $$;
create trigger session_has_ended after delete on session for each row execute function session_has_ended();
`;

/** What only grows: keys of writes that nobody will send again, old security events, invitations long over. */
const pruning = `
create index idempotency_record_at on idempotency_record (at);
create function prune(moment timestamptz) returns void
  language sql ${definer} as $$
  delete from idempotency_record where at < moment - interval '7 days';
  delete from security_event where at < moment - interval '1 year';
  delete from invite where expires_at < moment - interval '30 days';
  delete from session where expires_at < moment;
  delete from sign_in_try where last_at < moment - interval '1 day' $$;
`;

const before = `
drop trigger kitchen_has_news on kitchen;
drop trigger scale_has_news on scale;
drop trigger session_has_ended on session;
drop index idempotency_record_at;
drop function kitchen_has_news, scale_has_news, session_has_ended, prune, delete_due_kitchens, find_account, password_of, set_password, add_account,
  kitchens_of, find_demo_member, find_session, seen_session, sessions_of, end_session, end_other_sessions,
  switch_session, find_invite, remove_account;
drop table invite, security_event;
alter table session drop column id, drop column account_id, drop column opened_at, drop column seen_at, drop column device;
alter table member add column name_key text, add column password_hash text;
update member m set name_key = coalesce((select a.name_key from account a where a.id = m.account_id
    and not exists (select from member o where o.account_id = a.id and o.created_at < m.created_at)), m.id::text),
  password_hash = coalesce((select a.password_hash from account a where a.id = m.account_id), '-');
alter table member alter column name_key set not null, alter column password_hash set not null,
  drop column account_id, drop column role, drop column left_at,
  add constraint member_name_key_is_unique unique (name_key);
drop table account;
alter table kitchen drop column delete_after;
create function find_member(wanted text)
  returns table (id uuid, kitchen_id uuid, name text, password_hash text) language sql stable ${definer} as
  $$ select id, kitchen_id, name, password_hash from member where name_key = wanted $$;
create function find_demo_member() returns table (id uuid, kitchen_id uuid, name text) language sql stable ${definer} as
  $$ select m.id, m.kitchen_id, m.name from member m join kitchen k on k.id = m.kitchen_id
     where k.demo order by m.created_at, m.name limit 1 $$;
create function find_session(wanted text, moment timestamptz)
  returns table (member_id uuid, member_name text, kitchen jsonb) language plpgsql stable ${definer} as $$
begin
  return query select m.id, m.name, to_jsonb(k) from session s
    join member m on m.id = s.member_id join kitchen k on k.id = s.kitchen_id
    where s.token_hash = wanted and s.expires_at > moment;
end $$;
create or replace function ledger_is_append_only() returns trigger language plpgsql as $$
begin raise exception 'the ledger is append-only' using errcode = 'restrict_violation'; end $$;
`;

export class SeveralCooks1765300000000 implements MigrationInterface {
  name = "SeveralCooks1765300000000";

  async up(runner: QueryRunner): Promise<void> {
    for (const sql of [people, doors, deletion, news, pruning]) await runner.query(sql);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(before);
  }
}
