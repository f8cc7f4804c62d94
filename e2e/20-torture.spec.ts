import { spawnSync } from "node:child_process";
import { join } from "node:path";
import { expect, test } from "@playwright/test";
import { slowdown } from "./kitchen-test.ts";

const root = join(import.meta.dirname, "..");

/** Said where the database is killed while the server starts; it is started again. */
const isRestart = /^The database went away while the server was starting\.$/;

test("server and database killed at random while five write: every acknowledged write is there once", () => {
  test.setTimeout(600_000 * slowdown);
  const ran = spawnSync(process.execPath, [join(root, "scripts", "torture.mjs"), "60"], {
    ...{ cwd: root, encoding: "utf8", timeout: 580_000 * slowdown },
  });
  expect([
    ran.stderr.split("\n").filter((line) => line && !line.startsWith("{") && !isRestart.test(line)),
    ran.status,
  ]).toEqual([[], 0]);
  expect(ran.stdout).toMatch(/[1-9]\d* killed, [1-9]\d* lots written/);
});
