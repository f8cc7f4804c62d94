import type { HeldBack } from "../recipes/index.ts";

/** Where a cook stands who pours to taste: grams in, the next mark on the way, and how far it is. */
export type Pouring = {
  readonly pouredG: number;
  /** `start`: what to begin with; `step`: taste, then go on to the next mark; `most`: stop there; `over`: past it. */
  readonly stage: "start" | "step" | "most" | "over";
  readonly nextG: number;
  /** Grams to the next mark; below 0 once it is past the most. */
  readonly toGoG: number;
};

/** A gram more or less is the hand, not the wish: a mark that near counts as reached. */
const nearG = 0.5;

/**
 * Marks of a hold-back line while it is poured: what to begin with, then step by step (> 0), never past the most. `pouredG` is
 * what the scale says is in, grams; what was taken out again may make it negative, which counts as nothing.
 */
export function pouring(pouredG: number, { startG, stepG, mostG }: HeldBack): Pouring {
  const inG = Math.max(0, pouredG);
  const at = (stage: Pouring["stage"], nextG: number): Pouring => ({
    ...{ pouredG: inG, stage, nextG, toGoG: nextG - inG },
  });
  if (inG > mostG + nearG) return at("over", mostG);
  if (inG < startG - nearG) return at("start", startG);
  const steps = Math.floor((inG - startG + nearG) / stepG) + 1;
  const next = startG + steps * stepG;
  return next >= mostG - nearG ? at("most", mostG) : at("step", next);
}
