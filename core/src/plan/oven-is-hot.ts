import type { Step } from "../recipes/index.ts";
import { sameHeatCelsius, staysHotMin } from "./tables/hand-times.ts";

/**
 * Does a step in the oven find it hot from the one before? "Bake for 40 minutes. Take off the foil and bake another 15" does:
 * in the same heat, and with no longer wait between them than an oven is left on for.
 */
export function ovenIsHot(before: Step | undefined, step: Step): boolean {
  if (before?.tool !== "oven" || step.tool !== "oven" || step.warmUpMin !== null) return false;
  if ((before.wait?.leastMin ?? 0) > staysHotMin) return false;
  return (
    before.celsius === null ||
    step.celsius === null ||
    Math.abs(before.celsius - step.celsius) <= sameHeatCelsius
  );
}
