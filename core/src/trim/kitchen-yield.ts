import { provenance, type TrimYield } from "../catalogue/index.ts";
import type { Grade } from "../basket/index.ts";
import { showYield, type Estimate } from "../measure/index.ts";
import { learnYield, predictNext, priorOf, secondsPrior, type YieldPosterior } from "./learn-yield.ts";

/** What became of the juices of roasted, scooped or drained food; null where there are none to speak of. */
export type Juices = "kept" | "drained" | null;

/** One accepted weighing of this kitchen. */
export type OwnWeighing = { readonly grade: Grade; readonly juices: Juices; readonly fraction: number };

/** Ways of trimming whose juices can be kept (softer, more yield) or drained (firmer). */
export const hasJuices = (method: string): boolean =>
  /then-scoop$|^seed-and-squeeze$|^drain-can$/.test(method);

/** What this kitchen expects of one way of trimming, with the handbook beside it. */
export type KitchenYield = {
  readonly method: string;
  readonly handbook: TrimYield;
  readonly posterior: YieldPosterior;
  /** 90 % interval for the next weighing. */
  readonly next: Estimate;
  readonly ownWeighings: number;
  /** Whose figures these are: its own grade's, prime's for seconds without any, or the handbook's. */
  readonly fallback: "own" | "prime" | "handbook";
  readonly workings: string;
};

/**
 * The expected yield of ingredient + method + grade. Own weighings of the grade are used where there are any;
 * seconds without their own start from prime's, wider; with none at all the handbook stands.
 * `weighings` are of this ingredient and method, oldest first; only those with the same juices count, since kept
 * and drained differ. The handbook does not tell them apart.
 */
export function kitchenYield(
  handbook: TrimYield,
  kind: { readonly grade: Grade; readonly juices: Juices },
  weighings: readonly OwnWeighing[],
): KitchenYield {
  const { grade } = kind;
  const alike = weighings.filter((w) => w.juices === kind.juices);
  const of = (wanted: Grade): number[] => alike.filter((w) => w.grade === wanted).map((w) => w.fraction);
  const prime = learnYield(priorOf(handbook), of("prime"));
  const posterior = grade === "prime" ? prime : learnYield(secondsPrior(prime), of("seconds"));
  const next = predictNext(posterior, 0.9);
  return {
    method: handbook.method,
    handbook,
    posterior,
    next,
    ownWeighings: posterior.weighings,
    fallback: posterior.weighings > 0 ? "own" : prime.weighings > 0 ? "prime" : "handbook",
    workings: workingsOf(handbook, { own: posterior.weighings, prime: prime.weighings }, next),
  };
}

function workingsOf(handbook: TrimYield, weighed: { own: number; prime: number }, next: Estimate): string {
  const { own, prime } = weighed;
  const book = `handbook ${showYield(handbook.mean)} (${showYield(handbook.low)}–${showYield(handbook.high)}): ${provenance(handbook)}`;
  const count = own > 0 ? own : prime;
  if (count === 0) return book;
  const grade = own > 0 ? "" : " of prime, since seconds have none yet";
  const weighings = `your ${count} weighing${count === 1 ? "" : "s"}${grade}`;
  return `${showYield(next.value)}, likely ${showYield(next.low)}–${showYield(next.high)} (${weighings}); ${book}`;
}
