import { randomUUID } from "node:crypto";
import { afterAll, beforeAll, expect, it } from "@jest/globals";
import { aLot, openTestKitchen, type Browser, type TestKitchen } from "./test-kitchen.ts";

let kitchen: TestKitchen;
let wren: Browser;
beforeAll(async () => {
  kitchen = await openTestKitchen();
  wren = await kitchen.setUp("Wren");
});
afterAll(() => kitchen.close());

const rowsOf = async (table: string): Promise<number> => {
  const [row] = await kitchen.owner.query<{ rows: number }[]>(`select count(*)::int as rows from ${table}`);
  return row?.rows ?? Number.NaN;
};

it("of what went off the latest are kept, and what was learned stays learned", async () => {
  const goesOff = async (): Promise<string> => {
    const { id } = (await wren.call("logLot", { body: aLot("kale", "300") })).body;
    const gone = await wren.call("goneOff", { params: { id }, body: {} });
    expect(gone.status).toBe(201);
    return id;
  };
  for (let i = 0; i < 43; i++) await goesOff();
  expect(await rowsOf("spoilage")).toBe(40);
  const fresh = (await wren.call("logLot", { body: aLot("kale", "300") })).body;
  // Kale that went off on the day it came in, so often: this kitchen's own days.
  expect(fresh.freshness.spoilsOn).toBe("2026-09-10");
});

it("of jars that were weighed back the latest are kept, each kind for itself", async () => {
  for (const group of ["tender-leaves", "crisp-leaves"] as const)
    for (let i = 0; i < 42; i++) {
      const body = { group, saladG: 400, usedG: 20 + i };
      expect((await wren.call("weighJarBack", { body }, randomUUID())).status).toBe(201);
    }
  expect(await rowsOf("dressing_weighing")).toBe(80);
  const needed = await wren.call("dressingForSalad", { query: { group: "crisp-leaves", saladG: 100 } });
  expect(needed.body.ownWeighings).toBe(20);
});
