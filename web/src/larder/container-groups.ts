import type { Container } from "@apron/contract";

/** Containers of one dish in one place, the one to take from first in front. */
export type ContainerGroup = {
  readonly key: string;
  /** The one that is taken from next: it expires first, and of those that do it is the emptiest. */
  readonly next: Container;
  readonly members: readonly Container[];
  readonly count: number;
  readonly grams: number;
  readonly portions: number;
};

const compareByExpiry = (a: Container, b: Container): number =>
  a.useBy.localeCompare(b.useBy) || a.remainingG - b.remainingG;

const sumOf = (members: readonly Container[], of: (c: Container) => number): number =>
  members.reduce((total, c) => total + of(c), 0);

/** Jars of one dish stand together, whatever batch they are of; the first to expire leads. */
export function groupContainers(containers: readonly Container[]): ContainerGroup[] {
  const groups = new Map<string, Container[]>();
  for (const c of containers) {
    const key = `${c.name} ${c.place}`;
    groups.set(key, [...(groups.get(key) ?? []), c]);
  }
  return [...groups]
    .flatMap(([key, found]) => {
      const members = [...found].sort(compareByExpiry);
      const [next] = members;
      if (!next) return [];
      const grams = sumOf(members, (c) => c.remainingG);
      const portions = sumOf(members, (c) => c.portionsLeft);
      return [{ key, next, members, count: members.length, grams, portions }];
    })
    .sort((a, b) => compareByExpiry(a.next, b.next));
}
