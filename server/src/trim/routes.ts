import type { UseCases } from "../context/request-context.ts";
import { compareBuys, planPurchase } from "./plan-purchase.ts";
import { recordTrim } from "./record-trim.ts";
import { trimOptions } from "./trim-options.ts";
import { withdrawTrim } from "./withdraw-trim.ts";
import { chainYields, weighTray } from "./yield-chain.ts";

export const trimUseCases = {
  trimOptions,
  recordTrim,
  withdrawTrim,
  planPurchase,
  compareBuys,
  chainYields,
  weighTray,
} satisfies UseCases<
  "trimOptions" | "recordTrim" | "withdrawTrim" | "planPurchase" | "compareBuys" | "chainYields" | "weighTray"
>;
