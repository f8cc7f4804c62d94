import type { UseCases } from "../context/request-context.ts";
import { addBed, changeBed, listBeds } from "./beds.ts";
import { correctLot, goneOff, takeFromLot, weighBack } from "./change-lot.ts";
import { getLot } from "./get-lot.ts";
import { exportLots, importLots } from "../exchange/lots-file.ts";
import { listLots } from "./list-lots.ts";
import { logIntake } from "./log-intake.ts";
import { logLot } from "./log-lot.ts";
import { labelLot, moveLot, refreshLot } from "./move-lot.ts";
import { cutLot, freezeLot, splitLot } from "./part-lot.ts";
import { undoEntry, undoIntake } from "./undo.ts";

export const basketUseCases = {
  listLots,
  logLot,
  getLot,
  goneOff,
  correctLot,
  takeFromLot,
  weighBack,
  splitLot,
  freezeLot,
  cutLot,
  moveLot,
  refreshLot,
  labelLot,
  undoEntry,
  logIntake,
  undoIntake,
  importLots,
  exportLots,
  listBeds,
  addBed,
  changeBed,
} satisfies UseCases<
  | "listLots"
  | "logLot"
  | "getLot"
  | "goneOff"
  | "correctLot"
  | "takeFromLot"
  | "weighBack"
  | "splitLot"
  | "freezeLot"
  | "cutLot"
  | "moveLot"
  | "refreshLot"
  | "labelLot"
  | "undoEntry"
  | "logIntake"
  | "undoIntake"
  | "importLots"
  | "exportLots"
  | "listBeds"
  | "addBed"
  | "changeBed"
>;
