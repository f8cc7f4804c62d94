import type { Fit } from "./fit.ts";

type Pair = { readonly first: string; readonly second: string; readonly leaves: string };

/** Trims that one piece goes through together: the first leaves, beside its own, what the second is done for. */
const pairs: readonly Pair[] = [
  { first: "zest", second: "squeeze", leaves: "juice" },
  { first: "separate", second: "separate-whites", leaves: "whites" },
];

/** What is taken of a lot: by which trim, which part of what that gives, and how much of the lot it takes. */
export type Taken = Pick<Fit, "toDo" | "part"> & { readonly lotG: number };

/** Does it come off beside something else, so that both can be had of the same grams? */
export const comesOffBeside = ({ toDo, part }: Pick<Fit, "toDo" | "part">): boolean =>
  part !== null || pairs.some(({ first, second }) => toDo === first || toDo === second);

/** Grams of a lot that one trim takes: as much as the usable part of it needs, or any part that comes off beside it. */
function takenBy(toDo: string | null, all: readonly Taken[]): number {
  const byPart = new Map<string | null, number>();
  for (const one of all) if (one.toDo === toDo) byPart.set(one.part, (byPart.get(one.part) ?? 0) + one.lotG);
  return Math.max(0, ...byPart.values());
}

/** Grams of a lot, as it lies, taken in all: juice and zest come off the same lemon, leaves and stems off the same chard. */
export function gramsTaken(all: readonly Taken[]): number {
  const needs = new Map([...new Set(all.map((one) => one.toDo))].map((toDo) => [toDo, takenBy(toDo, all)]));
  for (const { first, second } of pairs) {
    const both = [needs.get(first), needs.get(second)];
    if (both.some((one) => one === undefined)) continue;
    needs.set(first, Math.max(...both.map((one) => one ?? 0)));
    needs.delete(second);
  }
  return [...needs.values()].reduce((total, grams) => total + grams, 0);
}

/** One trim in place of two that one piece goes through together, for as much as either needs. */
export function doneTogether<Trim extends { readonly method: string; readonly rawG: number }>(
  trims: readonly Trim[],
): Trim[] {
  return pairs.reduce<Trim[]>(
    (all, { first, second }) => {
      const [one, other] = [first, second].map((method) => all.find((trim) => trim.method === method));
      if (!one || !other) return all;
      const both = { ...one, rawG: Math.max(one.rawG, other.rawG) };
      return [both, ...all.filter((trim) => trim !== one && trim !== other)];
    },
    [...trims],
  );
}

/** What is to be kept beside the usable part when a lot is trimmed by `method`, so that all that is taken of it is there. */
export function keptBeside(method: string, all: readonly Taken[]): string[] {
  const parts = all.flatMap((one) => (one.toDo === method && one.part !== null ? [one.part] : []));
  const left = pairs.flatMap(({ first, second, leaves }) =>
    first === method && all.some((one) => one.toDo === second) ? [leaves] : [],
  );
  return [...new Set([...parts, ...left])];
}

/** The work by which a trim's parts come off the same pieces: zest and juice are one, and so are leaves and stems. */
export const workOf = (toDo: string | null): string =>
  pairs.find(({ first, second }) => toDo === first || toDo === second)?.first ?? toDo ?? "ready";
