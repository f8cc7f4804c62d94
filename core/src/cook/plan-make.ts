import type { Catalogue } from "../catalogue/index.ts";
import { refuse, accept, type Estimate, type Result } from "../measure/index.ts";
import { demandsOf, unfillable } from "../match/index.ts";
import {
  batchWeight,
  fillLines,
  topUpLine,
  type Demand,
  type Diners,
  type Filling,
  type Formula,
  type Line,
  type Stock,
} from "../recipes/index.ts";
import { measureOut, type MeasuredAmount, type Measuring } from "./kitchen-measures.ts";

/** One amount of one ingredient in a line: from a lot, from the shelf, or still to be bought. */
export type MakePart = {
  readonly ingredient: string;
  readonly lotId: string | null;
  readonly from: "lot" | "staple" | "buy";
  readonly grams: number;
  readonly measured: MeasuredAmount;
};

export type MakeLine = { readonly line: Line; readonly wantedG: number; readonly parts: readonly MakePart[] };

export type MakePlan = {
  readonly batches: number;
  readonly servings: number;
  readonly lines: readonly MakeLine[];
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
  from: { readonly stock: readonly Stock[]; readonly kitchen: MakeKitchen },
): Result<MakePlan, MakeIssue> {
  const { stock, kitchen } = from;
  const demands = demandsOf(formula, batches, kitchen);
  const lineIds = unfillable(demands).map((demand) => demand.lineId);
  if (lineIds.length > 0) return refuse({ code: "not-for-these-diners", lineIds });
  const fillings = fillLines(demands, stock);
  const lines = formula.lines.map((line) => {
    const demand = demands.find((d) => d.lineId === line.id);
    return { line, wantedG: line.grams * batches, parts: demand ? partsOf(demand, fillings, kitchen) : [] };
  });
  const used = lines.flatMap((l) => l.parts.map((p) => ({ ...p, lineId: l.line.id })));
  return accept({
    batches,
    servings: batches * formula.servings,
    lines,
    output: batchWeight(used, formula.lines, kitchen.catalogue),
  });
}

function partsOf(demand: Demand, fillings: readonly Filling[], kitchen: MakeKitchen): MakePart[] {
  const lots = fillings
    .filter((f) => f.lineId === demand.lineId)
    .map((f) => ({ ingredient: f.ingredient, lotId: f.lotId, from: "lot" as const, grams: f.grams }));
  const rest = topUpLine(demand, fillings, (id) => kitchen.staples.has(id)).map((t) => ({
    ingredient: t.ingredient,
    lotId: null,
    from: t.from,
    grams: t.grams,
  }));
  return [...lots, ...rest].flatMap((part) => {
    const facts = kitchen.catalogue.ingredients.get(part.ingredient);
    return facts ? [{ ...part, measured: measureOut(part.grams, facts, kitchen) }] : [];
  });
}
