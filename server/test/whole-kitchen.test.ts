import { afterAll, beforeAll, describe, expect, it } from "@jest/globals";
import { strFromU8, strToU8, unzipSync, zipSync, type Unzipped } from "fflate";
import { openTestKitchen, type Browser, type TestKitchen } from "./test-kitchen.ts";

/** One install that is left, and another that is gone to. */
let here: TestKitchen;
let there: TestKitchen;
let demo: Browser;
let mover: Browser;
let archive: Uint8Array;
beforeAll(async () => {
  [here, there] = await Promise.all([openTestKitchen(), openTestKitchen()]);
  demo = await here.signInDemo();
  mover = await there.setUp("Perrin");
  archive = new Uint8Array(await (await demo.raw("/api/everything.zip")).arrayBuffer());
});
afterAll(() => Promise.all([here.close(), there.close()]));

const bring = (browser: Browser, bytes: Uint8Array): Promise<Response> =>
  browser.raw("/api/everything", {
    method: "POST",
    headers: { "content-type": "application/zip" },
    body: Buffer.from(bytes),
  });
type Data = { tables: Record<string, Record<string, unknown>[]> };
const dataOf = (files: Unzipped): Data =>
  JSON.parse(strFromU8(files["kitchen.json"] ?? new Uint8Array())) as Data;

/** The archive with something in it changed. */
function changed(change: (data: Data) => void): Uint8Array {
  const files = unzipSync(archive);
  const data = dataOf(files);
  change(data);
  return zipSync({ ...files, "kitchen.json": strToU8(JSON.stringify(data)) });
}

async function everyReply(browser: Browser): Promise<Record<string, unknown>> {
  const paths = ["today", "lots?limit=200", "lots.csv", "beds", "larder", "matches", "recipes?limit=1000"];
  const replies: Record<string, unknown> = {};
  for (const path of [...paths, "batches", "recipes.jsonld", "plans", "catalogue"]) {
    const reply = await browser.raw(`/api/${path}`);
    expect([path, reply.status]).toEqual([path, 200]);
    replies[path] = await reply.text();
  }
  return replies;
}

describe("taking everything along", () => {
  it("gives one archive of open formats, with a name that is safe to save", async () => {
    const reply = await demo.raw("/api/everything.zip");
    expect(reply.headers.get("content-type")).toBe("application/zip");
    expect(reply.headers.get("content-disposition")).toBe(
      `attachment; filename="Quillet-Lane-plot-9-2026-09-10.zip"; filename*=UTF-8''Quillet%20Lane%20plot%209%202026-09-10.zip`,
    );
    const files = unzipSync(archive);
    expect(Object.keys(files).filter((name) => !name.startsWith("photos/"))).toEqual([
      ...[
        "README.txt",
        "kitchen.json",
        "lots.csv",
        "recipes.jsonld",
        "entries.csv",
        "batches.csv",
        "withdrawals.csv",
      ],
    ]);
    expect(strFromU8(files["entries.csv"] ?? new Uint8Array()).split("\r\n").length).toBeGreaterThan(100);
    const everything = strFromU8(files["kitchen.json"] ?? new Uint8Array());
    expect(everything).not.toMatch(/argon2|token_hash|code_hash/);
  });

  it("brought into another install every reply is the same", async () => {
    const before = await everyReply(demo);
    const brought = await bring(mover, archive);
    expect(brought.status).toBe(201);
    expect(await brought.json()).toMatchObject({
      member: { name: "Perrin", role: "owner" },
      kitchen: { name: "Quillet Lane plot 9", demo: false },
    });
    expect(await everyReply(mover)).toEqual(before);
    // Who cooked there is named in the ledger, and does not sign in here.
    const { members } = (await mover.call("listMembers", {})).body;
    expect(members.map((member) => [member.name, member.hasLeft]).sort()).toEqual([
      ["Bram", true],
      ["Ottilie", true],
      ["Perrin", false],
      ["Wren", true],
    ]);
  });

  it("there and back again: the data is the same to the letter", async () => {
    const again = new Uint8Array(await (await mover.raw("/api/everything.zip")).arrayBuffer());
    const [first, second] = [dataOf(unzipSync(archive)).tables, dataOf(unzipSync(again)).tables];
    for (const [table, rows] of Object.entries(first)) {
      if (table === "kitchen" || table === "member") continue;
      // What the database counts for itself is counted anew.
      const plain = (all: Record<string, unknown>[] = []) => all.map(({ seq: _seq, ...row }) => row);
      expect([table, plain(second[table])]).toEqual([table, plain(rows)]);
    }
  });

  it("beside the kitchen it was taken from it has ids of its own, and neither touches the other", async () => {
    const before = await everyReply(mover);
    expect((await bring(mover, archive)).status).toBe(201);
    const { kitchens } = (await mover.call("listKitchens", {})).body;
    expect(kitchens.map((kitchen) => kitchen.name).sort()).toEqual([
      ...["Quillet Lane plot 9", "Quillet Lane plot 9", "Test plot"],
    ]);
    const lot = (await mover.call("listLots", { query: { limit: 1 } })).body.lots[0];
    await mover.call("goneOff", { params: { id: lot?.id ?? "" }, body: {} });
    const first = kitchens.find((kitchen) => kitchen.name !== "Test plot" && !kitchen.isThis);
    await mover.call("switchKitchen", { body: { member: first?.member ?? "" } });
    expect(await everyReply(mover)).toEqual(before);
  });
});

describe("what is brought in is looked at", () => {
  const refusalOf = async (bytes: Uint8Array): Promise<unknown> => {
    const reply = await bring(mover, bytes);
    return [reply.status, ((await reply.json()) as { code?: string }).code];
  };

  it("what is no archive, or another's, or half of one", async () => {
    const none = [422, "not-a-kitchen"];
    expect(await refusalOf(strToU8("a letter to the milkman"))).toEqual(none);
    expect(await refusalOf(archive.slice(0, 5000))).toEqual(none);
    expect(await refusalOf(zipSync({ "kitchen.json": strToU8("{}") }))).toEqual(none);
    expect(await refusalOf(new Uint8Array())).toEqual(none);
  });

  it("a recipe that is none", async () => {
    const bytes = changed(({ tables }) => {
      tables["recipe_version"]?.splice(0, 1, {
        ...tables["recipe_version"][0],
        formula: { name: "Nothing" },
      });
    });
    expect(await refusalOf(bytes)).toEqual([422, "not-a-kitchen"]);
  });

  it("a ledger that does not add up to what is said to be on hand; nothing of it stays", async () => {
    const bytes = changed(({ tables }) => {
      const lot = tables["lot"]?.find((row) => Number(row["balance_g"]) > 100);
      if (lot) lot["balance_g"] = Number(lot["balance_g"]) + 1;
    });
    const count = async () =>
      (await there.owner.query<{ n: string }[]>("select count(*) as n from kitchen"))[0]?.n;
    const before = await count();
    expect(await refusalOf(bytes)).toEqual([422, "does-not-add-up"]);
    expect(await count()).toBe(before);
  });

  it("settings that are none, and food that cannot be worked with", async () => {
    const kitchenWith = (settings: Record<string, unknown>) =>
      changed(({ tables }) => {
        const [row = {}] = tables["kitchen"] ?? [];
        row["settings"] = { ...(row["settings"] as Record<string, unknown>), ...settings };
      });
    for (const settings of [{ eaters: "all" }, { eaters: [] }, { staples: [7] }, { household: {} }])
      expect(await refusalOf(kitchenWith(settings))).toEqual([422, "not-a-kitchen"]);
    const strangeFood = changed(({ tables }) => {
      const [row = {}] = tables["kitchen"] ?? [];
      row["catalogue_revision"] = 1;
      tables["own_ingredient"] = [{ kitchen_id: row["id"], id: "own-moon", body: { names: 7 } }];
    });
    expect(await refusalOf(strangeFood)).toEqual([422, "does-not-add-up"]);
  });

  it("a small archive that holds very much of nothing", async () => {
    const nothing = (megabytes: number) => new Uint8Array(megabytes * 1024 * 1024);
    const bombs: Record<string, Uint8Array>[] = [
      { "photos/a.jpg": nothing(90), "photos/b.jpg": nothing(39), "kitchen.json": strToU8("{}") },
      { "kitchen.json": nothing(33) },
    ];
    for (const files of bombs) {
      const bomb = zipSync(files, { level: 1 });
      expect(bomb.length).toBeLessThan(1024 * 1024);
      expect(await refusalOf(bomb)).toEqual([413, "body-too-large"]);
    }
  });

  it("days that are none, and rows that refer to nothing", async () => {
    const refused = [422, "does-not-add-up"];
    const strange = (change: (row: Record<string, unknown>) => void, table: string) =>
      changed(({ tables }) => tables[table]?.slice(0, 1).forEach(change));
    expect(await refusalOf(strange((row) => (row["since"] = "the day before"), "lot"))).toEqual(refused);
    const nobody = "00000000-0000-4000-8000-000000000000";
    expect(await refusalOf(strange((row) => (row["member_id"] = nobody), "batch"))).toEqual(refused);
    expect(await refusalOf(strange((row) => (row["kitchen_id"] = nobody), "lot"))).toEqual(refused);
  });

  it("nobody but an owner takes everything, and the demo's cooks bring nothing", async () => {
    expect((await here.guest.raw("/api/everything.zip")).status).toBe(401);
    expect((await bring(demo, archive)).status).toBe(403);
    await here.owner.query("update member set role = 'cook' where name = 'Wren'");
    expect((await demo.raw("/api/everything.zip")).status).toBe(403);
    await here.owner.query("update member set role = 'owner' where name = 'Wren'");
  });
});
