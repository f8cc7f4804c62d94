import type { Span, Resource, Task } from "./problem.ts";
import { needsHands, type CookingTask } from "./cooking-task.ts";
import { isMachine } from "../recipes/index.ts";

/** Kinds of work that a cook may leave to others. */
export const skills = ["knife", "heat", "machine"] as const;
export type Skill = (typeof skills)[number];

/** One of several cooks: a name, and what they leave to others. */
export type Cook = { readonly name: string; readonly leaves: readonly Skill[] };

/** What a task asks of whoever does it; null of what anybody does, and of what needs no hands. */
export function skillOf({ kind, tool }: Pick<CookingTask, "kind" | "tool">): Skill | null {
  if (!needsHands(kind)) return null;
  if (kind === "prepare") return "knife";
  if (isMachine(tool)) return "machine";
  return tool === "hob" || tool === "oven" || tool === "grill" ? "heat" : null;
}

const doesAny = ({ leaves }: Cook, wanted: readonly Skill[]): boolean =>
  wanted.some((skill) => !leaves.includes(skill));

/** Every set of skills that fewer can do than there are cooks, with how many can do any of it. */
function scarce(
  crew: readonly Cook[],
): { readonly id: string; readonly wanted: readonly Skill[]; readonly capacity: number }[] {
  const sets = Array.from({ length: 2 ** skills.length - 1 }, (_, i) =>
    skills.filter((_skill, bit) => ((i + 1) >> bit) % 2 === 1),
  );
  return sets
    .map((wanted) => ({
      id: `hands:${wanted.join("+")}`,
      wanted,
      capacity: crew.filter((cook) => doesAny(cook, wanted)).length,
    }))
    .filter(({ capacity }) => capacity < crew.length);
}

/** Work that nobody of a crew does; undefined where there is none, or all cooks are alike. */
export const leftByAll = (crew: readonly Cook[]): Skill | undefined =>
  crew.length === 0 ? undefined : skills.find((skill) => crew.every(({ leaves }) => leaves.includes(skill)));

/**
 * Hands for each set of kinds of work, beside all hands: never more is done at a time than there are cooks who do it. By the
 * marriage theorem somebody is there for every task at every minute.
 */
export const crewHands = (crew: readonly Cook[], away: readonly Span[]): Resource[] =>
  scarce(crew).map(({ id, capacity }) => ({ id, capacity, closed: away }));

/** A task with the hands that its kind of work takes. */
export function withCrewHands(task: Task, info: CookingTask | undefined, crew: readonly Cook[]): Task {
  const skill = info ? skillOf(info) : null;
  if (skill === null) return task;
  const hands = scarce(crew)
    .filter(({ wanted }) => wanted.includes(skill))
    .map(({ id }) => ({ resource: id, amount: 1 }));
  return { ...task, modes: task.modes.map((mode) => ({ ...mode, uses: [...mode.uses, ...hands] })) };
}

/** A task that somebody does, on the clock; milliseconds or minutes. */
type Shift = { readonly id: string; readonly start: number; readonly end: number } & Pick<
  CookingTask,
  "kind" | "tool"
>;

/**
 * Who does what: each task to a cook who does such work and is free for it, the one with the most to leave to others first, so
 * that whoever can do everything stays free. Null where all who could are busy for a part of it: two share it.
 */
export function whoDoes(shifts: readonly Shift[], crew: readonly Cook[]): Map<string, string | null> {
  const byHand = shifts.filter(({ kind }) => needsHands(kind));
  const inOrder = [...byHand].sort((a, b) => a.start - b.start || a.end - b.end);
  const fewestFirst = [...crew].sort((a, b) => b.leaves.length - a.leaves.length);
  const freeFrom = new Map<Cook, number>();
  return new Map(
    inOrder.map((shift) => {
      const skill = skillOf(shift);
      const cook = fewestFirst.find(
        (one) =>
          (skill === null || !one.leaves.includes(skill)) &&
          (freeFrom.get(one) ?? Number.NEGATIVE_INFINITY) <= shift.start,
      );
      if (cook) freeFrom.set(cook, shift.end);
      return [shift.id, cook?.name ?? null];
    }),
  );
}
