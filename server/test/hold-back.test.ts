import { expect, it, jest } from "@jest/globals";
import { Hono } from "hono";
import { holdBack } from "../src/kitchen/hold-back.ts";

/** So many at once that are answered with a status; gives how many have their answer straight away, and a second later. */
async function answered(
  atOnce: number,
  status: 200 | 401 | 429 | 503,
): Promise<[now: number, later: number]> {
  jest.useFakeTimers();
  try {
    const app = new Hono().use(holdBack()).post("/", async (c) => {
      await new Promise((done) => setTimeout(done, 10));
      return c.json({}, status);
    });
    let answers = 0;
    const all = Array.from({ length: atOnce }, async () => {
      await app.request("/", { method: "POST" });
      answers++;
    });
    await jest.advanceTimersByTimeAsync(11);
    const now = answers;
    await jest.advanceTimersByTimeAsync(1000);
    await Promise.all(all);
    return [now, answers];
  } finally {
    jest.useRealTimers();
  }
}

it("a family that is refused is told at once", async () => {
  expect(await answered(8, 429)).toEqual([8, 8]);
});

it("of two hundred that are refused at once most are told a second later, so that they cannot ask again and again", async () => {
  for (const status of [429, 503] as const) expect(await answered(200, status)).toEqual([0, 200]);
});

it("who is not told to wait is never held", async () => {
  for (const status of [200, 401] as const) expect(await answered(50, status)).toEqual([50, 50]);
});
