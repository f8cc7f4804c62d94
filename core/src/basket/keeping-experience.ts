/** One lot of this kitchen that went off while it was still whole: days after it came in. */
export type WentOff = { readonly ingredient: string; readonly place: string; readonly days: number };

/** Days a whole ingredient really keeps here in a place; undefined until enough of it has gone off. */
export type KeepingExperience = (ingredient: string, place: string) => number | undefined;

/** Fewest lots gone off before the kitchen's own days count. */
const fewestLots = 3;
/** Only the latest count: a new fridge is a new fridge. */
const latestLots = 10;

/**
 * What this kitchen has seen go off, as days per ingredient and place: the median of the last ten lots, once there
 * are three. Oldest first. It is only ever used to shorten a storage table's days, never a safety limit.
 */
export function learnKeeping(seen: readonly WentOff[]): KeepingExperience {
  const days = new Map<string, number[]>();
  for (const one of seen) {
    const key = `${one.ingredient} ${one.place}`;
    days.set(key, [...(days.get(key) ?? []), one.days].slice(-latestLots));
  }
  return (ingredient, place) => {
    const own = [...(days.get(`${ingredient} ${place}`) ?? [])].sort((a, b) => a - b);
    return own.length < fewestLots ? undefined : own[Math.floor((own.length - 1) / 2)];
  };
}
