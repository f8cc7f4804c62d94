import { randomInt, randomUUID } from "node:crypto";
import { readFileSync, readdirSync } from "node:fs";
import { setTimeout as pause } from "node:timers/promises";
import { askDatabase } from "./backup-file.mjs";
import { runningCluster } from "./cluster.mjs";
import { prepareBuild, preparePackages, preparePostgres } from "./prepare.mjs";
import { say } from "./run.mjs";
import { startProgram } from "./start-program.mjs";

/** How many seconds it goes on, how many write at once, and how long the program is left alone between two blows. */
const seconds = Number(process.argv[2] ?? "600");
const clients = 5;
const calmMs = [2000, 8000];
/** The program is back within this long, or something is wrong. */
const patienceMs = 60_000;

/** One who signs in and writes: every write carries a key, and is asked again with the same key until an answer comes. */
function clientOf(url) {
  let cookie = "";
  async function ask(method, path, body, key = randomUUID()) {
    const reply = await fetch(`${url}${path}`, {
      method,
      headers: { cookie, "content-type": "application/json", "Idempotency-Key": key },
      signal: AbortSignal.timeout(10_000),
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    });
    const given = reply.headers.get("set-cookie");
    if (given) cookie = given.split(";")[0];
    return { status: reply.status, body: await reply.json().catch(() => ({})) };
  }
  /** Until it is answered: 5xx and silence are no answer. */
  async function until(method, path, body) {
    const key = randomUUID();
    for (const begun = Date.now(); ; await pause(150)) {
      const answer = await ask(method, path, body, key).catch(() => undefined);
      if (answer && answer.status < 500 && answer.status !== 429) return answer;
      if (answer?.status === 500) throw new Error(`our mistake: ${path} ${JSON.stringify(answer.body)}`);
      if (Date.now() - begun > patienceMs) throw new Error(`no answer to ${path} within a minute`);
    }
  }
  return { until };
}

/** Writes of all kinds until it is told to stop; gives what was acknowledged: lots logged, and grams taken out of each. */
async function work(client, isOver) {
  const lots = new Map();
  while (!isOver()) {
    const known = [...lots.keys()];
    if (known.length === 0 || randomInt(3) === 0) {
      const id = randomUUID();
      const grams = 500 + randomInt(2000);
      const source = { kind: "own-bed", note: "torture" };
      const body = { id, ingredient: "kale", amount: `${grams} g`, place: "fridge", since: today(), source };
      const { status } = await client.until("POST", "/api/lots", body);
      if (status === 201) lots.set(id, { logged: grams, moved: 0 });
    } else {
      const id = known[randomInt(known.length)];
      const deltaG = randomInt(2) === 0 ? -1 - randomInt(60) : 1 + randomInt(40);
      const { status } = await client.until("POST", `/api/lots/${id}/corrections`, {
        deltaG,
        reason: "torture",
      });
      if (status === 201) lots.get(id).moved += deltaG;
    }
  }
  return lots;
}

const today = () => new Date().toISOString().slice(0, 10);

/** The process under another whose command line holds these words. */
function childOf(parent, words) {
  for (const pid of readdirSync("/proc").filter((name) => /^\d+$/.test(name))) {
    try {
      const stat = readFileSync(`/proc/${pid}/stat`, "utf8");
      if (stat.slice(stat.lastIndexOf(")") + 2).split(" ")[1] !== String(parent)) continue;
      if (readFileSync(`/proc/${pid}/cmdline`, "utf8").includes(words)) return Number(pid);
    } catch {
      // It ended meanwhile.
    }
  }
  return undefined;
}

/** Resolves once the program answers again. */
async function untilBack(url) {
  for (const begun = Date.now(); Date.now() - begun < patienceMs; await pause(200)) {
    const health = await fetch(`${url}/api/health`, { signal: AbortSignal.timeout(2000) }).catch(
      () => undefined,
    );
    if (health?.ok) return;
  }
}

/**
 * Kills the server, or its database, without a word of warning; gives how often. One blow in four follows another before
 * the program is back: on a slow machine every one would, and nothing could ever be written.
 */
async function strike(program, isOver) {
  let blows = 0;
  while (!isOver()) {
    if (randomInt(4) > 0) await untilBack(program.url);
    await pause(calmMs[0] + randomInt(calmMs[1] - calmMs[0]));
    if (isOver()) break;
    const pid = childOf(program.pid, randomInt(2) === 0 ? "server/dist/main.js" : "bin/postgres");
    if (pid === undefined) continue;
    process.kill(pid, "SIGKILL");
    blows++;
  }
  return blows;
}

/** What is wrong afterwards, in words; nothing where every acknowledged write is there once. */
function wrongs(database, acknowledged) {
  const ask = (sql) => askDatabase(database, sql);
  const found = [];
  const off = ask(`select count(*) from lot l where balance_g <> (select coalesce(sum(case when kind in
    ('received', 'from-trim', 'by-product', 'returned', 'corrected', 'split-from') then grams else -grams end), 0) from entry e where e.lot_id = l.id)`);
  if (off !== "0") found.push(`${off} lots whose balance is not their ledger's`);
  const strays = ask(
    `select count(*) from entry e join lot l on l.id = e.lot_id where l.kitchen_id <> e.kitchen_id`,
  );
  if (strays !== "0") found.push(`${strays} entries that belong to another kitchen`);
  for (const [id, { logged, moved }] of acknowledged) {
    const sum = ask(`select trim_scale(sum(grams)) from entry where lot_id = '${id}'`);
    if (Number(sum) !== logged + moved)
      found.push(`lot ${id}: ${logged + moved} g were acknowledged, ${sum} g are there`);
  }
  return found;
}

/** `npm run torture [-- SECONDS]`: writes by several clients while server and database are killed; then counts. */
async function main() {
  preparePackages();
  prepareBuild();
  const program = await startProgram([]);
  const begun = Date.now();
  const isOver = () => Date.now() - begun > seconds * 1000;
  try {
    const writers = await Promise.all(
      Array.from({ length: clients }, async () => {
        const client = clientOf(program.url);
        await client.until("POST", "/api/session/demo", {});
        return client;
      }),
    );
    const [blows, ...lots] = await Promise.all([
      strike(program, isOver),
      ...writers.map((client) => work(client, isOver)),
    ]);
    const acknowledged = lots.flatMap((own) => [...own]);
    await clientOf(program.url).until("GET", "/api/health");
    const url = runningCluster(program.data);
    if (!url) throw new Error("the database does not run any more");
    const found = wrongs({ url, bin: preparePostgres() }, acknowledged);
    say(`${blows} killed, ${acknowledged.length} lots written by ${clients} at once, in ${seconds} s`);
    for (const wrong of found) process.stderr.write(`${wrong}\n`);
    if (blows === 0 || acknowledged.length === 0) throw new Error("nothing was tried");
    process.exitCode = found.length === 0 ? 0 : 1;
  } finally {
    await program.stop();
  }
}

main().catch((error) => {
  process.stderr.write(`${error.message}\n`);
  process.exit(1);
});
