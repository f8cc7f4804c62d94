import { spoonful } from "../larder/index.ts";
import { accept, refuse, toMilligram, type Estimate, type Result } from "../measure/index.ts";
import { partsApart, type Formula } from "../recipes/index.ts";
import { dishWeight } from "./plan-make.ts";
import {
  believableOutput,
  recordedOutput,
  reconcileBatch,
  type ReconciledBatch,
  type ReconcileFrom,
  type SettleIssue,
  type UsedPart,
} from "./reconcile-batch.ts";

/**
 * What stays by itself of a part that was made apart ("For the cream"): grams kept (> 0), and what all of it weighed once it was
 * made; null: what it should weigh by what went in.
 */
export type KeptPart = { readonly part: string; readonly keptG: number; readonly weighedG: number | null };

/** `kept` in a refusal is the position among the kept parts. */
export type KeptIssue =
  | { readonly code: "part-unknown"; readonly kept: number }
  | { readonly code: "part-not-used"; readonly kept: number }
  | { readonly code: "part-over-inputs"; readonly kept: number; readonly output: Estimate }
  | {
      readonly code: "more-than-part";
      readonly kept: number;
      readonly madeG: number;
      readonly keptG: number;
    };

/** What went into one batch, what its lots give, and what it should weigh. */
export type Share = ReconciledBatch & { readonly used: readonly UsedPart[] };

/** What is kept of a part, and which share of all of it that is, 0–1. */
export type KeptShare = Share & { readonly shareOfPart: number };

/** A batch and what stays of its parts, each as a batch of its own: together they use what was used, to the milligram. */
export type SettledMake = { readonly dish: Share; readonly parts: readonly KeptShare[] };

/**
 * Settles a finished make, parts that are kept by themselves apart from it: so much of each of their amounts as was kept of the
 * part goes with it, with its allergens and dates, and the dish has only the rest.
 */
export function settleMake(
  formula: Formula,
  made: { readonly used: readonly UsedPart[]; readonly kept: readonly KeptPart[] },
  from: ReconcileFrom,
): Result<SettledMake, SettleIssue | KeptIssue> {
  const whole = reconcileBatch(formula, made.used, from);
  if (!whole.ok) return whole;
  const settled = (used: readonly UsedPart[]): Result<Share, SettleIssue> => {
    const reconciled = reconcileBatch(formula, used, from);
    return reconciled.ok ? accept({ ...reconciled.value, used }) : reconciled;
  };
  let rest = [...made.used];
  const parts: KeptShare[] = [];
  for (const [index, kept] of made.kept.entries()) {
    const isIn = isOfPart(formula, kept.part);
    const all = settled(rest.filter(isIn));
    const share = shareKept(formula, kept, { index, output: all.ok ? all.value.output : undefined });
    if (!share.ok) return share;
    const [stays, goes] = divided(rest, isIn, share.value);
    const part = settled(goes);
    if (!part.ok) return part;
    parts.push({ ...part.value, shareOfPart: share.value });
    rest = stays;
  }
  const dish = settled(rest);
  return dish.ok ? accept({ dish: dish.value, parts }) : dish;
}

function isOfPart({ lines }: Formula, part: string): (used: UsedPart) => boolean {
  const ids = new Set(lines.filter(({ group }) => group === part).map(({ id }) => id));
  return ({ lineId }) => ids.has(lineId);
}

/** Which share of a part is kept, 0–1. */
function shareKept(
  formula: Formula,
  { part, keptG, weighedG }: KeptPart,
  of: { readonly index: number; readonly output: Estimate | undefined },
): Result<number, KeptIssue> {
  const { index: kept, output } = of;
  if (!partsApart(formula.lines).includes(part)) return refuse({ code: "part-unknown", kept });
  if (!output) return refuse({ code: "part-not-used", kept });
  if (weighedG !== null && !believableOutput(weighedG, output))
    return refuse({ code: "part-over-inputs", kept, output });
  const madeG = weighedG ?? recordedOutput(output);
  return keptG > madeG * (1 + spoonful)
    ? refuse({ code: "more-than-part", kept, madeG, keptG })
    : accept(Math.min(1, keptG / madeG));
}

/** What stays with the dish and what goes with the part: whole milligrams, nothing of it lost. */
function divided(
  used: readonly UsedPart[],
  isIn: (one: UsedPart) => boolean,
  share: number,
): readonly [stays: UsedPart[], goes: UsedPart[]] {
  // Rounded down first, so that two lines of one lot never draw a milligram more than it has.
  const wholeOf = ({ grams }: UsedPart): number => Math.floor(grams * 1000) / 1000;
  const goesOf = (one: UsedPart): number => toMilligram(wholeOf(one) * share);
  const goes = used.filter(isIn).map((one) => ({ ...one, grams: goesOf(one) }));
  const stays = used.map((one) =>
    isIn(one) ? { ...one, grams: toMilligram(wholeOf(one) - goesOf(one)) } : one,
  );
  const isSome = ({ grams }: UsedPart): boolean => grams > 0;
  return [stays.filter(isSome), goes.filter(isSome)];
}

/** What goes into a dish, of which part ("" where none is made apart), and what the dish's cooking makes of it. */
type GoingIn = { readonly part: string; readonly grams: number; readonly inDish: Estimate };

/** What all of a part should weigh. */
export const weightOfPart = (goingIn: readonly GoingIn[], part: string): Estimate =>
  dishWeight(goingIn.filter((one) => one.part === part));

/** What goes into the dish itself, where so much of its parts is kept by themselves; more than there is of one is all of it. */
export const withoutKept = <One extends GoingIn>(goingIn: readonly One[], kept: readonly KeptPart[]): One[] =>
  goingIn.map((one) => {
    const mine = kept.find(({ part }) => part === one.part);
    if (!mine) return one;
    const madeG = mine.weighedG ?? recordedOutput(weightOfPart(goingIn, one.part));
    return { ...one, grams: madeG > 0 ? one.grams * (1 - Math.min(1, mine.keptG / madeG)) : one.grams };
  });
