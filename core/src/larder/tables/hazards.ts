import type { FoodClass, Provenance } from "../../catalogue/index.ts";

/** What binds any dish that a kind of food is in: the most days in the fridge after making, and the caution it calls for. */
export type Hazard = Pick<Provenance, "source"> & {
  readonly id: string;
  readonly name: string;
  readonly days: number;
  /** Trigger of its caution; null where the date says it all. */
  readonly caution: string | null;
  readonly classes: readonly FoodClass[];
  /** Only where it goes in raw, only where it is cooked, or either way. */
  readonly when: "raw" | "cooked" | "any";
};

/** Hazards of single components. FDA, USDA and NCHFP figures are from memory. */
export const componentHazards: readonly Hazard[] = [
  {
    ...{ id: "raw-egg", name: "raw egg in it", days: 2, caution: "raw-egg" },
    ...{ classes: ["egg", "separated-egg"], when: "raw", source: "FDA Food Code 2022 3-202.13 and 3-401.11, from memory" },
  },
  {
    ...{ id: "cooked-rice", name: "cooked rice in it", days: 1, caution: "rice-and-grain" },
    ...{ classes: ["rice"], when: "any", source: "UK Food Standards Agency, from memory" },
  },
  {
    ...{ id: "raw-sprouts", name: "raw sprouts in it", days: 2, caution: "sprouts" },
    ...{ classes: ["sprout"], when: "raw", source: "FDA Food Code 2022 1-201.10, from memory" },
  },
  {
    ...{ id: "cut-leaf", name: "cut raw leaf, tomato or melon in it", days: 3, caution: "cut-leafy-greens" },
    ...{ classes: ["leaf", "tomato", "melon"], when: "raw", source: "FDA Food Code 2022 1-201.10, from memory" },
  },
  {
    ...{ id: "fresh-dairy", name: "milk, cream, yogurt or fresh cheese in it", days: 4, caution: null },
    ...{ classes: ["milk", "cream", "yogurt", "fresh-cheese", "blue-cheese"], when: "any" },
    source: "FDA Food Code 2022 3-501.17, from memory",
  },
  {
    ...{ id: "tofu", name: "tofu in it", days: 3, caution: null },
    ...{ classes: ["tofu"], when: "any", source: "USDA FoodKeeper, from memory" },
  },
  {
    ...{ id: "meat-or-fish", name: "meat or fish in it", days: 3, caution: null },
    ...{ classes: ["raw-meat", "raw-poultry-or-mince", "raw-fish", "cooked-meat", "cured-meat", "cooked-shellfish", "tinned-fish", "smoked-or-cured-fish"], when: "any" },
    source: "USDA FSIS leftovers (3–4 days); Food Code 2022 for smoked fish, from memory",
  },
  {
    ...{ id: "cooked-food", name: "cooked vegetables, grain or pulses in it", days: 3, caution: null },
    ...{ classes: ["leaf", "vegetable", "root", "bulb", "tomato", "frozen-vegetable", "grain", "dry-pulse"], when: "cooked" },
    source: "USDA FSIS leftovers (3–4 days), from memory",
  },
  {
    ...{ id: "cooked-pulses", name: "cooked pulses in it", days: 3, caution: null },
    ...{ classes: ["cooked-pulse"], when: "any", source: "USDA FSIS leftovers (3–4 days), from memory" },
  },
  {
    ...{ id: "opened-stock", name: "stock, juice or plant milk in it", days: 4, caution: null },
    ...{ classes: ["stock", "plant-milk", "fruit-juice"], when: "any", source: "USDA FSIS (3–4 days), from memory" },
  },
  {
    ...{ id: "unknown-food", name: "food without a rule of its own in it", days: 1, caution: null },
    ...{ classes: ["unknown"], when: "any", source: "common practice, no source" },
  },
];

/** Hazards of a whole dish: of what is in it together. */
export const underOil = {
  ...{ id: "under-oil", name: "garlic, herbs, vegetables or cheese in oil", days: 4 },
  source: "National Center for Home Food Preservation (garlic and herbs in oil), from memory",
} as const;
export const garlicInSweet = {
  ...{ id: "garlic-in-sweet", name: "fresh garlic in honey or syrup", days: 4, caution: "garlic-in-oil" },
  source: "common cautious practice, no source",
} as const;
export const freshDressing = {
  ...{ id: "fresh-dressing", name: "something fresh in the dressing", days: 4, caution: null },
  source: "National Center for Home Food Preservation and common cautious practice, from memory",
} as const;
export const unprovenPickle = {
  ...{ id: "unproven-pickle", name: "not a tested pickle: too little 5 % vinegar", days: 4, caution: "vinegar-strength" },
  source: "National Center for Home Food Preservation, from memory",
} as const;
/** What a part of a dish is made of is known, what it is as a dish is not: it is kept as a leftover is. */
export const leftOverPart: Pick<Hazard, "id" | "name" | "days" | "caution" | "source"> = {
  ...{ id: "left-over-part", name: "a part of a dish, kept by itself", days: 3, caution: null },
  source: "USDA FSIS leftovers (3–4 days), from memory",
};
export const unboiledBeans = {
  ...{ id: "unboiled-beans", name: "dry beans that are not boiled", days: 0, caution: "raw-kidney-beans" },
  source: "FDA Bad Bug Book (phytohaemagglutinin), from memory",
} as const;
