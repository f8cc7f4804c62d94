import { newId } from "../client/new-id.ts";
import { typedGrams } from "../ui/typed-grams.ts";

/** One bowl or board as it is weighed: full, and empty. */
export type VesselDraft = { readonly id: string; gross: string; tare: string };

export const emptyVessel = (): VesselDraft => ({ id: newId(), gross: "", tare: "" });

/** The vessels that are weighed full; one without a tare stands on a tared scale. */
export const weighedVessels = (drafts: readonly VesselDraft[]): { grossG: number; tareG: number }[] =>
  drafts.flatMap(({ gross, tare }) => {
    const grossG = typedGrams(gross);
    const tareG = tare.trim() === "" ? 0 : typedGrams(tare);
    return grossG === undefined || tareG === undefined ? [] : [{ grossG, tareG }];
  });
