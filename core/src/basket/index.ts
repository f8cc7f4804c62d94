export { onHand } from "./balance.ts";
export { bedStates, nextHarvest, type BedState, type NextPicking, type Harvest } from "./bed.ts";
export { effectOnStock, entryKinds, undoMode, type Entry, type EntryKind } from "./entry.ts";
export { foragingCautions, mayBeForaged } from "./foraging.ts";
export { keepsInCloth } from "./damp-cloth.ts";
export { formOfLot, isUntrimmed } from "./lot-form.ts";
export { freshness, lastDayOnceTrimmed, moveClock, type Freshness } from "./freshness.ts";
export {
  experiencedDays,
  learnKeeping,
  type KeepingExperience,
  type Spoilage,
} from "./keeping-experience.ts";
export { freezesWhole } from "./freezes-whole.ts";
export { defaultPlace } from "./default-place.ts";
export { oldestLotDays, sourceKinds } from "./lot.ts";
export type { AgeingLot, Grade, LotState, MovedClock, SourceKind } from "./lot.ts";
export {
  priceBases,
  priceInLine,
  priceOfLot,
  sharePriceOfRest,
  sharePrice,
  type Price,
  type PriceBasis,
} from "./price.ts";
export {
  conditions,
  gradeOfPart,
  methodsFor,
  splitLot,
  type Condition,
  type SplitIssue,
  type SplitPart,
} from "./split-lot.ts";
export { urgency, useFirstBand, useFirstOrder, type UseFirstBand } from "./use-first.ts";
export { pouredOut, type PourIssue } from "./weigh-back.ts";
export { labelSalt, saltFromSodium, saltPer100g } from "./label-salt.ts";
