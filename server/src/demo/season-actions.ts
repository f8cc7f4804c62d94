import type { InputOf, ReplyOf, EndpointName } from "@apron/contract";
import { addDays, invariant, type Day } from "@apron/core/measure";
import { addBed, changeBed } from "../basket/beds.ts";
import { correctLot, goneOff } from "../basket/change-lot.ts";
import { listLots } from "../basket/list-lots.ts";
import { logIntake } from "../basket/log-intake.ts";
import { logLot } from "../basket/log-lot.ts";
import { splitLot } from "../basket/part-lot.ts";
import { finishMake } from "../cook/finish-make.ts";
import { planMake } from "../cook/plan-make.ts";
import type { Kit, UseCase } from "../context/request-context.ts";
import { larderUseCases } from "../larder/routes.ts";
import { recordTrim } from "../trim/record-trim.ts";

/** Runs one use case as the demo kitchen would have, and expects it to be accepted. */
async function lived<Name extends EndpointName>(
  useCase: UseCase<Name>,
  input: InputOf<Name>,
  kit: Kit,
): Promise<ReplyOf<Name>> {
  const answer = await useCase(input, kit);
  invariant(answer.ok, `the demo was refused: ${answer.ok ? "" : JSON.stringify(answer.issue)}`);
  return answer.value;
}

/** The same kitchen at another day and hour. */
export function kitAt(kit: Kit, day: Day, hour: number): Kit {
  const now = new Date(`${day}T${String(hour).padStart(2, "0")}:15:00`);
  return { ...kit, today: day, now };
}

type LotBody = InputOf<"logLot">["body"];

const unsaid = { price: null, label: null, bedId: null, note: "", bestBefore: null, grade: "prime" } as const;

export const comesIn = (
  kit: Kit,
  lot: Pick<LotBody, "ingredient" | "amount" | "place" | "source" | "priceMinor"> & Partial<LotBody>,
) => lived(logLot, { body: { ...unsaid, ...lot, id: kit.newId(), since: kit.today } }, kit);

/** Names a bed of the plot. */
export const isPlanted = (kit: Kit, name: string, ingredient: string) =>
  lived(addBed, { body: { id: kit.newId(), name, ingredient } }, kit);

export const bedStands = (kit: Kit, id: string, body: InputOf<"changeBed">["body"]) =>
  lived(changeBed, { params: { id }, body }, kit);

/** A box of several things, each on a line of its own. */
export const boxComesIn = (kit: Kit, box: { note: string; priceMinor: number; lines: readonly string[] }) => {
  const { note, priceMinor } = box;
  const unsaidOfIt = {
    ingredient: null,
    amount: null,
    place: null,
    grade: "prime",
    bestBefore: null,
  } as const;
  const lines = box.lines.map((text) => ({ ...unsaidOfIt, id: kit.newId(), text }));
  const source = { kind: "box-share", note } as const;
  return lived(logIntake, { body: { id: kit.newId(), since: kit.today, source, priceMinor, lines } }, kit);
};

/** Sorts a lot by size. */
export const isSorted = (kit: Kit, lotId: string, grams: { small: number; large: number }) =>
  lived(
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
    kit,
  );

/** Trims a whole lot to a weighed fraction by its usual method; what else comes off goes to compost. */
export async function isTrimmed(
  kit: Kit,
  lot: { id: string; grams: number; ingredient: string },
  fraction: number,
) {
  const handbook = kit.catalogue.ingredients.get(lot.ingredient)?.trims[0];
  invariant(handbook !== undefined, `${lot.ingredient} needs no trimming`);
  const usableG = Math.round(lot.grams * fraction);
  const rest = Math.floor(lot.grams - usableG) - 2;
  const part = handbook.byProducts[0]?.part ?? "trimmings";
  const parts = rest > 0 ? [{ part, grams: rest, fate: "compost" as const }] : [];
  const body = {
    id: kit.newId(),
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
  return lived(recordTrim, { body }, kit);
}

/** Makes one batch from what is trimmed, buying the rest, and puts it by. Returns nothing made when stock lacks. */
export async function isMade(kit: Kit, recipeId: string) {
  const plan = await lived(planMake, { body: { recipeId, scale: { kind: "batches", batches: 1 } } }, kit);
  const parts = plan.lines.flatMap((l) =>
    l.parts.map((p) => ({
      lineId: l.lineId,
      ingredient: p.ingredient,
      lotId: p.lotId,
      grams: Math.round(p.grams * 10) / 10,
      toTrim: p.toTrim,
    })),
  );
  if (!parts.some((p) => p.lotId !== null && !p.toTrim)) return undefined;
  const used = parts.map(({ toTrim, ...p }) => ({ ...p, lotId: toTrim ? null : p.lotId }));
  const freezes = plan.useBy.freezer !== null;
  const place = freezes ? ("freezer" as const) : ("fridge" as const);
  const kind = plan.useBy.fridge?.reason.includes("salad") ? ("bowl" as const) : ("jar" as const);
  const option = plan.containers.find((c) => c.kind === kind && c.place === place) ?? plan.containers[0];
  invariant(option !== undefined, `${recipeId} fits no container`);
  const containers = [{ kind: option.kind, place: option.place, count: option.fewest }];
  const body = {
    id: kit.newId(),
    recipeId,
    version: plan.version,
    batches: 1,
    used,
    weighedG: null,
    containers,
    leftOvers: [],
  };
  return lived(finishMake, { body }, kit);
}

/** Takes portions out until the container is empty or the table is full. */
export async function isEaten(kit: Kit, containerId: string, portions: number): Promise<void> {
  for (let i = 0; i < portions; i++) {
    const answer = await larderUseCases.withdraw(
      { params: { id: containerId }, body: { grams: null, fate: "eaten" } },
      kit,
    );
    if (!answer.ok) return;
  }
}

/** What is past its day is thrown out, as in any kitchen. */
export async function isCleared(kit: Kit): Promise<void> {
  const { lots } = await lived(listLots, { query: { limit: 200 } }, kit);
  for (const lot of lots.filter(
    (l) => l.freshness.daysLeft < 0 || (l.state === "usable" && l.since < addDays(kit.today, -6)),
  ))
    await lived(goneOff, { params: { id: lot.id }, body: { reason: "went over before it was used" } }, kit);
  const larder = await lived(larderUseCases.listLarder, {}, kit);
  for (const c of larder.containers.filter((one) => one.daysLeft < 0))
    await larderUseCases.withdraw({ params: { id: c.id }, body: { grams: null, fate: "discarded" } }, kit);
}

export const isCorrected = (kit: Kit, lotId: string, deltaG: number) =>
  lived(correctLot, { params: { id: lotId }, body: { deltaG, reason: "weighed again" } }, kit);
