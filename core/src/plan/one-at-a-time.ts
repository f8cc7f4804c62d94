import { at, lower, post, raise, type Bounds } from "./bounds.ts";
import type { Pair } from "./compile.ts";

/** The gaps that a pair keeps in the ways chosen; undefined while a way is open, or where they may run together. */
export function gapsOf(bounds: Bounds, { first, second, gapsForward, gapsBackward }: Pair) {
  const [a, b] = [at(bounds.way, first), at(bounds.way, second)];
  if (a < 0 || b < 0) return undefined;
  const cell = a * (bounds.problem.ways[second]?.length ?? 1) + b;
  const forward = at(gapsForward, cell);
  return forward < 0 ? undefined : { forward, backward: at(gapsBackward, cell) };
}

/** Lets the first of a pair go first, or the second (−1 … as in `order`: 1 or 2). */
export function putInOrder(bounds: Bounds, pair: number, order: 1 | 2): void {
  const one = bounds.problem.pairs[pair];
  const gaps = one && gapsOf(bounds, one);
  if (!one || !gaps) return;
  bounds.order[pair] = order;
  const [from, to, least] =
    order === 1 ? [one.first, one.second, gaps.forward] : [one.second, one.first, gaps.backward];
  post(bounds, { from, to, least, fromEnd: true, toEnd: false });
}

/**
 * Decides every pair of which one order is out of reach. Returns how many were decided; −1: neither order is possible.
 */
export function decidePairs(bounds: Bounds): number {
  const { problem, order, earliest, latest, shortest } = bounds;
  let decided = 0;
  for (let i = 0; i < problem.pairs.length; i++) {
    const pair = problem.pairs[i] as Pair;
    const gaps = order[i] === 0 ? gapsOf(bounds, pair) : undefined;
    if (!gaps) continue;
    const { first, second } = pair;
    const isForward = at(earliest, first) + at(shortest, first) + gaps.forward <= at(latest, second);
    const isBackward = at(earliest, second) + at(shortest, second) + gaps.backward <= at(latest, first);
    if (isForward && isBackward) continue;
    if (!isForward && !isBackward) return -1;
    putInOrder(bounds, i, isForward ? 1 : 2);
    decided += 1;
  }
  return decided;
}

/** Something that occupies a machine: a task (by number), or −1 for a closed span. Minutes. */
type Job = { task: number; release: number; minutes: number; due: number };

/**
 * Edge-finding: where a set of jobs leaves no room for another between its first release and its last due, that other
 * comes after all of them. Pushes releases up; false where the jobs cannot all be done. Quadratic; the algorithm of
 * Nuijten as in Baptiste, Le Pape and Nuijten, Constraint-Based Scheduling (2001), from memory.
 */
function pushReleases(jobs: Job[]): boolean {
  jobs.sort((a, b) => a.release - b.release);
  const pushed = jobs.map((job) => job.release);
  const after: number[] = [];
  for (const { due } of jobs) {
    let [work, end] = [0, -Infinity];
    for (let i = jobs.length - 1; i >= 0; i--) {
      const job = jobs[i] as Job;
      if (job.due <= due) {
        work += job.minutes;
        end = Math.max(end, job.release + work);
        if (end > due) return false;
      }
      after[i] = end;
    }
    let held = -Infinity;
    for (let i = 0; i < jobs.length; i++) {
      const job = jobs[i] as Job;
      if (job.due <= due) {
        held = Math.max(held, job.release + work);
        work -= job.minutes;
        continue;
      }
      if (job.release + work + job.minutes > due)
        pushed[i] = Math.max(pushed[i] as number, after[i] as number);
      if (held + job.minutes > due) pushed[i] = Math.max(pushed[i] as number, end);
    }
  }
  jobs.forEach((job, i) => (job.release = pushed[i] as number));
  return true;
}

const turned = ({ task, release, minutes, due }: Job): Job => ({
  task,
  release: -due,
  minutes,
  due: -release,
});

function jobsOf(bounds: Bounds, resource: number): Job[] {
  const { problem, earliest, latest, shortest, way } = bounds;
  const jobs: Job[] = [];
  for (let task = 0; task < problem.count; task++) {
    const chosen = problem.ways[task]?.[at(way, task)];
    if (!chosen || chosen.minutes === 0 || at(chosen.amounts, resource) === 0) continue;
    const minutes = at(shortest, task);
    jobs.push({ task, minutes, release: at(earliest, task), due: at(latest, task) + minutes });
  }
  if (jobs.length < 2) return [];
  const shut = problem.resources[resource]?.closed ?? [];
  const [from, to] = [Math.min(...jobs.map((j) => j.release)), Math.max(...jobs.map((j) => j.due))];
  const inside = shut.filter((span) => span.from >= from && span.to <= to);
  return [
    ...jobs,
    ...inside.map((span) => ({ task: -1, release: span.from, minutes: span.to - span.from, due: span.to })),
  ];
}

/** Edge-finding both ways on every resource that serves one task at a time. False: it cannot serve all. */
export function findEdges(bounds: Bounds): boolean {
  return bounds.problem.resources.every(({ capacity }, resource) => {
    if (capacity !== 1) return true;
    const jobs = jobsOf(bounds, resource);
    if (jobs.length < 2) return true;
    const backwards = jobs.map(turned);
    if (!pushReleases(jobs) || !pushReleases(backwards)) return false;
    return (
      jobs.every(({ task, release }) => task < 0 || raise(bounds, task, release)) &&
      backwards.every(({ task, release, minutes }) => task < 0 || lower(bounds, task, -release - minutes))
    );
  });
}
