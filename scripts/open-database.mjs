import { existsSync, readFileSync } from "node:fs";
import { join, resolve } from "node:path";
import { runningCluster, startCluster } from "./cluster.mjs";
import { preparePackages, preparePostgres } from "./prepare.mjs";
import { root } from "./run.mjs";

/** The data folder that the program would use. */
export const dataFolder = () => resolve(root, process.env.APRON_DATA ?? ".data");

/**
 * The database of DATABASE_URL, or this data folder's own: the one that runs, or one that is started for as long as it is needed.
 * Gives its owner's address, PostgreSQL's programs, and how to let go of it. `mustExist` refuses a folder without one.
 */
export async function openDatabase({ mustExist = true } = {}) {
  preparePackages();
  const bin = preparePostgres();
  const given = process.env.DATABASE_URL;
  if (given) return { url: given, bin, close: () => Promise.resolve() };
  const data = dataFolder();
  const running = runningCluster(data);
  if (running) return { url: running, bin, close: () => Promise.resolve() };
  const isThere = existsSync(join(data, "postgres", "PG_VERSION")) || existsSync(join(data, "cluster-is-in"));
  if (mustExist && !isThere) throw new Error(`There is no kitchen in ${data}. Set APRON_DATA to its folder.`);
  const cluster = await startCluster(data, bin);
  return { url: cluster.url, bin, close: cluster.stop };
}

/** Where PostgreSQL's own programs find a database, without its password on a command line that everybody can read. */
export function pgEnvironment(url) {
  const { hostname, port, username, password, pathname, searchParams } = new URL(url);
  return {
    ...process.env,
    PGHOST: hostname,
    PGPORT: port || "5432",
    PGUSER: decodeURIComponent(username),
    PGPASSWORD: decodeURIComponent(password),
    PGDATABASE: decodeURIComponent(pathname.slice(1)),
    ...(searchParams.get("sslmode") ? { PGSSLMODE: searchParams.get("sslmode") } : {}),
  };
}

/** What a file holds, or undefined where it cannot be read. */
export function textOf(file) {
  try {
    return readFileSync(file, "utf8");
  } catch {
    return undefined;
  }
}
