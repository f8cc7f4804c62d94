import { spawn } from "node:child_process";
import { join, resolve } from "node:path";
import { setTimeout as pause } from "node:timers/promises";
import { backupFolder, backupsIn, newBackupIn, pruneBackups, writeBackup } from "./backup-file.mjs";
import { startCluster } from "./cluster.mjs";
import { prepareBuild, preparePackages, preparePostgres } from "./prepare.mjs";
import { root, say } from "./run.mjs";
import { servingUser } from "./serving-user.mjs";

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
    process.exitCode = await serve(cluster.url, given ? undefined : backupFolder(data));
  } finally {
    await cluster.stop();
  }
}

/** What the server ends with where starting it again would change nothing: a port in use, a setting that is none. */
const cannotServe = 2;
/** What it ends with before it changes tables that hold something: it is started again once they are backed up. */
const wantsBackup = 3;
/** Starts in a row that end at once: then something is wrong that another start does not mend. */
const mostAtOnce = 6;
const atOnceMs = 10_000;
/** As long as it may take to finish what it is at. */
const graceMs = 10_000;

/** Detached, so that Ctrl-C comes through us once and not to both. */
const spawnServer = (env, user) =>
  spawn(process.execPath, ["--enable-source-maps", "server/dist/main.js"], {
    ...user,
    cwd: root,
    env,
    stdio: "inherit",
    detached: true,
  });

/** Runs the server until we are told to stop, and again whenever it ends by itself; resolves with our exit code. */
async function serve(databaseUrl, backups) {
  const keepBackup = () => backUp({ url: databaseUrl, bin: preparePostgres() }, backups);
  const env = {
    ...process.env,
    DATABASE_URL: databaseUrl,
    APRON_DEMO: empty ? "0" : "1",
    APRON_WEB: join(root, "web", "dist"),
    APRON_STARTER: String(process.pid),
    ...(backups ? { APRON_BACKUP_FOLDER: backups, APRON_BACKUP_FIRST: "1" } : {}),
    LOG_LEVEL: process.env.LOG_LEVEL ?? "warn",
    // Hashing takes two of these threads at a time; files and names are looked up in the others.
    UV_THREADPOOL_SIZE: process.env.UV_THREADPOOL_SIZE ?? "12",
  };
  const user = servingUser(Number(process.env.PORT ?? "4310"));
  let server;
  let isStopping = false;
  const stop = () => {
    isStopping = true;
    server?.kill("SIGTERM");
    setTimeout(() => server?.kill("SIGKILL"), graceMs).unref();
  };
  for (const signal of signals) process.removeAllListeners(signal).on(signal, stop);
  process.once("exit", stop);
  whenOrphaned(stop);
  if (backups) backUpDaily(keepBackup, backups);
  for (let atOnce = 0; ;) {
    const begun = Date.now();
    server = spawnServer(env, user);
    const [code, signal] = await new Promise((done) => server.once("exit", (...how) => done(how)));
    if (isStopping) return code ?? 0;
    if (code === cannotServe) return code;
    if (code === wantsBackup) {
      say("the tables are of an older version: they are backed up before they are changed");
      // Without a backup nothing is changed.
      if (!(await keepBackup())) return 1;
      env.APRON_BACKUP_FIRST = "0";
      continue;
    }
    // One that was killed was not at fault: it is started again however often.
    atOnce = signal === null && Date.now() - begun < atOnceMs ? atOnce + 1 : 1;
    say(`the server ended (${signal ?? code})${atOnce < mostAtOnce ? ": starting it again" : ""}`);
    if (atOnce === mostAtOnce) return code || 1;
    await pause(300 * 2 ** atOnce);
    if (isStopping) return 0;
  }
}

/** Makes one more backup; says why where it cannot, and gives whether it could. */
async function backUp(database, folder) {
  try {
    await writeBackup(database, newBackupIn(folder));
    pruneBackups(folder);
    return true;
  } catch (error) {
    say(`no backup could be made: ${error.message}`);
    return false;
  }
}

const dayMs = 24 * 60 * 60 * 1000;

/** One a day, looked at every ten minutes: a machine that sleeps at night is backed up when it wakes. */
function backUpDaily(keepBackup, folder) {
  const look = () => {
    const [newest] = backupsIn(folder);
    if (!newest || Date.now() - newest.at.getTime() >= dayMs) void keepBackup();
  };
  setTimeout(look, 60_000).unref();
  setInterval(look, 10 * 60_000).unref();
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
