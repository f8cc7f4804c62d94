import { spawnSync } from "node:child_process";
import { createHash } from "node:crypto";
import {
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  truncateSync,
  utimesSync,
  writeFileSync,
} from "node:fs";
import { dirname, join } from "node:path";
import { expect, request, test, type APIRequestContext } from "@playwright/test";
import { freePort, startProgram } from "../scripts/start-program.mjs";
import { slowdown } from "./kitchen-test.ts";

test.describe.configure({ mode: "serial", timeout: 240_000 * slowdown });

type Program = Awaited<ReturnType<typeof startProgram>>;
type Ran = { readonly code: number | null; readonly said: string };

const root = join(import.meta.dirname, "..");
const folder = join(root, ".test-data", `backup-${process.pid}`);
const file = join(folder, "kitchen.backup");
let program: Program;
let cook: APIRequestContext;

/** Runs one of the commands as an operator would. */
function run(script: string, args: readonly string[], env: Record<string, string>): Ran {
  const given = { ...process.env, ...env };
  delete given["DATABASE_URL"];
  const { status, stdout, stderr } = spawnSync(process.execPath, [join(root, "scripts", script), ...args], {
    ...{ cwd: root, env: given, encoding: "utf8" },
  });
  return { code: status, said: stdout + stderr };
}

const kitchenOf = async (url: string): Promise<APIRequestContext> => {
  const context = await request.newContext({ baseURL: url });
  expect((await context.post("/api/session/demo", { data: {} })).status()).toBe(201);
  return context;
};

/** What the kitchen says of itself, word for word. */
async function everyReply(of: APIRequestContext): Promise<Record<string, string>> {
  const paths = ["today", "lots?limit=200", "lots.csv", "beds", "larder", "matches", "recipes?limit=1000"];
  const more = ["batches", "recipes.jsonld", "plans", "kitchen", "catalogue", "ingredients", "members"];
  const replies: Record<string, string> = {};
  for (const path of [...paths, ...more]) {
    const reply = await of.get(`/api/${path}`);
    expect([path, reply.status()]).toEqual([path, 200]);
    // Told apart by their digests: the difference of two whole kitchens would fill a page.
    replies[path] = createHash("sha256")
      .update(await reply.text())
      .digest("hex");
  }
  return replies;
}

test.beforeAll(async () => {
  mkdirSync(folder, { recursive: true });
  program = await startProgram([], { like: process.env["E2E_DEMO_DATA"] });
  cook = await kitchenOf(program.url);
});
test.afterAll(async () => {
  await cook.dispose();
  await program.stop();
  rmSync(folder, { recursive: true, force: true });
});

/** The user id of the process that serves: the one that this program's supervisor started from the built server. */
function servedBy(starter: number): number {
  for (const pid of readdirSync("/proc").filter((name) => /^\d+$/.test(name))) {
    const [stat = "", command = "", status = ""] = ["stat", "cmdline", "status"].map((file) => {
      try {
        return readFileSync(`/proc/${pid}/${file}`, "utf8");
      } catch {
        return "";
      }
    });
    const parent = Number(stat.slice(stat.lastIndexOf(")") + 2).split(" ")[1]);
    if (parent === starter && command.includes("server/dist/main.js"))
      return Number(/^Uid:\s+\d+\s+(\d+)/m.exec(status)?.[1]);
  }
  throw new Error("no server runs");
}

/** Whether a user who owns nothing may read what lies here. */
const othersMayRead = (folder: string): boolean =>
  folder === "/" || ((statSync(folder).mode & 0o005) === 0o005 && othersMayRead(dirname(folder)));

test("started as root it serves as somebody who owns nothing", () => {
  const me = process.getuid?.() ?? Number.NaN;
  const served = servedBy(program.pid ?? Number.NaN);
  if (me === 0 && othersMayRead(join(root, "server", "dist"))) expect(served).toBeGreaterThan(0);
  else expect(served).toBe(me);
});

test("a backup is made while the program runs, and restored into an empty folder every reply is the same", async () => {
  const before = await everyReply(cook);
  const made = run("backup.mjs", [file], { APRON_DATA: program.data });
  expect([made.code, made.said]).toEqual([0, expect.stringMatching(/backed up to .* read once to check/)]);

  // It holds everything: nobody else reads it.
  expect(statSync(file).mode & 0o077).toBe(0);
  const data = join(folder, "restored");
  const restored = run("restore.mjs", [file], { APRON_DATA: data });
  expect([restored.code, restored.said]).toEqual([0, expect.stringContaining("npm start opens it")]);
  const other = await startProgram([], { on: data, keep: true });
  try {
    const there = await kitchenOf(other.url);
    expect(await everyReply(there)).toEqual(before);
    await there.dispose();
  } finally {
    await other.stop();
  }
  // Where something is, nothing is put over it.
  const again = run("restore.mjs", [file], { APRON_DATA: data });
  expect([again.code, again.said]).toEqual([1, expect.stringMatching(/is not empty/)]);
});

test("a backup that was cut short is found out, and nothing is restored of it", () => {
  const broken = join(folder, "broken.backup");
  expect(run("backup.mjs", [broken], { APRON_DATA: program.data }).code).toBe(0);
  truncateSync(broken, 40_000);
  const data = join(folder, "from-broken");
  const refused = run("restore.mjs", [broken], { APRON_DATA: data });
  expect([refused.code, refused.said]).toEqual([1, expect.stringMatching(/^Nothing was restored/m)]);
  expect(existsSync(join(data, "postgres"))).toBe(false);
  const nonsense = join(folder, "nonsense.backup");
  writeFileSync(nonsense, "a letter to the milkman");
  expect(run("restore.mjs", [nonsense], { APRON_DATA: data }).code).toBe(1);
  expect(run("restore.mjs", [], { APRON_DATA: data }).said).toContain("say which file");
  expect(readdirSync(folder).filter((name) => name.endsWith(".part"))).toEqual([]);
});

test("who forgot their password gets a code at the machine", async () => {
  const mine = { kitchen: "Hazel Row", name: "Perrin", password: "thyme and beetroot" };
  const door = await request.newContext({ baseURL: program.url });
  expect((await door.post("/api/set-up", { data: mine })).status()).toBe(201);
  const { code: ended, said } = run("reset-password.mjs", ["perrin"], { APRON_DATA: program.data });
  expect(ended).toBe(0);
  const [code = ""] = /[0-9A-Z]{5}-[0-9A-Z]{5}/.exec(said) ?? [];
  const as = { kind: "new-password", password: "parsnips at dawn" };
  const set = await door.post("/api/invites/accept", { data: { code, as } });
  expect(set.status()).toBe(201);
  const nobody = run("reset-password.mjs", ["Nobody at all"], { APRON_DATA: program.data });
  expect([nobody.code, nobody.said]).toEqual([1, expect.stringContaining("Nobody signs in here")]);
  await door.dispose();
});

test("the doctor says what is well and what is not", async () => {
  const port = new URL(program.url).port;
  const well = run("doctor.mjs", [], { APRON_DATA: program.data, PORT: port });
  expect(well.said).toContain(`ok  The program answers on port ${port}`);
  expect(well.said).toContain("ok  The tables are up to date.");
  expect(well.said).toContain("ok  The clocks of this machine and of the database agree.");
  // A kitchen of today has none yet; one whose backups stopped is told.
  expect(well.said).toContain("ok  There is no backup yet.");
  expect([well.code, well.said]).toEqual([0, expect.not.stringContaining("!!")]);
  const old = join(program.data, "backups", "apron-2026-01-01T00-00-00.backup");
  mkdirSync(dirname(old), { recursive: true });
  writeFileSync(old, "");
  utimesSync(old, new Date(), new Date(Date.now() - 5 * 24 * 60 * 60 * 1000));
  const late = run("doctor.mjs", [], { APRON_DATA: program.data, PORT: new URL(program.url).port });
  expect([late.code, late.said]).toEqual([
    1,
    expect.stringContaining("!!  The newest backup is 5 days old."),
  ]);
  rmSync(old);
  const ill = run("doctor.mjs", [], { APRON_DATA: join(folder, "nothing"), PORT: "never" });
  expect(ill.said).toContain('!!  PORT is "never"');
  const free = String(await freePort());
  expect(run("doctor.mjs", [], { APRON_DATA: join(folder, "nothing"), PORT: free }).said).toContain(
    `ok  Port ${free} is free`,
  );
});
