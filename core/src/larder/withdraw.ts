import { accept, refuse, type Day, type Result } from "../measure/index.ts";

type Stored = { readonly useBy: Day; readonly madeOn: Day; readonly remainingG: number };

/** First expiring, first out; then the older batch; then the one already begun. */
export const compareByExpiry = (a: Stored, b: Stored): number =>
  compare(a.useBy, b.useBy) || compare(a.madeOn, b.madeOn) || a.remainingG - b.remainingG;

const compare = (a: string, b: string): number => (a === b ? 0 : a < b ? -1 : 1);

export type WithdrawIssue =
  { readonly code: "container-empty" } | { readonly code: "past-use-by"; readonly useBy: Day };

/** A last mouthful under half a portion goes with the portion before it. */
const crumbOfPortion = 0.5;

/**
 * Grams of one portion out of a container: a portion, or all that is left when less than one and a half are.
 * Food past a safety date is not taken out to be eaten, only thrown away.
 */
export function takePortion(
  stored: {
    readonly remainingG: number;
    readonly portionG: number;
    readonly useBy: Day;
    readonly limit: string;
  },
  today: Day,
): Result<number, WithdrawIssue> {
  if (!(stored.remainingG > 0)) return refuse({ code: "container-empty" });
  if (stored.limit === "safety" && today > stored.useBy)
    return refuse({ code: "past-use-by", useBy: stored.useBy });
  const leftover = stored.remainingG - stored.portionG;
  return accept(leftover < stored.portionG * crumbOfPortion ? stored.remainingG : stored.portionG);
}
