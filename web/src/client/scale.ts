import type { RequestOf, ScaleReading } from "@apron/contract";
import { defineStore } from "pinia";
import { ref, shallowRef } from "vue";
import { ApiProblem, call } from "./api.ts";
import { useLive } from "./live.ts";

/** A weight field that can take the scale's reading. */
type WeightTarget = { readonly take: (grams: number) => void };

type ScaleKey = RequestOf<"pressScale">["body"]["key"];

/** The scale's readings over the live stream, from start to stop. */
function useReadings(heard: (reading: ScaleReading) => void, lost: () => void) {
  const live = useLive();
  let silence: (() => void) | undefined;
  return {
    start: (): void => {
      silence ??= live.listen({ event: "reading", heard: (data) => heard(data as ScaleReading), lost });
    },
    stop: (): void => {
      silence?.();
      silence = undefined;
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

  // A scale that cannot be read never writes a weight; the dock says that it is away.
  const { start, stop } = useReadings(heard, () => (connected.value = false));

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
