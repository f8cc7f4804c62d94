import type { Recipe } from "@apron/contract";
import { showGrams, type Display } from "@apron/core/measure";

type Pieces = Recipe["pieces"][string];

/** "yours weigh 640 g", "about 230 g": what the pieces on the counter weigh together. */
function piecesWeight({ count, grams, isWeighed }: Pieces, display: Display): string {
  const weight = showGrams(grams, display);
  if (!isWeighed) return `about ${weight}`;
  return `yours ${count === 1 ? "weighs" : "weigh"} ${weight}`;
}

/** "2 aubergines, yours weigh 640 g", "2 lemons, about 230 g". */
export const piecesWords = (pieces: Pieces, display: Display): string =>
  `${pieces.count} ${pieces.name}, ${piecesWeight(pieces, display)}`;

/** "yours weigh 640 g, 486 g of it goes in": what of the pieces is used, where that is not all. */
export function goesIn({ grams }: { readonly grams: number }, pieces: Pieces, display: Display): string {
  const weight = piecesWeight(pieces, display);
  const isAll = showGrams(grams, display) === showGrams(pieces.grams, display);
  return isAll ? weight : `${weight}, ${showGrams(grams, display)} of it goes in`;
}
