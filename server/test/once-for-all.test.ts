import { afterAll, beforeAll, expect, it } from "@jest/globals";
import type { Deps } from "../src/context/request-context.ts";
import { createApp } from "../src/app.ts";
import { forMyself, onceForAll } from "../src/context/once.ts";
import { aLot, openTestKitchen, type TestKitchen } from "./test-kitchen.ts";

let kitchen: TestKitchen;
beforeAll(async () => {
  kitchen = await openTestKitchen();
});
afterAll(() => kitchen.close());

it("what fifty ask at once after a write is worked out once", async () => {
  const owner = await kitchen.setUp();
  let reads = 0;
  const database: Deps["database"] = {
    ...kitchen.deps.database,
    read: (kitchenId, work) => {
      reads++;
      return kitchen.deps.database.read(kitchenId, work);
    },
  };
  const app = createApp({ ...kitchen.deps, database });
  const askAll = async (): Promise<Set<string>> => {
    const replies = await Promise.all(
      Array.from({ length: 50 }, async () =>
        app.request("/api/today", { headers: { cookie: owner.cookie } }),
      ),
    );
    expect(replies.every((reply) => reply.status === 200)).toBe(true);
    return new Set(await Promise.all(replies.map((reply) => reply.text())));
  };
  const before = await askAll();
  expect([before.size, reads]).toEqual([1, 1]);
  expect((await owner.call("logLot", { body: aLot("kale", "500") })).status).toBe(201);
  const after = await askAll();
  expect([after.size, reads]).toEqual([1, 2]);
  expect([...after]).not.toEqual([...before]);
});

it("what Today and Match both tell is worked out once, and once more where it failed", async () => {
  const once = onceForAll();
  let works = 0;
  const work = async (): Promise<number> => {
    works++;
    await Promise.resolve();
    if (works === 1) throw new Error("the database was away");
    return works;
  };
  await expect(once("kitchen 1")("matches", work)).rejects.toThrow("away");
  expect(await Promise.all([once("kitchen 1")("matches", work), once("kitchen 1")("matches", work)])).toEqual(
    [2, 2],
  );
  expect(await once("kitchen 1")("matches", work)).toBe(2);
  expect(await once("kitchen 2")("matches", work)).toBe(3);
  expect(await forMyself("matches", work)).toBe(4);
});
