/** What else comes off, and what it is good for. Common practice, no source. */
export type PartUse = { readonly part: string; readonly use: string; readonly compost: boolean };

const uses: readonly PartUse[] = [
  { part: "leaves", use: "wash and cook like spinach, or pesto", compost: false },
  { part: "tops", use: "wash and cook like spinach, or pesto", compost: false },
  { part: "fine stems", use: "chop into the dressing or blend", compost: false },
  { part: "stems", use: "stock, or slice thin and sauté", compost: false },
  { part: "flowers", use: "keep in a damp cloth for the plate", compost: false },
  { part: "seeds", use: "rinse, dry and roast", compost: false },
  { part: "cores", use: "grill tomorrow, or dice into soup", compost: false },
  { part: "peel", use: "stock", compost: false },
  { part: "fronds", use: "dressing or the plate", compost: false },
  { part: "juice", use: "into the dish or the dressing", compost: false },
  { part: "pods", use: "stock", compost: false },
  { part: "damaged", use: "compost", compost: true },
];

/** The parts a cook may add to a trim beside the handbook's own. */
export const partUses: readonly PartUse[] = uses;

/** What a part is good for by its name: the handbook's word first, then the usual one; undefined when it is not known. */
export const useOfPart = (
  part: string,
  handbook: readonly { part: string; use: string }[] = [],
): string | undefined => handbook.find((p) => p.part === part)?.use ?? uses.find((p) => p.part === part)?.use;

const notForEating = /^(?:compost|mulch|bird bedding|plant feed|dye|salve|cleaning)\b/;

/** Is a part worth keeping for the kitchen? Not what only goes to the compost, the garden or the dye pot. */
export const isForEating = (use: string | undefined): boolean =>
  use !== undefined && use.split(/, | or /).some((one) => !notForEating.test(one.trim()));

/** Parts that are an ingredient of their own: the tops of a beet are beet greens. */
const ownIngredient: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  beet: { tops: "beet-greens", leaves: "beet-greens" },
  carrot: { tops: "carrot-tops", leaves: "carrot-tops" },
  radish: { tops: "radish-greens", leaves: "radish-greens" },
  turnip: { tops: "turnip-greens", leaves: "turnip-greens" },
  celery: { leaves: "celery-leaves" },
  "fennel-bulb": { fronds: "fennel-fronds" },
  cauliflower: { leaves: "cauliflower-leaf" },
  zucchini: { flowers: "squash-blossom" },
  chives: { flowers: "chive-blossom" },
  "fennel-fronds": { flowers: "fennel-flower" },
  egg: { white: "egg-white", yolk: "egg-yolk" },
  lemon: { juice: "lemon-juice" },
  lime: { juice: "lime-juice" },
  orange: { juice: "orange-juice" },
};

/** The ingredient that a part of another one is; undefined where it stays a by-product of its parent. */
export const ingredientOfPart = (ingredient: string, part: string): string | undefined =>
  ownIngredient[ingredient]?.[part];
