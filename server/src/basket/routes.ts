import type { UseCases } from "../context/request-context.ts";
import { addBed, changeBed, listBeds } from "./beds.ts";
import { correctLot, goneOff, removeFromLot, weighBack } from "./change-lot.ts";
import { getLot } from "./get-lot.ts";
import { listLots } from "./list-lots.ts";
import { logIntake } from "./log-intake.ts";
import { logLot } from "./log-lot.ts";
import { labelLot, moveLot, refreshLot } from "./move-lot.ts";
import { openPortion, freezeLot, splitLot } from "./part-lot.ts";
import { undoEntry, undoIntake } from "./undo.ts";

export const basketUseCases = {
  listLots,
  logLot,
  getLot,
  goneOff,
  correctLot,
  removeFromLot,
  weighBack,
  splitLot,
  freezeLot,
  openPortion,
  moveLot,
  refreshLot,
  labelLot,
  undoEntry,
  logIntake,
  undoIntake,
  listBeds,
  addBed,
  changeBed,
} satisfies UseCases<
  | "listLots"
  | "logLot"
  | "getLot"
  | "goneOff"
  | "correctLot"
  | "removeFromLot"
  | "weighBack"
  | "splitLot"
  | "freezeLot"
  | "openPortion"
  | "moveLot"
  | "refreshLot"
  | "labelLot"
  | "undoEntry"
  | "logIntake"
  | "undoIntake"
  | "listBeds"
  | "addBed"
  | "changeBed"
>;
