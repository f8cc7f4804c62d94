export { asVinegarMl, equivalentsIn, gramsPerEquivalent } from "./acid.ts";
export {
  composeDressing,
  wishAt,
  type ComposedDressing,
  type ComposeIssue,
  type DressingAsked,
  type DressingWish,
} from "./compose-dressing.ts";
export {
  correctDressing,
  type Correction,
  type CorrectIssue,
  type DressingTargets,
} from "./correct-dressing.ts";
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
  usualRole,
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
  standing,
  type School,
  type Standing,
} from "./school.ts";
export { dressingRates } from "./tables/rates.ts";
export { schools } from "./tables/schools.ts";
