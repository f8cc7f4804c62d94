import type { Timer } from "@apron/core/cook";
import { useStorage, useVibrate, useWakeLock, useWebNotification } from "@vueuse/core";
import { onMounted, onUnmounted, watch, watchEffect, type Ref } from "vue";

/** A moment at which the cook is called: a timer's look or end, or a turn. `key` is new with each. */
export type Call = { readonly key: string; readonly text: string };

/** Two short notes from the browser's own tone maker: no file has to load, and none can be missing. */
function ring(): void {
  const audio = new AudioContext();
  for (const [i, hertz] of [880, 1175, 880].entries()) {
    const [tone, loudness] = [audio.createOscillator(), audio.createGain()];
    const from = audio.currentTime + i * 0.22;
    tone.frequency.value = hertz;
    loudness.gain.setValueAtTime(0.25, from);
    loudness.gain.exponentialRampToValueAtTime(0.001, from + 0.2);
    tone.connect(loudness).connect(audio.destination);
    tone.start(from);
    tone.stop(from + 0.2);
  }
  setTimeout(() => void audio.close(), 1500);
}

/** As long as nobody answers, it calls again. */
const againMs = 30_000;

/**
 * Calls the cook with sound, vibration and, where it is allowed, a notification; keeps the screen awake meanwhile. What is
 * not allowed or not there is left out: the page says everything too.
 */
export function useAlarms(calls: Readonly<Ref<readonly Call[]>>) {
  const isLoud = useStorage("apron:cook-sound", true);
  const { vibrate } = useVibrate({ pattern: [200, 100, 200] });
  const { isSupported, permissionGranted, show, ensurePermissions } = useWebNotification({
    requestPermissions: false,
  });
  const screen = useWakeLock();
  function sound(text: string): void {
    if (isLoud.value) ring();
    vibrate();
    if (isSupported.value && permissionGranted.value) void show({ title: text, tag: "apron-cook" });
  }
  let last = "";
  let calledAt = 0;
  const look = (): void => {
    const [first] = calls.value;
    if (!first) return void (last = "");
    const keys = calls.value.map(({ key }) => key).join(" ");
    if (keys === last && Date.now() - calledAt < againMs) return;
    [last, calledAt] = [keys, Date.now()];
    sound(first.text);
  };
  watch(calls, look, { immediate: true });
  const again = setInterval(look, 1000);
  onMounted(() => void screen.request("screen").catch(() => undefined));
  onUnmounted(() => {
    clearInterval(again);
    void screen.release().catch(() => undefined);
  });
  return { isLoud, canAsk: isSupported, isAllowed: permissionGranted, allow: () => ensurePermissions() };
}

/** The page's title says the timer that is over next. */
export function useTimerTitle(words: () => string | undefined): void {
  watchEffect(() => (document.title = words() ?? "Cook along · Apron Plate"));
}

/** "12:05" until a timer is over, "−2:10" since it was. */
export function countdown({ dueAt }: Pick<Timer, "dueAt">, now: number): string {
  const seconds = Math.round(Math.abs(dueAt - now) / 1000);
  const [hours, minutes, rest] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60];
  const two = (count: number): string => String(count).padStart(2, "0");
  const shown = hours > 0 ? `${hours}:${two(minutes)}:${two(rest)}` : `${minutes}:${two(rest)}`;
  return dueAt < now ? `−${shown}` : shown;
}
