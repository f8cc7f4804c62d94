import { spawn, spawnSync } from "node:child_process";
import { existsSync, mkdirSync, rmSync } from "node:fs";
import { dirname, join } from "node:path";
import { freePort } from "./free-port.mjs";
import { root } from "./run.mjs";

/** Its database keeps its owner. Where that lies elsewhere (cluster.mjs) there is no copy, and the program starts anew. */
function copyData(from, to) {
  if (!existsSync(join(from, "postgres"))) return;
  mkdirSync(dirname(to), { recursive: true });
  const { status } = spawnSync("cp", ["-a", from, to], { stdio: "inherit" });
  if (status !== 0) throw new Error(`the data of ${from} could not be copied`);
}

export { freePort };

/**
 * Starts the program as a newcomer would, with its own port and data, and waits until it says that it is ready.
 * `like` is a data folder to begin with a copy of, `on` one to begin with; `keep` leaves the data where it is when the program is stopped.
 */
export async function startProgram(args, { like, on, keep = false } = {}) {
  const port = await freePort();
  const data = on ?? join(root, ".test-data", `e2e-${port}`);
  if (like) copyData(like, data);
  const env = { ...process.env, PORT: String(port), APRON_DATA: data, HOST: "127.0.0.1" };
  delete env.DATABASE_URL;
  const child = spawn(process.execPath, ["scripts/start.mjs", ...args], {
    cwd: root,
    env,
    stdio: ["ignore", "pipe", "inherit"],
  });
  // What it says is of use where it does not come back.
  if (process.env.APRON_SHOW) child.stdout.pipe(process.stderr);
  const ended = new Promise((done) => child.once("exit", done));
  process.once("exit", () => child.kill("SIGTERM"));
  for (const signal of ["SIGINT", "SIGTERM"])
    if (process.listenerCount(signal) === 0) process.once(signal, () => process.exit(1));
  await new Promise((done, fail) => {
    child.stdout.on("data", (text) => String(text).includes("is ready at") && done());
    child.once("exit", (code) => fail(new Error(`the program ended with ${code} before it was ready`)));
  });
  const stop = async () => {
    child.kill("SIGTERM");
    await ended;
    if (!keep) rmSync(data, { recursive: true, force: true });
  };
  return { url: `http://127.0.0.1:${port}`, data, pid: child.pid, stop };
}
