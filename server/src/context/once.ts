import { LRUCache } from "lru-cache";

/** Works something out that several routes tell of: once for all who ask it of the same state of a kitchen. */
export type Once = <Value>(what: string, work: () => Promise<Value>) => Promise<Value>;

/** Within a change nothing is shared: what it sees, nobody else sees yet. */
export const forMyself: Once = (_what, work) => work();

const mostKept = 50;

/** For a stamp that names the kitchen, its revision and the day; what fails is not remembered. */
export function onceForAll(): (stamp: string) => Once {
  const known = new LRUCache<string, Promise<unknown>>({ max: mostKept });
  return (stamp) => (what, work) => {
    const key = `${stamp} ${what}`;
    const before = known.get(key) as ReturnType<typeof work> | undefined;
    if (before) return before;
    const begun = work();
    known.set(key, begun);
    begun.catch(() => known.delete(key));
    return begun;
  };
}
