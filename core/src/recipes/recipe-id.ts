import { withoutAccents } from "../measure/index.ts";

const longestId = 60;

/**
 * A readable id for a new recipe: its name in plain letters and hyphens, with a number where the name is taken.
 * @example recipeId("Pickled plums!", new Set(["pickled-plums"])) // "pickled-plums-2"
 */
export function recipeId(name: string, taken: ReadonlySet<string>): string {
  const plain = withoutAccents(name)
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, "-")
    .replace(/^-+|-+$/g, "")
    .slice(0, longestId - 6)
    .replace(/-+$/, "");
  const base = plain === "" ? "recipe" : plain;
  if (!taken.has(base)) return base;
  let count = 2;
  while (taken.has(`${base}-${count}`)) count++;
  return `${base}-${count}`;
}
