import type { UseBy } from "@apron/contract";
import type { UsedPart } from "@apron/core/cook";
import { eatAndStore, portionsInGrams, type ContainerWish, type Load } from "@apron/core/larder";
import { accept, toMilligram } from "@apron/core/measure";
import type { Formula } from "@apron/core/recipes";
import type { ContainerRecord } from "../context/ports/larder.store.ts";
import type { LotRecord } from "../context/ports/lot.store.ts";
import { refuseWith, type Answer } from "../context/refusal.ts";
import type { RequestContext } from "../context/request-context.ts";
import { dateOf, useByIn } from "./use-by-of.ts";

/** A batch, or what is kept of one of its parts. */
type Batch = {
  readonly batchId: string;
  readonly formula: Formula;
  /** The part of the dish that it is; "" of a whole dish. */
  readonly part: string;
  readonly used: readonly UsedPart[];
  readonly lots: readonly LotRecord[];
  readonly outputG: number;
  readonly servings: number;
};
type Wish = Omit<ContainerWish, "place"> & { readonly place: string; readonly isPlain: boolean };
type Shelved = ContainerWish & { readonly isPlain: boolean };
type Where = {
  readonly wishes: readonly Wish[];
  readonly eatenPortions: number;
  /** What refusals are said at. */
  readonly field: string;
};

/** What a batch goes into, each with its grams and its date: the plate that was eaten at once, and the containers. */
export function filledContainers(
  batch: Batch,
  where: Where,
  context: RequestContext,
): Answer<ContainerRecord[]> {
  const { outputG, formula, servings } = batch;
  const dates = datesOf(batch, where, context);
  if (!dates.ok) return dates;
  const wishes = where.wishes as readonly Shelved[];
  const made = { grams: outputG, servings };
  const eaten = portionsInGrams(where.eatenPortions, made);
  const stored = eatAndStore(outputG, formula, { eatenG: eaten, wishes });
  if (!stored.ok) return refuseWith(stored.issue, where.field);
  const { eatenG, loads } = stored.value;
  const portionG = portionsInGrams(1, made);
  const filled = loads.flatMap((load) =>
    filledOf(load, { batchId: batch.batchId, portionG, date: dates.value.get(load.place) }, context),
  );
  return accept([...(eatenG > 0 ? [plateOf(eatenG, batch.batchId, context)] : []), ...filled]);
}

/** The date in each place that something goes to. */
function datesOf(
  batch: Batch,
  { wishes, field }: Where,
  context: RequestContext,
): Answer<ReadonlyMap<string, UseBy>> {
  const dated = new Map<string, UseBy>();
  for (const [index, { place }] of wishes.entries()) {
    const isShelf = place === "fridge" || place === "freezer";
    const date = isShelf ? useByIn(place, { ...batch, drawn: batch.used }, context) : null;
    if (!date) return refuseWith({ code: "not-kept-there" }, `${field}.${index}.place`);
    dated.set(place, date);
  }
  return accept(dated);
}

/** What was eaten at once: a plate, filled and emptied in one act. Nothing of it is kept, so its day is today. */
const plateOf = (eatenG: number, batchId: string, context: RequestContext): ContainerRecord => ({
  ...{ id: context.newId(), batchId, kind: "plate", place: "fridge", isPlain: false },
  ...{ startG: toMilligram(eatenG), remainingG: toMilligram(eatenG), portionG: toMilligram(eatenG) },
  ...{ useBy: context.today, limit: "quality", reason: "eaten when it was made", source: "" },
  ...{ practiceFrom: null, practiceTo: null, mustNever: "", thawDays: null },
});

function filledOf(
  load: Load<Shelved>,
  of: { batchId: string; portionG: number; date: UseBy | undefined },
  context: RequestContext,
): ContainerRecord[] {
  const { date } = of;
  if (!date) return [];
  return Array.from({ length: load.count }, () => ({
    id: context.newId(),
    batchId: of.batchId,
    kind: load.kind,
    place: load.place,
    isPlain: load.isPlain,
    startG: toMilligram(load.eachG),
    remainingG: toMilligram(load.eachG),
    portionG: toMilligram(of.portionG),
    ...dateOf(date),
  }));
}
