import type { FoodForm } from "./food-form.ts";

const words: Readonly<Record<FoodForm, string>> = {
  whole: "whole",
  cut: "trimmed",
  roasted: "roasted",
  boiled: "boiled",
  juice: "juice",
  zest: "zest",
  part: "separated",
  drained: "drained",
  soaked: "soaked",
  dried: "dried",
};

/** A method as a cook would say it: "char-whole-then-scoop" is "char whole, then scoop". */
export const methodWords = (method: string): string =>
  method.replaceAll("-then-", ", then ").replaceAll("-", " ");

/** The form of a lot in words, with the method where it tells more: "roasted (char whole, then scoop)". */
export const formWords = (form: FoodForm, method: string | null): string =>
  method === null || ["juice", "zest", "soaked", "dried"].includes(form)
    ? words[form]
    : `${words[form]} (${methodWords(method)})`;
