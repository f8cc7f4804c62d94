import type { UseCases } from "../context/request-context.ts";
import { compareBuys, planPurchase } from "./plan-purchase.ts";
import { prepareLots, withdrawTrims } from "./prepare-lots.ts";
import { recordTrim } from "./record-trim.ts";
import { trimOptions } from "./trim-options.ts";
import { withdrawTrim } from "./withdraw-trim.ts";
import { chainYields, weighTray } from "./yield-chain.ts";

export const trimUseCases = {
  trimOptions,
  recordTrim,
  withdrawTrim,
  prepareLots,
  withdrawTrims,
  planPurchase,
  compareBuys,
  chainYields,
  weighTray,
} satisfies UseCases<
  | "trimOptions"
  | "recordTrim"
  | "withdrawTrim"
  | "prepareLots"
  | "withdrawTrims"
  | "planPurchase"
  | "compareBuys"
  | "chainYields"
  | "weighTray"
>;
