import { randomUUID } from "node:crypto";
import { afterAll, beforeAll, describe, expect, it } from "@jest/globals";
import { onHand } from "@apron/core/basket";
import { firstSettings } from "../src/context/kitchen-settings.ts";
import { dataSourceFor } from "../src/persistence/data-source.ts";
import { migrate } from "../src/persistence/migrate.ts";
import { aLot, openTestKitchen, usableLot, type Browser, type TestKitchen } from "./test-kitchen.ts";

let kitchen: TestKitchen;
let wren: Browser;
let lotId: string;
beforeAll(async () => {
  kitchen = await openTestKitchen();
  wren = await kitchen.setUp();
  lotId = (await wren.call("logLot", { body: aLot("chard", "1000") })).body.id;
});
afterAll(() => kitchen.close());

const stateOf = (work: Promise<unknown>): Promise<string> =>
  work.then(
    () => "accepted",
    (error: { driverError?: { code?: string } }) => error.driverError?.code ?? "?",
  );

describe("the schema", () => {
  it("is what the entity tables say: nothing to synchronise", async () => {
    const { upQueries } = await kitchen.owner.driver.createSchemaBuilder().log();
    // Foreign keys are written in SQL only: the tables name no relations.
    const drift = upQueries
      .map((q) => q.query)
      .filter((sql) => !/DROP CONSTRAINT ".*(fkey|_of_version|_of_recipe)"/.test(sql));
    expect(drift).toEqual([]);
  });

  it("can be taken back and put up again, and migrating twice changes nothing", async () => {
    const admin = await dataSourceFor(process.env["TEST_DATABASE_URL"] ?? "", 1).initialize();
    const name = `twice_${randomUUID().replaceAll("-", "")}`;
    await admin.query(`create database ${name}`);
    const url = new URL(process.env["TEST_DATABASE_URL"] ?? "");
    url.pathname = `/${name}`;
    await Promise.all([migrate(url.href), migrate(url.href)]);
    const source = await dataSourceFor(url.href, 1).initialize();
    const tables = () => source.query<unknown[]>("select from pg_tables where schemaname = 'public'");
    const up = (await tables()).length;
    for (const _each of source.migrations) await source.undoLastMigration();
    expect((await tables()).length).toBe(1);
    await source.runMigrations();
    expect((await tables()).length).toBe(up);
    await source.destroy();
    await admin.query(`drop database ${name} with (force)`);
    await admin.destroy();
  });
});

describe("a fresh cluster", () => {
  it("lets several programs begin at once, each with a database of its own", async () => {
    const admin = await dataSourceFor(process.env["TEST_DATABASE_URL"] ?? "", 1).initialize();
    const names = Array.from({ length: 6 }, () => `rival_${randomUUID().replaceAll("-", "")}`);
    for (const name of names) await admin.query(`create database ${name}`);
    const urlOf = (name: string): string => {
      const url = new URL(process.env["TEST_DATABASE_URL"] ?? "");
      url.pathname = `/${name}`;
      return url.href;
    };
    const begun = await Promise.allSettled(names.map((name) => migrate(urlOf(name))));
    expect(begun.map((b) => b.status)).toEqual(names.map(() => "fulfilled"));
    for (const name of names) await admin.query(`drop database ${name} with (force)`);
    await admin.destroy();
  });
});

describe("one kitchen never sees another", () => {
  const other = randomUUID();
  beforeAll(async () => {
    const cook = {
      id: randomUUID(),
      kitchenId: other,
      name: "Stranger",
      role: "owner" as const,
      passwordHash: "-",
      createdAt: new Date(),
    };
    const about = {
      name: "Other",
      dialect: "us",
      units: "us",
      cup: "us-customary",
      currency: "USD",
      demo: false,
    } as const;
    await kitchen.deps.database.authStore.createKitchen(
      {
        id: other,
        ...about,
        revision: 0,
        settings: firstSettings,
        locale: "en-US",
        catalogueRevision: 0,
        timeZone: "UTC",
        deleteAfter: null,
      },
      [cook],
    );
  });

  it("reads only its own rows, and none at all without a kitchen", async () => {
    expect(await kitchen.deps.database.read(other, (stores) => stores.lots.get(lotId))).toBeUndefined();
    expect(await kitchen.deps.database.read(other, (stores) => stores.lots.onHand())).toEqual([]);
    expect(await kitchen.appSource.query("select * from lot")).toEqual([]);
    expect(await kitchen.appSource.query("select * from member")).toEqual([]);
  });

  it("cannot write into another kitchen, even knowing its ids", async () => {
    const entry = {
      id: randomUUID(),
      lotId,
      kind: "spoiled" as const,
      grams: 10,
      at: new Date(),
      memberId: randomUUID(),
      reason: "",
      batchId: null,
      trimId: null,
      undoes: null,
    };
    const claim = { kitchenId: other, key: randomUUID(), fingerprint: "x", at: new Date() };
    const work = kitchen.deps.database.write(claim, async (stores) => {
      await stores.lots.append([entry]);
      return { ok: true, value: true };
    });
    expect(await stateOf(work)).toBe("23503");
    expect((await wren.call("getLot", { params: { id: lotId } })).body.grams).toBe(1000);
  });

  it("keeps forty transactions over one pool apart", async () => {
    const kitchenId = (await wren.call("currentSession", {})).body.kitchen.id;
    const seen = await Promise.all(
      Array.from({ length: 40 }, (_, i) =>
        kitchen.deps.database.read(i % 2 ? other : kitchenId, (stores) => stores.lots.onHand()),
      ),
    );
    expect(seen.map((lots) => lots.length)).toEqual(Array.from({ length: 40 }, (_, i) => (i % 2 ? 0 : 1)));
  });
});

describe("the ledger in the database", () => {
  it("lets nobody edit or delete what was written, not even its owner", async () => {
    expect(await stateOf(kitchen.owner.query("update entry set grams = 1"))).toBe("23001");
    expect(await stateOf(kitchen.owner.query("delete from entry"))).toBe("23001");
    expect(await stateOf(kitchen.owner.query("delete from withdrawal where false"))).toBe("accepted");
  });

  it("lets the serving role move balances through the ledger only", async () => {
    const kitchenId = (await wren.call("currentSession", {})).body.kitchen.id;
    const direct = kitchen.appSource.transaction(async (em) => {
      await em.query("select set_config('app.kitchen_id', $1, true)", [kitchenId]);
      await em.query("update lot set balance_g = 5000");
    });
    expect(await stateOf(direct)).toBe("42501");
  });

  it("refuses a balance below zero and a trim that does not close", async () => {
    const [member] = await kitchen.owner.query<{ id: string; kitchen_id: string }[]>(
      "select id, kitchen_id from member where name = 'Wren'",
    );
    const overdraw = kitchen.owner.query(
      "insert into entry (id, kitchen_id, lot_id, kind, grams, at, member_id, reason) values ($1, $2, $3, 'used', 1001, now(), $4, '')",
      [randomUUID(), member?.kitchen_id, lotId, member?.id],
    );
    expect(await stateOf(overdraw)).toBe("23514");
    const open = kitchen.owner.query(
      `insert into trim (id, kitchen_id, lot_id, ingredient_id, method, grade, raw_g, usable_g, parts_g, loss_g, learned, usable_lot_id, at, member_id)
       values ($1, $2, $3, 'chard', 'x', 'prime', 100, 60, 30, 5, false, $3, now(), $4)`,
      [randomUUID(), member?.kitchen_id, lotId, member?.id],
    );
    expect(await stateOf(open)).toBe("23514");
  });

  it("balances every lot to the fold of its entries after a hundred random movements at once", async () => {
    const lots = await Promise.all([600, 400, 500].map((grams) => usableLot(wren, "kale", grams)));
    let state = 42;
    const chance = (): number => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
    const moves = Array.from({ length: 100 }, () => {
      const lot = lots[Math.floor(chance() * lots.length)];
      const deltaG = Math.round((chance() * 160 - 100) * 10) / 10 || 1;
      return wren.call("correctLot", { params: { id: lot?.id ?? "" }, body: { deltaG, reason: "random" } });
    });
    const answers = await Promise.all(moves);
    expect(answers.every((a) => a.status === 201 || a.problem.code === "more-than-on-hand")).toBe(true);
    expect(answers.some((a) => a.status === 201)).toBe(true);
    for (const lot of lots) {
      const detail = (await wren.call("getLot", { params: { id: lot.id } })).body;
      expect(detail.grams).toBe(onHand(detail.entries));
      expect(detail.grams).toBeGreaterThanOrEqual(0);
    }
  });
});

describe("no request brings a 5xx", () => {
  const junk: readonly unknown[] = [
    undefined,
    null,
    0,
    -1,
    1e308,
    "",
    "💥",
    [],
    {},
    "00000000-0000-0000-0000-000000000000",
  ];
  const writes = [
    "logLot",
    "recordTrim",
    "finishMake",
    "withdraw",
    "goneOff",
    "correctLot",
    "undoWithdrawal",
    "planMake",
    "simulateLoad",
    "readAmount",
  ] as const;

  it.each(writes)("%s with junk in every field", async (name) => {
    for (const value of junk) {
      const fields = [
        "id",
        "lotId",
        "ingredient",
        "amount",
        "rawG",
        "usableG",
        "recipeId",
        "used",
        "containers",
        "grams",
        "deltaG",
        "scale",
        "since",
      ];
      const body = Object.fromEntries(fields.map((field) => [field, value]));
      const answer = await wren.call(name, { params: { id: lotId }, body } as never);
      expect(answer.status).toBeLessThan(500);
    }
    expect(kitchen.logged).toEqual([]);
  });
});
