import type { Fit } from "./fit.ts";
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

/** What is still to be done to a lot: "char whole, then scoop", or "strip leaves, keep the stems". */
export const toDoWords = ({ toDo, part }: Pick<Fit, "toDo" | "part">): string | null =>
  toDo === null ? null : trimWords(toDo, part === null ? [] : [part]);

/** A trim and what to keep of it beside: "zest, keep the juice". */
export const trimWords = (method: string, keep: readonly string[]): string =>
  [methodWords(method), ...(keep.length > 0 ? [`keep the ${keep.join(" and the ")}`] : [])].join(", ");

/** What is said of food that a method was done to, where the method's name does not read well after it. */
const done: Readonly<Record<string, string>> = {
  boil: "boiled",
  blanch: "blanched",
  saute: "sautéed",
  caramelise: "caramelised",
  peel: "peeled",
  pit: "pitted",
  shell: "shelled",
  destem: "destemmed",
  "strip-leaves": "leaves only",
  "leaves-and-fine-stems": "leaves and fine stems",
  "roast-diced": "roasted in dice",
  "roast-whole": "roasted whole",
  "char-grill": "chargrilled",
  "drain-can": "drained",
  squeeze: "juice",
  zest: "zest",
  separate: "separated",
  "separate-whites": "separated",
  soak: "soaked",
  dry: "dried",
};

/** The form of a lot in words, with the method where it tells more: "roasted (char whole, then scoop)". */
export const formWords = (form: FoodForm, method: string | null): string =>
  method === null ? words[form] : (done[method] ?? `${words[form]} (${methodWords(method)})`);

/** A name without "dried" or "dry" once the food is cooked: "white rice, dried" that was boiled is white rice. */
export const nameOnceCooked = (name: string): string => name.replace(/,? \(?(?:dried|dry)\)?$/, "");
