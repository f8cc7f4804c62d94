import type { InputOf, ReplyOf, EndpointName } from "@apron/contract";
import { addDays, instantAt, invariant, type Day } from "@apron/core/measure";
import { usualPlaces } from "@apron/core/plan";
import { noChanges } from "@apron/core/recipes";
import { addBed, changeBed } from "../basket/beds.ts";
import { correctLot, goneOff } from "../basket/change-lot.ts";
import { listLots } from "../basket/list-lots.ts";
import { logIntake } from "../basket/log-intake.ts";
import { logLot } from "../basket/log-lot.ts";
import { splitLot } from "../basket/part-lot.ts";
import { recordCookEvent } from "../cook/cook-along.ts";
import { finishMake } from "../cook/finish-make.ts";
import { planMake } from "../cook/plan-make.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { larderUseCases } from "../larder/routes.ts";
import { solvePlan } from "../plan/draft-plan.ts";
import { savePlan } from "../plan/saved-plans.ts";
import { recordTrim } from "../trim/record-trim.ts";

/** Runs one use case as the demo kitchen would have, and expects it to be accepted. */
async function run<Name extends EndpointName>(
  useCase: UseCase<Name>,
  input: InputOf<Name>,
  context: RequestContext,
): Promise<ReplyOf<Name>> {
  const answer = await useCase(input, context);
  invariant(answer.ok, `the demo was refused: ${answer.ok ? "" : JSON.stringify(answer.issue)}`);
  return answer.value;
}

/** The same kitchen at another day and hour. */
export function contextAt(context: RequestContext, day: Day, hour: number): RequestContext {
  const now = new Date(`${day}T${String(hour).padStart(2, "0")}:15:00`);
  return { ...context, today: day, now };
}

type LotBody = InputOf<"logLot">["body"];

const unsaid = {
  price: null,
  label: null,
  bedId: null,
  note: "",
  bestBefore: null,
  method: null,
  grade: "prime",
} as const;

export const logArrival = (
  context: RequestContext,
  lot: Pick<LotBody, "ingredient" | "amount" | "place" | "source" | "priceMinor"> & Partial<LotBody>,
) => run(logLot, { body: { ...unsaid, ...lot, id: context.newId(), since: context.today } }, context);

/** Names a bed of the plot. */
export const plantBed = (context: RequestContext, name: string, ingredient: string) =>
  run(addBed, { body: { id: context.newId(), name, ingredient } }, context);

export const setBedState = (context: RequestContext, id: string, body: InputOf<"changeBed">["body"]) =>
  run(changeBed, { params: { id }, body }, context);

/** A box of several things, each on a line of its own. */
export const logBox = (
  context: RequestContext,
  box: { note: string; priceMinor: number; lines: readonly string[] },
) => {
  const { note, priceMinor } = box;
  const unsaidOfIt = {
    ingredient: null,
    amount: null,
    place: null,
    grade: "prime",
    bestBefore: null,
  } as const;
  const lines = box.lines.map((text) => ({ ...unsaidOfIt, id: context.newId(), text }));
  const source = { kind: "box-share", note } as const;
  return run(
    logIntake,
    { body: { id: context.newId(), since: context.today, source, priceMinor, lines } },
    context,
  );
};

/** Sorts a lot by size. */
export const sortBySize = (context: RequestContext, lotId: string, grams: { small: number; large: number }) =>
  run(
    splitLot,
    {
      params: { id: lotId },
      body: {
        parts: [
          { condition: "small", grams: grams.small },
          { condition: "large", grams: grams.large },
        ],
      },
    },
    context,
  );

/** Trims a whole lot to a weighed fraction by its usual method; what else comes off goes to compost. */
export async function trimLot(
  context: RequestContext,
  lot: { id: string; grams: number; ingredient: string },
  fraction: number,
) {
  const handbook = context.catalogue.ingredients.get(lot.ingredient)?.trims[0];
  invariant(handbook !== undefined, `${lot.ingredient} needs no trimming`);
  const usableG = Math.round(lot.grams * fraction);
  const rest = Math.floor(lot.grams - usableG) - 2;
  const part = handbook.byProducts[0]?.part ?? "trimmings";
  const parts = rest > 0 ? [{ part, grams: rest, fate: "compost" as const }] : [];
  const body = {
    id: context.newId(),
    lotId: lot.id,
    method: handbook.method,
    rawG: lot.grams,
    usableG,
    vessels: [],
    juices: null,
    parts,
    place: "fridge" as const,
    confirmed: true,
  };
  return run(recordTrim, { body }, context);
}

/** Makes one batch from what is trimmed, buying the rest, and puts it by. Returns nothing made when stock lacks. */
export async function makeBatch(context: RequestContext, recipeId: string) {
  const plan = await run(
    planMake,
    { body: { recipeId, scale: { kind: "batches", batches: 1 }, take: [], changes: noChanges } },
    context,
  );
  const parts = plan.lines.flatMap((l) =>
    l.parts.map((p) => ({
      lineId: l.lineId,
      ingredient: p.ingredient,
      lotId: p.lotId,
      grams: Math.round(p.grams * 10) / 10,
      toTrim: p.toDo !== null,
    })),
  );
  if (!parts.some((p) => p.lotId !== null && !p.toTrim)) return undefined;
  const used = parts.map(({ toTrim, ...p }) => ({ ...p, lotId: toTrim ? null : p.lotId }));
  const freezes = plan.useBy.freezer !== null;
  const place = freezes ? ("freezer" as const) : ("fridge" as const);
  const kind = plan.storeIn?.kind;
  const option = plan.containers.find((c) => c.kind === kind && c.place === place) ?? plan.containers[0];
  invariant(option !== undefined, `${recipeId} fits no container`);
  const shared = { grams: null, isPlain: false };
  const containers = [{ kind: option.kind, place: option.place, count: option.fewest, ...shared }];
  const body = {
    id: context.newId(),
    recipeId,
    version: plan.version,
    batches: 1,
    used,
    weighedG: null,
    containers,
    leftOvers: [],
    apart: [],
    ...{ changes: noChanges, eatenPortions: 0, note: "", nextTime: "", takeReserved: false, cookedBy: null },
  };
  return run(finishMake, { body }, context);
}

/** Takes portions out until the container is empty or the table is full. */
export async function eatPortions(
  context: RequestContext,
  containerId: string,
  portions: number,
): Promise<void> {
  for (let i = 0; i < portions; i++) {
    const answer = await larderUseCases.withdraw(
      { params: { id: containerId }, body: { grams: null, fate: "eaten" } },
      context,
    );
    if (!answer.ok) return;
  }
}

/** What is past its day is thrown out, as in any kitchen. */
export async function clearExpired(context: RequestContext): Promise<void> {
  const { lots } = await run(listLots, { query: { limit: 200 } }, context);
  for (const lot of lots.filter(
    (l) => l.freshness.daysLeft < 0 || (l.state === "usable" && l.since < addDays(context.today, -6)),
  ))
    await run(goneOff, { params: { id: lot.id }, body: { reason: "went over before it was used" } }, context);
  const larder = await run(larderUseCases.listLarder, {}, context);
  for (const c of larder.containers.filter((one) => one.daysLeft < 0))
    await larderUseCases.withdraw(
      { params: { id: c.id }, body: { grams: null, fate: "discarded" } },
      context,
    );
}

export const reweighLot = (context: RequestContext, lotId: string, deltaG: number) =>
  run(correctLot, { params: { id: lotId }, body: { deltaG, reason: "weighed again" } }, context);

type Table = { readonly day: Day; readonly time: string };

/** Plans dishes for an evening, saves it and gives its id. A machine too busy to find a plan in time leaves it out. */
export async function planEvening(
  context: RequestContext,
  recipeIds: readonly string[],
  { day, time }: Table,
): Promise<string | undefined> {
  const wish = {
    dishes: recipeIds.map((recipeId) => ({
      key: recipeId.slice(0, 40),
      recipeId,
      batches: 1,
      isMade: false,
      ways: [],
      changes: noChanges,
    })),
    tableAt: instantAt(day, time, context.session.kitchen.timeZone).toISOString(),
    ...{ cooks: 1, crew: [], homeAt: null, quiet: null, fixed: [], times: [] },
    places: usualPlaces,
  };
  const solved = await solvePlan({ body: wish }, context);
  if (!solved.ok) return undefined;
  const { from, schedule } = solved.value;
  const id = context.newId();
  await run(savePlan, { body: { ...wish, id, from, schedule } }, context);
  return id;
}

/** An evening on which a dish was cooked along: what cooked by itself in it took so many minutes. */
export async function cookEvening(
  context: RequestContext,
  recipeId: string,
  { tookMin, ...table }: Table & { readonly tookMin: number },
): Promise<void> {
  const id = await planEvening(context, [recipeId], table);
  const plan = id === undefined ? undefined : await context.stores.plans.get(id);
  if (id === undefined || !plan) return;
  const { tasks } = plan.body;
  const pot = tasks.find((task) => task.kind === "by-itself" && task.food);
  const around = tasks.filter((task) => task.step === pot?.step);
  const later = contextAt(context, table.day, 22);
  const say = (kind: "put-in" | "take-out", at: number) => {
    const task = around.find((one) => one.kind === kind);
    invariant(task !== undefined, `nothing of ${recipeId} is ${kind}`);
    const event = { id: later.newId(), at: new Date(at).toISOString() };
    const body = { ...event, act: { kind: "done", task: task.id } } as const;
    return run(recordCookEvent, { params: { id }, body }, later);
  };
  const out = plan.tableAt.getTime() - 10 * 60_000;
  await say("put-in", out - tookMin * 60_000);
  await say("take-out", out);
}
