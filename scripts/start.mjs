import { spawn } from "node:child_process";
import { join, resolve } from "node:path";
import { startCluster } from "./cluster.mjs";
import { prepareBuild, preparePackages, preparePostgres } from "./prepare.mjs";
import { root, say } from "./run.mjs";

const empty = process.argv.includes("--empty");
const data = resolve(root, process.env.APRON_DATA ?? ".data");

const signals = ["SIGINT", "SIGTERM", "SIGHUP"];

async function main() {
  // Stopped before it serves: leave through "exit", which takes the database down.
  const leave = () => process.exit(1);
  for (const signal of signals) process.on(signal, leave);
  preparePackages();
  const given = process.env.DATABASE_URL;
  const cluster = given
    ? { url: given, stop: () => Promise.resolve() }
    : await startCluster(data, preparePostgres());
  try {
    prepareBuild();
    say(given ? "using the database of DATABASE_URL" : `keeping its data in ${data}`);
    process.exitCode = await serve(cluster.url);
  } finally {
    await cluster.stop();
  }
}

/** Runs the server until it ends or we are told to stop; resolves with its exit code. */
function serve(databaseUrl) {
  const env = {
    ...process.env,
    DATABASE_URL: databaseUrl,
    APRON_DEMO: empty ? "0" : "1",
    APRON_WEB: join(root, "web", "dist"),
    LOG_LEVEL: process.env.LOG_LEVEL ?? "warn",
  };
  // Detached, so that Ctrl-C comes through us once and not to both.
  const server = spawn(process.execPath, ["--enable-source-maps", "server/dist/main.js"], {
    cwd: root,
    env,
    stdio: "inherit",
    detached: true,
  });
  const stop = () => server.kill("SIGTERM");
  for (const signal of signals) process.removeAllListeners(signal).on(signal, stop);
  process.once("exit", stop);
  whenOrphaned(stop);
  return new Promise((done) => server.once("exit", (code) => done(code ?? 0)));
}

/** npm hands a signal to its shell, which ends and tells nobody: losing that parent means being told to stop. */
function whenOrphaned(stop) {
  if (!process.env.npm_lifecycle_event) return;
  const parent = process.ppid;
  setInterval(() => process.ppid !== parent && stop(), 300).unref();
}

main().catch((error) => {
  process.stderr.write(`${error.message}\n`);
  process.exit(1);
});
