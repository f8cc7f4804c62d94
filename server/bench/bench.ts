import { randomUUID } from "node:crypto";
import { writeFileSync } from "node:fs";
import { Worker } from "node:worker_threads";
import { serve } from "@hono/node-server";
import { referenceCatalogue } from "@apron/core/catalogue/reference";
import { Hono } from "hono";
import { createApp } from "../src/app.ts";
import { seedDemo } from "../src/demo/seed.ts";
import type { Deps } from "../src/kit.ts";
import { dataSourceFor } from "../src/persistence/data-source.ts";
import { appUrlFor, migrate } from "../src/persistence/migrate.ts";
import { databaseOf } from "../src/persistence/unit-of-work.ts";
import { median, type Load, type LoadOrder } from "./load.ts";
import { seedManyLots } from "./many-lots.ts";

const lots = 2000;
const movements = 20_000;
/** Requests at once, and in all: bounded, loopback only, ends by itself. */
const atOnce = 4;
const requests = 1200;
const rounds = 5;

type Route = { readonly name: string; readonly path: string };
const routes: readonly Route[] = [
  { name: "basket list", path: "/api/lots?limit=50" },
  { name: "match", path: "/api/matches" },
  { name: "larder", path: "/api/larder" },
];

async function main(): Promise<void> {
  const ownerUrl = process.env["TEST_DATABASE_URL"];
  if (!ownerUrl) throw new Error("TEST_DATABASE_URL is not set; run npm run bench");
  await migrate(ownerUrl);
  const source = await dataSourceFor(appUrlFor(ownerUrl), 10).initialize();
  const owner = await dataSourceFor(ownerUrl, 1).initialize();
  const deps: Deps = {
    database: databaseOf(source),
    catalogue: referenceCatalogue,
    now: () => new Date(),
    newId: () => randomUUID(),
    log: (event, facts) => process.stderr.write(`${event} ${JSON.stringify(facts)}\n`),
    secureCookies: false,
    version: "bench",
  };
  await seedDemo(deps);
  await seedManyLots(owner, { lots, movements });
  const app = createApp(deps);
  // The floor: a bare Hono route that asks the same pool for nothing.
  const floor = new Hono().get("/floor", async (c) => c.json(await source.query("select 1 as one")));
  const server = serve({
    fetch: new Hono().route("/", floor).route("/", app).fetch,
    port: 0,
    hostname: "127.0.0.1",
  });
  await new Promise((done) => server.once("listening", done));
  const { port } = server.address() as { port: number };
  await measure(`http://127.0.0.1:${port}`, owner);
  server.close();
  await source.destroy();
  await owner.destroy();
}

async function measure(base: string, owner: { query: (sql: string) => Promise<unknown> }): Promise<void> {
  const signIn = await fetch(`${base}/api/session/demo`, {
    method: "POST",
    headers: { "content-type": "application/json" },
  });
  const cookie = (signIn.headers.get("set-cookie") ?? "").split(";")[0] ?? "";
  const run = (path: string, count = requests): Promise<Load> =>
    loadFromAnotherThread({ url: `${base}${path}`, cookie, atOnce, requests: count });
  for (const path of ["/floor", ...routes.map((r) => r.path)]) await run(path, 300);
  const report: Record<string, unknown>[] = [];
  for (const route of routes) report.push(await compare(route, run));
  const changing = await afterEveryChange(routes, { run, owner });
  print([...report, ...changing]);
}

/** The route against the floor, round after round side by side, so that a slow moment meets both. */
async function compare(route: Route, run: (path: string) => Promise<Load>): Promise<Record<string, unknown>> {
  const pairs: { floor: Load; route: Load }[] = [];
  for (let i = 0; i < rounds; i++) pairs.push({ floor: await run("/floor"), route: await run(route.path) });
  return {
    route: route.name,
    kitchen: "unchanged",
    "p95 ÷ floor": ratio(median(pairs.map((p) => p.route.p95Ms / p.floor.p95Ms))),
    "throughput ÷ floor": ratio(median(pairs.map((p) => p.route.perSecond / p.floor.perSecond))),
  };
}

/** The first answer after a write, when nothing can be remembered: one request at a time. */
async function afterEveryChange(
  all: readonly Route[],
  {
    run,
    owner,
  }: {
    run: (path: string, count?: number) => Promise<Load>;
    owner: { query: (sql: string) => Promise<unknown> };
  },
): Promise<Record<string, unknown>[]> {
  const rows: Record<string, unknown>[] = [];
  const floor = await run("/floor", 200);
  for (const route of all) {
    const times: number[] = [];
    for (let i = 0; i < 20; i++) {
      await owner.query("update kitchen set revision = revision + 1");
      times.push((await run(route.path, 1)).p95Ms);
    }
    rows.push({
      route: route.name,
      kitchen: "just changed",
      "median ÷ floor": ratio(median(times) / floor.medianMs),
    });
  }
  return rows;
}

const loadFromAnotherThread = (order: LoadOrder): Promise<Load> =>
  new Promise((done, fail) => {
    const worker = new Worker(new URL("./load-worker.js", import.meta.url), { workerData: order });
    worker.once("message", done);
    worker.once("error", fail);
  });

const ratio = (value: number): number => Math.round(value * 100) / 100;

function print(rows: readonly Record<string, unknown>[]): void {
  process.stdout.write(
    `Ratios to a bare Hono route doing SELECT 1 on the same pool, same run; ${lots} lots, ${movements} movements, ${atOnce} requests at once\n`,
  );
  console.table(rows);
  const out = process.env["BENCH_JSON"];
  if (out) writeFileSync(out, JSON.stringify(rows, null, 2));
}

await main();
