export { suggestParts } from "./by-products.ts";
export {
  yieldChain,
  includesHeat,
  type Chained,
  type ChainIssue,
  type ChainStage,
  type ChainStep,
} from "./yield-chain.ts";
export { closeBalance, type BalanceIssue, type ClosedTrim, type TrimPart } from "./close-balance.ts";
export {
  compareBuys,
  usableFrom,
  wholeUnits,
  type Buy,
  type ComparedBuy,
  type Comparison,
} from "./compare-buys.ts";
export {
  concentration,
  massRetention,
  massAtWater,
  waterAfter,
  type CookingIssue,
  type TrayWeighing,
} from "./cooking-change.ts";
export { expectedTrim, type ExpectedTrim } from "./expected-trim.ts";
export { judgeWeighing, type WeighingIssue, type WeighingVerdict } from "./judge-weighing.ts";
export {
  hasJuices,
  kitchenYield,
  type Juices,
  type KitchenYield,
  type OwnWeighing,
} from "./kitchen-yield.ts";
export {
  learnYield,
  predictNext,
  priorOf,
  secondsPrior,
  type HandbookYield,
  type YieldPosterior,
} from "./learn-yield.ts";
export { ingredientOfPart, partUses, isForEating, useOfPart, type PartUse } from "./parts.ts";
export { costPerUsable100g, planPurchase, type PurchasePlan } from "./plan-purchase.ts";
export { contentMeasureOf, wholeMeasureOf } from "./whole-measure.ts";
export { netOf, type Vessel, type VesselIssue } from "./vessels.ts";
export {
  diceForTheSlowest,
  sizesForSameTime,
  pieceMm,
  timeForSize,
  wholeMm,
  type Heat,
  type OnTray,
  type SizedTime,
  type SizeIssue,
} from "./time-by-size.ts";
