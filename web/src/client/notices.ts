import type { RequestOf, WriteName } from "@apron/contract";
import { defineStore } from "pinia";
import { shallowRef } from "vue";

/** The way back, as data: what to send if the cook wants it undone. */
type UndoWrite = {
  [Name in WriteName]: { readonly name: Name; readonly request: RequestOf<Name> };
}[WriteName];

export type Notice = { readonly text: string; readonly undo?: UndoWrite };

/** What just happened, said once at the foot of the screen, with the way back where there is one. */
export const useNotices = defineStore("notices", () => {
  const current = shallowRef<Notice | null>(null);
  const say = (notice: Notice): void => {
    current.value = notice;
  };
  const dismiss = (): void => {
    current.value = null;
  };
  return { current, say, dismiss };
});
