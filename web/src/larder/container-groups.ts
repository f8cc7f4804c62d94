import type { Container } from "@apron/contract";

/** Like containers of one batch stand together; the one begun first is taken from first. */
export type ContainerGroup = {
  readonly key: string;
  readonly next: Container;
  readonly count: number;
  readonly grams: number;
  readonly portions: number;
};

export function groupContainers(containers: readonly Container[]): ContainerGroup[] {
  const groups = new Map<string, Container[]>();
  for (const c of containers) {
    const key = `${c.batchId} ${c.kind} ${c.place} ${c.useBy}`;
    groups.set(key, [...(groups.get(key) ?? []), c]);
  }
  return [...groups].flatMap(([key, members]) => {
    const next = [...members].sort((a, b) => a.remainingG - b.remainingG)[0];
    if (!next) return [];
    const grams = members.reduce((total, c) => total + c.remainingG, 0);
    const portions = members.reduce((total, c) => total + c.portionsLeft, 0);
    return [{ key, next, count: members.length, grams, portions }];
  });
}
