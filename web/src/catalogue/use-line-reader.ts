import type { LineReading } from "@apron/contract";
import { onUnmounted, readonly, ref, toRaw, watch, type Ref } from "vue";
import { useCatalogue } from "../client/queries.ts";
import { useSession } from "../client/session.ts";
import type { ReaderAnswer, ReaderOrder } from "./line-reader.worker.ts";

/** Reads lines in a worker of its own, with this kitchen's catalogue: two thousand at once freeze nothing. */
export function useLineReader(): {
  /** How often it was told what this kitchen knows; 0 is not ready yet. What is read at another count reads anew. */
  readonly told: Readonly<Ref<number>>;
  readonly read: (lines: readonly string[]) => Promise<readonly LineReading[]>;
} {
  const session = useSession();
  const { data: catalogue } = useCatalogue();
  const worker = new Worker(new URL("./line-reader.worker.ts", import.meta.url), { type: "module" });
  const tell = (order: ReaderOrder): void => {
    worker.postMessage(order);
  };
  const waiting = new Map<number, (readings: readonly LineReading[]) => void>();
  let asked = 0;
  const told = ref(0);
  worker.addEventListener("message", ({ data }: MessageEvent<ReaderAnswer>) => {
    waiting.get(data.id)?.(data.readings);
    waiting.delete(data.id);
  });
  watch(
    [catalogue, () => session.ounces, () => session.meanings, () => session.cup] as const,
    ([known, ounces, meanings, cup]) => {
      if (!known) return;
      // Plain copies: a worker takes no reactive objects.
      const { ingredients } = toRaw(known);
      tell({ kind: "catalogue", ingredients, cup, ounces: { ...ounces }, meanings: { ...meanings } });
      told.value += 1;
    },
    // At once: lines asked for right after an answer are read with that answer.
    { immediate: true, flush: "sync" },
  );
  onUnmounted(() => {
    worker.terminate();
  });
  const read = (lines: readonly string[]): Promise<readonly LineReading[]> =>
    new Promise((answer) => {
      asked += 1;
      waiting.set(asked, answer);
      tell({ kind: "lines", id: asked, lines: [...lines] });
    });
  return { told: readonly(told), read };
}
