import { mkdtemp, rm } from "node:fs/promises";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, it } from "@jest/globals";
import { meaningKey } from "@apron/core/catalogue";
import { build } from "esbuild";
import { TooMuchWork } from "../src/context/ports/workers.ts";
import { threadPool, type ThreadPool } from "../src/workers/thread-pool.ts";

const kitchen = {
  own: { ingredients: [], figures: [] },
  cup: "us-customary",
  ounces: {},
  meanings: { [meaningKey("greens")]: "chard" },
} as const;
/** Two hundred of the longest lines there may be: seconds of work. */
const long = Array.from({ length: 200 }, (_, i) => `${i} `.repeat(200).slice(0, 500));

let folder: string;
let file: string;
const open: ThreadPool[] = [];
const poolOf = (patienceMs?: number): ThreadPool => {
  const pool = threadPool(file, patienceMs);
  open.push(pool);
  return pool;
};
const failed = (work: Promise<unknown>): Promise<unknown> =>
  work.then(
    () => undefined,
    (error: unknown) => error,
  );

beforeAll(async () => {
  // Beside the packages it needs.
  folder = await mkdtemp(new URL("../dist-test-", import.meta.url).pathname);
  file = join(folder, "worker.mjs");
  await build({
    entryPoints: [new URL("../src/workers/worker.ts", import.meta.url).pathname],
    ...{ outfile: file, bundle: true, format: "esm", platform: "node", target: "node20" },
    banner: {
      js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);",
    },
  });
});
afterAll(async () => {
  await Promise.all(open.map((pool) => pool.close()));
  await rm(folder, { recursive: true });
});

describe("reading beside the server", () => {
  it("gives what reading here gives, in this kitchen's words", async () => {
    const [kale, greens] = await poolOf().run("readLines", ["200 g kale", "2 kg greens"], kitchen);
    expect(kale).toMatchObject({ ingredient: { kind: "one", id: "kale" }, grams: { value: 200 } });
    expect(greens).toMatchObject({ ingredient: { kind: "one", id: "chard" }, grams: { value: 2000 } });
    const read = await poolOf().run("readRecipes", "Bowl\n\n200 g plums\n\nEat them.", kitchen);
    expect(read).toMatchObject({
      ok: true,
      value: { recipes: [{ title: "Bowl", lines: [{ grams: 200 }] }] },
    });
    const csv = "item,amount\nkale,500 g\nmoonstone,1";
    expect(await poolOf().run("readLots", csv, kitchen, "2026-09-10")).toMatchObject({
      ok: true,
      value: { rows: [{ line: 2, lot: { ingredient: "kale" } }], faults: [{ line: 3, column: "item" }] },
    });
  });

  it("this thread goes on meanwhile", async () => {
    const pool = poolOf();
    await pool.run("readLines", ["1 plum"], kitchen);
    let turns = 0;
    const counting = setInterval(() => turns++, 5);
    await pool.run("readLines", long.slice(0, 20), kitchen);
    clearInterval(counting);
    expect(turns).toBeGreaterThan(5);
  });

  it("ends what takes too long, says so, and reads on", async () => {
    const pool = poolOf(300);
    expect(await failed(pool.run("readLines", long, kitchen))).toMatchObject({ code: "took-too-long" });
    const again = poolOf();
    await expect(again.run("readLines", ["1 plum"], kitchen)).resolves.toHaveLength(1);
  });

  it("lets eight wait, and tells the others to come back", async () => {
    const pool = poolOf();
    const asked = Array.from({ length: 30 }, () => failed(pool.run("readLines", ["1 plum"], kitchen)));
    const codes = (await Promise.all(asked)).map((error) =>
      error instanceof TooMuchWork ? error.code : "read",
    );
    expect(codes.filter((code) => code === "busy-reading").length).toBeGreaterThan(15);
    expect(codes.filter((code) => code === "read").length).toBeGreaterThanOrEqual(8);
  });
});
