import type { ScaleReading } from "@apron/contract";

export type ScaleKey = "tare" | "hold" | "unit" | "wake" | "unplug" | "plug";

/**
 * A kitchen scale as the program sees one: what it shows at a moment, what is laid on it and which key is pressed.
 * A real scale would fill the same three; the simulated one stands in for it.
 */
export type ScaleDevice<State> = {
  readonly rest: State;
  readonly read: (state: State, now: Date) => ScaleReading;
  readonly pile: (state: State, grams: number, now: Date) => State;
  readonly press: (state: State, key: ScaleKey, now: Date) => State;
};
