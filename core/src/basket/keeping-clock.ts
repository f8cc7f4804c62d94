import {
  hasTrait,
  keepingRule,
  type Catalogue,
  type Category,
  type IngredientFacts,
  type KeepingRule,
  type Place,
} from "../catalogue/index.ts";
import type { AgeingLot } from "./lot.ts";

/** Which published rule ages a cut, cooked or opened lot; undefined when none speaks of it. */
export function preparedRule(
  lot: AgeingLot,
  facts: IngredientFacts,
  catalogue: Catalogue,
): KeepingRule | undefined {
  const subject = lot.place === "freezer" ? frozenSubject(facts) : preparedSubject(lot, facts);
  return subject === undefined
    ? undefined
    : keepingRule(catalogue, subject, shelfOf(subject, lot.place, catalogue));
}

const frozenSubject = (facts: IngredientFacts): string => {
  if (facts.category === "nut" || facts.category === "seed") return "nuts-frozen";
  return facts.category.endsWith("-herb") ? "herbs-frozen-cubes" : "blanched-vegetables-frozen";
};

/** A rule written for one place only (opened oil, in the dark) is read for that place wherever the lot stands. */
const shelfOf = (subject: string, place: Place, catalogue: Catalogue): Place =>
  keepingRule(catalogue, subject, place)
    ? place
    : (catalogue.keeping.find((r) => r.subject === subject)?.place ?? place);

function preparedSubject(lot: AgeingLot, facts: IngredientFacts): string | undefined {
  if (lot.method && /^(roast|boil|char)-/.test(lot.method)) return "roasted-vegetables";
  if (lot.method === "drain-can" || facts.group === "pulse") return "beans-cooked";
  return facts.tcsWhen.includes("cut") ? (cutSubject(facts) ?? openedSubject(facts)) : openedSubject(facts);
}

/** Food Code's cut leafy greens, cut tomatoes and cut melon; other perishable food has clocks of its own. */
const cutSubject = (facts: IngredientFacts): string | undefined => {
  if (hasTrait(facts, "melon")) return "cut-melon";
  if (hasTrait(facts, "tomato")) return "cut-tomatoes";
  if (hasTrait(facts, "sprout")) return "raw-sprouts";
  return ["leaf", "brassica", "soft-herb"].includes(facts.category) ? "cut-leafy-greens" : undefined;
};

/** Opened packs and shelled goods, by category and kind. */
function openedSubject(facts: IngredientFacts): string | undefined {
  const byCategory: Readonly<Partial<Record<Category, string>>> = {
    "soft-herb": "soft-herbs-damp-cloth",
    "woody-herb": "woody-herbs",
    flower: "edible-flowers",
    nut: "nuts-raw",
    seed: "nuts-raw",
    acid: hasTrait(facts, "vinegar") ? "vinegar-open" : "lemon-juice-squeezed",
    oil: hasTrait(facts, "nut-oil") ? "nut-oil-open" : "olive-oil-open",
    cheese: facts.group === "hard-cheese" ? "hard-cheese-open" : "soft-cheese-open",
  };
  // Opened yogurt has no row of its own; the fresh-cheese limit is the nearest cautious one.
  if (hasTrait(facts, "sesame-paste")) return "nuts-fridge";
  return hasTrait(facts, "yogurt") ? "soft-cheese-open" : byCategory[facts.category];
}
