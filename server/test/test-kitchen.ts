import { randomUUID } from "node:crypto";
import { idempotencyHeader, routeOf, type EndpointName, type ReplyOf, type RequestOf } from "@apron/contract";
import { referenceCatalogue } from "@apron/core/catalogue/reference";
import type { Hono } from "hono";
import type { DataSource } from "typeorm";
import { createApp } from "../src/app.ts";
import { simulatedPriceBoard } from "../src/devices/simulated-price-board.ts";
import { demoFormulas } from "../src/demo/formulas.ts";
import type { Deps } from "../src/context/request-context.ts";
import { dataSourceFor } from "../src/persistence/data-source.ts";
import { appUrlFor, migrate } from "../src/persistence/migrate.ts";
import { workersHere } from "../src/workers/jobs.ts";
import { newsOf } from "../src/persistence/news.ts";
import { databaseOf } from "../src/persistence/unit-of-work.ts";

/** A made answer of the app: what came back, typed for the happy path; tests look at `status` first. */
type Answered<Name extends EndpointName> = {
  readonly status: number;
  readonly body: ReplyOf<Name>;
  readonly problem: { code?: string; field?: string; measurements?: Record<string, unknown> };
  readonly headers: Headers;
};

/** One signed-in browser. */
export type Browser = {
  readonly call: <Name extends EndpointName>(
    name: Name,
    request: RequestOf<Name>,
    key?: string,
  ) => Promise<Answered<Name>>;
  readonly raw: (path: string, init?: RequestInit) => Promise<Response>;
  readonly cookie: string;
};

export type TestKitchen = {
  readonly app: Hono;
  readonly deps: Deps;
  readonly owner: DataSource;
  readonly appSource: DataSource;
  readonly logged: string[];
  /** Moves the app's clock; the database keeps its own. */
  readonly setNow: (instant: string) => void;
  readonly guest: Browser;
  readonly setUp: (name?: string) => Promise<Browser>;
  readonly signInDemo: () => Promise<Browser>;
  readonly close: () => Promise<void>;
};

function testDatabaseUrl(): string {
  const url = process.env["TEST_DATABASE_URL"];
  if (!url) throw new Error("TEST_DATABASE_URL is not set: run node scripts/with-database.mjs npm run jest");
  return url;
}

const pathOf = (
  path: string,
  request: { params?: Record<string, string>; query?: Record<string, unknown> },
): string => {
  const filled = path.replaceAll(/\{(\w+)\}/g, (_, name: string) => request.params?.[name] ?? "");
  const query = new URLSearchParams(
    Object.entries(request.query ?? {}).map(([k, v]): [string, string] => [k, String(v)]),
  ).toString();
  return query ? `${filled}?${query}` : filled;
};

function browserOf(app: Hono, cookie: string): Browser {
  const raw = async (path: string, init: RequestInit = {}): Promise<Response> =>
    app.request(path, {
      ...init,
      headers: { cookie, ...(init.headers as Record<string, string> | undefined) },
    });
  return {
    cookie,
    raw,
    call: async (name, request, key = randomUUID()) => {
      const [method, path] = routeOf(name);
      const parts = request as {
        params?: Record<string, string>;
        query?: Record<string, unknown>;
        body?: unknown;
      };
      const response = await raw(pathOf(path, parts), {
        method: method.toUpperCase(),
        headers: { "content-type": "application/json", [idempotencyHeader]: key },
        ...(parts.body === undefined ? {} : { body: JSON.stringify(parts.body) }),
      });
      const body: unknown = await response.json().catch(() => ({}));
      return {
        status: response.status,
        body: body as never,
        problem: body as never,
        headers: response.headers,
      };
    },
  };
}

const cookieFrom = (headers: Headers): string => (headers.get("set-cookie") ?? "").split(";")[0] ?? "";

/** The browser that an answer has signed in. */
export const signedInBy = (app: Hono, { headers }: { readonly headers: Headers }): Browser =>
  browserOf(app, cookieFrom(headers));

/** A whole server on a database of its own, at a fixed moment. */
export async function openTestKitchen(): Promise<TestKitchen> {
  const main = new URL(testDatabaseUrl());
  const name = `test_${randomUUID().replaceAll("-", "")}`;
  const admin = await dataSourceFor(main.href, 1).initialize();
  await admin.query(`create database ${name}`);
  const url = new URL(main.href);
  url.pathname = `/${name}`;
  await migrate(url.href);
  const owner = await dataSourceFor(url.href, 2).initialize();
  const appSource = await dataSourceFor(appUrlFor(url.href), 8).initialize();
  let now = new Date("2026-09-10T09:00:00");
  const logged: string[] = [];
  const news = newsOf(appUrlFor(url.href), () => undefined);
  const deps: Deps = {
    database: databaseOf(appSource),
    catalogue: referenceCatalogue,
    priceBoard: simulatedPriceBoard,
    workers: workersHere,
    news,
    backups: () => Promise.resolve(null),
    now: () => now,
    newId: randomUUID,
    log: (event, facts) => logged.push(`${event} ${JSON.stringify(facts)}`),
    secureCookies: false,
    cookieName: "apron_session",
    hosts: [],
    version: "test",
    // What a search finds does not hang on how busy the machine is.
    searchMs: 10_000,
  };
  const app = createApp(deps);
  const guest = browserOf(app, "");
  return {
    app,
    deps,
    owner,
    appSource,
    logged,
    setNow: (instant) => (now = new Date(instant)),
    guest,
    setUp: async (cook = "Wren") =>
      signedInBy(
        app,
        await guest.call("setUp", { body: { kitchen: "Test plot", name: cook, password: "long enough" } }),
      ),
    signInDemo: async () => signedInBy(app, await guest.call("signInDemo", {})),
    close: async () => {
      await news.close();
      await appSource.destroy();
      await owner.destroy();
      await admin.query(`drop database ${name} with (force)`);
      await admin.destroy();
    },
  };
}

/** Writes the demo's recipes into a test kitchen. */
export async function bringRecipes(kitchen: TestKitchen, browser: Browser): Promise<void> {
  const kitchenId = (await browser.call("currentSession", {})).body.kitchen.id;
  const claim = { kitchenId, key: randomUUID(), fingerprint: "recipes", at: kitchen.deps.now() };
  await kitchen.deps.database.write(claim, async (stores) => {
    for (const formula of demoFormulas)
      await stores.recipes.save(formula, 1, { at: kitchen.deps.now(), memberId: null, note: "" });
    return { ok: true, value: true };
  });
}

type LotBody = RequestOf<"logLot">["body"];

/** A lot as a cook would log it, with what the test cares about. */
export const aLot = (ingredient: string, amount: string, extra: Partial<LotBody> = {}): LotBody => ({
  id: randomUUID(),
  ingredient,
  amount,
  place: "fridge",
  since: "2026-09-10",
  source: { kind: "own-bed", note: "north bed" },
  ...extra,
});

/** Logs a lot and trims it at a weighed fraction; returns the usable lot's id and grams. */
export async function usableLot(
  browser: Browser,
  ingredient: string,
  grams: number,
): Promise<{ id: string; grams: number }> {
  const lot = (await browser.call("logLot", { body: aLot(ingredient, String(grams)) })).body;
  if (lot.state === "usable") return { id: lot.id, grams: lot.grams };
  const options = (await browser.call("trimOptions", { params: { id: lot.id } })).body;
  const method = options.methods[0]?.method ?? "";
  const body = { id: randomUUID(), lotId: lot.id, method, rawG: grams, usableG: null };
  const trimmed = (await browser.call("recordTrim", { body })).body;
  return { id: trimmed.usableLot.id, grams: trimmed.usableLot.grams };
}
