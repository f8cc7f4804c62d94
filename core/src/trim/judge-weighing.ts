import { accept, refuse, type Result } from "../measure/index.ts";
import { predictNext, type HandbookYield, type YieldPosterior } from "./learn-yield.ts";

export type WeighingIssue =
  | { readonly code: "usable-over-raw"; readonly usableG: number; readonly rawG: number }
  | { readonly code: "weight-not-positive"; readonly grams: number };

/** `ask`: outside anything expected, so the cook confirms first. `learn`: it moves the estimate. */
export type WeighingVerdict = {
  readonly fraction: number;
  readonly ask: "outside-99" | "far-from-handbook" | null;
  readonly learn: boolean;
};

/** A lot under this many scale steps is too light to learn from. */
const fewestScaleSteps = 20;
const trustedAfter = 3;

type Weighed = {
  readonly rawG: number;
  readonly usableG: number;
  readonly scaleStepG: number;
  /** What was left of something cut: it says nothing of whole ones. */
  readonly isRemainder?: boolean;
};
type Believed = { readonly posterior: YieldPosterior; readonly handbook: HandbookYield };

/**
 * Judges one trim before it counts. More out than in is refused for dry methods. Asks when it lies outside
 * the 99 % predictive interval, or, until three are accepted, farther from the handbook mean than twice the
 * handbook half-range on the transformed scale.
 */
export function judgeWeighing(weighed: Weighed, believed: Believed): Result<WeighingVerdict, WeighingIssue> {
  const { rawG, usableG, scaleStepG } = weighed;
  if (!(rawG > 0)) return refuse({ code: "weight-not-positive", grams: rawG });
  if (!(usableG > 0)) return refuse({ code: "weight-not-positive", grams: usableG });
  const takesUpWater = believed.handbook.high > 1;
  if (usableG > rawG && !takesUpWater) return refuse({ code: "usable-over-raw", usableG, rawG });
  const fraction = usableG / rawG;
  return accept({
    fraction,
    ask: questionOf(fraction, believed),
    learn: !weighed.isRemainder && rawG >= fewestScaleSteps * scaleStepG,
  });
}

function questionOf(fraction: number, { posterior, handbook }: Believed): WeighingVerdict["ask"] {
  const wide = predictNext(posterior, 0.99);
  if (fraction < wide.low || fraction > wide.high) return "outside-99";
  const { to } = posterior.scale;
  const halfRange = (to(handbook.high) - to(handbook.low)) / 2;
  const far = Math.abs(to(fraction) - to(handbook.mean)) > 2 * halfRange;
  return posterior.weighings < trustedAfter && far ? "far-from-handbook" : null;
}
