import { accessSync, constants, existsSync, statfsSync, statSync } from "node:fs";
import { createServer } from "node:net";
import { dirname, join } from "node:path";
import { askDatabase, backupFolder, backupsIn } from "./backup-file.mjs";
import { runningCluster } from "./cluster.mjs";
import { dataFolder, textOf } from "./open-database.mjs";
import { preparePostgres } from "./prepare.mjs";
import { root } from "./run.mjs";

const gigabyte = 1024 ** 3;
const dayMs = 24 * 60 * 60 * 1000;
const good = (text) => ({ ok: true, text });
const bad = (text) => ({ ok: false, text });

function node() {
  const major = Number(process.versions.node.split(".")[0]);
  return major >= 20
    ? good(`Node.js ${process.versions.node}.`)
    : bad(`Node.js ${process.versions.node} is too old. Install version 20 or newer.`);
}

/** The nearest folder that exists: a data folder is made at the first start. */
const existing = (folder) =>
  existsSync(folder) || folder === dirname(folder) ? folder : existing(dirname(folder));

function folder() {
  const data = dataFolder();
  try {
    accessSync(existing(data), constants.W_OK);
    return good(`The data folder ${data} can be written to.`);
  } catch {
    return bad(
      `The data folder ${data} can't be written to by this user. Change its owner, or set APRON_DATA.`,
    );
  }
}

function disk() {
  const { bavail, bsize } = statfsSync(existing(dataFolder()));
  const free = (bavail * bsize) / gigabyte;
  return free >= 1
    ? good(`${free.toFixed(1)} GB are free on the disk.`)
    : bad(`Only ${free.toFixed(2)} GB are free on the disk. Make room: a full disk stops the database.`);
}

/** A port that cannot be listened on is used by us, where our own health answers there. */
async function port() {
  const wanted = process.env.PORT ?? "4310";
  if (!/^\d{1,5}$/.test(wanted) || Number(wanted) > 65_535)
    return bad(`PORT is "${wanted}": it has to be a number from 0 to 65535.`);
  const isFree = await new Promise((done) => {
    const probe = createServer();
    probe.on("error", () => done(false));
    probe.listen(Number(wanted), process.env.HOST ?? "127.0.0.1", () => probe.close(() => done(true)));
  });
  if (isFree) return good(`Port ${wanted} is free: the program is not running there.`);
  const health = await fetch(`http://127.0.0.1:${wanted}/api/health`, { signal: AbortSignal.timeout(2000) })
    .then((reply) => reply.json())
    .catch(() => undefined);
  if (health?.status === "ok")
    return good(`The program answers on port ${wanted} (version ${health.version}).`);
  if (health?.code === "database-silent")
    return bad(
      `The program runs on port ${wanted}, and its database doesn't answer. Look at the database's log.`,
    );
  return bad(`Port ${wanted} is used by another program. Stop it, or start with another PORT.`);
}

function database() {
  const url = process.env.DATABASE_URL ?? runningCluster(dataFolder());
  if (!url) return [good("The database is not running; npm start starts it.")];
  const asked = { url, bin: preparePostgres() };
  const clock = askDatabase(asked, "select extract(epoch from now())");
  if (clock === undefined) return [bad("The database doesn't answer. Look at its log in the data folder.")];
  const apart = Math.abs(Number(clock) - Date.now() / 1000);
  return [
    good("The database answers."),
    apart < 60
      ? good("The clocks of this machine and of the database agree.")
      : bad(`The database's clock is ${Math.round(apart)} s off this machine's. Set both by a time server.`),
    migrations(asked),
  ];
}

function migrations(asked) {
  const newest = askDatabase(asked, "select name from migrations order by id desc limit 1");
  if (!newest) return bad("The database has no tables yet. npm start makes them.");
  const source = textOf(join(root, "server/src/persistence/data-source.ts")) ?? "";
  const known = [...source.matchAll(/^ {6}(\w+\d{13}),$/gm)].map(([, name]) => name);
  if (!known.includes(newest))
    return bad(
      `The data was written by a newer version (${newest}). Install that version, or restore a backup.`,
    );
  return newest === known.at(-1)
    ? good("The tables are up to date.")
    : bad("The tables are of an older version. npm start brings them up to date, after a backup.");
}

function clock() {
  const built = join(root, "package.json");
  return statSync(built).mtimeMs < Date.now() + dayMs
    ? good(`The clock says ${new Date().toString()}.`)
    : bad(
        `The clock says ${new Date().toString()}, which is before this program was installed. Set it: dates depend on it.`,
      );
}

function backups() {
  const [newest] = backupsIn(backupFolder(dataFolder()));
  // The first one is made a minute after the first start.
  const isNew = !existsSync(dataFolder()) || Date.now() - statSync(dataFolder()).birthtimeMs < dayMs;
  if (!newest && isNew) return good("There is no backup yet. The program makes one a day.");
  if (!newest)
    return bad("There is no backup yet. The program makes one a day; npm run backup makes one now.");
  const days = (Date.now() - newest.at.getTime()) / dayMs;
  return days < 2
    ? good(`The newest backup is from ${newest.at.toString()}.`)
    : bad(
        `The newest backup is ${Math.floor(days)} days old. Leave the program running, or use npm run backup.`,
      );
}

/** `npm run doctor`: what is well and what is not, each in a sentence; ends with 1 where something is not. */
async function main() {
  const found = [node(), folder(), disk(), clock(), await port(), ...database(), backups()];
  for (const { ok, text } of found) process.stdout.write(`${ok ? "ok " : "!! "} ${text}\n`);
  process.exitCode = found.every(({ ok }) => ok) ? 0 : 1;
}

main().catch((error) => {
  process.stderr.write(`!!  ${error.message}\n`);
  process.exit(1);
});
