import type { Match, MatchLimit } from "@apron/contract";
import { showGrams, trimmedDecimals, type Display } from "@apron/core/measure";

const batchWords = (batches: number): string =>
  batches === 1 ? "1 batch" : batches === 0.5 ? "half a batch" : `${trimmedDecimals(batches, 2)} batches`;

export const servingWords = (match: Pick<Match, "batches" | "servings">): string =>
  `${batchWords(match.batches)}, ${trimmedDecimals(match.servings, 1)} servings`;

export const makeLink = (match: Pick<Match, "recipeId" | "batches">): string =>
  `/cook/${match.recipeId}?batches=${match.batches}`;

/** Why no more than this is proposed. */
export function limitWords(limit: MatchLimit, units: Display): string {
  switch (limit.kind) {
    case "stock":
      return `The ${limit.names.join(" and ")} sets the limit: half a batch more needs another ${showGrams(limit.shortG, units)}.`;
    case "appetite":
      return `No more can be eaten (${whole(limit.eaten)}), frozen (${whole(limit.frozen)}) or given (${whole(limit.given)}) in time.`;
    case "not-worth-more":
      return "Another half batch would rescue less than it costs.";
  }
}

const whole = (portions: number): string => `${Math.floor(portions + 1e-6)} portions`;
