export { asVinegarMl, equivalentsIn, gramsPerEquivalent } from "./acid.ts";
export {
  composeDressing,
  wishAt,
  type ComposedDressing,
  type ComposeIssue,
  type DressingAsked,
  type DressingWish,
} from "./compose-dressing.ts";
export { correctDressing, type Correction, type CorrectIssue } from "./correct-dressing.ts";
export type { DressingTargets } from "./dressing-targets.ts";
export {
  dressingFor,
  jarsThatCount,
  leftInJar,
  rateByJar,
  type DressingRate,
  type JarIssue,
} from "./dressing-rate.ts";
export { mixingOrder } from "./mixing-order.ts";
export {
  closestPacking,
  dressingRoles,
  readDressing,
  defaultRole,
  type DressingFigures,
  type DressingIssue,
  type DressingPart,
  type DressingRole,
} from "./read-dressing.ts";
export {
  aimOf,
  bandsAround,
  bandsOf,
  effectiveBand,
  positionInBand,
  type DressingStyle,
  type OwnTargets,
  type PositionInBand,
  type RatioMeaning,
} from "./dressing-style.ts";
export { dressingRates } from "./tables/rates.ts";
export { dressingStyles } from "./tables/dressing-styles.ts";
