import type { Demand, Filling } from "./demand.ts";
import { isStrong, type AllowedFiller } from "./slots.ts";

/** What stock does not cover: from the staples on the shelf, or to be bought. */
export type TopUp = {
  readonly lineId: string;
  readonly ingredient: string;
  readonly grams: number;
  readonly from: "staple" | "buy";
};

/** Less than this is a crumb, not a shopping line. */
const minLineG = 0.05;

/**
 * What whole grams of stock may lack of a line without anything being bought: a gram and a half, and a hundredth of the
 * line at most. It is lost in the scale's rounding.
 */
export const roundingG = (demand: Demand): number => Math.max(minLineG, Math.min(1.5, demand.grams * 0.01));

/** Grams of line still open, in all, of the strong ones, and what each filler takes already. */
type Room = { line: number; strong: number; readonly taken: Map<string, number> };

function roomOf(demand: Demand, fillings: readonly Filling[]): Room {
  const mine = fillings.filter((f) => f.lineId === demand.lineId);
  const taken = new Map<string, number>();
  for (const { ingredient, gramsPerGram } of demand.fillers) {
    const grams = mine.filter((f) => f.ingredient === ingredient).reduce((g, f) => g + f.grams, 0);
    taken.set(ingredient, grams / gramsPerGram);
  }
  const sumOf = (whose: (f: AllowedFiller) => boolean): number =>
    demand.fillers.filter(whose).reduce((total, f) => total + (taken.get(f.ingredient) ?? 0), 0);
  const strong = demand.grams * demand.maxStrongHerbShare - sumOf((f) => isStrong(f.facts));
  return { line: demand.grams - sumOf(() => true), strong, taken };
}

/** Takes up to `upTo` grams of line of a filler, as far as the room goes. */
function take(room: Room, filler: AllowedFiller, upTo: number): number {
  const before = room.taken.get(filler.ingredient) ?? 0;
  const strong = isStrong(filler.facts);
  const grams = Math.max(0, Math.min(room.line, upTo - before, strong ? room.strong : Infinity));
  room.line -= grams;
  if (strong) room.strong -= grams;
  room.taken.set(filler.ingredient, before + grams);
  return grams;
}

/**
 * Fills what is left of one line: floors first, then from staples, then by buying, each filler within its own cap and
 * the strong-herb cap. Returns nothing when the line is already full. Nothing is bought for an optional line.
 */
export function topUpLine(
  demand: Demand,
  fillings: readonly Filling[],
  isStaple: (ingredient: string) => boolean,
): TopUp[] {
  const room = roomOf(demand, fillings);
  const wanted = demand.fillers.filter((f) => !demand.optional || isStaple(f.ingredient));
  const staplesFirst = [...wanted].sort(
    (a, b) => Number(isStaple(b.ingredient)) - Number(isStaple(a.ingredient)),
  );
  const added = new Map<string, number>();
  for (const share of ["minShare", "maxShare"] as const)
    for (const filler of staplesFirst) {
      const grams = take(room, filler, demand.grams * filler[share]);
      added.set(filler.ingredient, (added.get(filler.ingredient) ?? 0) + grams);
    }
  const isBegun = fillings.some((f) => f.lineId === demand.lineId);
  const leastBought = isBegun ? roundingG(demand) : minLineG;
  return staplesFirst.flatMap(({ ingredient, gramsPerGram }) => {
    const grams = (added.get(ingredient) ?? 0) * gramsPerGram;
    const from = isStaple(ingredient) ? "staple" : "buy";
    const least = from === "buy" ? leastBought : minLineG;
    return grams > least ? [{ lineId: demand.lineId, ingredient, grams, from } as const] : [];
  });
}
