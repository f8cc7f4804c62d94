import type { UseCases } from "../context/request-context.ts";
import { getLabel } from "./get-label.ts";
import { listLarder } from "./list-larder.ts";
import { undoWithdrawal, withdraw } from "./withdraw.ts";

export const larderUseCases = { listLarder, withdraw, undoWithdrawal, getLabel } satisfies UseCases<
  "listLarder" | "withdraw" | "undoWithdrawal" | "getLabel"
>;
