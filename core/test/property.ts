import { expect } from "@jest/globals";
import fc from "fast-check";
import { keptSeeds } from "./kept-seeds.ts";

/** The seed of this run: a new one each time, printed when the run begins; APRON_SEED repeats it. */
const seedOfRun = Number(process.env["APRON_SEED"] ?? Math.floor(Math.random() * 2 ** 31));

/**
 * Tries a property with this run's seed, after every seed that once made it fail: those are kept as cases in
 * kept-seeds.ts, by the name of their test.
 */
export function check<Values>(property: fc.IProperty<Values>, how: fc.Parameters<Values> = {}): void {
  const kept = keptSeeds[expect.getState().currentTestName ?? ""] ?? [];
  for (const seed of [...kept, seedOfRun]) fc.assert(property, { ...how, seed });
}
