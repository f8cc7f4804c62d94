export { onHand } from "./balance.ts";
export { effectOnStock, type Entry, type EntryKind } from "./entry.ts";
export { freshness, lastDayOnceTrimmed, type Freshness } from "./freshness.ts";
export { comesReady } from "./lot.ts";
export type { AgeingLot, Grade, LotState, SourceKind } from "./lot.ts";
export { urgency, useFirstBand, useFirstOrder, type UseFirstBand } from "./use-first.ts";
export { foragingCautions, mayBeForaged } from "./foraging.ts";
