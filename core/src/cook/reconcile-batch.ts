import { formOfLot, type LotState } from "../basket/index.ts";
import type { Catalogue } from "../catalogue/index.ts";
import { askedForAs, fitOf, type Fit } from "../forms/index.ts";
import { accept, product, refuse, toMilligram, type Estimate, type Result } from "../measure/index.ts";
import { batchWeight, leftAfterCooking, wantedForm, type Formula } from "../recipes/index.ts";

/** What was really used of one ingredient in one line; `lotId` null: from the shelf or just bought. */
export type UsedPart = {
  readonly lineId: string;
  readonly ingredient: string;
  readonly lotId: string | null;
  readonly grams: number;
};

export type OnHandLot = {
  readonly lotId: string;
  readonly ingredient: string;
  readonly onHandG: number;
  readonly state: LotState;
  readonly method: string | null;
  /** What it is of its ingredient, where it is a by-product. */
  readonly part?: string | null;
  /** Its last safe day has passed. */
  readonly pastSafety: boolean;
};

export type SettleIssue =
  | { readonly code: "nothing-used" }
  | { readonly code: "grams-not-positive"; readonly index: number; readonly grams: number }
  | { readonly code: "line-unknown"; readonly index: number; readonly lineId: string }
  | { readonly code: "not-in-this-line"; readonly index: number; readonly ingredient: string }
  | { readonly code: "never-raw"; readonly index: number; readonly ingredient: string }
  | { readonly code: "lot-unknown"; readonly index: number; readonly lotId: string }
  | { readonly code: "lot-needs-trimming"; readonly index: number; readonly lotId: string }
  | { readonly code: "form-does-not-fit"; readonly index: number; readonly lotId: string }
  | { readonly code: "lot-past-safety"; readonly index: number; readonly lotId: string }
  | {
      readonly code: "more-than-on-hand";
      readonly index: number;
      readonly askedG: number;
      readonly onHandG: number;
    };

/** Grams to draw from each lot, and what the dish should weigh. */
export type ReconciledBatch = {
  readonly draws: readonly { readonly lotId: string; readonly grams: number }[];
  readonly output: Estimate;
};

/** What a make is settled against. */
export type ReconcileFrom = { readonly lots: readonly OnHandLot[]; readonly catalogue: Catalogue };

type Judge = (part: UsedPart, index: number) => SettleIssue | undefined;

/**
 * Settles a finished make: checks every part against its line, the never-raw rule and what the lots hold, and
 * adds up what each lot gives. `index` in a refusal is the position in `used`. Fillers outside the formula's
 * list are refused; amounts beyond the written ones are not (cooks taste and adjust).
 */
export function reconcileBatch(
  formula: Formula,
  used: readonly UsedPart[],
  from: ReconcileFrom,
): Result<ReconciledBatch, SettleIssue> {
  if (used.length === 0) return refuse({ code: "nothing-used" });
  const judges: Judge[] = [
    (part, index) => lineIssue(formula, part, { index, catalogue: from.catalogue }),
    (part, index) => lotIssue(formula, part, { index, ...from }),
  ];
  for (const [index, part] of used.entries()) {
    const issue = judges.map((judge) => judge(part, index)).find((found) => found !== undefined);
    if (issue) return refuse(issue);
  }
  const draws = drawsOf(used);
  const over = overdrawn(draws, used, from.lots);
  if (over) return refuse(over);
  const cooked = used.map((part) => ({ ...part, isCooked: fitOfPart(formula, part, from)?.isCooked }));
  const output = product(
    batchWeight(cooked, formula.lines, from.catalogue),
    leftAfterCooking(formula, from.catalogue),
  );
  return accept({ draws, output });
}

/** How the lot that a part comes from gets into its line; undefined where no path leads there. */
function fitOfPart(formula: Formula, part: UsedPart, { lots, catalogue }: ReconcileFrom): Fit | undefined {
  const lot = lots.find((l) => l.lotId === part.lotId);
  const line = formula.lines.find((l) => l.id === part.lineId);
  const [wanted, own] = [part.ingredient, lot?.ingredient ?? ""].map((id) => catalogue.ingredients.get(id));
  if (!lot || !line || !wanted || !own) return undefined;
  const yields = Object.fromEntries(own.trims.map((trim) => [trim.method, trim.mean]));
  return fitOf({ ...lot, form: formOfLot(lot), yields }, wantedForm(line, wanted));
}

function lineIssue(
  formula: Formula,
  part: UsedPart,
  { index, catalogue }: { index: number; catalogue: Catalogue },
): SettleIssue | undefined {
  if (!(part.grams > 0)) return { code: "grams-not-positive", index, grams: part.grams };
  const line = formula.lines.find((l) => l.id === part.lineId);
  if (!line) return { code: "line-unknown", index, lineId: part.lineId };
  const { ingredient } = part;
  if (line.eatenRaw && catalogue.ingredients.get(ingredient)?.raw === "no")
    return { code: "never-raw", index, ingredient };
  const listed = line.fillers.some((f) => f.ingredient === ingredient);
  return listed ? undefined : { code: "not-in-this-line", index, ingredient };
}

function lotIssue(
  formula: Formula,
  part: UsedPart,
  from: ReconcileFrom & { readonly index: number },
): SettleIssue | undefined {
  const { index, lots } = from;
  const { lotId } = part;
  if (lotId === null) return undefined;
  const lot = lots.find((l) => l.lotId === lotId);
  if (!lot || !askedForAs(lot.ingredient).includes(part.ingredient))
    return { code: "lot-unknown", index, lotId };
  if (lot.pastSafety) return { code: "lot-past-safety", index, lotId };
  const fit = fitOfPart(formula, part, from);
  if (!fit) return { code: "form-does-not-fit", index, lotId };
  return fit.toDo === null ? undefined : { code: "lot-needs-trimming", index, lotId };
}

function drawsOf(used: readonly UsedPart[]): ReconciledBatch["draws"] {
  const grams = new Map<string, number>();
  for (const part of used) if (part.lotId) grams.set(part.lotId, (grams.get(part.lotId) ?? 0) + part.grams);
  return [...grams].map(([lotId, total]) => ({ lotId, grams: toMilligram(total) }));
}

/** Float dust, far under the milligram that the ledger keeps, is not an overdraft. */
const dustG = 1e-6;

function overdrawn(
  draws: ReconciledBatch["draws"],
  used: readonly UsedPart[],
  lots: readonly OnHandLot[],
): SettleIssue | undefined {
  for (const draw of draws) {
    const onHandG = lots.find((l) => l.lotId === draw.lotId)?.onHandG ?? 0;
    if (draw.grams <= onHandG + dustG) continue;
    const index = used.findIndex((part) => part.lotId === draw.lotId);
    return { code: "more-than-on-hand", index, askedG: draw.grams, onHandG };
  }
  return undefined;
}

/** What an unweighed dish is recorded at: whole grams, and the milligrams of a pinch. */
export const recordedOutput = (output: Estimate): number =>
  output.value >= 10 ? Math.round(output.value) : toMilligram(output.value);

/** Water taken up in ways the tables do not know may add this much; more was misread. A judgement. */
const believableExcess = 1.25;

/** Could a dish of these ingredients really weigh that much? */
export const believableOutput = (weighedG: number, output: Estimate): boolean =>
  weighedG <= output.high * believableExcess;
