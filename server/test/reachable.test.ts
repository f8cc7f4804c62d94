import { randomUUID } from "node:crypto";
import { afterAll, beforeAll, describe, expect, it } from "@jest/globals";
import { createApp } from "../src/app.ts";
import { hostsFrom, isHostAllowed } from "../src/http/allowed-hosts.ts";
import { cleanText } from "../src/http/clean-text.ts";
import { problemOfState } from "../src/http/problem.ts";
import { hashPassword, isCommonPassword } from "../src/kitchen/passwords.ts";
import { sqlState } from "../src/context/sql-state.ts";
import { aLot, openTestKitchen, type Browser, type TestKitchen } from "./test-kitchen.ts";

let kitchen: TestKitchen;
let wren: Browser;
beforeAll(async () => {
  kitchen = await openTestKitchen();
  wren = await kitchen.setUp("Wren");
});
afterAll(() => kitchen.close());

const minute = (at: string): void => kitchen.setNow(`2026-09-10T${at}`);
const signIn = (name: string, password: string) => kitchen.guest.call("signIn", { body: { name, password } });

/** Asks as a connection from an address would. */
const from = (address: string, headers: Record<string, string> = {}, name = `Nobody ${randomUUID()}`) =>
  kitchen.app.request(
    "/api/session",
    {
      method: "POST",
      headers: { "content-type": "application/json", ...headers },
      body: JSON.stringify({ name, password: "guess" }),
    },
    { incoming: { socket: { remoteAddress: address } } },
  );

describe("guessing a password", () => {
  it.each(["Wren", "Nobody at all"])(
    "%s: waits grow after five tries, and tell nothing of who there is",
    async (name) => {
      minute("10:00:00");
      for (let tries = 0; tries < 5; tries++) expect((await signIn(name, "guess")).status).toBe(401);
      const waits: number[] = [];
      for (const at of ["10:00:00", "10:00:01", "10:00:02", "10:00:03", "10:00:04", "10:00:07", "10:00:08"]) {
        minute(at);
        const { status, headers, problem } = await signIn(name, "guess");
        if (status === 429)
          expect([headers.get("retry-after"), problem.code]).toEqual([
            String(problem.measurements?.["waitS"]),
            "too-many-tries",
          ]);
        waits.push(status === 429 ? Number(headers.get("retry-after")) : 0);
      }
      // One second, then two, then four; what was refused is no try.
      expect(waits).toEqual([1, 0, 1, 0, 3, 0, 7]);
      minute("10:00:15");
      expect((await signIn(name, "guess")).status).toBe(401);
    },
  );

  it("never makes anybody wait longer than a quarter of an hour, and forgets after a day", async () => {
    let now = Date.parse("2026-09-11T09:00:00Z");
    const at = () => kitchen.setNow(new Date(now).toISOString());
    const waits: number[] = [];
    for (let tries = 0; tries < 20; tries++) {
      at();
      expect((await signIn("Bram", "guess")).status).toBe(401);
      const { headers } = await signIn("Bram", "guess");
      const wait = Number(headers.get("retry-after") ?? 0);
      waits.push(wait);
      now += wait * 1000;
    }
    expect(Math.max(...waits)).toBe(900);
    now += 25 * 60 * 60 * 1000;
    at();
    for (let tries = 0; tries < 5; tries++) expect((await signIn("Bram", "guess")).status).toBe(401);
  });

  it("in many at once gets no more tries than one after another", async () => {
    minute("12:00:00");
    const all = await Promise.all(Array.from({ length: 40 }, () => signIn("Ottilie", "guess")));
    expect(all.filter(({ status }) => status === 401)).toHaveLength(5);
    expect(all.filter(({ status }) => status === 429)).toHaveLength(35);
  });

  it("is over once the right one is found: what was mistyped before no longer counts", async () => {
    minute("13:00:00");
    for (let round = 0; round < 3; round++) {
      for (let tries = 0; tries < 4; tries++) expect((await signIn("wren", "guess")).status).toBe(401);
      expect((await signIn("Wren", "long enough")).status).toBe(201);
    }
  });

  it("of many names from one address waits, too; whom a proxy on this machine asks for is told apart", async () => {
    minute("14:00:00");
    for (let tries = 0; tries < 30; tries++) expect((await from("203.0.113.9")).status).toBe(401);
    expect((await from("203.0.113.9")).status).toBe(429);
    expect((await from("203.0.113.10")).status).toBe(401);
    const asked = { "x-forwarded-for": "198.51.100.1, 203.0.113.9" };
    expect((await from("127.0.0.1", asked)).status).toBe(429);
    expect((await from("::1", { "x-forwarded-for": "nonsense" })).status).toBe(401);
    // From elsewhere anybody may write that header.
    expect((await from("203.0.113.11", asked)).status).toBe(401);
  });

  it("keeps no name that was typed", async () => {
    const rows = await kitchen.owner.query<{ subject: string }[]>("select subject from sign_in_try");
    expect(rows.length).toBeGreaterThan(0);
    expect(rows.filter(({ subject }) => /wren|bram|nobody|ottilie/i.test(subject))).toEqual([]);
  });
});

describe("a password", () => {
  it.each(["password", "12345678", "QWERTYUIOP", "        ", "aaaaaaaaaa", " baseball "])(
    "%j is refused",
    async (password) => {
      expect(isCommonPassword(password)).toBe(true);
      const refused = await kitchen.guest.call("setUp", {
        body: { kitchen: "Plot", name: "Bram", password },
      });
      expect([refused.status, refused.problem.field]).toEqual([422, "password"]);
    },
  );

  it("that is not common is none", () => {
    expect(["long enough", "lovage and rain", "kohlrabi-7"].filter(isCommonPassword)).toEqual([]);
  });

  it("is hashed two at a time; whoever would wait behind too many is told to come back", async () => {
    const all = await Promise.allSettled(Array.from({ length: 40 }, () => hashPassword("long enough")));
    const busy = all.filter(({ status }) => status === "rejected");
    expect(busy.length).toBeGreaterThan(0);
    expect(all.length - busy.length).toBeGreaterThanOrEqual(24);
  });

  it("is not even looked at where the kitchen is set up already", async () => {
    const again = await kitchen.guest.call("setUp", {
      body: { kitchen: "Other", name: "Bram", password: "long enough" },
    });
    expect([again.status, again.problem.code]).toEqual([409, "already-set-up"]);
  });
});

describe("text that cannot be kept", () => {
  const half = "\ud83c";

  it("is made storable: no NUL, no half of a character, in keys and values, however deep", () => {
    expect(cleanText({ "a\0": [`b${half}c`, { d: "🌱" }], e: 1, f: null })).toEqual({
      a: ["b\ufffdc", { d: "🌱" }],
      e: 1,
      f: null,
    });
  });

  it.each(["\0", half, `\0${half}`])("%j goes nowhere", async (bad) => {
    expect((await signIn(`Wren${bad}`, `x${bad}`)).status).toBeLessThan(500);
    const lot = await wren.call("logLot", { body: { ...aLot("chard", "300"), note: `wet${bad}leaf` } });
    expect(lot.status).toBe(201);
    expect(lot.body.note).toMatch(/^wet.?leaf$/);
    const raw = async (path: string) => (await wren.raw(path)).status;
    for (const path of [
      "/api/lots/%00",
      "/api/recipes/%00",
      "/api/batches?recipe=%00",
      "/api/lots?state=%00",
    ])
      expect([path, await raw(path)]).toEqual([path, expect.any(Number)]);
    for (const path of ["/api/lots/%00", "/api/recipes/%00", "/api/batches?recipe=%00"])
      expect(await raw(path)).toBeLessThan(500);
    expect(kitchen.logged).toEqual([]);
  });

  it.each(["constructor", "__proto__", "toString", "hasOwnProperty"])(
    "%s is a name like any other",
    async (name) => {
      const lot = await wren.call("logLot", { body: { ...aLot(name, "300") } });
      expect(lot.status).toBeLessThan(500);
      const lines = await wren.call("readLines", {
        body: { lines: [`2 ${name}`, `1 cup ${name}`, name] },
      });
      expect(lines.status).toBe(200);
      const read = await wren.call("readRecipes", {
        body: { text: `${name}\n\n200 g ${name}\n\nStir the ${name}.` },
      });
      expect(read.status).toBeLessThan(500);
      expect(kitchen.logged).toEqual([]);
    },
  );
});

describe("what the database says", () => {
  it.each([
    ["22021", 422],
    ["22P05", 422],
    ["22003", 422],
    ["57P03", 503],
    ["53300", 503],
    ["08006", 503],
  ])("%s is %i", (state, status) => {
    expect(problemOfState(state)?.status).toBe(status);
  });

  it("is a mistake of ours only where it is one", () => {
    expect([problemOfState(""), problemOfState("42703")]).toEqual([undefined, undefined]);
  });

  it.each([
    "timeout exceeded when trying to connect",
    "Connection terminated unexpectedly",
    "connect ECONNREFUSED 127.0.0.1:5432",
    "Query read timeout",
  ])("%s: it is away", (message) => {
    expect(sqlState(new Error(message))).toBe("08006");
    expect(sqlState(new TypeError("x is not a function"))).toBe("");
  });

  it("while it is away every route says so, and none that it was our mistake", async () => {
    const away = () => Promise.reject(new Error("connect ECONNREFUSED 127.0.0.1:5432"));
    const { authStore } = kitchen.deps.database;
    const database = {
      ...kitchen.deps.database,
      authStore: { ...authStore, findSession: away, anyKitchen: away, beginSignIn: away },
    };
    const app = createApp({ ...kitchen.deps, database });
    for (const path of ["/api/lots", "/api/start", "/api/today"]) {
      const answer = await app.request(path, { headers: { cookie: wren.cookie } });
      expect([path, answer.status]).toEqual([path, 503]);
    }
    expect(kitchen.logged).toEqual([]);
  });
});

describe("the name it is asked under", () => {
  it.each([
    "localhost:4310",
    "127.0.0.1:4310",
    "[::1]:4310",
    "192.168.1.20",
    "10.0.0.7:80",
    "172.20.1.1",
    "[fd12::1]:4310",
    "[fe80::1]",
    "kitchen",
    "kitchen:4310",
    "kitchen.local",
    "apron.lan:4310",
    "apron.home.arpa",
    "apron.test.",
    "KITCHEN.LOCAL",
  ])("%s is of the home network", (host) => {
    expect(isHostAllowed(host)).toBe(true);
  });

  it.each([
    "evil.example",
    "localhost.evil.example",
    "8.8.8.8",
    "172.32.0.1",
    "[2001:db8::1]",
    "kitchen.local.evil.example",
    "",
    "a b",
  ])("%j is not", (host) => {
    expect(isHostAllowed(host)).toBe(false);
  });

  it("is one that the operator added, or any where that was said", () => {
    const more = hostsFrom("Plates.example, apron.example:443");
    expect(
      ["plates.example", "apron.example:8443", "other.example"].map((host) => isHostAllowed(host, more)),
    ).toEqual([true, true, false]);
    expect(isHostAllowed("other.example", hostsFrom("*"))).toBe(true);
    expect(hostsFrom(undefined)).toEqual([]);
  });

  it("is refused before anything is done, with words", async () => {
    const ask = (host: string, path: string) =>
      kitchen.app.request(path, { headers: { host, cookie: wren.cookie } });
    const refused = await ask("evil.example", "/api/lots");
    expect([refused.status, ((await refused.json()) as { code: string }).code]).toEqual([
      421,
      "host-not-allowed",
    ]);
    expect((await ask("evil.example", "/")).status).toBe(421);
    expect((await ask("kitchen.lan", "/api/lots")).status).toBe(200);
  });
});

describe("headers", () => {
  const policy = async (isTls: boolean) => {
    const app = createApp({ ...kitchen.deps, secureCookies: isTls });
    app.get("*", (c) => c.html("<p>page</p>"));
    return (await app.request("/")).headers;
  };

  it("bind pages to this program; only behind TLS is a browser told never to come without", async () => {
    const csp = (await policy(false)).get("content-security-policy") ?? "";
    for (const rule of [
      "base-uri 'none'",
      "form-action 'self'",
      "object-src 'none'",
      "frame-ancestors 'none'",
    ])
      expect(csp).toContain(rule);
    expect((await policy(false)).get("strict-transport-security")).toBeNull();
    expect((await policy(true)).get("strict-transport-security")).toContain("max-age");
  });

  it("name the cookie after the program's own port: two kitchens on one machine are two cookies", async () => {
    const app = createApp({ ...kitchen.deps, cookieName: "apron_session_4311" });
    minute("15:00:00");
    const signed = await app.request("/api/session", {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ name: "Wren", password: "long enough" }),
    });
    expect(signed.headers.get("set-cookie")).toMatch(/^apron_session_4311=/);
    const ask = async (cookie: string) => (await app.request("/api/lots", { headers: { cookie } })).status;
    const cookie = (signed.headers.get("set-cookie") ?? "").split(";")[0] ?? "";
    expect([await ask(cookie), await ask(wren.cookie), await ask(`${wren.cookie}; ${cookie}`)]).toEqual([
      200, 401, 200,
    ]);
  });
});
