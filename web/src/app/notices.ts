import { defineStore } from "pinia";
import { shallowRef } from "vue";

export type Notice = { readonly text: string; readonly undo?: () => Promise<unknown> };

const shownMs = 12_000;

/** What just happened, said once at the foot of the bench, with the way back where there is one. */
export const useNotices = defineStore("notices", () => {
  const current = shallowRef<Notice | null>(null);
  let timer: ReturnType<typeof setTimeout> | undefined;

  function dismiss(): void {
    clearTimeout(timer);
    current.value = null;
  }
  function say(notice: Notice): void {
    clearTimeout(timer);
    current.value = notice;
    timer = setTimeout(dismiss, shownMs);
  }
  return { current, say, dismiss };
});
