import type { ScaleReading } from "@apron/contract";
import type { ScaleRecord } from "./store.ts";

const stepG = 1;
const capacityG = 10_000;
/** The display follows a change with this time constant and calls itself stable after `stableAfterMs`. */
const settlingMs = 250;
const stableAfterMs = 1200;
const noiseG = 3;

export const emptyScale: ScaleRecord = { pileG: 0, tareG: 0, wasG: 0, changedAt: new Date(0) };

/**
 * What a kitchen scale would show now: it swings from the old pile to the new one, trembles while it settles,
 * rounds to its step and calls overload above its capacity. Stands in for a real scale.
 */
export function readScaleAt(scale: ScaleRecord, now: Date): ScaleReading {
  const sinceMs = Math.max(0, now.getTime() - scale.changedAt.getTime());
  const stable = sinceMs >= stableAfterMs;
  const swing = (scale.wasG - scale.pileG) * Math.exp(-sinceMs / settlingMs);
  const tremble = stable ? 0 : noiseG * Math.sin(sinceMs / 37);
  const shown = stable ? scale.pileG : scale.pileG + swing + tremble;
  const overload = scale.pileG > capacityG;
  return {
    grams: Math.round((shown - scale.tareG) / stepG) * stepG,
    stable: stable && !overload,
    overload,
    stepG,
    capacityG,
    pileG: scale.pileG,
    tareG: scale.tareG,
  };
}
