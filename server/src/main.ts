import { randomUUID } from "node:crypto";
import { readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { serve } from "@hono/node-server";
import { referenceCatalogue } from "@apron/core/catalogue/reference";
import { pino } from "pino";
import { createApp } from "./app.ts";
import { kitchenCatalogues } from "./context/kitchen-catalogue.ts";
import { redateKitchens } from "./cook/redate.ts";
import { isAway, sqlState } from "./context/sql-state.ts";
import { demoMembers, demoPassword } from "./demo/kitchen.ts";
import { finishDemo, seedDemo } from "./demo/seed.ts";
import { simulatedPriceBoard } from "./devices/simulated-price-board.ts";
import type { Deps } from "./context/request-context.ts";
import { backupsOf } from "./kitchen/backups.ts";
import { keepHouseEveryHour } from "./kitchen/housekeeping.ts";
import { hostsFrom } from "./http/allowed-hosts.ts";
import { mountWebFiles } from "./http/web-files.ts";
import { dataSourceFor, requestPatience } from "./persistence/data-source.ts";
import { appUrlFor, changesTables, databaseAnswers, migrate, NewerData } from "./persistence/migrate.ts";
import { threadPool } from "./workers/thread-pool.ts";
import { newsOf } from "./persistence/news.ts";
import { databaseOf } from "./persistence/unit-of-work.ts";

const portText = process.env["PORT"] ?? "4310";
const port = Number(portText);
const host = process.env["HOST"] ?? "127.0.0.1";
const ownerUrl = process.env["DATABASE_URL"];
const webFolder = process.env["APRON_WEB"];
/** Where whoever started us keeps backups. */
const backupFolder = process.env["APRON_BACKUP_FOLDER"];
const demo = process.env["APRON_DEMO"] !== "0";
const poolSize = 10;
/** A third of a second: no request keeps the others waiting longer. A browser takes its own time. */
const searchMs = 330;
/** Longer than proxies and browsers keep theirs: with Node's five seconds a reused connection may just have closed. */
const keepAliveMs = 75_000;

/** What it ends with where starting it again would change nothing (scripts/start.mjs). */
const cannotServe = 2;

/** What it ends with before it changes tables that hold something: whoever started it backs them up first. */
const wantsBackup = 3;

/** Ends with one plain sentence. */
function giveUp(sentence: string): never {
  process.stderr.write(`${sentence}\n`);
  process.exit(cannotServe);
}

async function main(): Promise<void> {
  if (!ownerUrl) giveUp("DATABASE_URL is not set. Start the program with npm start.");
  if (!/^\d{1,5}$/.test(portText) || port > 65_535)
    giveUp(`PORT is "${portText}": it has to be a number from 0 to 65535, like 4310.`);
  const logger = pino({ level: process.env["LOG_LEVEL"] ?? "info" }, pino.destination(2));
  await databaseAnswers(ownerUrl);
  if (process.env["APRON_BACKUP_FIRST"] === "1" && (await changesTables(ownerUrl))) process.exit(wantsBackup);
  await migrate(ownerUrl).catch((error: unknown) => {
    if (error instanceof NewerData) giveUp(error.message);
    throw error;
  });
  const source = await dataSourceFor(appUrlFor(ownerUrl), poolSize, requestPatience).initialize();
  const manifest = JSON.parse(readFileSync(new URL("../package.json", import.meta.url), "utf8")) as {
    version: string;
  };
  const log = (event: string, facts: Readonly<Record<string, unknown>>): void => {
    logger.error(facts, event);
  };
  const deps: Deps = {
    database: databaseOf(source),
    catalogue: referenceCatalogue,
    priceBoard: simulatedPriceBoard,
    workers: threadPool(fileURLToPath(new URL("worker.js", import.meta.url))),
    now: () => new Date(),
    newId: () => randomUUID(),
    backups: async () => (backupFolder ? backupsOf(backupFolder) : null),
    news: newsOf(appUrlFor(ownerUrl), log),
    log,
    secureCookies: process.env["APRON_SECURE_COOKIES"] === "1",
    cookieName: `apron_session_${port}`,
    hosts: hostsFrom(process.env["APRON_HOSTS"]),
    version: manifest.version,
    searchMs,
  };
  await beginWith(deps);
  await keepHouseEveryHour(deps);
  await redateKitchens(deps, kitchenCatalogues(deps.catalogue));
  listen(deps, logger);
}

/** The demo kitchen, filled in an install that holds nothing yet, or finished where filling it was interrupted. */
async function beginWith(deps: Deps): Promise<void> {
  const { authStore } = deps.database;
  const fresh = !(await authStore.anyKitchen()) && (await authStore.findDemoMember()) === undefined;
  if (fresh && demo) await seedDemo(deps);
  else await finishDemo(deps);
}

function listen(deps: Deps, log: pino.Logger): void {
  const app = createApp(deps);
  if (webFolder) mountWebFiles(app, webFolder);
  // Half a request keeps no connection open for long.
  const serverOptions = { keepAliveTimeout: keepAliveMs, headersTimeout: 20_000, requestTimeout: 60_000 };
  const server = serve({ fetch: app.fetch, port, hostname: host, serverOptions }, ({ port: bound }) => {
    announce(deps, `http://${host}:${bound}`).catch((error: unknown) => {
      // It serves all the same: only its first words could not be put together.
      log.warn({ error: String(error) }, "ready");
    });
  });
  const stop = (): void => {
    log.info("stopping");
    server.close(() => {
      void Promise.all([deps.news.close(), deps.database.close()]).then(() => process.exit(0));
    });
    // Browsers keep connections open; what is idle need not be waited for.
    if ("closeIdleConnections" in server) server.closeIdleConnections();
    setTimeout(() => process.exit(0), 4000).unref();
  };
  process.once("SIGTERM", stop);
  process.once("SIGINT", stop);
  whenOrphaned(stop);
  waitForPort(server);
}

/** Whoever started us is gone, and tells nobody any more to stop: the next start takes over the port and the data. */
function whenOrphaned(stop: () => void): void {
  const starter = process.env["APRON_STARTER"];
  if (starter === undefined) return;
  const watch = setInterval(() => {
    if (String(process.ppid) === starter) return;
    clearInterval(watch);
    stop();
  }, 300);
  watch.unref();
}

/** A port is waited for as long as a program that is being stopped may still hold it. */
const portPatienceMs = 6000;

function waitForPort(server: ReturnType<typeof serve>): void {
  const begun = Date.now();
  server.on("error", (error: NodeJS.ErrnoException) => {
    if (error.code === "EADDRINUSE" && Date.now() - begun < portPatienceMs)
      return void setTimeout(() => server.listen(port, host), 300);
    if (error.code === "EADDRINUSE")
      giveUp(`Port ${port} is in use. Stop what uses it, or choose another: PORT=${port + 10} npm start`);
    giveUp(`It cannot listen on ${host}, port ${port}: ${error.message}`);
  });
}

async function announce(deps: Deps, address: string): Promise<void> {
  const demoCook = await deps.database.authStore.findDemoMember();
  const how = demoCook
    ? `open it and choose "Sign in as ${demoMembers[0]}" (or sign in as ${demoMembers[0]} with password ${demoPassword})`
    : "open it; a new kitchen asks for a first account";
  process.stdout.write(`Apron Plate is ready at ${address}\n  ${how}\n  Ctrl-C stops it and its database.\n`);
}

main().catch((error: unknown) => {
  // Whoever started us starts us again: a lost connection is no mistake of the program, and needs no trace of it.
  if (!isAway(sqlState(error))) throw error;
  process.stderr.write("The database went away while the server was starting.\n");
  process.exit(1);
});
