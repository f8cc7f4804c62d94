import type { UseCases } from "../kit.ts";
import { correctLot, goneOff } from "./change-lot.ts";
import { getLot } from "./get-lot.ts";
import { listLots } from "./list-lots.ts";
import { logLot } from "./log-lot.ts";

export const basketUseCases = { listLots, logLot, getLot, goneOff, correctLot } satisfies UseCases<
  "listLots" | "logLot" | "getLot" | "goneOff" | "correctLot"
>;
