import type { RecipeSummary } from "@apron/contract";

export const kindWords: Readonly<Record<RecipeSummary["kind"], string>> = {
  "leaf-salad": "Leaf salad",
  slaw: "Slaw",
  pesto: "Pesto",
  "herb-sauce": "Herb sauce in oil",
  dip: "Roasted-vegetable dip",
  dressing: "Dressing",
  "grain-salad": "Grain salad",
  "cooked-salad": "Cooked salad",
};
