import type { ScaleReading } from "@apron/contract";
import { useDocumentVisibility, useIntervalFn } from "@vueuse/core";
import { defineStore } from "pinia";
import { ref, shallowRef, watch } from "vue";
import { call } from "./api.ts";

const pollMs = 700;

/** A weight field that can take the scale's reading. */
export type WeightTarget = { readonly take: (grams: number) => void };

/** The connected scale: its latest reading, and the weight field that gets it on W or a tap. */
export const useScale = defineStore("scale", () => {
  const reading = shallowRef<ScaleReading | null>(null);
  const connected = ref(false);
  const targets = shallowRef<readonly WeightTarget[]>([]);
  const focused = shallowRef<WeightTarget | null>(null);

  async function read(): Promise<void> {
    try {
      reading.value = await call("readScale", {});
      connected.value = true;
    } catch {
      // A scale that cannot be read never writes a weight; the dock says that it is away.
      connected.value = false;
    }
  }
  const polling = useIntervalFn(() => void read(), pollMs, { immediate: false });
  const visibility = useDocumentVisibility();
  watch(visibility, (seen) => {
    if (seen === "visible") polling.resume();
    else polling.pause();
  });

  function start(): void {
    void read();
    polling.resume();
  }
  async function pile(grams: number): Promise<void> {
    reading.value = await call("pileOnScale", { body: { grams } });
  }
  async function tare(): Promise<void> {
    reading.value = await call("tareScale", {});
  }
  /** Sends the stable reading into the focused weight field, else the first one. False when there is nothing to send. */
  function send(): boolean {
    const target = focused.value ?? targets.value[0];
    const now = reading.value;
    if (!target || !connected.value || !now?.stable || now.overload || now.grams <= 0) return false;
    target.take(now.grams);
    return true;
  }
  function register(target: WeightTarget): () => void {
    targets.value = [...targets.value, target];
    return () => {
      targets.value = targets.value.filter((one) => one !== target);
      if (focused.value === target) focused.value = null;
    };
  }
  return { reading, connected, focused, start, stop: polling.pause, pile, tare, send, register };
});
