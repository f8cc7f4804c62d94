/** A small network with capacities; nodes are strings. Arcs remember their flow. */
export type Network = Map<string, Map<string, { capacity: number; flow: number }>>;

const epsilon = 1e-6;

/** Adds an arc of `capacity` (≥ 0) and its empty way back; capacities of the same arc add up. */
export function addArc(network: Network, [from, to]: readonly [string, string], capacity: number): void {
  const arcs = network.get(from) ?? new Map<string, { capacity: number; flow: number }>();
  const arc = arcs.get(to) ?? { capacity: 0, flow: 0 };
  arc.capacity += capacity;
  network.set(from, arcs.set(to, arc));
  const back = network.get(to) ?? new Map<string, { capacity: number; flow: number }>();
  if (!back.has(from)) back.set(from, { capacity: 0, flow: 0 });
  network.set(to, back);
}

/** What flows along one arc now; 0 where there is none. */
export const flowOn = (network: Network, from: string, to: string): number =>
  network.get(from)?.get(to)?.flow ?? 0;

/** Shortest path with room left, as the list of its nodes; undefined when the sink cannot be reached. */
function pathWithRoom(network: Network, from: string, sink: string): string[] | undefined {
  const cameFrom = new Map<string, string>([[from, from]]);
  const queue = [from];
  for (let node = queue.shift(); node !== undefined; node = queue.shift()) {
    if (node === sink) return walkBack(cameFrom, from, sink);
    for (const [next, arc] of network.get(node) ?? []) {
      if (cameFrom.has(next) || arc.capacity - arc.flow <= epsilon) continue;
      cameFrom.set(next, node);
      queue.push(next);
    }
  }
  return undefined;
}

function walkBack(cameFrom: ReadonlyMap<string, string>, from: string, sink: string): string[] {
  const path = [sink];
  while (path[0] !== from) path.unshift(cameFrom.get(path[0] ?? from) ?? from);
  return path;
}

/**
 * Pushes up to `atMost` from a node to the sink along shortest augmenting paths (Edmonds–Karp) and
 * returns what got through. Earlier flow may be rerouted but is never reduced at its own source.
 */
export function pushFlow(network: Network, [from, sink]: readonly [string, string], atMost: number): number {
  let left = atMost;
  while (left > epsilon) {
    const path = pathWithRoom(network, from, sink);
    if (!path) break;
    const steps = path.slice(1).map((to, i) => [path[i] ?? from, to] as const);
    const rooms = steps.map(([a, b]) => roomOn(network, a, b));
    const amount = Math.min(left, ...rooms);
    for (const [a, b] of steps) shift(network, [a, b], amount);
    left -= amount;
  }
  return atMost - left;
}

const roomOn = (network: Network, from: string, to: string): number => {
  const arc = network.get(from)?.get(to);
  return arc ? arc.capacity - arc.flow : 0;
};

function shift(network: Network, [from, to]: readonly [string, string], amount: number): void {
  const ahead = network.get(from)?.get(to);
  const behind = network.get(to)?.get(from);
  if (ahead) ahead.flow += amount;
  if (behind) behind.flow -= amount;
}
