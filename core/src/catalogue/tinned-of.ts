import type { LineIngredient, LineReader } from "./line-reading.ts";
import { hasTrait } from "./rows.ts";
import { madeFrom } from "./tables/made-from.ts";

/** A tin of green lentils holds cooked ones, whatever dry pulse goes by that name. */
export function tinnedOf(named: LineIngredient, word: string, { facts }: LineReader): LineIngredient {
  if (named.kind !== "one" || !/^(?:tin|can|jar)$/.test(word)) return named;
  const known = facts(named.id);
  if (!known || !hasTrait(known, "dry-pulse")) return named;
  const cooked = madeFrom.find((one) => one.from === named.id && one.method === "boil");
  return cooked && facts(cooked.ingredient) ? { ...named, id: cooked.ingredient } : named;
}
