import { accept, refuse, withoutAccents, type Result } from "../measure/index.ts";
import type { Catalogue } from "./catalogue.ts";
import { findNamed, nameIndexOf } from "./name-index.ts";
import type { Composition, CookingChange, Ingredient, Season } from "./rows.ts";

/** An ingredient that a kitchen added itself. */
export type OwnIngredient = Ingredient;

const own = { source: "your own entry", confidence: "medium", basis: "own" } as const;

/** What is known of an ingredient of which nothing is known. */
export const emptyFacts = {
  measures: [],
  trims: [],
  changes: [],
  change: {
    ingredient: "",
    method: "",
    factor: 1,
    low: 1,
    high: 1,
    waterBefore: null,
    waterAfter: null,
    solidsRetained: 1,
    minutesLow: null,
    minutesHigh: null,
    celsius: null,
    piece: "",
    doneWhen: "",
    ...own,
  } satisfies CookingChange,
  composition: {
    ingredient: "",
    waterG: null,
    saltG: null,
    saltLowG: null,
    saltHighG: null,
    sugarsG: null,
    fatG: null,
    titratableAcidG: null,
    acidAs: null,
    gramsPerMl: null,
    notes: "",
    ...own,
  } satisfies Composition,
  season: {
    ingredient: "",
    fromMonth: 1,
    toMonth: 12,
    daysWhole: 5,
    bestPlace: "fridge",
    advice: "",
    ...own,
  } satisfies Season,
} as const;

export type NameIssue = { readonly code: "name-taken"; readonly name: string; readonly by: string };

/** "Grandma's plum" → "own-grandmas-plum": an id that no reference ingredient can have. */
export const ownId = (name: string): string =>
  `own-${withoutAccents(name)
    .toLowerCase()
    .replace(/'/g, "")
    .replace(/[^a-z0-9]+/g, "-")
    .replace(/^-|-$/g, "")
    .slice(0, 48)}`;

/** Refuses a name that another ingredient already goes by. */
export function nameFree(name: string, catalogue: Catalogue): Result<string, NameIssue> {
  const taken = findNamed(name, nameIndexOf(catalogue));
  const [by] = taken?.ids ?? [];
  return taken?.how === "name" && taken.leftOver === "" && by !== undefined
    ? refuse({ code: "name-taken", name, by })
    : accept(ownId(name));
}
