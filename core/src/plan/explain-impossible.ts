import type { Catalogue } from "../catalogue/index.ts";
import { beginsAt, inChosenWay, waysLeft, type ChosenWay } from "./choose-ways.ts";
import { earliestTable, isPossible, type PlanWish } from "./plan-dishes.ts";
import type { Limits } from "./search.ts";

/** One of the things that do not go together. */
export type Clash =
  | { readonly kind: "dish"; readonly dish: string }
  | { readonly kind: "away" }
  | { readonly kind: "fixed"; readonly task: string }
  | { readonly kind: "hands" };

/** A change that makes the plan possible; each was tried. Minutes after now. */
export type Remedy =
  | { readonly kind: "later"; readonly tableAt: number }
  | { readonly kind: "earlier-home"; readonly minutes: number }
  | { readonly kind: "another-cook" }
  | { readonly kind: "without"; readonly dish: string }
  | { readonly kind: "set-free"; readonly task: string }
  | ({ readonly kind: "other-way"; readonly startAt: number } & ChosenWay);

export type Explanation = {
  /** No fewer than these clash: with any one of them gone it would be possible. */
  readonly clash: readonly Clash[];
  readonly remedies: readonly Remedy[];
};

const without = (wish: PlanWish, clash: Clash): PlanWish => {
  switch (clash.kind) {
    case "dish":
      return {
        ...wish,
        dishes: wish.dishes.filter(({ id }) => id !== clash.dish),
        fixed: fixedWithout(wish, clash.dish),
      };
    case "away":
      return { ...wish, away: [] };
    case "fixed":
      return { ...wish, fixed: wish.fixed.filter(({ task }) => task !== clash.task) };
    case "hands":
      return {
        ...wish,
        cooks: wish.cooks + 1,
        crew: wish.crew.length === 0 ? [] : [...wish.crew, { name: "", leaves: [] }],
      };
  }
};

const fixedWithout = (wish: PlanWish, dish: string): PlanWish["fixed"] =>
  wish.fixed.filter(({ task }) => !task.startsWith(`${dish}/`));

const clashesOf = (wish: PlanWish): Clash[] => [
  ...wish.fixed.map(({ task }): Clash => ({ kind: "fixed", task })),
  ...(wish.away.length > 0 ? [{ kind: "away" } as const] : []),
  { kind: "hands" },
  ...wish.dishes.map(({ id }): Clash => ({ kind: "dish", dish: id })),
];

/** Deletion filter: what may go without making it possible goes; what is left clashes, no fewer. */
function leastClash(wish: PlanWish, catalogue: Catalogue, limits: Limits): Clash[] {
  const kept: Clash[] = [];
  let rest = wish;
  for (const clash of clashesOf(wish)) {
    const less = without(rest, clash);
    if (less.dishes.length > 0 && isPossible(less, catalogue, limits) === false) rest = less;
    else kept.push(clash);
  }
  return kept;
}

/** Steps of a quarter of an hour, by which getting home earlier is tried. */
const quarter = 15;

/** The least earlier, in quarters of an hour, that the last time away before the table would have to end. */
function earlierHome(wish: PlanWish, catalogue: Catalogue, limits: Limits): Remedy[] {
  const last = wish.away.filter((span) => span.from <= 0 && span.to < wish.tableAt).at(-1);
  if (!last) return [];
  for (let minutes = quarter; minutes <= last.to; minutes += quarter) {
    const away = wish.away.map((span) => (span === last ? { ...span, to: span.to - minutes } : span));
    if (isPossible({ ...wish, away }, catalogue, limits)) return [{ kind: "earlier-home", minutes }];
  }
  return [];
}

/** Steps whose other way makes it possible, and when one would have to start then: the latest first. */
function otherWays(wish: PlanWish, catalogue: Catalogue, limits: Limits): Remedy[] {
  const possible = waysLeft(wish).flatMap((way) => {
    const startAt = beginsAt(inChosenWay(wish, way), catalogue, limits) ?? null;
    return startAt === null ? [] : [{ kind: "other-way" as const, startAt, ...way }];
  });
  return possible.sort((a, b) => b.startAt - a.startAt);
}

/** Why a wish cannot be, and the smallest changes that make it so. Only what was tried and found possible is offered. */
export function explainImpossible(wish: PlanWish, catalogue: Catalogue, limits: Limits): Explanation {
  const can = (less: PlanWish): boolean => isPossible(less, catalogue, limits) === true;
  const later = earliestTable(wish, catalogue, limits);
  const clash = leastClash(wish, catalogue, limits);
  const remedies: Remedy[] = [
    ...(later === null ? [] : [{ kind: "later", tableAt: later } as const]),
    ...otherWays(wish, catalogue, limits),
    ...earlierHome(wish, catalogue, limits),
    ...wish.fixed
      .filter(({ task }) => can(without(wish, { kind: "fixed", task })))
      .map(({ task }) => ({ kind: "set-free", task }) as const),
    ...(can(without(wish, { kind: "hands" })) ? [{ kind: "another-cook" } as const] : []),
    ...(wish.dishes.length < 2 ? [] : wish.dishes)
      .filter(({ id }) => can(without(wish, { kind: "dish", dish: id })))
      .map(({ id }) => ({ kind: "without", dish: id }) as const),
  ];
  return { clash, remedies };
}
