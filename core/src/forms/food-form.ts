/**
 * What has been done to food since it was bought. Food of one form may be used where that form is asked for; none of
 * these ever turns back into another: juice never becomes zest, peeled raw flesh never becomes charred flesh.
 *
 * - `whole`: as it came from bed, market or pack, uncut
 * - `cut`: trimmed, peeled, cut or grated, still raw
 * - `roasted`, `boiled`: by a trim with heat in it (charred whole and scooped, boiled and slipped) or a cooking change
 * - `juice`, `zest`, `part`: what comes off one piece (a separated egg, a rind)
 * - `drained`: out of its tin or brine
 * - `soaked`, `dried`: water taken up or given off without heat
 */
export const foodForms = [
  "whole",
  "cut",
  "roasted",
  "boiled",
  "juice",
  "zest",
  "part",
  "drained",
  "soaked",
  "dried",
] as const;
export type FoodForm = (typeof foodForms)[number];

/** Which form a trim method or a cooking change leads to, by how its name begins; the first that fits holds. */
const formsByMethod: readonly (readonly [method: RegExp, form: FoodForm])[] = [
  [/^(roast|char|grill|dry-roast|saute|caramelise|fry)/, "roasted"],
  [/^(boil|blanch|steam|simmer|poach)/, "boiled"],
  [/^squeeze/, "juice"],
  [/^zest/, "zest"],
  [/^(separate|rind-only)/, "part"],
  [/^(drain-can|rinse-and-soak)/, "drained"],
  [/^soak/, "soaked"],
  [/^dry$/, "dried"],
  [/^shell$/, "cut"],
];

/** The form that food is in after a trim method or a cooking change; raw and cut where the method says nothing else. */
export const formAfter = (method: string): FoodForm =>
  formsByMethod.find(([words]) => words.test(method))?.[1] ?? "cut";

/** Heated through, so that it is kept as cooked food. */
export const isCooked = (form: FoodForm): boolean => form === "roasted" || form === "boiled";
