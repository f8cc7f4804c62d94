import { afterAll, beforeAll, describe, expect, it } from "@jest/globals";
import { createApp } from "../src/app.ts";
import { aLot, openTestKitchen, signedInBy, type Browser, type TestKitchen } from "./test-kitchen.ts";

let kitchen: TestKitchen;
let wren: Browser;
beforeAll(async () => {
  kitchen = await openTestKitchen();
  wren = await kitchen.setUp("Wren");
});
afterAll(() => kitchen.close());

type News = {
  readonly revision: number;
  readonly by?: string;
  readonly act?: string;
  readonly mine?: boolean;
};

/** A tab's stream: what it was told so far, and whether it is over. */
async function streamOf(browser: Browser) {
  const response = await browser.raw("/api/live");
  expect(response.status).toBe(200);
  const reader = (response.body as ReadableStream<Uint8Array>).getReader();
  const decoder = new TextDecoder();
  let text = "";
  let isOver = false;
  const reading = (async () => {
    for (;;) {
      const { done, value } = await reader.read();
      if (done) break;
      text += decoder.decode(value);
    }
    isOver = true;
  })().catch(() => (isOver = true));
  const news = (): News[] =>
    [...text.matchAll(/event: kitchen\ndata: (.*)\n/g)].map(([, data]) => JSON.parse(data ?? "") as News);
  return { news, isOver: () => isOver, close: () => reader.cancel(), reading };
}

const until = async (isSo: () => boolean): Promise<void> => {
  for (let tries = 0; tries < 400 && !isSo(); tries++) await new Promise((done) => setTimeout(done, 10));
  expect(isSo()).toBe(true);
};

describe("what one tablet writes", () => {
  it("every other is told of at once: who, what, and whether it was themselves", async () => {
    const [mine, others] = [await streamOf(wren), await streamOf(await kitchen.signInDemo())];
    const { code } = (await wren.call("makeInvite", { body: { role: "cook" } })).body;
    const as = { kind: "new", name: "Perrin", password: "beetroot and thyme" } as const;
    const joined = await kitchen.guest.call("acceptInvite", { body: { code, as } });
    expect([joined.status, joined.problem.code]).toEqual([201, undefined]);
    const tablet = await streamOf(signedInBy(kitchen.app, joined));
    await until(() => mine.news().length > 0 && tablet.news().length > 0 && others.news().length > 0);
    const elsewhere = others.news().length;
    expect((await wren.call("logLot", { body: aLot("kale", "300") })).status).toBe(201);
    await until(() => [mine, tablet].every((one) => one.news().some((news) => news.act === "logLot")));
    const told = (stream: typeof mine) => stream.news().find((news) => news.act === "logLot");
    expect(told(mine)).toMatchObject({ by: "Wren", act: "logLot", mine: true });
    expect(told(tablet)).toMatchObject({ by: "Wren", act: "logLot", mine: false });
    expect(
      others
        .news()
        .slice(elsewhere)
        .every((news) => news.act === undefined),
    ).toBe(true);
    await Promise.all([mine, others, tablet].map((stream) => stream.close()));
  });

  it("a write that was refused is told to nobody", async () => {
    const stream = await streamOf(wren);
    await until(() => stream.news().length > 0);
    const id = "00000000-0000-4000-8000-000000000000";
    expect((await wren.call("goneOff", { params: { id }, body: {} })).status).toBe(404);
    await wren.call("logLot", { body: aLot("kale", "200") });
    await until(() => stream.news().some((news) => news.act === "logLot"));
    expect(stream.news().some((news) => news.act === "goneOff")).toBe(false);
    await stream.close();
  });
});

describe("a stream", () => {
  it("asks the database nothing while nothing changes, however many watch", async () => {
    let reads = 0;
    const database = {
      ...kitchen.deps.database,
      read: ((id, work) => {
        reads++;
        return kitchen.deps.database.read(id, work);
      }) as typeof kitchen.deps.database.read,
    };
    const app = createApp({ ...kitchen.deps, database });
    const watching = await Promise.all(
      Array.from({ length: 6 }, async () => app.request("/api/live", { headers: { cookie: wren.cookie } })),
    );
    expect(watching.map((one) => one.status)).toEqual(watching.map(() => 200));
    await new Promise((done) => setTimeout(done, 1500));
    expect(reads).toBe(1);
    await Promise.all(watching.map(async (one) => one.body?.cancel()));
  });

  it("ends with its session, wherever that is ended", async () => {
    const browser = async () => {
      const body = { name: "Wren", password: "long enough" };
      return signedInBy(kitchen.app, await kitchen.guest.call("signIn", { body }));
    };
    const [leaving, staying] = [await browser(), await browser()];
    const [ends, goesOn] = [await streamOf(leaving), await streamOf(staying)];
    await until(() => ends.news().length > 0 && goesOn.news().length > 0);
    expect(
      (
        await leaving.raw("/api/session", {
          method: "DELETE",
          headers: { "content-type": "application/json" },
        })
      ).status,
    ).toBe(200);
    await until(ends.isOver);
    expect(goesOn.isOver()).toBe(false);
    await goesOn.close();
  });

  it("of one session there are eight at once", async () => {
    const body = { name: "Wren", password: "long enough" };
    const browser = signedInBy(kitchen.app, await kitchen.guest.call("signIn", { body }));
    const open = await Promise.all(Array.from({ length: 9 }, () => browser.raw("/api/live")));
    expect(open.filter((one) => one.status === 200)).toHaveLength(8);
    const refused = open.find((one) => one.status === 503);
    expect([await refused?.json(), refused?.headers.get("retry-after")]).toMatchObject([
      { code: "too-many-streams" },
      "10",
    ]);
    await Promise.all(open.filter((one) => one.status === 200).map(async (one) => one.body?.cancel()));
  });
});

it("who listens hears again after the connection broke", async () => {
  const stream = await streamOf(wren);
  await until(() => stream.news().length > 0);
  const before = stream.news().length;
  await kitchen.owner.query(
    "select pg_terminate_backend(pid) from pg_stat_activity where query like 'listen %' and datname = current_database()",
  );
  // It says what it may have missed once it is back.
  await until(() => stream.news().length > before);
  await wren.call("logLot", { body: aLot("kale", "200") });
  await until(() => stream.news().some((news) => news.act === "logLot"));
  await stream.close();
});
