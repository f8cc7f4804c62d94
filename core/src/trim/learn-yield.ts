import type { Estimate } from "../measure/index.ts";
import { studentReach, type IntervalShare } from "./student-t.ts";
import { yieldScale, type YieldScale } from "./yield-scale.ts";

/** Handbook yield: mean with the range kitchens differ over (90 %). */
export type HandbookYield = { readonly mean: number; readonly low: number; readonly high: number };

/** Normal–inverse-gamma posterior of the transformed yield (Gelman et al., BDA3 §3.3). */
export type YieldPosterior = {
  readonly scale: YieldScale;
  readonly kappa: number;
  readonly nu: number;
  readonly mu: number;
  /** Within-kitchen standard deviation on the transformed scale. */
  readonly sigma: number;
  readonly weighings: number;
};

const kappa0 = 0.25;
const nu0 = 4;
/** σ_w = 0.3451 σ₀ makes the predictive 90 % range before any weighing the handbook range. */
const withinShare = 0.3451;
const normal95 = 1.645;
/** Plants bolt and knives change: only the latest count. */
const latestWeighings = 20;
/** Seconds vary more than prime; used while they have no weighings of their own. A judgement. */
const secondsWidening = 1.5;

/** What is believed before any weighing. */
export function priorOf(handbook: HandbookYield): YieldPosterior {
  const scale = yieldScale(handbook.high);
  const spread = (scale.to(handbook.high) - scale.to(handbook.low)) / (2 * normal95);
  return {
    scale,
    kappa: kappa0,
    nu: nu0,
    mu: scale.to(handbook.mean),
    sigma: withinShare * spread,
    weighings: 0,
  };
}

/**
 * Conjugate update with own weighings, oldest first, each usable ÷ raw in (0, 1] (or above 1 on the log scale).
 * Only the last 20 count.
 */
export function learnYield(prior: YieldPosterior, yields: readonly number[]): YieldPosterior {
  const z = yields.slice(-latestWeighings).map(prior.scale.to);
  const n = z.length;
  if (n === 0) return prior;
  const mean = z.reduce((a, b) => a + b, 0) / n;
  const scatter = z.reduce((total, one) => total + (one - mean) ** 2, 0);
  const kappa = prior.kappa + n;
  const nu = prior.nu + n;
  const mu = (prior.kappa * prior.mu + n * mean) / kappa;
  const sumOfSquares =
    prior.nu * prior.sigma ** 2 + scatter + ((prior.kappa * n) / kappa) * (mean - prior.mu) ** 2;
  return { scale: prior.scale, kappa, nu, mu, sigma: Math.sqrt(sumOfSquares / nu), weighings: n };
}

/**
 * Where seconds start from: what prime gives, wider, and worth no more weighings than a handbook row, so that their own
 * move them as fast.
 */
export const secondsPrior = (prime: YieldPosterior): YieldPosterior => ({
  ...prime,
  kappa: kappa0,
  nu: nu0,
  sigma: prime.sigma * secondsWidening,
  weighings: 0,
});

/**
 * Interval in which the next weighing is expected with probability `share`, on the yield scale:
 * Student t with ν degrees of freedom, centre μ, scale σ√(1 + 1/κ).
 */
export function predictNext(posterior: YieldPosterior, share: IntervalShare): Estimate {
  const reach = studentReach(share, posterior.nu) * posterior.sigma * Math.sqrt(1 + 1 / posterior.kappa);
  const { from } = posterior.scale;
  return { value: from(posterior.mu), low: from(posterior.mu - reach), high: from(posterior.mu + reach) };
}
