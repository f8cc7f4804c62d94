import type { Catalogue, FoodPart } from "../catalogue/index.ts";
import { accept, exactly, product, refuse, sum, type Estimate, type Result } from "../measure/index.ts";
import { demandsOf, unfillable } from "../match/index.ts";
import {
  cookingFactor,
  fillFromLots,
  fitForLine,
  leftAfterCooking,
  pieceOfLine,
  topUpLine,
  writtenFiller,
  type Demand,
  type Diners,
  type FormFilling,
  type Formula,
  type Line,
  type LotOnHand,
} from "../recipes/index.ts";
import { measureOut, type MeasuredAmount, type Measuring } from "./kitchen-measures.ts";

/**
 * One amount of one ingredient in a line: from a lot, from the shelf, or still to be bought. `grams` is what goes into
 * the dish: usable food, or cooked food where the lot is cooked as the line would cook it (`isCooked`).
 */
export type MakePart = {
  readonly ingredient: string;
  readonly lotId: string | null;
  readonly from: "lot" | "staple" | "buy";
  readonly grams: number;
  /** The trim to be done first; null where it is ready. */
  readonly toDo: string | null;
  /** What of that trim is taken, where it is not the usable part: the stems. */
  readonly part: FoodPart | null;
  /** Grams of the lot as it lies that give this; the same where it is ready. */
  readonly lotG: number;
  readonly isCooked: boolean;
  /** Grams of one piece as bought, where the line counts its pieces. */
  readonly pieceG: number | null;
  /** Weight in the finished dish ÷ weight going in: the line's own cooking. */
  readonly inDish: Estimate;
  readonly measured: MeasuredAmount;
};

export type MakeLine = {
  readonly line: Line;
  readonly wantedG: number;
  /** Grams as bought, where the recipe counts whole pieces. */
  readonly asBoughtG: number | null;
  /** Grams cooked, where the recipe asks for cooked food. */
  readonly cookedG: number | null;
  readonly parts: readonly MakePart[];
  /** Lots that would fit too, with the trim that each still needs. */
  readonly others: readonly OtherLot[];
};

export type OtherLot = {
  readonly lotId: string;
  readonly ingredient: string;
  readonly toDo: string | null;
  readonly part: FoodPart | null;
  /** Usable grams that it would give. */
  readonly grams: number;
  /** It is another food that may stand in for the written one. */
  readonly isSubstitute: boolean;
};

export type MakePlan = {
  readonly batches: number;
  readonly servings: number;
  readonly lines: readonly MakeLine[];
  /** The share of what goes in that is left once it has cooked. */
  readonly remains: Estimate;
  readonly output: Estimate;
};

export type MakeIssue = { readonly code: "not-for-these-diners"; readonly lineIds: readonly string[] };

export type MakeKitchen = Measuring & {
  readonly catalogue: Catalogue;
  readonly diners: Diners;
  readonly staples: ReadonlySet<string>;
};

/** Everything on the counter for `batches` (> 0) of a formula, filled from stock by urgency under every cap. */
export function planMake(
  formula: Formula,
  batches: number,
  from: { readonly stock: readonly LotOnHand[]; readonly kitchen: MakeKitchen },
): Result<MakePlan, MakeIssue> {
  const { stock, kitchen } = from;
  const demands = demandsOf(formula, batches, kitchen);
  const lineIds = unfillable(demands).map((demand) => demand.lineId);
  if (lineIds.length > 0) return refuse({ code: "not-for-these-diners", lineIds });
  const fillings = fillFromLots(demands, stock);
  const lines = formula.lines.map((line) => {
    const demand = demands.find((d) => d.lineId === line.id);
    return {
      line,
      wantedG: line.grams * batches,
      asBoughtG: line.asBoughtG && line.asBoughtG * batches,
      cookedG: line.cookedG && line.cookedG * batches,
      parts: demand ? partsOf({ line, demand }, fillings, kitchen) : [],
      others: demand ? othersOf(demand, fillings, stock) : [],
    };
  });
  const remains = leftAfterCooking(formula, kitchen.catalogue);
  const output = product(dishWeight(lines.flatMap((l) => l.parts)), remains);
  return accept({ batches, servings: batches * formula.servings, lines, remains, output });
}

/** Grams of the finished dish, of what goes in (grams) and what the dish's own cooking makes of each. */
export const dishWeight = (parts: readonly Pick<MakePart, "grams" | "inDish">[]): Estimate =>
  sum(parts.map((part) => product(exactly(part.grams), part.inDish)));

function partsOf(
  of: { readonly line: Line; readonly demand: Demand },
  fillings: readonly FormFilling[],
  kitchen: MakeKitchen,
): MakePart[] {
  const { line, demand } = of;
  const { catalogue, staples } = kitchen;
  const lots = fillings
    .filter((f) => f.lineId === demand.lineId)
    .map(({ ingredient, lotId, grams, toDo, part, lotG, isCooked }) => ({
      ...{ ingredient, lotId, toDo, part, lotG, isCooked },
      ...{ from: "lot" as const, grams: isCooked ? lotG : grams },
    }));
  const rest = topUpLine(demand, fillings, (id) => staples.has(id)).map((topUp) => ({
    ...{ ingredient: topUp.ingredient, grams: topUp.grams, from: topUp.from },
    ...{ lotId: null, toDo: null, part: null, lotG: topUp.grams, isCooked: false },
  }));
  return [...lots, ...rest].flatMap((part) => {
    const facts = catalogue.ingredients.get(part.ingredient);
    if (!facts) return [];
    const inDish = part.isCooked ? exactly(1) : cookingFactor(line, part.ingredient, catalogue);
    const pieceG = writtenFiller(line)?.ingredient === part.ingredient ? pieceOfLine(line, facts) : null;
    return [{ ...part, pieceG, inDish, measured: measureOut(part.grams, facts, kitchen) }];
  });
}

function othersOf(demand: Demand, fillings: readonly FormFilling[], stock: readonly LotOnHand[]): OtherLot[] {
  const taken = new Set(fillings.filter((f) => f.lineId === demand.lineId).map((f) => f.lotId));
  return stock.flatMap((lot) => {
    const fit = taken.has(lot.lotId) ? undefined : fitForLine(lot, demand);
    if (!fit) return [];
    const { toDo, part } = fit;
    const { lotId, ingredient } = lot;
    const isSubstitute = fit.ingredient !== demand.fillers[0]?.ingredient;
    return [{ lotId, ingredient, toDo, part, isSubstitute, grams: lot.grams / fit.perGram }];
  });
}
