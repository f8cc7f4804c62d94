import { spawn } from "node:child_process";
import { existsSync, mkdirSync, readFileSync, readdirSync, rmSync, writeFileSync } from "node:fs";
import { connect, createServer, type AddressInfo } from "node:net";
import { join } from "node:path";
import { expect, request, test as base, type APIRequestContext } from "@playwright/test";
import { freePort, startProgram } from "../scripts/start-program.mjs";
import { slowdown } from "./kitchen-test.ts";

type Program = Awaited<ReturnType<typeof startProgram>>;

/** Each test has a program of its own, with a copy of the demo kitchen: what is killed is killed for nobody else. */
const test = base.extend<{ program: Program; cook: APIRequestContext }>({
  // Playwright reads from the arguments what a fixture needs.
  program: async ({ browserName: _ }, use) => {
    const program = await startProgram([], { like: process.env["E2E_DEMO_DATA"] });
    await use(program);
    await program.stop();
  },
  cook: async ({ program }, use) => {
    const cook = await request.newContext({ baseURL: program.url });
    expect((await cook.post("/api/session/demo", { data: {} })).status()).toBe(201);
    await use(cook);
    await cook.dispose();
  },
});
test.describe.configure({ timeout: 240_000 * slowdown });

/** What /proc says of a process; "" where there is none. */
function said(pid: string, of: "stat" | "cmdline"): string {
  try {
    return readFileSync(`/proc/${pid}/${of}`, "utf8").replaceAll("\0", " ");
  } catch {
    return "";
  }
}

/** The process that another one started, by what its command line holds. */
function childOf(parent: number, named: string): number {
  const isChild = (pid: string): boolean => {
    const stat = said(pid, "stat");
    return stat.slice(stat.lastIndexOf(")") + 2).split(" ")[1] === String(parent);
  };
  const pids = readdirSync("/proc").filter((name) => /^\d+$/.test(name));
  const found = pids.find((pid) => isChild(pid) && said(pid, "cmdline").includes(named));
  if (found === undefined) throw new Error(`no ${named} under ${parent}`);
  return Number(found);
}

const statusOf = async (cook: APIRequestContext, path: string): Promise<number> =>
  (await cook.get(path).catch(() => undefined))?.status() ?? 0;

/** Until it answers: whatever comes in between is "not now", never "our mistake". */
async function comesBack(cook: APIRequestContext, path: string): Promise<number[]> {
  const seen = new Set<number>();
  await expect
    .poll(async () => {
      const status = await statusOf(cook, path);
      seen.add(status);
      return status;
    })
    .toBe(200);
  return [...seen];
}

/** The day in the kitchen, which is on this machine. */
const today = (): string =>
  new Date(Date.now() - new Date().getTimezoneOffset() * 60_000).toISOString().slice(0, 10);

async function logLot(cook: APIRequestContext, grams: string): Promise<string> {
  const made = await cook.post("/api/lots", {
    headers: { "Idempotency-Key": crypto.randomUUID() },
    data: {
      id: crypto.randomUUID(),
      ingredient: "kale",
      amount: grams,
      source: { kind: "market" },
      place: "fridge",
      since: today(),
    },
  });
  expect(made.status(), await made.text()).toBe(201);
  return ((await made.json()) as { id: string }).id;
}

test("the server is killed: it is started again, and what was said to be recorded is there", async ({
  program,
  cook,
}) => {
  const lot = await logLot(cook, "311 g");
  process.kill(childOf(program.pid, "server/dist/main.js"), "SIGKILL");
  const seen = await comesBack(cook, `/api/lots/${lot}`);
  expect(seen.filter((status) => ![0, 200, 503].includes(status))).toEqual([]);
  await logLot(cook, "312 g");
});

test("the database is killed once more while it starts: it is not waited for in vain", async ({
  program,
  cook,
}) => {
  const lot = await logLot(cook, "317 g");
  const first = childOf(program.pid, "bin/postgres");
  process.kill(first, "SIGKILL");
  const next = (): number => {
    try {
      return childOf(program.pid, "bin/postgres");
    } catch {
      return first;
    }
  };
  await expect.poll(next, { intervals: [5] }).not.toBe(first);
  process.kill(next(), "SIGKILL");
  await comesBack(cook, `/api/lots/${lot}`);
  await logLot(cook, "318 g");
});

test("the database is killed: it is started again; meanwhile health says so within a second, and no route speaks of a mistake", async ({
  program,
  cook,
}) => {
  const lot = await logLot(cook, "313 g");
  process.kill(childOf(program.pid, "bin/postgres"), "SIGKILL");
  const seen = await comesBack(cook, "/api/health");
  expect(seen.filter((status) => ![200, 503].includes(status))).toEqual([]);
  const after = await comesBack(cook, `/api/lots/${lot}`);
  expect(after.filter((status) => ![200, 503].includes(status))).toEqual([]);
  await logLot(cook, "314 g");
  // Its log is kept, beside its data.
  const own = join(program.data, "cluster-is-in");
  const cluster = existsSync(own)
    ? join(readFileSync(own, "utf8").trim(), "postgres")
    : join(program.data, "postgres");
  expect(readdirSync(join(cluster, "log")).some((name) => name.startsWith("postgresql-"))).toBe(true);
});

/** Starts on a data folder, and gives what was said and how it ended; one that serves is told to stop once it does. */
async function startOn(data: string, env: Record<string, string>) {
  const child = spawn(process.execPath, ["scripts/start.mjs", "--empty"], {
    env: { ...process.env, APRON_DATA: data, HOST: "127.0.0.1", PORT: "0", ...env },
    stdio: ["ignore", "pipe", "pipe"],
  });
  let said = "";
  for (const stream of [child.stdout, child.stderr]) stream.on("data", (text) => (said += String(text)));
  child.stdout.on("data", () => {
    if (!said.includes("is ready at") || child.killed) return;
    child.kill("SIGTERM");
  });
  const code = await new Promise<number | null>((done) => child.once("exit", done));
  return { code, said };
}

/** A data folder where the database's own user gets, too. */
const folder = (): string => join(process.cwd(), ".test-data", `start-${crypto.randomUUID().slice(0, 8)}`);

/** With its cluster, where that lies elsewhere. */
function remove(data: string): void {
  const elsewhere = join(data, "cluster-is-in");
  if (existsSync(elsewhere)) rmSync(readFileSync(elsewhere, "utf8").trim(), { recursive: true, force: true });
  rmSync(data, { recursive: true, force: true });
}

test("a start that was interrupted, a lock that holds nobody, a long path: each start after it works", async () => {
  const base = folder();
  const data = join(base, "a-folder-with-a-name".repeat(6));
  mkdirSync(data, { recursive: true });
  // As if killed in the middle of making the cluster, with its number given to another process since.
  mkdirSync(join(data, "postgres.in-the-making"), { recursive: true });
  writeFileSync(join(data, "running.pid"), `${process.pid} 1`);
  const first = await startOn(data, {});
  expect([first.code, first.said]).toEqual([0, expect.stringContaining("is ready at")]);
  // The lock of an older version, and of a container in which everything is number 1.
  for (const lock of [String(process.pid), "1"]) {
    writeFileSync(join(data, "running.pid"), lock);
    expect((await startOn(data, {})).code).toBe(0);
  }
  remove(data);
  remove(base);
});

test("the starter is killed: the next start takes over its data and its port", async () => {
  const data = folder();
  const port = await freePort();
  const killed = spawn(process.execPath, ["scripts/start.mjs", "--empty"], {
    env: { ...process.env, APRON_DATA: data, HOST: "127.0.0.1", PORT: String(port) },
    stdio: ["ignore", "pipe", "ignore"],
  });
  await new Promise<void>((done) => {
    killed.stdout.on("data", (text) => String(text).includes("is ready at") && done());
  });
  killed.kill("SIGKILL");
  const next = await startOn(data, { PORT: String(port) });
  expect([next.code, next.said]).toEqual([0, expect.stringContaining(`:${port}`)]);
  remove(data);
});

test("a port chosen now is still free when the program has started: no connection goes out from it", async () => {
  const target = createServer();
  await new Promise<void>((done) => void target.listen(0, "127.0.0.1", done));
  const { port: to } = target.address() as AddressInfo;
  const from = connect(to, "127.0.0.1");
  await new Promise<void>((done) => void from.once("connect", done));
  const first = Number(readFileSync("/proc/sys/net/ipv4/ip_local_port_range", "utf8").trim().split(/\s+/)[0]);
  expect(from.localPort).toBeGreaterThanOrEqual(first);
  for (let n = 0; n < 20; n++) expect(await freePort()).toBeLessThan(first);
  from.destroy();
  target.close();
});

test("a nonsense port and one in use are one plain sentence", async () => {
  const data = folder();
  const nonsense = await startOn(data, { PORT: "http" });
  expect([nonsense.code, nonsense.said]).toEqual([2, expect.stringContaining('PORT is "http"')]);
  expect(nonsense.said).not.toMatch(/\n\s+at /);
  const port = await freePort();
  const taken = createServer();
  await new Promise<void>((done) => void taken.listen(port, "127.0.0.1", done));
  const inUse = await startOn(data, { PORT: String(port) });
  taken.close();
  expect([inUse.code, inUse.said]).toEqual([2, expect.stringContaining(`Port ${port} is in use`)]);
  expect(inUse.said).not.toMatch(/\n\s+at /);
  remove(data);
});
