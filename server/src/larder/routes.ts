import type { UseCases } from "../context/request-context.ts";
import { changeBatchNotes, compareBatches, getBatch, listBatches, setBatchPhoto } from "./batches.ts";
import { getLabel } from "./get-label.ts";
import { listLarder } from "./list-larder.ts";
import { undoBatch } from "./undo-batch.ts";
import { undoWithdrawal, withdraw } from "./withdraw.ts";

export const larderUseCases = {
  listLarder,
  withdraw,
  undoWithdrawal,
  getLabel,
  listBatches,
  getBatch,
  compareBatches,
  changeBatchNotes,
  setBatchPhoto,
  undoBatch,
} satisfies UseCases<
  | "listLarder"
  | "withdraw"
  | "undoWithdrawal"
  | "getLabel"
  | "listBatches"
  | "getBatch"
  | "compareBatches"
  | "changeBatchNotes"
  | "setBatchPhoto"
  | "undoBatch"
>;
