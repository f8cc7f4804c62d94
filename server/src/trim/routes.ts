import type { UseCases } from "../kit.ts";
import { recordTrim } from "./record-trim.ts";
import { planPurchase, trimOptions } from "./trim-options.ts";

export const trimUseCases = { trimOptions, recordTrim, planPurchase } satisfies UseCases<
  "trimOptions" | "recordTrim" | "planPurchase"
>;
