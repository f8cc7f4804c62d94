import type { UseCases } from "../context/request-context.ts";
import { readPriceBoard } from "./read-price-board.ts";
import { pressScale, readScale, simulateLoad } from "./scale-use-cases.ts";

export const deviceUseCases = { readScale, simulateLoad, pressScale, readPriceBoard } satisfies UseCases<
  "readScale" | "simulateLoad" | "pressScale" | "readPriceBoard"
>;
