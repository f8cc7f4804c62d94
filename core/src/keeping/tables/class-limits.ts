import type { FoodClass, Place, Provenance } from "../../catalogue/index.ts";
import type { FoodForm } from "../../forms/index.ts";

/** A pack is sealed until it is opened: its form stays, its clock changes. */
export type Pack = "sealed" | "opened";

/**
 * The most days that food of one class keeps, counted after the day it was cooked, cut or opened. `forms` and `packs` that
 * are not named are not covered: they fall on the shortest row of all.
 */
export type ClassLimit = Provenance & {
  readonly classes: readonly FoodClass[];
  readonly forms: readonly FoodForm[];
  readonly packs: readonly Pack[];
  readonly places: readonly Place[];
  readonly days: number;
  readonly limit: "quality" | "safety";
  /** What the clock is called where it is shown: "cooked rice". */
  readonly name: string;
};

type Row = Omit<ClassLimit, "packs" | "places" | "confidence" | "basis"> & Partial<ClassLimit>;

const row = (one: Row): ClassLimit => ({
  packs: ["sealed", "opened"],
  places: ["fridge"],
  confidence: one.source.startsWith("common practice") ? "low" : "medium",
  basis: one.source.startsWith("common practice") ? "estimate" : "recalled-source",
  ...one,
});

const cooked = ["roasted", "boiled"] as const;
const raw = ["cut", "part", "drained"] as const;
const asSold = ["whole", "cut", "drained"] as const;
const dryForms = ["whole", "cut", "roasted", "dried"] as const;
const drySpots = ["cupboard", "room", "fridge", "freezer"] as const;
const warm = ["cupboard", "room"] as const;
/** Plants as they are picked: whole until they are cut. */
export const produce = [
  "leaf",
  "soft-herb",
  "woody-herb",
  "vegetable",
  "root",
  "bulb",
  "garlic",
  "ginger",
  "tomato",
  "melon",
  "sprout",
  "fruit",
  "citrus",
  "avocado",
  "flower",
  "frozen-vegetable",
] as const;

const codeTcs = "FDA Food Code 2022 1-201.10 and 3-501.17";
const leftovers = "USDA FSIS leftovers (3–4 days)";
const foodKeeper = "USDA FoodKeeper";
const practice = "common practice, no source";
const freezing = "National Center for Home Food Preservation, freezing (8–12 months at their best)";

/** The rows that catch what no other names. */
export const shortestOfAll: readonly ClassLimit[] = [
  { place: "fridge", days: 1, limit: "safety", source: practice } as const,
  { place: "room", days: 0, limit: "safety", source: "FDA Food Code 2022 3-501.16 and USDA FSIS two-hour rule" } as const,
  { place: "cupboard", days: 0, limit: "safety", source: "FDA Food Code 2022 3-501.16 and USDA FSIS two-hour rule" } as const,
  { place: "freezer", days: 90, limit: "quality", source: practice } as const,
].map(({ place, ...one }) =>
  row({ ...one, classes: ["unknown"], forms: [], places: [place], name: "food without a rule of its own" }),
);

/** The cautious limits by class × form × sealed or opened × place. */
export const classLimits: readonly ClassLimit[] = [
  // Produce as it comes. The storage table says more of each; this catches what it does not name.
  row({ classes: ["leaf", "soft-herb"], forms: ["whole"], days: 3, limit: "quality", name: "whole leaves", source: practice }),
  row({ classes: ["leaf", "soft-herb"], forms: ["whole"], places: warm, days: 1, limit: "quality", name: "whole leaves out of the fridge", source: practice }),
  row({ classes: ["woody-herb"], forms: ["whole", "cut"], days: 7, limit: "quality", name: "woody herbs", source: practice }),
  row({ classes: ["woody-herb"], forms: ["whole"], places: warm, days: 2, limit: "quality", name: "woody herbs out of the fridge", source: practice }),
  row({ classes: ["vegetable", "tomato", "avocado", "fruit", "melon"], forms: ["whole"], days: 3, limit: "quality", name: "whole and uncut", source: practice }),
  row({ classes: ["vegetable", "tomato", "avocado", "fruit", "melon"], forms: ["whole"], places: warm, days: 2, limit: "quality", name: "whole and uncut, out of the fridge", source: practice }),
  row({ classes: ["root", "bulb", "garlic", "citrus"], forms: ["whole"], days: 7, limit: "quality", name: "whole and uncut", source: practice }),
  row({ classes: ["root", "bulb", "garlic", "citrus"], forms: ["whole"], places: warm, days: 5, limit: "quality", name: "whole and uncut, out of the fridge", source: practice }),
  row({ classes: ["ginger"], forms: ["whole"], days: 21, limit: "quality", name: "ginger root", source: `${foodKeeper} (2–3 weeks)` }),
  row({ classes: ["ginger"], forms: ["whole"], places: warm, days: 7, limit: "quality", name: "ginger root", source: foodKeeper }),
  row({ classes: ["flower"], forms: ["whole", "cut"], days: 2, limit: "quality", name: "edible flowers", source: practice }),
  row({ classes: ["sprout"], forms: ["whole", "cut"], days: 2, limit: "safety", name: "raw sprouts", source: codeTcs }),

  // Produce cut, peeled, juiced, soaked or cooked.
  row({ classes: ["leaf"], forms: raw, days: 3, limit: "safety", name: "cut leaves", source: codeTcs }),
  row({ classes: ["tomato"], forms: raw, days: 3, limit: "safety", name: "cut tomatoes", source: codeTcs }),
  row({ classes: ["melon"], forms: raw, days: 3, limit: "safety", name: "cut melon", source: codeTcs }),
  row({ classes: ["soft-herb"], forms: raw, days: 3, limit: "quality", name: "picked herb leaves", source: practice }),
  row({ classes: ["garlic"], forms: raw, days: 3, limit: "safety", name: "peeled or chopped garlic", source: "National Center for Home Food Preservation (garlic is low in acid)" }),
  row({ classes: ["vegetable", "root", "bulb", "ginger"], forms: raw, days: 4, limit: "quality", name: "cut or peeled vegetables", source: `${foodKeeper} (3–5 days)` }),
  row({ classes: ["fruit", "citrus"], forms: raw, days: 3, limit: "quality", name: "cut fruit", source: `${foodKeeper} (3–4 days)` }),
  row({ classes: ["avocado"], forms: raw, days: 1, limit: "quality", name: "cut avocado", source: practice }),
  row({ classes: ["citrus"], forms: ["juice"], days: 3, limit: "safety", name: "fresh citrus juice", source: `${foodKeeper} (2–3 days)` }),
  row({ classes: ["citrus-juice"], forms: ["juice", ...asSold], days: 3, limit: "safety", name: "fresh citrus juice", source: `${foodKeeper} (2–3 days)` }),
  row({ classes: ["fruit", "tomato", "melon", "fruit-juice", "vegetable", "root"], forms: ["juice"], days: 3, limit: "safety", name: "fresh juice", source: practice }),
  row({ classes: ["citrus"], forms: ["zest", "part"], days: 2, limit: "quality", name: "citrus zest", source: practice }),
  row({ classes: produce, forms: cooked, days: 3, limit: "safety", name: "cooked vegetables", source: leftovers }),
  row({ classes: ["frozen-vegetable"], forms: ["whole", ...raw], days: 2, limit: "safety", name: "thawed vegetables", source: "USDA FSIS and common cautious practice" }),
  row({ classes: [...produce, "fruit-juice", "citrus-juice"], forms: ["whole", ...raw, ...cooked, "juice", "zest"], places: ["freezer"], days: 240, limit: "quality", name: "frozen produce", source: freezing }),
  row({ classes: produce, forms: ["dried"], places: warm, days: 180, limit: "quality", name: "home-dried", source: foodKeeper }),
  row({ classes: produce, forms: ["dried"], places: ["fridge", "freezer"], days: 180, limit: "quality", name: "home-dried", source: foodKeeper }),

  // Grain and pulses.
  row({ classes: ["rice", "grain", "dry-pulse"], forms: ["whole", "cut", "dried"], places: drySpots, days: 365, limit: "quality", name: "dry grain and pulses", source: practice }),
  row({ classes: ["rice"], forms: cooked, days: 1, limit: "safety", name: "cooked rice", source: "UK Food Standards Agency rice guidance (24 hours; Bacillus cereus)" }),
  row({ classes: ["grain"], forms: [...cooked, "soaked"], days: 3, limit: "safety", name: "cooked grain", source: leftovers }),
  row({ classes: ["rice", "dry-pulse"], forms: ["soaked"], days: 1, limit: "safety", name: "soaked grain and pulses", source: practice }),
  row({ classes: ["dry-pulse"], forms: cooked, days: 3, limit: "safety", name: "cooked pulses", source: leftovers }),
  row({ classes: ["cooked-pulse"], forms: [...asSold, ...cooked], days: 3, limit: "safety", name: "cooked or opened pulses", source: `${leftovers}; opened low-acid tins 3–4 days` }),
  row({ classes: ["rice", "grain", "dry-pulse", "cooked-pulse"], forms: [...cooked, ...asSold], places: ["freezer"], days: 90, limit: "quality", name: "cooked grain and pulses, frozen", source: practice }),
  row({ classes: ["flour", "dry-goods", "sugar-or-honey", "salt", "vinegar"], forms: ["whole", "cut", "roasted"], places: drySpots, days: 365, limit: "quality", name: "dry and shelf-stable", source: practice }),
  row({ classes: ["bread"], forms: ["whole", "cut", "roasted"], places: warm, days: 4, limit: "quality", name: "bread", source: practice }),
  row({ classes: ["bread"], forms: ["whole", "cut", "roasted"], days: 7, limit: "quality", name: "bread in the fridge", source: practice }),
  row({ classes: ["bread"], forms: ["whole", "cut", "roasted"], places: ["freezer"], days: 90, limit: "quality", name: "bread, frozen", source: practice }),

  // Nuts, dried food, oil, preserves.
  row({ classes: ["nut"], forms: dryForms, places: warm, days: 90, limit: "quality", name: "nuts and seeds", source: foodKeeper }),
  row({ classes: ["nut"], forms: ["soaked"], days: 1, limit: "safety", name: "soaked nuts", source: practice }),
  row({ classes: ["nut"], forms: dryForms, days: 180, limit: "quality", name: "nuts and seeds in the fridge", source: foodKeeper }),
  row({ classes: ["nut"], forms: dryForms, places: ["freezer"], days: 365, limit: "quality", name: "nuts and seeds, frozen", source: foodKeeper }),
  row({ classes: ["nut-butter"], forms: ["whole", "cut"], packs: ["opened"], places: warm, days: 60, limit: "quality", name: "nut butter", source: foodKeeper }),
  row({ classes: ["nut-butter"], forms: ["whole", "cut"], days: 180, limit: "quality", name: "nut butter in the fridge", source: foodKeeper }),
  row({ classes: ["dried-fruit"], forms: dryForms, places: drySpots, days: 180, limit: "quality", name: "dried fruit", source: foodKeeper }),
  row({ classes: ["dried-herb-or-spice"], forms: dryForms, places: drySpots, days: 365, limit: "quality", name: "dried herbs and spices", source: foodKeeper }),
  row({ classes: ["oil"], forms: ["whole"], places: drySpots, days: 120, limit: "quality", name: "oil", source: practice }),
  row({ classes: ["nut-oil"], forms: ["whole"], places: ["fridge", "freezer"], days: 60, limit: "quality", name: "nut oil", source: practice }),
  row({ classes: ["nut-oil"], forms: ["whole"], places: warm, days: 60, limit: "quality", name: "nut oil", source: practice }),
  row({ classes: ["wine"], forms: ["whole"], days: 5, limit: "quality", name: "opened wine", source: practice }),
  row({ classes: ["sauce"], forms: ["whole"], days: 180, limit: "quality", name: "bought sauce or mustard", source: `${foodKeeper} (6–12 months)` }),
  row({ classes: ["mayonnaise"], forms: ["whole"], days: 60, limit: "quality", name: "bought mayonnaise", source: `${foodKeeper} (2 months)` }),
  row({ classes: ["miso", "syrup"], forms: ["whole"], days: 180, limit: "quality", name: "opened, in the fridge", source: practice }),
  row({ classes: ["syrup"], forms: ["whole"], packs: ["opened"], places: warm, days: 60, limit: "quality", name: "opened syrup", source: practice }),
  row({ classes: ["jam", "bottled-citrus-juice"], forms: ["whole"], days: 60, limit: "quality", name: "opened, in the fridge", source: practice }),
  row({ classes: ["in-brine"], forms: ["whole", "cut", "part", "drained"], days: 30, limit: "quality", name: "in brine or vinegar, opened", source: `${foodKeeper} (1–2 months)` }),
  row({ classes: ["in-oil", "spice-paste"], forms: asSold, days: 7, limit: "safety", name: "in oil, opened", source: "common cautious practice; the label first" }),
  row({ classes: ["tinned-tomato"], forms: asSold, days: 5, limit: "safety", name: "opened tin of tomato", source: "USDA FSIS high-acid tins (5–7 days)" }),
  row({ classes: ["fruit-juice"], forms: ["whole"], days: 3, limit: "safety", name: "opened juice", source: practice }),
  row({
    classes: [
      ...(["sauce", "mayonnaise", "miso", "syrup", "jam", "bottled-citrus-juice", "in-brine", "in-oil", "spice-paste"] as const),
      ...(["tinned-tomato", "cooked-pulse", "tinned-fish", "nut-butter", "plant-milk", "wine", "fruit-juice", "stock"] as const),
    ],
    ...{ forms: ["whole"], packs: ["sealed"], places: warm, days: 365, limit: "quality" },
    ...{ name: "sealed tin or jar", source: "the date on it; common practice without one" },
  }),

  // Egg, dairy, tofu, meat, fish.
  row({ classes: ["egg"], forms: ["whole"], days: 21, limit: "safety", name: "eggs in their shells", source: "USDA FSIS (3–5 weeks)" }),
  row({ classes: ["egg"], forms: ["whole"], packs: ["sealed"], places: warm, days: 21, limit: "safety", name: "eggs with a date on their box", source: "EU 589/2008 (28 days from laying, unwashed)" }),
  row({ classes: ["egg"], forms: ["whole"], places: ["freezer"], days: 0, limit: "safety", name: "eggs in their shells are not frozen", source: "USDA FSIS" }),
  row({ classes: ["egg"], forms: ["cut", "part"], days: 2, limit: "safety", name: "shelled or separated egg", source: "USDA FSIS (2–4 days)" }),
  row({ classes: ["separated-egg"], forms: ["whole", "cut", "part"], days: 2, limit: "safety", name: "separated egg", source: "USDA FSIS (2–4 days)" }),
  row({ classes: ["egg", "separated-egg"], forms: ["boiled"], days: 7, limit: "safety", name: "hard-boiled eggs", source: "USDA FSIS (1 week)" }),
  row({ classes: ["milk", "cream"], forms: ["whole"], days: 5, limit: "safety", name: "opened milk or cream", source: `${codeTcs}; FoodKeeper 7 days` }),
  row({ classes: ["yogurt"], forms: ["whole"], days: 6, limit: "safety", name: "opened yogurt", source: `${codeTcs} (7 days with the day of opening)` }),
  row({ classes: ["fresh-cheese", "blue-cheese"], forms: asSold, days: 6, limit: "safety", name: "opened soft cheese", source: `${codeTcs} (day of opening + 6)` }),
  row({ classes: ["hard-cheese"], forms: ["whole"], days: 21, limit: "quality", name: "hard cheese", source: `${foodKeeper} (3–4 weeks)` }),
  row({ classes: ["hard-cheese"], forms: ["cut"], days: 6, limit: "quality", name: "grated hard cheese", source: practice }),
  row({ classes: ["butter"], forms: ["whole", "cut"], days: 30, limit: "quality", name: "butter", source: `${foodKeeper} (1–2 months)` }),
  row({ classes: ["tofu"], forms: [...asSold, ...cooked], days: 3, limit: "safety", name: "opened tofu", source: `${foodKeeper} (3–5 days)` }),
  row({ classes: ["stock"], forms: ["whole"], days: 3, limit: "safety", name: "stock", source: "USDA FSIS (3–4 days)" }),
  row({ classes: ["plant-milk"], forms: ["whole"], days: 3, limit: "safety", name: "opened plant milk", source: `${foodKeeper} (coconut milk 4–6 days)` }),
  row({ classes: ["raw-meat"], forms: ["whole"], days: 3, limit: "safety", name: "raw meat", source: "USDA FSIS (steaks, chops, joints 3–5 days)" }),
  row({ classes: ["raw-meat"], forms: ["cut", "part"], days: 1, limit: "safety", name: "raw meat, cut up", source: "USDA FSIS (stewing meat and mince 1–2 days)" }),
  row({ classes: ["raw-poultry-or-mince", "raw-fish"], forms: ["whole", "cut", "part"], days: 1, limit: "safety", name: "raw poultry, mince or fish", source: "USDA FSIS (1–2 days)" }),
  row({ classes: ["fresh-pastry"], forms: ["whole", "cut"], days: 2, limit: "safety", name: "fresh pastry, opened", source: practice }),
  row({ classes: ["raw-meat", "raw-poultry-or-mince", "raw-fish", "fresh-pastry"], forms: cooked, days: 3, limit: "safety", name: "cooked meat or fish", source: leftovers }),
  row({ classes: ["raw-meat", "raw-poultry-or-mince", "raw-fish", "fresh-pastry"], forms: ["whole", "cut", "part", ...cooked], places: ["freezer"], days: 90, limit: "quality", name: "frozen meat or fish", source: "USDA FSIS (3–4 months for mince and fish)" }),
  row({ classes: ["cooked-meat"], forms: [...asSold, ...cooked], days: 3, limit: "safety", name: "cooked meat", source: leftovers }),
  row({ classes: ["cured-meat"], forms: [...asSold, ...cooked], days: 3, limit: "safety", name: "sliced cured meat", source: "USDA FSIS (3–5 days)" }),
  row({ classes: ["cooked-shellfish", "tinned-fish"], forms: [...asSold, ...cooked], days: 2, limit: "safety", name: "cooked fish or shellfish", source: "USDA FSIS and FDA seafood storage chart" }),
  row({ classes: ["smoked-or-cured-fish"], forms: [...asSold, ...cooked], days: 3, limit: "safety", name: "smoked or cured fish", source: "Listeria; FDA Food Code 2022 3-501.17 (at most 7)" }),
];
