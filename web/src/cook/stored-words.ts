import type { BatchMade, Container } from "@apron/contract";
import { showGrams, type Display } from "@apron/core/measure";
import { showDay } from "../ui/dates.ts";

/** "2 × 200 ml jar": containers by their kind. */
function heldIn(containers: readonly Container[]): string {
  const names = containers.map(({ containerName }) => containerName);
  return [...new Set(names)]
    .map((name) => `${names.filter((one) => one === name).length} × ${name}`)
    .join(", ");
}

const dated = ([first]: readonly Container[]): string => (first ? `, use by ${showDay(first.useBy)}` : "");

/** What became of a make: where the dish is and until when, and what is kept by itself of its parts. */
export function storedWords(made: BatchMade, display: Display): string {
  const { containers, apart } = made;
  const what = `${showGrams(made.outputG - made.eatenG, display)} ${made.name}`;
  const dish =
    containers.length > 0
      ? `Stored ${what} in ${heldIn(containers)}${dated(containers)}.`
      : `${showGrams(made.outputG, display)} ${made.name} made and eaten.`;
  const parts = [...new Set(apart.map(({ name }) => name))].map((name) => {
    const mine = apart.filter((one) => one.name === name);
    const grams = mine.reduce((sum, { startG }) => sum + startG, 0);
    return `Kept by itself: ${showGrams(grams, display)} ${name} in ${heldIn(mine)}${dated(mine)}.`;
  });
  return [dish, ...parts].join(" ");
}
