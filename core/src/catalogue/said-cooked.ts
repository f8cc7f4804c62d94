import type { CookingChange } from "./rows.ts";

/** Of the name alone: "lentils, cooked" are the dry ones, to be cooked. */
export const saysCooked = /\b(?:cooked|boiled|steamed|leftover|wilted|braised)\b/i;

/** Words that say how food was cooked, and the changes that they may mean, the likeliest first. Common practice, no source. */
const saidAs: readonly (readonly [words: RegExp, methods: readonly string[]])[] = [
  [
    /\b(?:diced|cubed?|cubes|wedges|sliced)\b.*\broast(?:ed)?\b|\broast(?:ed)? (?:diced|cubed)\b/i,
    ["roast-diced"],
  ],
  [/\b(?:roast(?:ed)?|baked)\b/i, ["roast-whole", "roast-diced", "roast-wedge", "roast-crisp"]],
  [/\b(?:char[- ]?)?grilled\b|\bcharred\b/i, ["char-grill"]],
  [saysCooked, ["boil", "soak"]],
];

/**
 * The change that food has been through by the words before it: "cooked beetroot" was boiled, "roasted squash" roasted.
 * Undefined where the words say no cooking, or no table has a figure for it.
 */
export function changeSaid(words: string, changes: readonly CookingChange[]): CookingChange | undefined {
  const methods = saidAs.find(([said]) => said.test(words))?.[1] ?? [];
  return methods
    .map((method) => changes.find((one) => one.method === method))
    .find((one) => one !== undefined);
}
