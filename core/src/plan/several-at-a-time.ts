import { at, lower, raise, type Bounds } from "./bounds.ts";

/** A task on a resource that serves several: how much it takes, and the minutes that it surely runs. */
type User = { readonly task: number; readonly amount: number; readonly minutes: number };

function usersOf(bounds: Bounds, resource: number): User[] {
  const { problem, shortest, way } = bounds;
  return Array.from({ length: problem.count }, (_, task) => task).flatMap((task) => {
    const chosen = problem.ways[task]?.[at(way, task)];
    const amount = chosen ? at(chosen.amounts, resource) : 0;
    const minutes = at(shortest, task);
    return amount > 0 && minutes > 0 ? [{ task, amount, minutes }] : [];
  });
}

type Part = { readonly task: number; readonly from: number; readonly to: number; readonly amount: number };

/** The minutes that a task runs whenever it starts: from its latest start to its earliest end. */
const surely = (bounds: Bounds, users: readonly User[]): Part[] =>
  users.flatMap(({ task, amount, minutes }) => {
    const [from, to] = [at(bounds.latest, task), at(bounds.earliest, task) + minutes];
    return from < to ? [{ task, from, to, amount }] : [];
  });

const inUse = (parts: readonly Part[], moment: number, but: number): number =>
  parts.reduce(
    (sum, one) => sum + (one.task !== but && one.from <= moment && moment < one.to ? one.amount : 0),
    0,
  );

type Stretch = { readonly from: number; readonly to: number };

/** The stretches between which what surely runs does not change. */
function stretchesOf(parts: readonly Part[]): Stretch[] {
  const moments = [...new Set(parts.flatMap((part) => [part.from, part.to]))].sort((a, b) => a - b);
  return moments.slice(1).map((to, i) => ({ from: moments[i] as number, to }));
}

/** Time-tabling: no task starts where what surely runs leaves it no room. False: something has no room at all. */
function byTimetable(bounds: Bounds, users: readonly User[], capacity: number): boolean {
  const parts = surely(bounds, users);
  const stretches = stretchesOf(parts);
  if (stretches.some(({ from }) => inUse(parts, from, -1) > capacity)) return false;
  return users.every(({ task, amount, minutes }) => {
    const full = stretches.filter(({ from }) => inUse(parts, from, task) + amount > capacity);
    const meets = (start: number, { from, to }: Stretch): boolean => start < to && from < start + minutes;
    return (
      full.every((one) => !meets(at(bounds.earliest, task), one) || raise(bounds, task, one.to)) &&
      full
        .reverse()
        .every((one) => !meets(at(bounds.latest, task), one) || lower(bounds, task, one.from - minutes))
    );
  });
}

/** Energy: within any span, what must run inside it is no more than the resource gives in that time. */
function hasEnergy(bounds: Bounds, users: readonly User[], capacity: number): boolean {
  const dueOf = ({ task, minutes }: User): number => at(bounds.latest, task) + minutes;
  return users.every((first) => {
    const from = at(bounds.earliest, first.task);
    const inside = users
      .filter((one) => at(bounds.earliest, one.task) >= from)
      .sort((a, b) => dueOf(a) - dueOf(b));
    let energy = 0;
    return inside.every((one) => {
      energy += one.amount * one.minutes;
      return energy <= capacity * (dueOf(one) - from);
    });
  });
}

/** Time-tabling and energy on every resource that serves several tasks at a time. False: it cannot serve all. */
export function shareOut(bounds: Bounds): boolean {
  return bounds.problem.resources.every(({ capacity }, resource) => {
    if (capacity === 1) return true;
    const users = usersOf(bounds, resource);
    if (users.reduce((sum, one) => sum + one.amount, 0) <= capacity) return true;
    return byTimetable(bounds, users, capacity) && hasEnergy(bounds, users, capacity);
  });
}

/** Tasks that are too much for a resource at their earliest starts, no fewer than it takes; undefined where none are. */
export function overfull(bounds: Bounds): readonly number[] | undefined {
  for (const [resource, { capacity }] of bounds.problem.resources.entries()) {
    if (capacity === 1) continue;
    const users = usersOf(bounds, resource).sort((a, b) => b.amount - a.amount);
    const runs = ({ task, minutes }: User, moment: number): boolean =>
      at(bounds.earliest, task) <= moment && moment < at(bounds.earliest, task) + minutes;
    for (const { task } of users) {
      const together = users.filter((one) => runs(one, at(bounds.earliest, task)));
      let [taken, size] = [0, 0];
      while (taken <= capacity && size < together.length) taken += together[size++]?.amount ?? 0;
      if (taken > capacity) return together.slice(0, size).map((one) => one.task);
    }
  }
  return undefined;
}
