import type { TasteWord } from "@apron/core/cook";

/** What a taste found. */
export const foundWords: Readonly<Record<TasteWord, string>> = {
  right: "Right",
  flat: "Flat",
  "too-sharp": "Too sharp",
  "too-salty": "Too salty",
  "too-sweet": "Too sweet",
  "too-bitter": "Too bitter",
};
