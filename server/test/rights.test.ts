import { afterAll, beforeAll, describe, expect, it } from "@jest/globals";
import { appUrlFor, migrate } from "../src/persistence/migrate.ts";
import { dataSourceFor } from "../src/persistence/data-source.ts";
import { servingRole } from "../src/persistence/rights.ts";
import { aLot, openTestKitchen, type Browser, type TestKitchen } from "./test-kitchen.ts";

let kitchen: TestKitchen;
let wren: Browser;
let ownerUrl: string;
beforeAll(async () => {
  kitchen = await openTestKitchen();
  wren = await kitchen.setUp("Wren");
  ownerUrl = (kitchen.owner.options as { url: string }).url;
});
afterAll(() => kitchen.close());

const signsIn = async (): Promise<number> =>
  (await kitchen.guest.call("signIn", { body: { name: "Wren", password: "long enough" } })).status;

describe("rights", () => {
  it("are given again at every start: a dump that was restored has none", async () => {
    const { name } = servingRole(ownerUrl);
    await kitchen.owner.query(`revoke all on all tables in schema public from ${name};
      revoke all on all functions in schema public from ${name}; revoke all on all sequences in schema public from ${name}`);
    expect(await signsIn()).toBe(500);
    await migrate(ownerUrl);
    expect(await signsIn()).toBe(201);
    expect((await wren.call("logLot", { body: aLot("kale", "300") })).status).toBe(201);
  });

  it("nobody else may call a function or read a table, and what a start finds too much it takes away", async () => {
    await kitchen.owner.query("grant select on account to public; grant execute on function prune to public");
    await migrate(ownerUrl);
    const [open] = await kitchen.owner.query<{ functions: string; tables: string }[]>(`
      select (select count(*) from information_schema.role_routine_grants
          where routine_schema = 'public' and grantee = 'PUBLIC') as functions,
        (select count(*) from information_schema.role_table_grants
          where table_schema = 'public' and grantee = 'PUBLIC') as tables`);
    expect(open).toEqual({ functions: "0", tables: "0" });
  });

  it("the serving role reads no account, and may not change its own rights", async () => {
    const state = (sql: string): Promise<string> =>
      kitchen.appSource.query(sql).then(
        () => "done",
        (error: { driverError?: { code?: string } }) => error.driverError?.code ?? "?",
      );
    expect(await state("select * from account")).toBe("42501");
    expect(await state("update member set role = 'owner'")).toBe("done");
    expect(await state("update member set name = 'x'")).toBe("42501");
    expect(await state("grant select on account to public")).toBe("42501");
    const [{ role } = { role: "" }] = await kitchen.owner.query<{ role: string }[]>(
      "select role from member where name = 'Wren'",
    );
    expect(role).toBe("owner");
  });

  it("two installs on one server have a role each; neither sets the other's password", () => {
    const other = new URL(ownerUrl);
    other.pathname = "/another_kitchen";
    expect(servingRole(other.href).name).not.toBe(servingRole(ownerUrl).name);
    expect(servingRole(other.href).password).not.toBe(servingRole(ownerUrl).password);
    other.pathname = new URL(ownerUrl).pathname;
    other.username = "somebody_else";
    expect(servingRole(other.href).name).not.toBe(servingRole(ownerUrl).name);
  });

  it("without a password of the owner's there is none of the serving role's either", () => {
    expect(() => servingRole("postgres://owner@127.0.0.1/apron")).toThrow(/no password/);
  });
});

describe("an upgrade from when a kitchen had one cook", () => {
  it("keeps who signs in, with their password, as the owner", async () => {
    const admin = await dataSourceFor(ownerUrl, 1).initialize();
    // Newer ones first.
    const newer = await admin.query<unknown[]>("select from migrations where timestamp >= 1765300000000");
    for (let undone = 0; undone < newer.length; undone++) await admin.undoLastMigration();
    expect(await admin.query("select name_key from member")).toEqual([{ name_key: "wren" }]);
    await admin.destroy();
    await migrate(ownerUrl);
    const source = await dataSourceFor(appUrlFor(ownerUrl), 1).initialize();
    await source.destroy();
    const signed = await kitchen.guest.call("signIn", { body: { name: "Wren", password: "long enough" } });
    expect([signed.status, signed.body.member]).toEqual([201, expect.objectContaining({ role: "owner" })]);
  });
});
