import { grams, list, type Sentences } from "./sentence.ts";

export const dressingSentences: Sentences = {
  "dressing-empty": () => "There is nothing in it yet.",
  "nothing-to-aim-at": () => "Enter a target: its ratio, its salt or its sweetness.",
  "acid-strength-unknown": (m) => `The acidity of ${list(m["acids"])} isn't known. Set it in the handbook.`,
  "acid-missing": () => "Choose at least one acid.",
  "volume-too-small": () =>
    "The emulsifier and the sweetener already fill this volume. Make more, or use less of them.",
  "style-unknown": () => "Choose a style from the list.",
  "salad-unknown": () => "Choose a kind of salad from the list.",
  "more-dressing-than-salad": (m) =>
    `${grams(m["usedG"])} of dressing on ${grams(m["saladG"])} of salad is too much. Weigh the jar again.`,
  "already-dressed": () => "That salad already has a dressing. Remove it first.",
};
