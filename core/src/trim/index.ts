export { suggestParts } from "./by-products.ts";
export { closeBalance, type BalanceIssue, type ClosedTrim, type TrimPart } from "./close-balance.ts";
export { expectedTrim, type ExpectedTrim } from "./expected-trim.ts";
export { judgeWeighing, type WeighingIssue, type WeighingVerdict } from "./judge-weighing.ts";
export { kitchenYield, type KitchenYield, type OwnWeighing } from "./kitchen-yield.ts";
export {
  learnYield,
  predictNext,
  priorOf,
  secondsPrior,
  type HandbookYield,
  type YieldPosterior,
} from "./learn-yield.ts";
export { costPerUsable100g, planPurchase, type PurchasePlan } from "./plan-purchase.ts";
