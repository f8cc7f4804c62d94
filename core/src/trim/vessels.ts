import { accept, refuse, toMilligram, type Result } from "../measure/index.ts";

/** One bowl or board on the scale: what the scale shows with it, and the vessel empty. Grams. */
export type Vessel = { readonly grossG: number; readonly tareG: number };

export type VesselIssue =
  | {
      readonly code: "tare-over-gross";
      readonly grossG: number;
      readonly tareG: number;
      readonly vessel: number;
    }
  | { readonly code: "weight-not-positive"; readonly grams: number };

/** Net grams in several vessels. Refuses a vessel that is heavier empty than full, naming which (1 is the first). */
export function netOf(vessels: readonly Vessel[]): Result<number, VesselIssue> {
  for (const [i, { grossG, tareG }] of vessels.entries()) {
    if (!(grossG > 0)) return refuse({ code: "weight-not-positive", grams: grossG });
    if (!(tareG >= 0)) return refuse({ code: "weight-not-positive", grams: tareG });
    if (tareG >= grossG) return refuse({ code: "tare-over-gross", grossG, tareG, vessel: i + 1 });
  }
  return accept(toMilligram(vessels.reduce((total, v) => total + v.grossG - v.tareG, 0)));
}
