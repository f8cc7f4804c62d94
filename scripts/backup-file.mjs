import { spawn, spawnSync } from "node:child_process";
import { chmodSync, mkdirSync, readdirSync, renameSync, rmSync, statSync } from "node:fs";
import { dirname, join } from "node:path";
import { pgEnvironment } from "./open-database.mjs";

const isBackup = /^apron-\d{4}-\d\d-\d\dT\d\d-\d\d-\d\d\.backup$/;
const pad = (date) => date.toISOString().slice(0, 19).replaceAll(":", "-");

/** Backups that are kept by number; a week of daily ones, and what was made before migrations in between. */
export const kept = Math.max(1, Number(process.env.APRON_BACKUPS ?? "10") || 10);
export const backupFolder = (data) => join(data, "backups");
export const newBackupIn = (folder, now = new Date()) => join(folder, `apron-${pad(now)}.backup`);

/** The backups of a folder, newest first, with when each was made. */
export function backupsIn(folder) {
  let names;
  try {
    names = readdirSync(folder);
  } catch {
    return [];
  }
  return names
    .filter((name) => isBackup.test(name))
    .sort()
    .reverse()
    .map((name) => ({ file: join(folder, name), at: statSync(join(folder, name)).mtime }));
}

export function pruneBackups(folder) {
  for (const { file } of backupsIn(folder).slice(kept)) rmSync(file, { force: true });
}

/** Runs one of PostgreSQL's programs to its end; throws with what it said where it fails. */
function run(command, args, env) {
  return new Promise((done, fail) => {
    const child = spawn(command, args, { env, stdio: ["ignore", "ignore", "pipe"] });
    let said = "";
    child.stderr.on("data", (text) => (said = (said + text).slice(-4000)));
    child.on("error", fail);
    child.on("close", (code) =>
      code === 0
        ? done()
        : fail(new Error(`${command.split("/").at(-1)} ended with ${code}: ${said.trim()}`)),
    );
  });
}

/** Reads a backup from end to end; throws where anything of it cannot be read. */
export const checkBackup = (file, bin) =>
  run(join(bin, "pg_restore"), ["--file=/dev/null", file], process.env);

/**
 * One consistent file of a whole database, while everybody goes on working: PostgreSQL's own archive (pg_dump), compressed. It is
 * written beside its place, read once from end to end, and put there only then.
 */
export async function writeBackup({ url, bin }, file) {
  mkdirSync(dirname(file), { recursive: true });
  const unfinished = `${file}.part`;
  try {
    const args = ["--format=custom", "--no-owner", "--no-privileges", `--file=${unfinished}`];
    await run(join(bin, "pg_dump"), args, pgEnvironment(url));
    // It holds everything: whoever makes backups reads them, and nobody else.
    chmodSync(unfinished, 0o600);
    await checkBackup(unfinished, bin);
    renameSync(unfinished, file);
  } finally {
    rmSync(unfinished, { force: true });
  }
  return statSync(file).size;
}

/** Puts a backup into an empty database, whole or not at all. */
export const readBackup = ({ url, bin }, file) =>
  run(
    join(bin, "pg_restore"),
    [
      "--no-owner",
      "--no-privileges",
      "--exit-on-error",
      "--single-transaction",
      "--dbname",
      pgEnvironment(url).PGDATABASE,
      file,
    ],
    pgEnvironment(url),
  );

/** One value that a database gives; undefined where it cannot be asked. */
export function askDatabase({ url, bin }, sql) {
  const { status, stdout } = spawnSync(join(bin, "psql"), ["-tAc", sql], {
    env: pgEnvironment(url),
    encoding: "utf8",
  });
  return status === 0 ? stdout.trim() : undefined;
}
