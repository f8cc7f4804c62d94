import { randomUUID } from "node:crypto";
import { afterAll, beforeAll, describe, expect, it } from "@jest/globals";
import { aLot, openTestKitchen, type Browser, type TestKitchen } from "./test-kitchen.ts";

let kitchen: TestKitchen;
let wren: Browser;
beforeAll(async () => {
  kitchen = await openTestKitchen();
  wren = await kitchen.setUp("Wren");
});
afterAll(() => kitchen.close());

describe("days that no calendar of a kitchen has", () => {
  const since = (day: string) =>
    wren.call("logLot", { body: { ...aLot("kale", "500"), id: randomUUID(), since: day } });

  it.each([
    "0000-01-01",
    "0001-01-01",
    "-2026-01-01",
    "9999-12-31",
    "2026-02-30",
    "2026-13-01",
    "+12026-01-01",
    "today",
    "",
  ])("%s is refused at its field", async (day) => {
    const { status, problem } = await since(day);
    expect([status, problem.field]).toEqual([422, "since"]);
  });
});

describe("weights that no scale shows", () => {
  it.each(["1000000001 g", "10 000 000 kg", "1e12 g", "99999999999999999999 g", "0 g", "-5 g", "1e400 g"])(
    "a lot of %s is refused at its amount",
    async (amount) => {
      const { status, problem } = await wren.call("logLot", {
        body: { ...aLot("kale", amount), id: randomUUID() },
      });
      expect([status, problem.field]).toEqual([422, "amount"]);
    },
  );

  it("a lot is never corrected past what one may hold, however often", async () => {
    const { id } = (await wren.call("logLot", { body: aLot("kale", "500") })).body;
    const correct = (deltaG: number) =>
      wren.call("correctLot", { params: { id }, body: { deltaG, reason: "the scale" } });
    expect((await correct(2e9)).status).toBe(422);
    const answers: number[] = [];
    for (let i = 0; i < 12; i++) answers.push((await correct(99_999)).status);
    const { grams } = (await wren.call("getLot", { params: { id } })).body;
    expect(grams).toBe(500 + answers.filter((status) => status === 201).length * 99_999);
    for (const status of answers) expect([201, 409, 422]).toContain(status);
    expect(grams).toBeLessThan(1e9);
  });

  it("settings of nothing change nothing", async () => {
    const before = (await wren.call("getKitchen", {})).body;
    for (const body of [{}, { portionsPerPersonDay: {} }]) {
      const answer = await wren.call("changeKitchen", { body });
      expect(answer.status).toBe(201);
    }
    expect((await wren.call("getKitchen", {})).body).toEqual(before);
  });
});
