import type { RequestOf, ScaleReading } from "@apron/contract";
import { paths } from "@apron/contract/paths";
import { useDocumentVisibility } from "@vueuse/core";
import { defineStore } from "pinia";
import { ref, shallowRef, watch } from "vue";
import { ApiProblem, call } from "./api.ts";

const tryAgainMs = 2500;

/** A weight field that can take the scale's reading. */
type WeightTarget = { readonly take: (grams: number) => void };

type ScaleKey = RequestOf<"pressScale">["body"]["key"];

/** The stream of readings: opened, kept open while the page is seen, opened again when it breaks. */
function useReadings(take: (reading: ScaleReading) => void, lost: () => void) {
  let source: EventSource | undefined;
  let again: ReturnType<typeof setTimeout> | undefined;
  let wanted = false;

  function close(): void {
    clearTimeout(again);
    source?.close();
    source = undefined;
  }
  function open(): void {
    close();
    source = new EventSource(paths.streamScale[1]);
    source.addEventListener("reading", (event: MessageEvent<string>) => {
      take(JSON.parse(event.data) as ScaleReading);
    });
    source.addEventListener("error", () => {
      lost();
      close();
      // A stream says nothing of why it broke: asking once tells a lost session from a lost network.
      void call("readScale", {}).catch(() => undefined);
      if (wanted) again = setTimeout(open, tryAgainMs);
    });
  }
  const visibility = useDocumentVisibility();
  watch(visibility, (seen) => {
    if (wanted && seen === "visible") open();
    else close();
  });
  return {
    start: (): void => {
      wanted = true;
      open();
    },
    stop: (): void => {
      wanted = false;
      close();
    },
  };
}

/** The weight field that gets the reading: the focused one, else the first on the page. */
function useTargets() {
  const targets = shallowRef<readonly WeightTarget[]>([]);
  const focused = shallowRef<WeightTarget | null>(null);
  function register(target: WeightTarget): () => void {
    targets.value = [...targets.value, target];
    return () => {
      targets.value = targets.value.filter((one) => one !== target);
      if (focused.value === target) focused.value = null;
    };
  }
  return { focused, register, chosen: () => focused.value ?? targets.value[0] };
}

/** The connected scale: its latest reading, its keys, and the weight field that gets the reading on W or a tap. */
export const useScale = defineStore("scale", () => {
  const reading = shallowRef<ScaleReading | null>(null);
  const connected = ref(false);
  const { focused, register, chosen } = useTargets();

  /** How often something was heard of the scale or asked of it: an answer overtaken by either says nothing new. */
  let turn = 0;
  function heard(now: ScaleReading): void {
    turn += 1;
    reading.value = now;
    connected.value = now.plugged;
  }

  const { start, stop } = useReadings(
    heard,
    // A scale that cannot be read never writes a weight; the dock says that it is away.
    () => (connected.value = false),
  );

  async function answered(asked: Promise<ScaleReading>): Promise<void> {
    const mine = ++turn;
    try {
      const now = await asked;
      if (mine === turn) heard(now);
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error;
      if (mine === turn) connected.value = false;
    }
  }
  const pile = (grams: number): Promise<void> => answered(call("simulateLoad", { body: { grams } }));
  const press = (key: ScaleKey): Promise<void> => answered(call("pressScale", { body: { key } }));

  /** The reading that may be taken for a weight: steady, not overloaded, more than nothing, of a scale that answers. */
  function steady(): number | undefined {
    const now = reading.value;
    return connected.value && now?.stable && !now.overload && now.grams > 0 ? now.grams : undefined;
  }
  /** Sends the steady reading into the weight field. False when there is nothing to send. */
  function send(): boolean {
    const [target, grams] = [chosen(), steady()];
    if (!target || grams === undefined) return false;
    target.take(grams);
    return true;
  }
  return { reading, connected, focused, start, stop, pile, press, send, steady, register };
});
