import type { DishKind } from "../formula.ts";

/**
 * What a dish of a kind usually is: how heavy a portion, how dense, which words name it. Grams a portion and grams per
 * millilitre are common practice, no source; a weighed batch says better.
 */
export type KindRow = {
  readonly kind: DishKind;
  readonly portionG: number;
  readonly gramsPerMl: number;
  readonly words: RegExp;
};

/** In the order they are tried against a title or category: the more particular first. */
export const kindRows: readonly KindRow[] = [
  { kind: "pesto", portionG: 40, gramsPerMl: 0.95, words: /\bpesto/i },
  { kind: "dressing", portionG: 20, gramsPerMl: 0.95, words: /dressing|vinaigrette/i },
  {
    kind: "herb-sauce",
    portionG: 30,
    gramsPerMl: 0.95,
    words: /herb sauce|green sauce|salsa verde|chimichurri|\bsauce\b/i,
  },
  { kind: "dip", portionG: 60, gramsPerMl: 1.02, words: /\bdip\b|hummus|spread|pur[eé]e/i },
  { kind: "preserve", portionG: 30, gramsPerMl: 1, words: /preserve|pickle|chutney|relish|jam\b/i },
  { kind: "slaw", portionG: 120, gramsPerMl: 0.5, words: /slaw/i },
  {
    kind: "grain-salad",
    portionG: 200,
    gramsPerMl: 0.75,
    words: /grain salad|bulgur|barley|quinoa|couscous|farro|freekeh|\brice salad|pasta salad|tabbouleh/i,
  },
  { kind: "composed-plate", portionG: 180, gramsPerMl: 0.5, words: /plate|platter|composed/i },
  {
    kind: "cooked-salad",
    portionG: 170,
    gramsPerMl: 0.7,
    words: /cooked salad|roast|grilled|warm|charred|potato salad|bean salad/i,
  },
  { kind: "chopped-salad", portionG: 150, gramsPerMl: 0.6, words: /(?:chopped|diced)\b.*\bsalad/i },
  {
    kind: "cooked-vegetables",
    portionG: 150,
    gramsPerMl: 0.7,
    words: /cooked vegetables|\bbraised\b|\bsteamed\b|\bgratin\b|\bstir[- ]fr/i,
  },
  { kind: "leaf-salad", portionG: 70, gramsPerMl: 0.25, words: /salad|leaves|leaf/i },
];

/** Cooking methods by the words a recipe has for them; "" is a word that says it is raw again. */
export const methodWords: readonly (readonly [method: string, words: RegExp])[] = [
  ["roast-whole", /roast\w* whole|whole[, ]+roast/i],
  ["roast-diced", /\broast|\bbake/i],
  ["char-grill", /\bchar(?:red|ring)?\b|\bchar-?grill|grill|barbecue/i],
  ["blanch", /blanch/i],
  ["boil", /\bboil|simmer|steam|\bcooked\b/i],
  ["saute", /saut[eé]|\bfry|fried|soften(?:ed)? in/i],
  ["dry-roast", /toast/i],
  ["salt-and-drain", /salted and drained|squeezed dry/i],
];

/** Trim methods a preparation implies, by its words. */
export const trimWords: readonly (readonly [method: string, words: RegExp])[] = [
  ["zest", /\bzest(?:ed)?\b(?!.*\bjuiced?\b)/i],
  ["squeeze", /\bjuiced?\b/i],
  ["strip-leaves", /leaves (?:only|picked|stripped)|,\s*leaves\s*$|picked|stripped/i],
  ["leaves-and-fine-stems", /fine stems|tender stems|stalks and all/i],
  ["char-whole-then-scoop", /\bchar(?:red|grilled)?\b.*\b(?:whole|scooped|flesh)\b/i],
  ["roast-halved-then-scoop", /\broast(?:ed)?\b.*\bhalved\b.*\b(?:scooped|flesh)\b|\bhalved\b.*\broast(?:ed)?\b.*\b(?:scooped|flesh)\b/i],
  ["roast-whole-then-scoop", /\broast(?:ed)?\b.*\b(?:whole|scooped|flesh)\b/i],
  ["peel-and-core", /peeled (?:and|,) cored/i],
  ["peel", /peeled/i],
  ["pit", /pitted|stoned/i],
  ["seed-and-core", /seeded|deseeded|cored/i],
  ["shell", /shelled|podded/i],
  ["drain-can", /drained/i],
  ["top-and-tail", /topped and tailed|trimmed/i],
  ["wash-and-spin", /washed/i],
];
