import { describe, expect, it } from "@jest/globals";
import { learnYield, predictNext, priorOf } from "./learn-yield.ts";

/**
 * Simulation: kitchens drawn at random, weighed a few times, then asked for the next weighing. How often does the
 * 90 % interval hold it? A fixed generator makes every run the same.
 */
function generator(seed: number): {
  uniform: () => number;
  normal: () => number;
  gamma: (shape: number) => number;
} {
  let state = seed;
  const uniform = (): number => {
    // Mulberry32: 32 bits, public domain; enough for ten thousand kitchens.
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  const normal = (): number => Math.sqrt(-2 * Math.log(1 - uniform())) * Math.cos(2 * Math.PI * uniform());
  // Marsaglia and Tsang (2000), shape ≥ 1.
  const gamma = (shape: number): number => {
    const d = shape - 1 / 3;
    for (;;) {
      const x = normal();
      const v = (1 + x / Math.sqrt(9 * d)) ** 3;
      if (v > 0 && Math.log(1 - uniform()) < 0.5 * x * x + d - d * v + d * Math.log(v)) return d * v;
    }
  };
  return { uniform, normal, gamma };
}

const draws = 10_000;
const handbook = { mean: 0.62, low: 0.52, high: 0.71 };
const prior = priorOf(handbook);
const { to, from } = prior.scale;

/** Share of draws whose next weighing lies in the 90 % interval after 0 to 8 weighings. */
function coverage(
  seed: number,
  kitchen: (chance: ReturnType<typeof generator>) => { mu: number; sigma: number },
): number {
  const chance = generator(seed);
  let inside = 0;
  for (let i = 0; i < draws; i++) {
    const { mu, sigma } = kitchen(chance);
    const weigh = (): number => from(mu + sigma * chance.normal());
    const seen = Array.from({ length: Math.floor(chance.uniform() * 9) }, weigh);
    const next = predictNext(learnYield(prior, seen), 0.9);
    const weighed = weigh();
    if (weighed >= next.low && weighed <= next.high) inside++;
  }
  return inside / draws;
}

describe("the 90 % interval", () => {
  it("covers 88–92 % of kitchens drawn from the model itself", () => {
    const share = coverage(11, ({ gamma, normal }) => {
      // σ² ~ scaled inverse χ²(ν₀, σ_w²); μ | σ² ~ N(μ₀, σ²/κ₀)  (BDA3 §3.3)
      const sigma = Math.sqrt((prior.nu * prior.sigma ** 2) / (2 * gamma(prior.nu / 2)));
      return { mu: prior.mu + (sigma / Math.sqrt(prior.kappa)) * normal(), sigma };
    });
    process.stdout.write(`coverage, model's own kitchens: ${(share * 100).toFixed(1)} %\n`);
    expect(share).toBeGreaterThanOrEqual(0.88);
    expect(share).toBeLessThanOrEqual(0.92);
  });

  it.each([0.3, 0.5, 0.75, 1])(
    "stays within 85–97 %% for kitchens with %d of the handbook's spread",
    (part) => {
      const spread = (to(handbook.high) - to(handbook.low)) / (2 * 1.645);
      const share = coverage(100 + Math.round(part * 100), ({ normal }) => ({
        mu: prior.mu + part * spread * normal(),
        sigma: prior.sigma,
      }));
      process.stdout.write(`coverage, ${part} of the handbook's spread: ${(share * 100).toFixed(1)} %\n`);
      expect(share).toBeGreaterThanOrEqual(0.85);
      expect(share).toBeLessThanOrEqual(0.97);
    },
  );
});
