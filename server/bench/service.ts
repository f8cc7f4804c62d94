import { randomUUID } from "node:crypto";
import { serve } from "@hono/node-server";
import { referenceCatalogue } from "@apron/core/catalogue/reference";
import { Hono } from "hono";
import type { DataSource } from "typeorm";
import { createApp } from "../src/app.ts";
import type { Deps } from "../src/context/request-context.ts";
import { seedDemo } from "../src/demo/seed.ts";
import { simulatedPriceBoard } from "../src/devices/simulated-price-board.ts";
import { mountWebFiles } from "../src/http/web-files.ts";
import { dataSourceFor } from "../src/persistence/data-source.ts";
import { appUrlFor, migrate } from "../src/persistence/migrate.ts";
import { newsOf } from "../src/persistence/news.ts";
import { databaseOf } from "../src/persistence/unit-of-work.ts";
import { workersHere } from "../src/workers/jobs.ts";
import { seedManyLots } from "./many-lots.ts";

export type Service = {
  readonly base: string;
  readonly owner: DataSource;
  readonly close: () => Promise<void>;
};

/** The whole service on a loopback port, over a throwaway database with the demo kitchen filled up. */
export async function openService(filled: {
  readonly lots: number;
  readonly movements: number;
}): Promise<Service> {
  const ownerUrl = process.env["TEST_DATABASE_URL"];
  if (!ownerUrl) throw new Error("TEST_DATABASE_URL is not set; run npm run bench");
  await migrate(ownerUrl);
  const source = await dataSourceFor(appUrlFor(ownerUrl), 10).initialize();
  const owner = await dataSourceFor(ownerUrl, 1).initialize();
  const deps = depsOver(source, ownerUrl);
  await seedDemo(deps);
  await seedManyLots(owner, filled);
  const app = createApp(deps);
  if (process.env["APRON_WEB"]) mountWebFiles(app, process.env["APRON_WEB"]);
  // The floor: a bare Hono route that asks the same pool for nothing.
  const floor = new Hono().get("/floor", async (c) => c.json(await source.query("select 1 as one")));
  const server = serve({
    fetch: new Hono().route("/", floor).route("/", app).fetch,
    port: 0,
    hostname: "127.0.0.1",
  });
  await new Promise((done) => server.once("listening", done));
  const { port } = server.address() as { port: number };
  const close = async (): Promise<void> => {
    server.close();
    await deps.news.close();
    await source.destroy();
    await owner.destroy();
  };
  return { base: `http://127.0.0.1:${port}`, owner, close };
}

const depsOver = (source: DataSource, ownerUrl: string): Deps => ({
  database: databaseOf(source),
  catalogue: referenceCatalogue,
  priceBoard: simulatedPriceBoard,
  workers: workersHere,
  backups: () => Promise.resolve(null),
  news: newsOf(appUrlFor(ownerUrl), () => undefined),
  now: () => new Date(),
  newId: () => randomUUID(),
  log: (event, facts) => process.stderr.write(`${event} ${JSON.stringify(facts)}\n`),
  secureCookies: false,
  cookieName: "apron_session",
  hosts: [],
  searchMs: 330,
  version: "bench",
});

/** The cookie of a new session of the demo's first cook. */
export async function signInToDemo(base: string): Promise<string> {
  const signIn = await fetch(`${base}/api/session/demo`, {
    method: "POST",
    headers: { "content-type": "application/json" },
  });
  return (signIn.headers.get("set-cookie") ?? "").split(";")[0] ?? "";
}
