import { provenance, type CookingChange, type IngredientFacts } from "../catalogue/index.ts";
import {
  accept,
  estimate,
  product,
  refuse,
  showEstimate,
  showYield,
  times,
  type Estimate,
  type Result,
} from "../measure/index.ts";
import { concentration, waterAfter } from "./cooking-change.ts";
import type { KitchenYield } from "./kitchen-yield.ts";

/** One step from raw to plate. */
export type ChainStep =
  | { readonly kind: "trim"; readonly yield: KitchenYield }
  | { readonly kind: "cook"; readonly change: CookingChange; readonly juices: "kept" | "drained" };

export type ChainIssue =
  | { readonly code: "chain-empty" }
  /** A "roast-…-then-…" way of trimming already has the oven's loss in it. */
  | { readonly code: "water-counted-twice"; readonly method: string; readonly cooking: string };

export type ChainStage = {
  readonly method: string;
  readonly factor: Estimate;
  readonly grams: Estimate;
  readonly workings: string;
};

export type Chained = {
  readonly stages: readonly ChainStage[];
  readonly grams: Estimate;
  readonly factor: Estimate;
  /** Water fraction at the end; null where the tables or unweighed juices leave it open, and why. */
  readonly water: number | null;
  readonly waterNote: string;
  /** How much saltier and sourer a gram became by cooking: 1 when nothing was cooked. */
  readonly concentration: Estimate;
};

/** Does a way of trimming include the water lost in the heat? */
export const includesHeat = (method: string): boolean => /^(roast|boil|char)-.*then-/.test(method);

const stageOf = (step: ChainStep): { method: string; factor: Estimate; source: string } =>
  step.kind === "trim"
    ? { method: step.yield.method, factor: step.yield.next, source: step.yield.workings }
    : {
        method: step.change.method,
        factor: estimate(step.change.factor, step.change.low, step.change.high),
        source: provenance(step.change),
      };

const isHeat = (step: ChainStep): boolean =>
  step.kind === "cook" &&
  !["freeze", "freeze-thaw-drain", "salt-and-drain", "soak", "dry"].includes(step.change.method);

/**
 * Raw grams through trimming and cooking steps in their order; factors multiply, ranges combine as independent.
 * Refuses a chain that would count the oven's loss twice: a roast-then-scoop trim and a roasting step together.
 */
export function yieldChain(
  rawG: number,
  steps: readonly ChainStep[],
  facts: Pick<IngredientFacts, "composition">,
): Result<Chained, ChainIssue> {
  if (steps.length === 0) return refuse({ code: "chain-empty" });
  const hot = steps.find((s) => s.kind === "trim" && includesHeat(s.yield.method));
  const again = hot && steps.find(isHeat);
  if (hot && again)
    return refuse({
      code: "water-counted-twice",
      method: stageOf(hot).method,
      cooking: stageOf(again).method,
    });
  let factor: Estimate = estimate(1, 1, 1);
  const stages = steps.map((step): ChainStage => {
    const { method, factor: own, source } = stageOf(step);
    factor = product(factor, own);
    const grams = times(factor, rawG);
    return {
      method,
      factor: own,
      grams,
      workings: `× ${showYield(own.value)} (${showYield(own.low)}–${showYield(own.high)}) = ${showEstimate(grams)}; ${source}`,
    };
  });
  return accept({ stages, factor, grams: times(factor, rawG), ...endOf(steps, facts) });
}

/** Water and concentration at the end of a chain: only cooking moves them. */
function endOf(
  steps: readonly ChainStep[],
  facts: Pick<IngredientFacts, "composition">,
): Pick<Chained, "water" | "waterNote" | "concentration"> {
  const cooked = steps.flatMap((s) => (s.kind === "cook" ? [s] : []));
  const factor = cooked.reduce(
    (f, s) => product(f, estimate(s.change.factor, s.change.low, s.change.high)),
    estimate(1, 1, 1),
  );
  const open = (waterNote: string) => ({ water: null, waterNote, concentration: concentration(factor) });
  if (steps.some((s) => s.kind === "trim" && includesHeat(s.yield.method)))
    return open("the trim's own heat is in its yield; its water is not known apart");
  const before = cooked[0]?.change.waterBefore ?? (facts.composition?.waterG ?? Number.NaN) / 100;
  if (!Number.isFinite(before)) return open("no water figure for it");
  if (cooked.some((s) => s.juices === "drained" && s.change.solidsRetained === 1))
    return open("juice poured off unweighed: the weight stands, the water figure does not");
  const kept = cooked.reduce((solids, s) => solids * s.change.solidsRetained, 1);
  const water = waterAfter(before, factor.value, kept);
  return water.ok
    ? {
        water: water.value,
        waterNote: "by dry matter: m₁(1 − w₁) = m₀(1 − w₀)",
        concentration: concentration(factor),
      }
    : open("lighter than its dry matter: the figures do not fit each other");
}
