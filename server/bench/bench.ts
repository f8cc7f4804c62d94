import { writeFileSync } from "node:fs";
import { loadFromAnotherThread, median, ratio, type Load } from "./load.ts";
import { seedManyLots } from "./many-lots.ts";
import { benchReading } from "./read-lines.ts";
import { benchDressing, benchImport, fillLibrary, librarySearches } from "./recipes.ts";
import { openService, signInToDemo } from "./service.ts";

const lots = 2000;
const movements = 20_000;
/** The basket alone is asked again with so many lots, page by page and through its filters. */
const manyLots = 20_000;
const pastedLines = 2000;
const manyRecipes = 1000;
const importedRecipes = 200;
/** Requests at once, and in all: bounded, loopback only, ends by itself. */
const atOnce = 4;
const requests = 1200;
const rounds = 5;

type Route = { readonly name: string; readonly paths: readonly string[] };
const routes: readonly Route[] = [
  { name: "basket list", paths: ["/api/lots?limit=50"] },
  { name: "match", paths: ["/api/matches"] },
  { name: "larder", paths: ["/api/larder"] },
];
const basketFilters: Route = {
  name: "basket, filtered",
  paths: [
    "state=raw",
    "state=usable",
    "text=swiss%20chard",
    "text=kale&state=raw",
    "place=room",
    "source=gift",
  ].map((filter) => `/api/lots?limit=50&${filter}`),
};

async function main(): Promise<void> {
  const { base, owner, close } = await openService({ lots, movements });
  const rows = await measure(base, owner);
  const library = await measureLibrary(base, owner);
  await seedManyLots(owner, { lots: manyLots - lots, movements: manyLots - lots });
  const crowded = await measureBasket(base, owner);
  print({ rows, library, crowded, reading: benchReading(pastedLines), dressing: [benchDressing()] });
  await close();
}

type Owner = { readonly query: (sql: string) => Promise<unknown> };
type Run = (paths: readonly string[], count?: number) => Promise<Load>;

async function signedIn(base: string): Promise<{ cookie: string; run: Run }> {
  const cookie = await signInToDemo(base);
  const run: Run = (paths, count = requests) =>
    loadFromAnotherThread({ urls: paths.map((path) => `${base}${path}`), cookie, atOnce, requests: count });
  return { cookie, run };
}

async function measure(base: string, owner: Owner): Promise<Record<string, unknown>[]> {
  const { run } = await signedIn(base);
  for (const paths of [["/floor"], ...routes.map((r) => r.paths)]) await run(paths, 300);
  const report: Record<string, unknown>[] = [];
  for (const route of routes) report.push(await compare(route, run));
  return [...report, ...(await afterEveryChange(routes, { run, owner }))];
}

/** Every page of a crowded basket, one after the other, and each filter. */
async function measureBasket(base: string, owner: Owner): Promise<Record<string, unknown>[]> {
  const { cookie, run } = await signedIn(base);
  const pages: string[] = [];
  for (let next: string | null = ""; next !== null && pages.length < manyLots;) {
    const path: string = `/api/lots?limit=200${next === "" ? "" : `&after=${next}`}`;
    pages.push(path);
    const reply = await fetch(`${base}${path}`, { headers: { cookie } });
    next = ((await reply.json()) as { next: string | null }).next;
  }
  const all: readonly Route[] = [
    { name: `basket, all ${pages.length} pages of 200`, paths: pages },
    { name: "basket, first page of 50", paths: ["/api/lots?limit=50"] },
    basketFilters,
  ];
  const report: Record<string, unknown>[] = [];
  for (const route of all) {
    await run(route.paths, Math.max(300, route.paths.length));
    report.push(await compare(route, run));
  }
  return [...report, ...(await afterEveryChange(all, { run, owner }))];
}

/** The library with a thousand recipes, searched in every way, and a file of two hundred coming in. */
async function measureLibrary(base: string, owner: Owner): Promise<Record<string, unknown>[]> {
  const { cookie, run } = await signedIn(base);
  await fillLibrary(base, cookie, manyRecipes);
  const route: Route = { name: `recipe search, ${manyRecipes} recipes`, paths: librarySearches };
  await run(route.paths, 300);
  const searched = [await compare(route, run), ...(await afterEveryChange([route], { run, owner }))];
  return [...searched, await benchImport(base, cookie, importedRecipes)];
}

/** The route against the floor, round after round side by side, so that a slow moment meets both. */
async function compare(route: Route, run: Run): Promise<Record<string, unknown>> {
  const pairs: { floor: Load; route: Load }[] = [];
  for (let i = 0; i < rounds; i++)
    pairs.push({ floor: await run(["/floor"]), route: await run(route.paths) });
  return {
    route: route.name,
    kitchen: "unchanged",
    "p95 ÷ floor": ratio(median(pairs.map((p) => p.route.p95Ms / p.floor.p95Ms))),
    "throughput ÷ floor": ratio(median(pairs.map((p) => p.route.perSecond / p.floor.perSecond))),
  };
}

/** The first answer after a write, when nothing can be remembered: one request at a time. */
async function afterEveryChange(
  all: readonly Route[],
  { run, owner }: { readonly run: Run; readonly owner: Owner },
): Promise<Record<string, unknown>[]> {
  const rows: Record<string, unknown>[] = [];
  const floor = await run(["/floor"], 200);
  for (const route of all) {
    const times: number[] = [];
    for (let i = 0; i < 20; i++) {
      await owner.query("update kitchen set revision = revision + 1");
      const path = route.paths[(i * 7) % route.paths.length] ?? "";
      times.push((await run([path], 1)).p95Ms);
    }
    rows.push({
      route: route.name,
      kitchen: "just changed",
      "median ÷ floor": ratio(median(times) / floor.medianMs),
    });
  }
  return rows;
}

function print(tables: {
  readonly rows: readonly Record<string, unknown>[];
  readonly library: readonly Record<string, unknown>[];
  readonly crowded: readonly Record<string, unknown>[];
  readonly dressing: readonly Record<string, unknown>[];
  readonly reading: readonly Record<string, unknown>[];
}): void {
  const say = (text: string): void => void process.stdout.write(`${text}\n`);
  say(
    `Ratios to a bare Hono route doing SELECT 1 on the same pool, same run; ${lots} lots, ${movements} movements, ${atOnce} requests at once`,
  );
  console.table(tables.rows);
  say("The library, the same ratios; and a file coming in");
  console.table(tables.library);
  say("One change at the dressing bench");
  console.table(tables.dressing);
  say(`The basket with ${manyLots} lots, the same ratios`);
  console.table(tables.crowded);
  say("Reading recipe and market lines, beside the bare parser for their grammar");
  console.table(tables.reading);
  const out = process.env["BENCH_JSON"];
  if (out) writeFileSync(out, JSON.stringify(tables, null, 2));
}

await main();
