import type { Match, MatchLimit } from "@apron/contract";
import { showGrams, type Display } from "@apron/core/measure";
import { counted } from "../ui/plural.ts";

const batchWords = (batches: number): string =>
  batches === 0.5 ? "half a batch" : counted(batches, "batch", "batches");

export const servingWords = (match: Pick<Match, "batches" | "servings">): string =>
  `${batchWords(match.batches)}, ${counted(Math.round(match.servings * 10) / 10, "serving")}`;

export const makeLink = (match: Pick<Match, "recipeId" | "batches">): string =>
  `/cook/${match.recipeId}?batches=${match.batches}`;

/** Why no more than this is proposed. */
export function limitWords(limit: MatchLimit, units: Display): string {
  switch (limit.kind) {
    case "stock":
      return `Limited by ${limit.names.join(" and ")}: half a batch more needs another ${showGrams(limit.shortG, units)}.`;
    case "appetite":
      return `More can't be used in time: ${whole(limit.eaten)} eaten, ${whole(limit.frozen)} frozen, ${whole(limit.given)} given away.`;
    case "not-worth-more":
      return "Half a batch more would cost more than it saves.";
  }
}

const whole = (portions: number): string => counted(Math.floor(portions + 1e-6), "portion");
