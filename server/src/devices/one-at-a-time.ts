/**
 * Runs a task never beside itself. Asked for while it runs, it runs once more afterwards: two that were begun at once may end
 * in either order, and the older answer would then be taken for the newer.
 */
export function oneAtATime(task: () => Promise<void>): () => void {
  const asked = { done: 0, last: 0 };
  const run = async (): Promise<void> => {
    while (asked.done < asked.last) {
      const now = asked.last;
      await task();
      asked.done = now;
    }
    asked.done = asked.last = 0;
  };
  return () => {
    asked.last += 1;
    if (asked.last === 1) void run();
  };
}
