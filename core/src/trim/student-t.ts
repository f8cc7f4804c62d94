import { invariant } from "../measure/index.ts";

/** Shares of the next weighings that an interval is asked to hold. */
export type IntervalShare = 0.9 | 0.99;

const fewestDegrees = 4;
const mostDegrees = 44;

/**
 * Two-sided quantiles of Student's t for 4 to 44 degrees of freedom: a prior of 4, twenty weighings of prime and
 * twenty of seconds on top are the most there can be. Five decimals; the test recomputes every one with jStat.
 */
const quantiles: Readonly<Record<IntervalShare, readonly number[]>> = {
  0.9: [
    2.13185, 2.01505, 1.94318, 1.89458, 1.85955, 1.83311, 1.81246, 1.79588, 1.78229, 1.77093, 1.76131,
    1.75305, 1.74588, 1.73961, 1.73406, 1.72913, 1.72472, 1.72074, 1.71714, 1.71387, 1.71088, 1.70814,
    1.70562, 1.70329, 1.70113, 1.69913, 1.69726, 1.69552, 1.69389, 1.69236, 1.69092, 1.68957, 1.6883, 1.68709,
    1.68595, 1.68488, 1.68385, 1.68288, 1.68195, 1.68107, 1.68023,
  ],
  0.99: [
    4.60409, 4.03214, 3.70743, 3.49948, 3.35539, 3.24984, 3.16927, 3.10581, 3.05454, 3.01228, 2.97684,
    2.94671, 2.92078, 2.89823, 2.87844, 2.86093, 2.84534, 2.83136, 2.81876, 2.80734, 2.79694, 2.78744,
    2.77871, 2.77068, 2.76326, 2.75639, 2.75, 2.74404, 2.73848, 2.73328, 2.72839, 2.72381, 2.71948, 2.71541,
    2.71156, 2.70791, 2.70446, 2.70118, 2.69807, 2.6951, 2.69228,
  ],
};

/** How many standard deviations to either side hold `share` of a t with `degrees` (a whole number, 4–44). */
export function studentReach(share: IntervalShare, degrees: number): number {
  const reach = quantiles[share][degrees - fewestDegrees];
  invariant(
    reach !== undefined,
    `no t quantile for ${degrees} of ${fewestDegrees} to ${mostDegrees} degrees`,
  );
  return reach;
}
