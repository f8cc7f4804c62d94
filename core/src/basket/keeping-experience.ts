/** One lot of this kitchen that went off while it was still whole: days after it came in. */
export type Spoilage = { readonly ingredient: string; readonly place: string; readonly days: number };

/** Days a whole ingredient really keeps here, by "ingredient place": only what has spoiled often enough is in it. */
export type KeepingExperience = Readonly<Record<string, number>>;

const keyOf = (ingredient: string, place: string): string => `${ingredient} ${place}`;

/** Days an ingredient really keeps here in a place; undefined until enough of it has spoiled. */
export const experiencedDays = (
  experience: KeepingExperience,
  ingredient: string,
  place: string,
): number | undefined => experience[keyOf(ingredient, place)];

/** Fewest spoiled lots before the kitchen's own days count. */
const fewestLots = 3;
/** Only the latest count: a new fridge is a new fridge. */
const latestLots = 10;

/**
 * What this kitchen has seen go off, as days per ingredient and place: the median of the last ten lots, once there
 * are three. Oldest first. It is only ever used to shorten a storage table's days, never a safety limit.
 */
export function learnKeeping(seen: readonly Spoilage[]): KeepingExperience {
  const days = new Map<string, number[]>();
  for (const one of seen) {
    const key = keyOf(one.ingredient, one.place);
    days.set(key, [...(days.get(key) ?? []), one.days].slice(-latestLots));
  }
  const known = [...days].filter(([, seenDays]) => seenDays.length >= fewestLots);
  return Object.fromEntries(known.map(([key, seenDays]) => [key, medianOf(seenDays)]));
}

/** The middle of some days; of two middles the shorter. */
const medianOf = (days: readonly number[]): number =>
  [...days].sort((a, b) => a - b)[Math.floor((days.length - 1) / 2)] ?? 0;
