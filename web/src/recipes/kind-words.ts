import { allergenName } from "@apron/core/catalogue";
import { counted } from "../ui/plural.ts";
import { showSpan, showSpans } from "../ui/spans.ts";
import type { NewFormula, RecipeSummary } from "@apron/contract";

export const kindWords: Readonly<Record<RecipeSummary["kind"], string>> = {
  "leaf-salad": "Leaf salad",
  "chopped-salad": "Chopped salad",
  slaw: "Slaw",
  "grain-salad": "Grain salad",
  "composed-plate": "Composed plate",
  "cooked-salad": "Cooked salad",
  "cooked-vegetables": "Cooked vegetables",
  pesto: "Pesto",
  "herb-sauce": "Herb sauce in oil",
  dip: "Dip",
  dressing: "Dressing",
  preserve: "Preserve",
};

export const dietWords: Readonly<Record<RecipeSummary["diets"][number], string>> = {
  vegan: "Vegan",
  vegetarian: "Vegetarian",
  "nut-free": "Nut-free",
  "dairy-free": "Dairy-free",
  "gluten-free": "Gluten-free",
};

/** Vegan implies vegetarian and dairy-free: the shortest list that says it all. */
export const dietLabels = (diets: RecipeSummary["diets"]): string[] =>
  diets
    .filter((diet) => !(diets.includes("vegan") && (diet === "vegetarian" || diet === "dairy-free")))
    .map((diet) => dietWords[diet]);

type Step = NewFormula["steps"][number];

export const toolWords: Readonly<Record<NonNullable<Step["tool"]>, string>> = {
  hands: "by hand",
  hob: "hob",
  oven: "oven",
  grill: "grill",
  processor: "processor",
  blender: "blender",
  fridge: "fridge",
  freezer: "freezer",
};

/** What a step says beside its words: time, heat, checks, waits, loads. */
export function stepMarks(step: Step, grams: (g: number) => string): string[] {
  const marks: (string | false)[] = [
    step.tool !== null && toolWords[step.tool],
    step.celsius !== null && `${step.celsius} °C`,
    step.warmUpMin !== null && `${step.warmUpMin} min to heat up`,
    step.passiveMin !== null && showSpans(step.passiveMin),
    step.activeMin !== null && `${showSpan(step.activeMin)} hands-on`,
    step.checkEveryMin !== null && `check every ${showSpan(step.checkEveryMin)}`,
    step.wait !== null &&
      `leave ${showSpan(step.wait.leastMin)}${step.wait.mostMin === null ? " or more" : `, at most ${showSpan(step.wait.mostMin)}`}`,
    step.load !== null && `${grams(step.load.leastG)} to ${grams(step.load.mostG)} at a time`,
    step.setAside && "set a plain portion aside first",
    step.tasteCold && "taste again when cold",
  ];
  return marks.filter((mark) => mark !== false);
}

export const servingsWords = (servings: number): string => counted(Math.round(servings * 10) / 10, "serving");

/** "0 min" is a recipe that does not say. */
export const timeWords = (minutes: number): string => (minutes > 0 ? showSpan(minutes) : "time not given");

export const allergenWords = (allergens: readonly string[]): string =>
  allergens.length > 0 ? `Contains ${allergens.map(allergenName).join(", ")}` : "No listed allergens";
