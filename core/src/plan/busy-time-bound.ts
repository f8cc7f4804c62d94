import { at, type Bounds } from "./bounds.ts";

/** A weighed task on something that does one at a time: it cannot start before `release`. */
type Job = { readonly weight: number; readonly minutes: number; readonly release: number };

/** The next job to be run: of those released, the one with the most weight a minute. */
function heaviest(jobs: readonly Job[], left: readonly number[], now: number): number {
  let best = -1;
  jobs.forEach((job, i) => {
    if ((left[i] ?? 0) === 0 || job.release > now) return;
    const other = jobs[best];
    if (!other || job.weight * other.minutes > other.weight * job.minutes) best = i;
  });
  return best;
}

/**
 * The least that weighed starts can come to where jobs run one at a time: the mean busy times of the schedule that may
 * interrupt and always runs the heaviest job a minute are a lower bound of those of any schedule. Goemans (1997),
 * "Improved approximation algorithms for scheduling with release dates", from memory.
 */
function leastWeighedStarts(jobs: readonly Job[]): number {
  const left = jobs.map((job) => job.minutes);
  const releases = [...new Set(jobs.map((job) => job.release))].sort((a, b) => a - b);
  let [now, next, sum] = [releases[0] ?? 0, 0, 0];
  for (;;) {
    while (next < releases.length && (releases[next] as number) <= now) next += 1;
    const run = heaviest(jobs, left, now);
    const job = jobs[run];
    if (!job) {
      if (next >= releases.length) break;
      now = releases[next] as number;
      continue;
    }
    const minutes = Math.min(left[run] as number, (releases[next] ?? Infinity) - now);
    // The share that runs now, at its middle.
    sum += (job.weight / job.minutes) * minutes * (now + minutes / 2);
    left[run] = (left[run] as number) - minutes;
    now += minutes;
  }
  return jobs.reduce((least, job) => least - (job.weight * job.minutes) / 2, sum);
}

/** The resource that does one task at a time by which each task is counted: the first it uses; −1 where it uses none. */
function countedBy(bounds: Bounds, task: number): number {
  const way = bounds.problem.ways[task]?.[at(bounds.way, task)];
  if (!way || way.minutes === 0) return -1;
  return bounds.problem.resources.findIndex(({ capacity }, r) => capacity === 1 && at(way.amounts, r) > 0);
}

/** The least that the weighed starts of a schedule within these bounds can come to. */
export function weighedBound(bounds: Bounds): number {
  const { problem, earliest, shortest } = bounds;
  const jobs = new Map<number, Job[]>();
  let least = 0;
  for (let task = 0; task < problem.count; task++) {
    const weight = at(problem.weights, task);
    if (weight === 0) continue;
    const resource = countedBy(bounds, task);
    if (resource < 0) least += weight * at(earliest, task);
    else {
      const job = { weight, minutes: at(shortest, task), release: at(earliest, task) };
      jobs.set(resource, [...(jobs.get(resource) ?? []), job]);
    }
  }
  // Whole minutes and whole weights: what lies between two sums is the upper one.
  for (const all of jobs.values()) least += leastWeighedStarts(all);
  return Math.ceil(least - 1e-6);
}
