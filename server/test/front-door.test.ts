import { gunzipSync } from "node:zlib";
import { afterAll, beforeAll, describe, expect, it } from "@jest/globals";
import { endpoints, routeOf, type EndpointName } from "@apron/contract";
import { createApp } from "../src/app.ts";
import { attachment, fileName } from "../src/http/attachment.ts";
import { aLot, openTestKitchen, signedInBy, type TestKitchen } from "./test-kitchen.ts";

let kitchen: TestKitchen;
beforeAll(async () => {
  kitchen = await openTestKitchen();
});
afterAll(() => kitchen.close());

describe("a fresh database", () => {
  it("asks for a first account, and offers the demo kitchen to look around in", async () => {
    const start = await kitchen.guest.call("startPage", {});
    expect(start.body).toEqual({ needsSetUp: true, demoCook: "Wren" });
  });

  it.each([
    [{ kitchen: "", name: "Wren", password: "long enough" }, "kitchen", "missing"],
    [{ kitchen: "Plot", name: "   ", password: "long enough" }, "name", "missing"],
    [{ kitchen: "Plot", name: "Wren", password: "short" }, "password", "too-small"],
  ])("refuses %j at %s", async (body, field, code) => {
    const refused = await kitchen.guest.call("setUp", { body });
    expect([refused.status, refused.problem.field, refused.problem.code]).toEqual([422, field, code]);
  });

  it("opens the kitchen once, and only once, even when two set it up at once", async () => {
    const body = { kitchen: "Plot", name: "Wren", password: "long enough" };
    const rivals = await Promise.all(
      ["Wren", "Bram", "Ottilie"].map((name) => kitchen.guest.call("setUp", { body: { ...body, name } })),
    );
    expect(rivals.map((r) => r.status).sort()).toEqual([201, 409, 409]);
    await kitchen.owner.query("truncate kitchen, account cascade");
    const wren = await kitchen.setUp("Wren");
    expect((await wren.call("currentSession", {})).body).toMatchObject({
      member: { name: "Wren" },
      kitchen: { demo: false },
    });
    const again = await kitchen.guest.call("setUp", {
      body: { kitchen: "Other", name: "Bram", password: "long enough" },
    });
    expect([again.status, again.problem.code]).toEqual([409, "already-set-up"]);
    expect((await kitchen.guest.call("startPage", {})).body.needsSetUp).toBe(false);
  });
});

describe("signing in", () => {
  it("takes the name in any case, and sets a cookie no script can read", async () => {
    const signed = await kitchen.guest.call("signIn", { body: { name: " wREN ", password: "long enough" } });
    expect(signed.status).toBe(201);
    expect(signed.headers.get("set-cookie")).toMatch(/^apron_session=[\w-]{43};.*HttpOnly.*SameSite=Lax/);
  });

  it("says the same of a wrong password and an unknown name", async () => {
    const wrong = await kitchen.guest.call("signIn", { body: { name: "Wren", password: "guess" } });
    const nobody = await kitchen.guest.call("signIn", { body: { name: "Nobody", password: "guess" } });
    expect([wrong.status, wrong.problem.code]).toEqual([401, "sign-in-wrong"]);
    expect([nobody.status, nobody.problem.code]).toEqual([401, "sign-in-wrong"]);
  });

  it("stores neither the password nor the token", async () => {
    const signed = await kitchen.guest.call("signIn", { body: { name: "Wren", password: "long enough" } });
    const token = /apron_session=([\w-]+)/.exec(signed.headers.get("set-cookie") ?? "")?.[1] ?? "?";
    const [row] = await kitchen.owner.query<{ everything: string }[]>(
      "select (select string_agg(s::text, ' ') from session s) || (select string_agg(m::text, ' ') from account m) as everything",
    );
    expect(row?.everything).not.toContain(token);
    expect(row?.everything).not.toContain("long enough");
    expect(row?.everything).toContain("$argon2id$");
  });

  it("ends with sign-out", async () => {
    const signed = await kitchen.guest.call("signIn", { body: { name: "Wren", password: "long enough" } });
    const cookie = (signed.headers.get("set-cookie") ?? "").split(";")[0] ?? "";
    const as = (path: string, method = "GET") =>
      kitchen.app.request(path, { method, headers: { cookie, "content-type": "application/json" } });
    expect((await as("/api/session")).status).toBe(200);
    expect((await as("/api/session", "DELETE")).status).toBe(200);
    expect((await as("/api/session")).status).toBe(401);
  });

  it("answers an expired session with 401 and writes nothing", async () => {
    const signed = await kitchen.guest.call("signIn", { body: { name: "Wren", password: "long enough" } });
    const cookie = (signed.headers.get("set-cookie") ?? "").split(";")[0] ?? "";
    kitchen.setNow("2026-10-11T09:00:00");
    const refused = await kitchen.app.request("/api/lots", {
      method: "POST",
      headers: { cookie, "content-type": "application/json", "Idempotency-Key": crypto.randomUUID() },
      body: JSON.stringify(aLot("chard", "430")),
    });
    expect([refused.status, ((await refused.json()) as { code: string }).code]).toEqual([
      401,
      "session-expired",
    ]);
    expect(await kitchen.owner.query("select from lot")).toEqual([]);
    kitchen.setNow("2026-09-10T09:00:00");
  });
});

describe("every route", () => {
  const names = Object.keys(endpoints) as EndpointName[];

  it.each(names.filter((name) => !("open" in endpoints[name])))("%s asks who is there", async (name) => {
    const [method, path] = routeOf(name);
    const response = await kitchen.app.request(path.replace(/\{\w+\}/, crypto.randomUUID()), {
      method: method.toUpperCase(),
      headers: { "content-type": "application/json" },
    });
    expect(response.status).toBe(401);
    expect(response.headers.get("content-type")).toContain("application/problem+json");
  });

  it("is described in the OpenAPI document, with its schemas", async () => {
    const document = (await (await kitchen.app.request("/api/openapi.json")).json()) as {
      openapi: string;
      paths: Record<string, Record<string, { operationId: string; responses: object }>>;
      components: { schemas: Record<string, unknown> };
    };
    expect(document.openapi).toBe("3.1.0");
    const described = Object.values(document.paths).flatMap((methods) =>
      Object.values(methods).map((m) => m.operationId),
    );
    expect(described.sort()).toEqual([...names].sort());
    expect(Object.keys(document.components.schemas)).toEqual(
      expect.arrayContaining(["Lot", "Match", "Problem", "Formula"]),
    );
  });
});

describe("the edges", () => {
  it("answers health with 200 when the database answers and 503 when it does not", async () => {
    const well = await kitchen.app.request("/api/health");
    expect([well.status, await well.json()]).toEqual([
      200,
      { status: "ok", database: "answers", version: "test" },
    ]);
    const deaf = {
      ...kitchen.deps.database,
      authStore: { ...kitchen.deps.database.authStore, answers: () => Promise.resolve(false) },
    };
    const ill = await createApp({ ...kitchen.deps, database: deaf }).request("/api/health");
    expect(ill.status).toBe(503);
  });

  it("refuses what is not JSON, what is broken JSON, what is too large and what is nowhere", async () => {
    const wren = await kitchen.guest.call("signIn", { body: { name: "Wren", password: "long enough" } });
    const cookie = (wren.headers.get("set-cookie") ?? "").split(";")[0] ?? "";
    const post = (body: string, type: string) =>
      kitchen.app.request("/api/lots", {
        method: "POST",
        headers: { cookie, "content-type": type, origin: "http://localhost" },
        body,
      });
    const codes = [
      await post("{", "application/json"),
      await post("<lot/>", "text/xml"),
      await post(JSON.stringify({ pad: "x".repeat(600_000) }), "application/json"),
      await kitchen.app.request("/api/nowhere"),
    ].map((r) => r.status);
    expect(codes).toEqual([400, 415, 413, 404]);
  });

  it("does not take a form posted from another site", async () => {
    const foreign = await kitchen.app.request("/api/session/demo", {
      method: "POST",
      headers: { "content-type": "application/x-www-form-urlencoded", origin: "https://elsewhere.example" },
    });
    expect(foreign.status).toBe(403);
  });

  it("sends a content security policy and no sniffing, with pages, replies and refusals", async () => {
    for (const path of ["/", "/api/health", "/api/lots"]) {
      const { headers } = await kitchen.app.request(path);
      expect(headers.get("content-security-policy")).toMatch(
        path === "/" ? /default-src 'self'/ : /default-src 'none'/,
      );
      expect(headers.get("x-content-type-options")).toBe("nosniff");
    }
  });

  it("compresses a remembered reply for who can read it, to the same content", async () => {
    const wren = await kitchen.guest.call("signIn", { body: { name: "Wren", password: "long enough" } });
    const cookie = (wren.headers.get("set-cookie") ?? "").split(";")[0] ?? "";
    const ask = (encoding: string) =>
      kitchen.app.request("/api/ingredients", { headers: { cookie, "accept-encoding": encoding } });
    const [plain, zipped] = [await ask("identity"), await ask("gzip, br")];
    expect([plain.headers.get("content-encoding"), zipped.headers.get("content-encoding")]).toEqual([
      null,
      "gzip",
    ]);
    const unzipped = gunzipSync(Buffer.from(await zipped.arrayBuffer())).toString();
    expect(unzipped).toBe(await plain.text());
  });

  it("calls its own mistakes its own: 500 with a request id, logged, nothing given away", async () => {
    const broken = {
      ...kitchen.deps.database,
      authStore: {
        ...kitchen.deps.database.authStore,
        anyKitchen: () => Promise.reject(new Error("secret detail")),
      },
    };
    const response = await createApp({ ...kitchen.deps, database: broken }).request("/api/start");
    const text = await response.text();
    expect(response.status).toBe(500);
    expect(text).not.toContain("secret detail");
    const { requestId } = JSON.parse(text) as { requestId: string };
    expect(kitchen.logged.some((line) => line.includes(requestId) && line.includes("secret detail"))).toBe(
      true,
    );
  });

  it("files have names of their own, safe to save", async () => {
    const wren = signedInBy(
      kitchen.app,
      await kitchen.guest.call("signIn", { body: { name: "Wren", password: "long enough" } }),
    );
    const nameOf = async (path: string) => (await wren.raw(path)).headers.get("content-disposition");
    expect(await nameOf("/api/lots.csv")).toBe(`attachment; filename="lots.csv"; filename*=UTF-8''lots.csv`);
    expect(fileName("/api/recipes/lovage-green-sauce/recipe.md")).toBe("lovage-green-sauce.md");
    expect(attachment('Wren\'s "plot"; é/ü\r\n.zip')).toBe(
      `attachment; filename="Wren-s-plot-e-u-.zip"; filename*=UTF-8''Wren%27s%20%22plot%22%3B%20%C3%A9%2F%C3%BC%0D%0A.zip`,
    );
  });
});
