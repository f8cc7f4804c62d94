import { afterAll, beforeAll, describe, expect, it } from "@jest/globals";
import { simulatedScale } from "../src/devices/simulated-scale.ts";
import type { ScaleRecord } from "../src/context/ports/scale.store.ts";
import { openTestKitchen, type Browser, type TestKitchen } from "./test-kitchen.ts";

const { read, pile, press, rest } = simulatedScale;
const at = (ms: number): Date => new Date(1_000_000_000 + ms);
const loaded = (grams: number): ScaleRecord => pile(press(rest, "wake", at(0)), grams, at(0));

describe("the simulated scale", () => {
  it("sleeps until it is touched, then shows nothing steadily", () => {
    expect(read(rest, at(0))).toMatchObject({ off: true, stable: false, shown: "" });
    expect(read(press(rest, "wake", at(0)), at(10))).toMatchObject({
      grams: 0,
      stable: true,
      off: false,
      shown: "0 g",
    });
  });

  it("swings before it settles, and is not called stable until it has", () => {
    const early = [0, 100, 300, 700, 1100].map((ms) => read(loaded(430), at(ms)));
    expect(early.every((r) => !r.stable)).toBe(true);
    expect(early[0]?.grams).toBeLessThan(50);
    expect(Math.abs((early.at(-1)?.grams ?? 0) - 430)).toBeLessThanOrEqual(10);
    expect(read(loaded(430), at(1200))).toMatchObject({ grams: 430, stable: true });
  });

  it("rounds to its step, takes tare off and calls overload", () => {
    const bowl = press(loaded(30), "tare", at(3000));
    expect(read(pile(bowl, 430.4, at(4000)), at(9000)).grams).toBe(400);
    expect(read(loaded(12_000), at(5000))).toMatchObject({ overload: true, stable: false });
  });

  it("creeps by a gram in five minutes under a load, three at most, and not when empty", () => {
    const awake = (scale: ScaleRecord, ms: number) => read({ ...scale, usedAt: at(ms) }, at(ms)).grams;
    expect(awake(loaded(430), 60_000)).toBe(430);
    expect(awake(loaded(430), 5 * 60_000)).toBe(431);
    expect(awake(loaded(430), 60 * 60_000)).toBe(433);
    expect(awake(loaded(0), 60 * 60_000)).toBe(0);
  });

  it("holds a steady reading until hold is let go or it is tared", () => {
    const held = press(loaded(430), "hold", at(2000));
    expect(read(pile(held, 0, at(3000)), at(9000))).toMatchObject({ grams: 430, held: true, stable: true });
    expect(read(press(pile(held, 0, at(3000)), "hold", at(9000)), at(9500))).toMatchObject({
      grams: 0,
      held: false,
    });
    expect(press(held, "tare", at(3000)).heldG).toBeNull();
    expect(press(loaded(430), "hold", at(100)).heldG).toBeNull();
  });

  it("shows ounces when asked, and still reports grams", () => {
    const ounces = press(loaded(430), "unit", at(2000));
    expect(read(ounces, at(3000))).toMatchObject({ unit: "oz", shown: "15.15 oz", grams: 430 });
    expect(read(press(ounces, "unit", at(3000)), at(3500)).shown).toBe("430 g");
  });

  it("switches itself off after five minutes, and any key or weight wakes it", () => {
    const later = 5 * 60_000 + 1;
    expect(read(loaded(430), at(later))).toMatchObject({ off: true, stable: false, shown: "" });
    expect(read(press(loaded(430), "wake", at(later)), at(later + 10))).toMatchObject({
      off: false,
      stable: true,
    });
    expect(read(pile(loaded(430), 200, at(later)), at(later + 2000))).toMatchObject({
      off: false,
      grams: 200,
    });
  });

  it("unplugged it answers with nothing that could be taken for a weight", () => {
    const away = press(loaded(430), "unplug", at(2000));
    expect(read(away, at(3000))).toMatchObject({ plugged: false, stable: false, grams: 0, shown: "" });
    expect(read(press(away, "plug", at(3000)), at(3500))).toMatchObject({
      plugged: true,
      grams: 430,
      stable: true,
    });
  });
});

describe("through the API", () => {
  let kitchen: TestKitchen;
  let wren: Browser;
  beforeAll(async () => {
    kitchen = await openTestKitchen();
    wren = await kitchen.setUp();
  });
  afterAll(() => kitchen.close());

  it("shows what was piled on, after it settles, less the tare", async () => {
    await wren.call("simulateLoad", { body: { grams: 120 } });
    expect((await wren.call("readScale", {})).body.stable).toBe(false);
    kitchen.setNow("2026-09-10T09:00:05");
    await wren.call("pressScale", { body: { key: "tare" } });
    await wren.call("simulateLoad", { body: { grams: 550 } });
    kitchen.setNow("2026-09-10T09:00:10");
    expect((await wren.call("readScale", {})).body).toMatchObject({ grams: 430, stable: true, tareG: 120 });
  });

  it("streams its readings as they settle, and to nobody who is not signed in", async () => {
    kitchen.setNow("2026-09-10T09:10:00");
    await wren.call("simulateLoad", { body: { grams: 320 } });
    expect((await kitchen.guest.raw("/api/live")).status).toBe(401);
    const response = await wren.raw("/api/live");
    expect(response.headers.get("content-type")).toContain("text/event-stream");
    const reader = (response.body as ReadableStream<Uint8Array>).getReader();
    const decoder = new TextDecoder();
    let text = "";
    while (!text.includes("\n\n")) text += decoder.decode((await reader.read()).value);
    kitchen.setNow("2026-09-10T09:10:05");
    while (!text.includes('"stable":true')) text += decoder.decode((await reader.read()).value);
    await reader.cancel();
    expect(text).toMatch(/^event: reading\ndata: \{.*"stable":false/);
    expect(text).toContain('"grams":');
  });

  it("knows its own keys only", async () => {
    expect((await wren.call("pressScale", { body: { key: "self-destruct" as never } })).status).toBe(422);
  });

  it("takes no absurd pile", async () => {
    expect((await wren.call("simulateLoad", { body: { grams: -1 } })).status).toBe(422);
    expect((await wren.call("simulateLoad", { body: { grams: 1e9 } })).status).toBe(422);
  });
});
