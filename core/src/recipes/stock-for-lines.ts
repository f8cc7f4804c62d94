import type { Catalogue } from "../catalogue/index.ts";
import {
  askedForAs,
  comesOffBeside,
  fitOf,
  gramsTaken,
  type Fit,
  type FoodOnHand,
  type Taken,
} from "../forms/index.ts";
import type { Demand, Filling, Stock } from "./demand.ts";
import type { Diners } from "./diners.ts";
import { fillLines } from "./fill-lines.ts";
import type { Formula } from "./formula.ts";
import { allowedFillers, shareCap } from "./slots.ts";
import { roundingG } from "./top-up.ts";

/** A lot as it lies: `grams` of it in its form; `urgencyWeight` is what one usable gram used today is worth. */
export type LotOnHand = FoodOnHand & {
  readonly lotId: string;
  readonly grams: number;
  readonly urgencyWeight: number;
  /** Grams of one piece of it, where its pieces were counted and weighed. */
  readonly pieceG?: number | null;
  /** Lines that the cook wants it in: there it goes before any other. */
  readonly chosenFor?: readonly string[];
};

/** A lot the cook chose is worth more than any that is merely urgent. */
const chosenWeight = 10;

/** What a filling takes of its lot as it lies, and what is to be done to that first. */
export type FormFilling = Filling & Fit & { readonly lotG: number };

/** One lot as one group of lines can take it: all that go by the same path. */
type Offer = Stock & { readonly fit: Fit };

/** How many lines take each ingredient. */
function linesTaking(demands: readonly Demand[]): ReadonlyMap<string, number> {
  const lines = new Map<string, number>();
  for (const id of demands.flatMap((d) => [...new Set(d.fillers.map((f) => f.ingredient))]))
    lines.set(id, (lines.get(id) ?? 0) + 1);
  return lines;
}

/**
 * Lots as lines can take them. The same whatever the number of batches, so it is worked out once and filled from many
 * times.
 */
export type LotOffers = {
  readonly offers: readonly Offer[];
  /** Lots that go by several paths, and could be taken twice. */
  readonly shared: readonly LotOnHand[];
};

/** What lots have to offer to these lines; a lot that fits none offers nothing. */
export function offersFor(demands: readonly Demand[], lots: readonly LotOnHand[]): LotOffers {
  const taking = linesTaking(demands);
  const each = lots.map((lot) => {
    const wanted = askedForAs(lot.ingredient).some((id) => taking.has(id));
    return { lot, offers: wanted ? offersOf(lot, demands) : [] };
  });
  const everywhere = ({ lines, ingredient }: Offer): boolean => lines?.size === taking.get(ingredient);
  return {
    offers: each.flatMap(({ offers }) =>
      offers.map((one) => Object.assign(one, { isForAll: everywhere(one) })),
    ),
    shared: each.filter(({ offers }) => offers.length > 1).map(({ lot }) => lot),
  };
}

function offersOf(lot: LotOnHand, demands: readonly Demand[]): Offer[] {
  const names = askedForAs(lot.ingredient);
  const offers: (Offer & { readonly lines: Set<string> })[] = [];
  for (const { lineId, fillers } of demands)
    for (const { ingredient, wanted } of fillers) {
      const fit = names.includes(ingredient) ? fitOf(lot, wanted) : undefined;
      if (!fit) continue;
      const urgencyWeight = lot.urgencyWeight + (lot.chosenFor?.includes(lineId) ? chosenWeight : 0);
      const known = offers.find(
        (one) =>
          one.ingredient === ingredient &&
          one.urgencyWeight === urgencyWeight &&
          one.fit.toDo === fit.toDo &&
          one.fit.part === fit.part &&
          one.fit.perGram === fit.perGram,
      );
      if (known) known.lines.add(lineId);
      else
        offers.push({
          ...{ lotId: lot.lotId, ingredient, grams: lot.grams / fit.perGram, urgencyWeight, fit },
          ...{ path: `${lot.lotId} ${offers.length}`, lines: new Set([lineId]) },
        });
    }
  return offers;
}

/** How a lot could go into one line, as its first filler that takes it; undefined where it does not fit. */
export function fitForLine(
  lot: LotOnHand,
  demand: Demand,
): (Fit & { readonly ingredient: string }) | undefined {
  const [offer] = offersOf(lot, [demand]);
  return offer && { ...offer.fit, ingredient: offer.ingredient };
}

/** Those of some lots that have something to offer. */
export function usefulLots<Lot extends LotOnHand>({ offers }: LotOffers, lots: readonly Lot[]): Lot[] {
  const offering = new Set(offers.map((offer) => offer.lotId));
  return lots.filter((lot) => offering.has(lot.lotId));
}

/** The offers of some of the lots alone. */
export function offersOfThese({ offers, shared }: LotOffers, lots: readonly LotOnHand[]): LotOffers {
  const these = new Set(lots.map((lot) => lot.lotId));
  return {
    offers: offers.filter((offer) => these.has(offer.lotId)),
    shared: shared.filter((lot) => these.has(lot.lotId)),
  };
}

/**
 * Grams of a lot, as it lies, that one batch can take over all lines at their caps; 0 where it fits nowhere. Juice and
 * zest come off the same pieces.
 */
export function lotGramsPerBatch(
  formula: Formula,
  lot: LotOnHand,
  kitchen: { readonly catalogue: Catalogue; readonly diners: Diners },
): number {
  const fillings = formula.lines.flatMap((line) => {
    const names = askedForAs(lot.ingredient);
    const fillers = allowedFillers(line, kitchen.catalogue, kitchen.diners);
    for (const filler of fillers) {
      const fit = names.includes(filler.ingredient) ? fitOf(lot, filler.wanted) : undefined;
      if (!fit) continue;
      const grams = line.grams * shareCap(line, filler) * filler.gramsPerGram;
      const { ingredient } = filler;
      return [{ ...fit, lineId: line.id, lotId: lot.lotId, ingredient, grams, lotG: grams * fit.perGram }];
    }
    return [];
  });
  return gramsTaken(fillings);
}

const nearlyG = 0.01;

/** Nobody peels a clove for the gram that rounding left of a line which others fill. */
function isCrumb(one: FormFilling, all: readonly FormFilling[], demands: readonly Demand[]): boolean {
  if (one.toDo === null) return false;
  const demand = demands.find((d) => d.lineId === one.lineId);
  const isBegun = all.some((f) => f.lineId === one.lineId && f.grams > one.grams);
  return demand !== undefined && isBegun && one.grams <= roundingG(demand);
}

const takenBy = (offer: Offer, fillings: readonly FormFilling[]): number =>
  fillings.filter((f) => isOf(f, offer)).reduce((total, f) => total + f.lotG, 0);

/**
 * The offers of one lot that was taken twice, each cut down to what it may take: what comes off beside something else
 * keeps what it took, then the path that was asked for first, and so on with what is left.
 */
function curbed(offers: readonly Offer[], lot: LotOnHand, fillings: readonly FormFilling[]): Offer[] {
  const mine = fillings.filter((f) => f.lotId === lot.lotId);
  const kept: Taken[] = mine.filter(comesOffBeside);
  return offers.map((offer) => {
    if (offer.lotId !== lot.lotId) return offer;
    const took = takenBy(offer, mine);
    if (comesOffBeside(offer.fit)) return { ...offer, grams: took / offer.fit.perGram };
    const lotG = roomFor(offer.fit, { took, kept, holdsG: lot.grams });
    kept.push({ ...offer.fit, lotG });
    return { ...offer, grams: lotG / offer.fit.perGram };
  });
}

/** Grams of a lot that one more way may take of it, up to what it took: what the others leave, and what they share with it. */
function roomFor(
  fit: Fit,
  { took, kept, holdsG }: { readonly took: number; readonly kept: readonly Taken[]; readonly holdsG: number },
): number {
  const before = gramsTaken(kept);
  const extra = gramsTaken([...kept, { ...fit, lotG: took }]) - before;
  return Math.max(0, took - Math.max(0, before + extra - holdsG));
}

const isOf = (filling: Filling, offer: Offer): boolean =>
  offer.lotId === filling.lotId &&
  offer.ingredient === filling.ingredient &&
  (offer.lines?.has(filling.lineId) ?? false);

/** Fills from offers, each filling with what it takes of its lot. */
function filled(demands: readonly Demand[], offers: readonly Offer[]): FormFilling[] {
  const byLot = new Map<string, Offer[]>();
  const fillings = fillLines(demands, offers);
  const taken = new Set(fillings.map((filling) => filling.lotId));
  for (const offer of offers)
    if (taken.has(offer.lotId)) byLot.set(offer.lotId, [...(byLot.get(offer.lotId) ?? []), offer]);
  return fillings.flatMap((filling) => {
    const offer = byLot.get(filling.lotId)?.find((one) => isOf(filling, one));
    return offer ? [{ ...filling, ...offer.fit, lotG: filling.grams * offer.fit.perGram }] : [];
  });
}

/**
 * Fills lines from lots in whatever form they are, each by the path that leads to what the line asks for. A lot is
 * never taken twice: what one path takes of it the others do not get, but the juice and the zest of one lemon.
 */
export function fillFromLots(
  demands: readonly Demand[],
  lots: readonly LotOnHand[],
  { offers: all, shared }: LotOffers = offersFor(demands, lots),
): FormFilling[] {
  let offers = all;
  let fillings = filled(demands, offers);
  const isOver = (lot: LotOnHand): boolean =>
    gramsTaken(fillings.filter((f) => f.lotId === lot.lotId)) > lot.grams * (1 + 1e-6) + nearlyG;
  // Each lot is cut down once at most, and then stays within what it holds.
  for (let over = shared.find(isOver); over; over = shared.find(isOver)) {
    offers = curbed(offers, over, fillings);
    fillings = filled(demands, offers);
  }
  return fillings.filter((filling) => !isCrumb(filling, fillings, demands));
}
