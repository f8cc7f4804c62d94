import { provenance, type TrimYield } from "../catalogue/index.ts";
import type { Grade } from "../basket/index.ts";
import { showYield, type Estimate } from "../measure/index.ts";
import { learnYield, predictNext, priorOf, secondsPrior, type YieldPosterior } from "./learn-yield.ts";

/** One accepted weighing of this kitchen. */
export type OwnWeighing = { readonly grade: Grade; readonly fraction: number };

/** What this kitchen expects of one way of trimming, with the handbook beside it. */
export type KitchenYield = {
  readonly method: string;
  readonly handbook: TrimYield;
  readonly posterior: YieldPosterior;
  /** 90 % interval for the next weighing. */
  readonly next: Estimate;
  readonly ownWeighings: number;
  readonly workings: string;
};

/**
 * The expected yield of ingredient + method + grade. Own weighings of the grade are used where there are any;
 * seconds without their own start from prime's, wider; with none at all the handbook stands.
 * `weighings` are of this ingredient and method, oldest first.
 */
export function kitchenYield(
  handbook: TrimYield,
  grade: Grade,
  weighings: readonly OwnWeighing[],
): KitchenYield {
  const of = (wanted: Grade): number[] => weighings.filter((w) => w.grade === wanted).map((w) => w.fraction);
  const prime = learnYield(priorOf(handbook), of("prime"));
  const posterior = grade === "prime" ? prime : learnYield(secondsPrior(prime), of("seconds"));
  const next = predictNext(posterior, 0.9);
  return {
    method: handbook.method,
    handbook,
    posterior,
    next,
    ownWeighings: posterior.weighings,
    workings: workingsOf(handbook, posterior.weighings, next),
  };
}

function workingsOf(handbook: TrimYield, own: number, next: Estimate): string {
  const book = `handbook ${showYield(handbook.mean)} (${showYield(handbook.low)}–${showYield(handbook.high)}): ${provenance(handbook)}`;
  if (own === 0) return book;
  const weighings = own === 1 ? "your 1 weighing" : `your ${own} weighings`;
  return `${showYield(next.value)}, likely ${showYield(next.low)}–${showYield(next.high)} (${weighings}); ${book}`;
}
