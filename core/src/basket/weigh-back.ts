import { accept, refuse, toMilligram, type Result } from "../measure/index.ts";

export type PourIssue =
  | { readonly code: "heavier-after"; readonly beforeG: number; readonly afterG: number }
  | { readonly code: "weight-not-positive"; readonly grams: number };

/**
 * What was poured, by the bottle, jar or bowl before and after; its own weight takes itself out. Refuses a vessel
 * that is heavier afterwards or as heavy (nothing was poured), and weights below nothing.
 */
export function pouredOut(beforeG: number, afterG: number): Result<number, PourIssue> {
  if (!(beforeG > 0)) return refuse({ code: "weight-not-positive", grams: beforeG });
  if (!(afterG >= 0)) return refuse({ code: "weight-not-positive", grams: afterG });
  if (afterG >= beforeG) return refuse({ code: "heavier-after", beforeG, afterG });
  return accept(toMilligram(beforeG - afterG));
}
