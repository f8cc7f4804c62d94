import { accept, addDays, invariant } from "@apron/core/measure";
import { buildContext } from "../context/build-context.ts";
import { kitchenCatalogues } from "../context/kitchen-catalogue.ts";
import type { Deps, RequestContext } from "../context/request-context.ts";
import { programSession } from "../context/program-session.ts";
import { hashPassword } from "../kitchen/passwords.ts";
import type { KitchenRecord, MemberRecord, SessionRecord } from "../context/ports/kitchen.store.ts";
import { demoFormulas } from "./formulas.ts";
import { demoKitchen, demoMembers, demoPassword, demoSettings } from "./kitchen.ts";
import {
  setBedState,
  logBox,
  logArrival,
  clearExpired,
  cookEvening,
  reweighLot,
  eatPortions,
  makeBatch,
  planEvening,
  plantBed,
  sortBySize,
  trimLot,
  contextAt,
} from "./season-actions.ts";
import {
  bedsNow,
  box,
  cookedEvenings,
  crops,
  evening,
  glut,
  laterBeds,
  makes,
  seasonDays,
  sorted,
  type Arrival,
} from "./season.ts";

/** A fixed sequence in [0, 1) (Lehmer, MINSTD): the same demo on every machine. */
function fixedChance(seed: number): () => number {
  let state = seed;
  return () => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
}

/** A demo cook whose name somebody here already signs in with says so. */
async function freeNames(deps: Deps): Promise<string[]> {
  const { accounts } = deps.database;
  const taken = await Promise.all(demoMembers.map((name) => accounts.find(name)));
  return demoMembers.map((name, i) => (taken[i] ? `${name} (demo)` : name));
}

const demoRecord = (id: string): KitchenRecord => ({
  id,
  ...demoKitchen,
  cup: "us-customary",
  demo: true,
  revision: 0,
  locale: "en-GB",
  catalogueRevision: 0,
  timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
  deleteAfter: null,
  settings: demoSettings,
});

async function createDemoKitchen(deps: Deps): Promise<SessionRecord> {
  const kitchen = demoRecord(deps.newId());
  const passwordHash = await hashPassword(demoPassword);
  const startedAt = deps.now().getTime();
  const members = (await freeNames(deps)).map((name, i) => ({
    id: deps.newId(),
    kitchenId: kitchen.id,
    name,
    role: i === 0 ? ("owner" as const) : ("cook" as const),
    passwordHash,
    createdAt: new Date(startedAt + i),
  }));
  await deps.database.authStore.createKitchen(kitchen, members);
  const cook = members[0];
  invariant(cook !== undefined, "the demo kitchen has no cook");
  return programSession(kitchen, cook);
}

/** Makes the demo kitchen: a season lived through its own use cases, dated up to today. */
export async function seedDemo(deps: Deps): Promise<void> {
  await liveThroughSeason(await createDemoKitchen(deps), deps);
}

/** Fills a demo kitchen that was made and not filled, since the program was killed in between: nothing was ever written in it. */
export async function finishDemo(deps: Deps): Promise<void> {
  const cook = await deps.database.authStore.findDemoMember();
  if (!cook) return;
  const revision = await deps.database.read(cook.kitchenId, (stores) => stores.kitchen.revision());
  if (revision > 0) return;
  await liveThroughSeason(programSession(demoRecord(cook.kitchenId), cook), deps);
}

async function liveThroughSeason(session: SessionRecord, deps: Deps): Promise<void> {
  const claim = {
    kitchenId: session.kitchen.id,
    key: deps.newId(),
    fingerprint: "demo",
    at: deps.now(),
  };
  await deps.database.write(claim, async (stores) => {
    const context = await buildContext(stores, session, {
      deps,
      catalogues: kitchenCatalogues(deps.catalogue),
    });
    await runSeason(context);
    await switchScaleOn(context);
    return accept({ done: true });
  });
}

/** Gives the demo's first cook, making the demo kitchen when it is asked for the first time; once, however many ask. */
export function demoOpener(deps: Deps): () => Promise<MemberRecord> {
  let seeding: Promise<void> | undefined;
  return async () => {
    const { authStore } = deps.database;
    const found = await authStore.findDemoMember();
    seeding ??= (found ? finishDemo(deps) : seedDemo(deps)).finally(() => (seeding = undefined));
    await seeding;
    if (found) return found;
    const cook = await authStore.findDemoMember();
    invariant(cook !== undefined, "the demo kitchen has no cook");
    return cook;
  };
}

type Beds = ReadonlyMap<string, string>;

/** Every crop has a bed of its own; two beds may share a place in the garden. */
async function plantBeds(context: RequestContext): Promise<Beds> {
  const beds = new Map<string, string>();
  for (const { name, ingredient } of [...crops.map((c) => ({ ...c, name: c.bed })), ...laterBeds])
    beds.set(ingredient, (await plantBed(context, name, ingredient)).id);
  return beds;
}

/** How the beds stand today. */
async function lookAtBeds(context: RequestContext, beds: Beds): Promise<void> {
  const stand = (ingredient: string, body: Parameters<typeof setBedState>[2]) =>
    setBedState(context, beds.get(ingredient) ?? "", body);
  for (const ingredient of bedsNow.bolting) await stand(ingredient, { state: "bolting" });
  for (const ingredient of bedsNow.finished) await stand(ingredient, { state: "finished" });
  const { ingredient, inDays, grams } = bedsNow.forecast;
  await stand(ingredient, { forecast: { on: addDays(context.today, inDays), grams } });
}

/** The scale was used just now, so that it is awake when the kitchen opens. */
async function switchScaleOn(context: RequestContext): Promise<void> {
  const empty = { pileG: 0, tareG: 0, previousG: 0, unit: "g", heldG: null, plugged: true } as const;
  await context.stores.scale.put({ ...empty, changedAt: new Date(0), usedAt: context.now });
}

async function runSeason(context: RequestContext): Promise<void> {
  const chance = fixedChance(20_261);
  const firstDay = addDays(context.today, -seasonDays);
  const first = contextAt(context, firstDay, 7);
  const about = { at: first.now, memberId: context.session.memberId, note: "" };
  for (const formula of demoFormulas) await context.stores.recipes.save(formula, 1, about);
  const beds = await plantBeds(first);
  for (let day = 0; day < seasonDays - 6; day++)
    await runDay(contextAt(context, addDays(firstDay, day), 8), { day, beds }, chance);
  for (let back = 6; back >= 0; back--) await runThisWeek(context, back, beds);
  await lookAtBeds(context, beds);
  for (const { daysAgo, recipeId, time, tookMin } of cookedEvenings) {
    const day = addDays(context.today, -daysAgo);
    await cookEvening(contextAt(context, day, 12), recipeId, { day, time, tookMin });
  }
  await planEvening(context, evening.dishes, { day: addDays(context.today, 1), time: evening.time });
}

type DayOfSeason = { readonly day: number; readonly beds: Beds };

async function runDay(
  context: RequestContext,
  { day, beds }: DayOfSeason,
  chance: () => number,
): Promise<void> {
  await clearExpired(context);
  for (const crop of crops.filter((c) => day % c.every === c.phase % c.every)) {
    const grams = Math.round(crop.grams * (0.75 + chance() * 0.5));
    const lot = await logArrival(context, {
      ingredient: crop.ingredient,
      amount: String(grams),
      place: "fridge",
      source: { kind: "own-bed", note: crop.bed },
      priceMinor: null,
      bedId: beds.get(crop.ingredient) ?? null,
    });
    await trimLot(context, lot, crop.keeps * (0.97 + chance() * 0.06));
  }
  for (const make of makes.filter((m) => day % m.every === m.phase)) {
    const made = await makeBatch(context, make.recipe);
    for (const container of made?.containers ?? [])
      await eatPortions(context, container.id, Math.ceil(chance() * 7));
  }
}

/** The last days leave the kitchen as it stands now: a glut, and some of it already stored. */
async function runThisWeek(context: RequestContext, back: number, beds: Beds): Promise<void> {
  const then = contextAt(context, addDays(context.today, -back), back === 0 ? 7 : 18);
  await clearExpired(then);
  for (const arrival of glut.filter((a) => a.daysAgo === back)) await arrives(then, arrival, beds);
  if (back === box.daysAgo) await logBox(then, box);
  if (back === 3) await makeBatch(then, "runner-beans-with-walnuts");
  if (back === 2) await makeBatch(then, "chard-and-hazelnut-pesto");
  if (back === 1) await makeBatch(then, "plum-and-mustard-dressing");
}

async function arrives(context: RequestContext, arrival: Arrival, beds: Beds): Promise<void> {
  const {
    ingredient,
    amount,
    source,
    note,
    place = "fridge",
    grade = "prime",
    priceMinor = null,
    labelDays,
    label = null,
  } = arrival;
  const lot = await logArrival(context, {
    ingredient,
    amount,
    place,
    source: { kind: source, note },
    grade,
    priceMinor,
    label,
    bedId: source === "own-bed" ? (beds.get(ingredient) ?? null) : null,
    bestBefore: labelDays === undefined ? null : addDays(context.today, labelDays),
  });
  if (arrival.trimmedTo !== undefined) await trimLot(context, lot, arrival.trimmedTo);
  if (ingredient === sorted.ingredient) await sortBySize(context, lot.id, sorted);
  if (ingredient === "apple") await reweighLot(context, lot.id, -40);
}
