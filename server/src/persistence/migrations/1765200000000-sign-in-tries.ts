import type { MigrationInterface, QueryRunner } from "typeorm";

/**
 * Tries to sign in, by a digest of the name (whether there is such a one or not) and by address. `begin_sign_in` counts a try and
 * gives 0, or counts nothing and gives the seconds that are still to be waited: after `free` tries one second, then twice as long
 * after each, a quarter of an hour at most. What is a day old is forgotten.
 */
const tries = `
create table sign_in_try (
  subject text primary key,
  tries integer not null,
  last_at timestamptz not null
);
create function sign_in_wait(tries integer, free integer) returns interval language sql immutable as $$
  select case when tries < free then interval '0'
    else make_interval(secs => least(900, power(2, least(tries - free, 10)))) end $$;
create function begin_sign_in(wanted text, free integer, moment timestamptz) returns integer
  language plpgsql security definer set search_path = pg_catalog, public as $$
declare waiting integer;
begin
  delete from sign_in_try where last_at < moment - interval '1 day';
  insert into sign_in_try as t values (wanted, 1, moment)
    on conflict (subject) do update set tries = t.tries + 1, last_at = moment
    where t.last_at + sign_in_wait(t.tries, free) <= moment;
  if found then return 0; end if;
  select ceil(extract(epoch from last_at + sign_in_wait(t.tries, free) - moment)) into waiting
    from sign_in_try t where subject = wanted;
  return greatest(1, waiting);
end $$;
create function forget_sign_in_tries(wanted text) returns void language sql security definer
  set search_path = pg_catalog, public as $$ delete from sign_in_try where subject = wanted $$;
revoke execute on all functions in schema public from public;
`;

export class SignInTries1765200000000 implements MigrationInterface {
  name = "SignInTries1765200000000";

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(tries);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      drop function begin_sign_in, forget_sign_in_tries, sign_in_wait;
      drop table sign_in_try;
    `);
  }
}
