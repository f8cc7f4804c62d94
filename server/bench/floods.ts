import { writeFileSync } from "node:fs";
import { setTimeout as pause } from "node:timers/promises";
import { loadFromAnotherThread, median, quantile, ratio, type Load, type LoadOrder } from "./load.ts";
import { openService, signInToDemo } from "./service.ts";
import { watchFromAnotherThread } from "./watch.ts";

/** A busy kitchen; and how many do something at once. */
const filled = { lots: 300, movements: 3000 };
const readers = 50;
const wrongSignIns = 200;
const tablets = 50;
/** Each is measured so often, for so long: a slow moment of the machine meets both sides. */
const rounds = 5;
const roundSeconds = 4;
/** Bounded, loopback only, ends by itself. */
const mostRequests = 100_000;
const liveWrites = 150;
const rhythm = { requests: liveWrites, pauseMs: 40, seconds: 60 };

const everyView = ["/api/today", "/api/matches", "/api/lots?limit=50", "/api/larder"];

type Row = Readonly<Record<string, unknown>>;

const aLot = JSON.stringify({
  id: "#",
  ingredient: "kale",
  amount: "200 g",
  place: "fridge",
  since: new Date().toISOString().slice(0, 10),
  source: { kind: "own-bed", note: "bench" },
});

const orderOf = (base: string, cookie: string, order: Partial<LoadOrder>): LoadOrder => ({
  urls: everyView.map((path) => `${base}${path}`),
  cookie,
  atOnce: readers,
  requests: mostRequests,
  seconds: roundSeconds,
  ...order,
});

/** Lots logged one after the other. */
const writing = (base: string, cookie: string, order: Partial<LoadOrder>): LoadOrder =>
  orderOf(base, cookie, { urls: [`${base}/api/lots`], atOnce: 1, post: aLot, status: 201, ...order });

/** Fifty who read every view: what a write a second leaves them of what they get of an unchanged kitchen. */
async function readersBesideAWriter(base: string): Promise<Row> {
  const cookie = await signInToDemo(base);
  const read = (): Promise<Load> => loadFromAnotherThread(orderOf(base, cookie, {}));
  await read();
  const ratios: number[] = [];
  for (let i = 0; i < rounds; i++) {
    const quiet = await read();
    const [beside] = await Promise.all([
      read(),
      loadFromAnotherThread(writing(base, cookie, { pauseMs: 1000 })),
    ]);
    ratios.push(beside.perSecond / quiet.perSecond);
  }
  return row(
    `${readers} readers, one write a second: throughput ÷ of an unchanged kitchen`,
    median(ratios),
    "≥ 0.5",
  );
}

/** A page's files while so many wrong passwords are being looked at, beside the same with none. */
async function pagesBesideWrongSignIns(base: string): Promise<Row> {
  const pages = orderOf(base, "", { urls: [`${base}/`, `${base}/mark.svg`], atOnce: 4 });
  const post = JSON.stringify({ name: "nobody #", password: "not the password" });
  await loadFromAnotherThread(pages);
  const ratios: number[] = [];
  for (let i = 0; i < rounds; i++) {
    const quiet = await loadFromAnotherThread(pages);
    const flood = loadFromAnotherThread({
      ...pages,
      urls: [`${base}/api/session`],
      atOnce: wrongSignIns,
      seconds: roundSeconds + 1,
      post,
      status: "any",
    });
    await pause(500);
    const beside = await loadFromAnotherThread(pages);
    await flood;
    ratios.push(beside.p95Ms / quiet.p95Ms);
  }
  return row(`${wrongSignIns} wrong sign-ins in flight: p95 of a page ÷ quiet`, median(ratios), "≤ 3");
}

/** A write by one until fifty tablets were told of it, beside a bare route with one question to the database. */
async function writesSeenByTablets(base: string): Promise<Row> {
  const cookies = await Promise.all(Array.from({ length: tablets }, () => signInToDemo(base)));
  const [cookie = ""] = cookies;
  // In the same rhythm: a processor that rested answers later than one that is kept busy.
  const floorOrder = orderOf(base, cookie, { ...rhythm, urls: [`${base}/floor`], atOnce: 1 });
  const floor = await loadFromAnotherThread(floorOrder);
  const watch = await watchFromAnotherThread({ url: `${base}/api/live`, cookies });
  const { sentAt } = await loadFromAnotherThread(writing(base, cookie, rhythm));
  const seenAt = await watch.end(liveWrites);
  const waits = seenAt.flatMap((stream) => stream.map((at, i) => at - (sentAt[i] ?? Number.NaN)));
  return row(
    `${tablets} tablets: a write until it is seen, p95 ÷ p95 of the floor`,
    quantile(waits, 0.95) / floor.p95Ms,
    "≤ 10",
  );
}

const row = (what: string, value: number, goal: string): Row => ({ what, ratio: ratio(value), goal });

async function main(): Promise<void> {
  const { base, close } = await openService(filled);
  const rows = [
    await readersBesideAWriter(base),
    await pagesBesideWrongSignIns(base),
    await writesSeenByTablets(base),
  ];
  console.table(rows);
  const out = process.env["BENCH_JSON"];
  if (out) writeFileSync(out, JSON.stringify(rows, null, 2));
  await close();
}

await main();
