import type { ScaleReading } from "@apron/contract";
import { gramsPerOunce, showGrams, trimmedDecimals } from "@apron/core/measure";
import type { ScaleDevice, ScaleKey } from "./scale.ts";
import type { ScaleRecord } from "../context/ports/scale.store.ts";

const stepG = 1;
const capacityG = 10_000;
/** The display follows a change with this time constant and calls itself stable after `stableAfterMs`. */
const settlingMs = 250;
const stableAfterMs = 1200;
const noiseG = 3;
/** A load cell creeps under a load: a gram in so many minutes, this much at most. */
const creepMinutesPerG = 5;
const mostCreepG = 3;
const offAfterMs = 5 * 60 * 1000;

const emptyScale: ScaleRecord = {
  pileG: 0,
  tareG: 0,
  previousG: 0,
  changedAt: new Date(0),
  unit: "g",
  heldG: null,
  plugged: true,
  usedAt: new Date(0),
};

const since = (then: Date, now: Date): number => Math.max(0, now.getTime() - then.getTime());

/** Grams on the load cell: swinging from the old pile to the new one, trembling while it settles, then creeping. */
function sensed(scale: ScaleRecord, now: Date): number {
  const sinceMs = since(scale.changedAt, now);
  const swing = (scale.previousG - scale.pileG) * Math.exp(-sinceMs / settlingMs);
  const tremble = noiseG * Math.sin(sinceMs / 37);
  if (sinceMs < stableAfterMs) return scale.pileG + swing + tremble;
  const creep = Math.min(mostCreepG, sinceMs / 60_000 / creepMinutesPerG);
  return scale.pileG > 0 ? scale.pileG + creep : 0;
}

const display = (grams: number, unit: ScaleRecord["unit"]): string =>
  unit === "g" ? showGrams(grams) : `${trimmedDecimals(Math.round((grams / gramsPerOunce) * 20) / 20, 2)} oz`;

/**
 * What a kitchen scale would show now. It rounds to its step, calls overload above its capacity, keeps a held
 * reading, and switches itself off when nobody has touched it for five minutes.
 */
function read(scale: ScaleRecord, now: Date): ScaleReading {
  const off = since(scale.usedAt, now) >= offAfterMs;
  const settled = since(scale.changedAt, now) >= stableAfterMs;
  const overload = scale.pileG > capacityG;
  const live = Math.round((sensed(scale, now) - scale.tareG) / stepG) * stepG;
  const grams = scale.heldG ?? live;
  const answers = scale.plugged && !off;
  return {
    grams: answers ? grams : 0,
    unit: scale.unit,
    shown: answers ? display(grams, scale.unit) : "",
    stable: answers && !overload && (settled || scale.heldG !== null),
    overload: answers && overload,
    held: scale.heldG !== null,
    off,
    plugged: scale.plugged,
    stepG,
    capacityG,
    pileG: scale.pileG,
    tareG: scale.tareG,
  };
}

const press = (scale: ScaleRecord, key: ScaleKey, now: Date): ScaleRecord => {
  const used = { ...scale, usedAt: now };
  switch (key) {
    case "tare":
      return { ...used, tareG: scale.pileG, heldG: null };
    case "hold": {
      const shown = read(used, now);
      return { ...used, heldG: scale.heldG === null && shown.stable ? shown.grams : null };
    }
    case "unit":
      return { ...used, unit: scale.unit === "g" ? "oz" : "g" };
    case "wake":
      return used;
    case "unplug":
      return { ...used, plugged: false, heldG: null };
    case "plug":
      return { ...used, plugged: true };
  }
};

/** The scale that ships with the program. */
export const simulatedScale: ScaleDevice<ScaleRecord> = {
  rest: emptyScale,
  read,
  pile: (scale, grams, now) => ({
    ...scale,
    pileG: grams,
    previousG: scale.pileG,
    changedAt: now,
    usedAt: now,
  }),
  press,
};
