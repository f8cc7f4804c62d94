import type { StepTool } from "../../recipes/index.ts";

/** How a line that is cooked by itself, in no step of its recipe, is cooked: with what, and in which words. */
export type CookedLine = { readonly method: RegExp; readonly tool: StepTool; readonly verb: string; readonly water: boolean };

/** Methods that need a fire; drying, freezing, soaking and salting are not planned here. */
export const cookedLines: readonly CookedLine[] = [
  { method: /^boil$/, tool: "hob", verb: "Boil", water: true },
  { method: /^blanch$/, tool: "hob", verb: "Blanch", water: true },
  { method: /^steam$/, tool: "hob", verb: "Steam", water: true },
  { method: /^saute$/, tool: "hob", verb: "Fry", water: false },
  { method: /^caramelise$/, tool: "hob", verb: "Fry slowly", water: false },
  { method: /^dry-roast$/, tool: "hob", verb: "Toast", water: false },
  { method: /^roast/, tool: "oven", verb: "Roast", water: false },
  { method: /^char-grill$/, tool: "grill", verb: "Grill", water: false },
];
