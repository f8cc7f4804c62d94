import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { check } from "../../test/property.ts";
import jstat from "jstat";
import { learnYield, predictNext, priorOf, secondsPrior, type YieldPosterior } from "./learn-yield.ts";

const { studentt } = jstat.jStat;
const handbook = { mean: 0.6, low: 0.5, high: 0.7 };
const prior = priorOf(handbook);
const logit = (y: number): number => Math.log(y / (1 - y));

/** Hand-worked: BDA3 (Gelman et al., 3rd ed.) §3.3, "Sampling distribution, prior and posterior", in its own letters. */
function bda3(
  p: YieldPosterior,
  z: readonly number[],
): { mu: number; kappa: number; nu: number; nuSigma2: number } {
  const n = z.length;
  const ybar = z.reduce((a, b) => a + b, 0) / n;
  const s2 = z.reduce((a, b) => a + (b - ybar) ** 2, 0) / (n - 1);
  return {
    mu: (p.kappa / (p.kappa + n)) * p.mu + (n / (p.kappa + n)) * ybar,
    kappa: p.kappa + n,
    nu: p.nu + n,
    nuSigma2: p.nu * p.sigma ** 2 + (n - 1) * s2 + ((p.kappa * n) / (p.kappa + n)) * (ybar - p.mu) ** 2,
  };
}

describe("before any weighing", () => {
  it("expects what the handbook says: its 90 % range comes back", () => {
    const next = predictNext(prior, 0.9);
    expect(next.value).toBeCloseTo(0.6, 10);
    // The constant 0.3451 is rounded to four figures, so the range comes back to about a thousandth.
    expect(next.low).toBeCloseTo(0.5, 2);
    expect(next.high).toBeCloseTo(0.7, 2);
  });

  it("uses the log scale where water is taken up", () => {
    const soaked = priorOf({ mean: 2.2, low: 1.9, high: 2.5 });
    expect(predictNext(soaked, 0.9).value).toBeCloseTo(2.2, 10);
    expect(predictNext(soaked, 0.99).high).toBeGreaterThan(2.5);
  });
});

describe("the conjugate update", () => {
  const yields = [0.63, 0.655, 0.64, 0.61, 0.66];

  it("is BDA3 §3.3, letter by letter", () => {
    const worked = bda3(prior, yields.map(logit));
    const learned = learnYield(prior, yields);
    expect(learned.mu).toBeCloseTo(worked.mu, 12);
    expect([learned.kappa, learned.nu]).toEqual([worked.kappa, worked.nu]);
    expect(learned.nu * learned.sigma ** 2).toBeCloseTo(worked.nuSigma2, 12);
  });

  it("comes to the same one weighing at a time", () => {
    const oneByOne = yields.reduce((p, y) => learnYield(p, [y]), prior);
    const atOnce = learnYield(prior, yields);
    expect(oneByOne.mu).toBeCloseTo(atOnce.mu, 12);
    expect(oneByOne.sigma).toBeCloseTo(atOnce.sigma, 12);
  });

  it("takes its t quantile where jStat takes it", () => {
    const learned = learnYield(prior, yields);
    for (const share of [0.9, 0.99] as const) {
      const reach =
        studentt.inv((1 + share) / 2, learned.nu) * learned.sigma * Math.sqrt(1 + 1 / learned.kappa);
      const next = predictNext(learned, share);
      expect(logit(next.high)).toBeCloseTo(learned.mu + reach, 5);
      expect(logit(next.low)).toBeCloseTo(learned.mu - reach, 5);
    }
  });

  it("moves towards this kitchen and becomes surer of it", () => {
    const few = predictNext(learnYield(prior, yields.slice(0, 2)), 0.9);
    const many = predictNext(learnYield(prior, [...yields, ...yields]), 0.9);
    expect(many.value).toBeGreaterThan(0.63);
    expect(many.high - many.low).toBeLessThan(few.high - few.low);
  });

  it("lets only the last twenty count", () => {
    const old = Array.from({ length: 30 }, () => 0.3);
    const recent = Array.from({ length: 20 }, (_, i) => 0.62 + (i % 3) / 100);
    expect(learnYield(prior, [...old, ...recent])).toEqual(learnYield(prior, recent));
  });

  it("keeps every interval inside 0 and 1 for dry trims, whatever was weighed", () => {
    check(
      fc.property(
        fc.array(fc.double({ min: 0.001, max: 1, noNaN: true }), { minLength: 1, maxLength: 25 }),
        (seen) => {
          const next = predictNext(learnYield(prior, seen), 0.99);
          expect(next.low).toBeGreaterThanOrEqual(0);
          expect(next.high).toBeLessThanOrEqual(1);
          expect(next.low <= next.value && next.value <= next.high).toBe(true);
        },
      ),
    );
  });

  it("lets seconds start from prime, wider", () => {
    const prime = learnYield(prior, yields);
    const seconds = predictNext(secondsPrior(prime), 0.9);
    const own = predictNext(prime, 0.9);
    expect(seconds.value).toBe(own.value);
    expect(seconds.high - seconds.low).toBeGreaterThan(own.high - own.low);
  });

  it("reads twenty seconds at 0.55 as 0.55, however often prime was weighed at 0.75", () => {
    const book = priorOf({ mean: 0.75, low: 0.7, high: 0.8 });
    const prime = learnYield(
      book,
      Array.from({ length: 20 }, () => 0.75),
    );
    const seconds = (n: number) =>
      predictNext(
        learnYield(
          secondsPrior(prime),
          Array.from({ length: n }, () => 0.55),
        ),
        0.9,
      ).value;
    expect(seconds(20)).toBeCloseTo(0.55, 2);
    // The first weighing moves seconds as far as it moves a kitchen that knows the handbook alone.
    const fresh = predictNext(learnYield(book, [0.55]), 0.9).value;
    expect(seconds(1)).toBeCloseTo(fresh, 2);
    expect(seconds(0)).toBeCloseTo(0.75, 2);
  });
});
