import { learnKeeping } from "@apron/core/basket";
import { addDays, dayOf, invariant, accept } from "@apron/core/measure";
import type { Deps, Kit } from "../context/request-context.ts";
import { hashPassword } from "../kitchen/passwords.ts";
import type { KitchenRecord } from "../context/ports/kitchen.store.ts";
import { demoFormulas } from "./formulas.ts";
import { demoKitchen, demoMembers, demoPassword, demoSettings } from "./kitchen.ts";
import {
  bedStands,
  boxComesIn,
  comesIn,
  isCleared,
  isCorrected,
  isEaten,
  isMade,
  isPlanted,
  isSorted,
  isTrimmed,
  kitAt,
} from "./season-actions.ts";
import { bedsNow, box, crops, glut, laterBeds, makes, seasonDays, sorted, type Arrival } from "./season.ts";

/** A fixed sequence in [0, 1) (Lehmer, MINSTD): the same demo on every machine. */
function fixedChance(seed: number): () => number {
  let state = seed;
  return () => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
}

/** Fills an empty database with the demo kitchen: a season lived through its own use cases, dated up to today. */
export async function seedDemo(deps: Deps): Promise<void> {
  const kitchen: KitchenRecord = {
    id: deps.newId(),
    ...demoKitchen,
    cup: "us-customary",
    demo: true,
    revision: 0,
    locale: "en-GB",
    catalogueRevision: 0,
    settings: demoSettings,
  };
  const passwordHash = await hashPassword(demoPassword);
  const startedAt = deps.now().getTime();
  const members = demoMembers.map((name, i) => ({
    id: deps.newId(),
    kitchenId: kitchen.id,
    name,
    passwordHash,
    createdAt: new Date(startedAt + i),
  }));
  await deps.database.door.createKitchen(kitchen, members);
  const cook = members[0];
  invariant(cook !== undefined, "the demo kitchen has no cook");
  const asker = { memberId: cook.id, memberName: cook.name, kitchen };
  const claim = { kitchenId: kitchen.id, key: deps.newId(), fingerprint: "demo", at: deps.now() };
  await deps.database.write(claim, async (stores) => {
    const now = deps.now();
    const { catalogue, newId } = deps;
    const today = dayOf(now);
    const experience = learnKeeping([]);
    const kit: Kit = { stores, asker, now, today, catalogue, reference: catalogue, experience, newId };
    await liveThrough(kit);
    await switchScaleOn(kit);
    return accept({ done: true });
  });
}

type Beds = ReadonlyMap<string, string>;

/** Every crop has a bed of its own; two beds may share a place in the garden. */
async function plantBeds(kit: Kit): Promise<Beds> {
  const beds = new Map<string, string>();
  for (const { name, ingredient } of [...crops.map((c) => ({ ...c, name: c.bed })), ...laterBeds])
    beds.set(ingredient, (await isPlanted(kit, name, ingredient)).id);
  return beds;
}

/** How the beds stand today. */
async function lookAtBeds(kit: Kit, beds: Beds): Promise<void> {
  const stand = (ingredient: string, body: Parameters<typeof bedStands>[2]) =>
    bedStands(kit, beds.get(ingredient) ?? "", body);
  for (const ingredient of bedsNow.bolting) await stand(ingredient, { state: "bolting" });
  for (const ingredient of bedsNow.finished) await stand(ingredient, { state: "finished" });
  const { ingredient, inDays, grams } = bedsNow.said;
  await stand(ingredient, { said: { on: addDays(kit.today, inDays), grams } });
}

/** The scale was used just now, so that it is awake when the kitchen opens. */
async function switchScaleOn(kit: Kit): Promise<void> {
  const empty = { pileG: 0, tareG: 0, wasG: 0, unit: "g", heldG: null, plugged: true } as const;
  await kit.stores.scale.put({ ...empty, changedAt: new Date(0), usedAt: kit.now });
}

async function liveThrough(kit: Kit): Promise<void> {
  const chance = fixedChance(20_261);
  const firstDay = addDays(kit.today, -seasonDays);
  const first = kitAt(kit, firstDay, 7);
  const about = { at: first.now, memberId: kit.asker.memberId, note: "" };
  for (const formula of demoFormulas) await kit.stores.recipes.save(formula, 1, about);
  const beds = await plantBeds(first);
  for (let day = 0; day < seasonDays - 6; day++)
    await liveOneDay(kitAt(kit, addDays(firstDay, day), 8), { day, beds }, chance);
  for (let back = 6; back >= 0; back--) await liveThisWeek(kit, back, beds);
  await lookAtBeds(kit, beds);
}

type DayOfSeason = { readonly day: number; readonly beds: Beds };

async function liveOneDay(kit: Kit, { day, beds }: DayOfSeason, chance: () => number): Promise<void> {
  await isCleared(kit);
  for (const crop of crops.filter((c) => day % c.every === c.phase % c.every)) {
    const grams = Math.round(crop.grams * (0.75 + chance() * 0.5));
    const lot = await comesIn(kit, {
      ingredient: crop.ingredient,
      amount: String(grams),
      place: "fridge",
      source: { kind: "own-bed", note: crop.bed },
      priceMinor: null,
      bedId: beds.get(crop.ingredient) ?? null,
    });
    await isTrimmed(kit, lot, crop.keeps * (0.97 + chance() * 0.06));
  }
  for (const make of makes.filter((m) => day % m.every === m.phase)) {
    const made = await isMade(kit, make.recipe);
    for (const container of made?.containers ?? []) await isEaten(kit, container.id, Math.ceil(chance() * 7));
  }
}

/** The last days leave the kitchen as it stands now: a glut, and some of it already put by. */
async function liveThisWeek(kit: Kit, back: number, beds: Beds): Promise<void> {
  const then = kitAt(kit, addDays(kit.today, -back), back === 0 ? 7 : 18);
  await isCleared(then);
  for (const arrival of glut.filter((a) => a.daysAgo === back)) await arrives(then, arrival, beds);
  if (back === box.daysAgo) await boxComesIn(then, box);
  if (back === 3) await isMade(then, "runner-beans-with-walnuts");
  if (back === 2) await isMade(then, "chard-and-hazelnut-pesto");
  if (back === 1) await isMade(then, "plum-and-mustard-dressing");
}

async function arrives(kit: Kit, arrival: Arrival, beds: Beds): Promise<void> {
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
  const lot = await comesIn(kit, {
    ingredient,
    amount,
    place,
    source: { kind: source, note },
    grade,
    priceMinor,
    label,
    bedId: source === "own-bed" ? (beds.get(ingredient) ?? null) : null,
    bestBefore: labelDays === undefined ? null : addDays(kit.today, labelDays),
  });
  if (arrival.trimmedTo !== undefined) await isTrimmed(kit, lot, arrival.trimmedTo);
  if (ingredient === sorted.ingredient) await isSorted(kit, lot.id, sorted);
  if (ingredient === "apple") await isCorrected(kit, lot.id, -40);
}
