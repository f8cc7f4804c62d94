import { accept, invariant, refuse, type Result } from "../measure/index.ts";

/** What a price is for: the whole lot, a kilogram, 100 g, or each of what was counted. */
export const priceBases = ["all", "kg", "100g", "each"] as const;
export type PriceBasis = (typeof priceBases)[number];

export type Price = { readonly minor: number; readonly per: PriceBasis };

export type PriceIssue = { readonly code: "price-needs-count" };

/**
 * What a lot cost in minor units, rounded half up. `count` is how many bunches, heads or items were typed; a price
 * each needs it, and is refused for a weight alone.
 */
export function priceOfLot(
  price: Price,
  lot: { readonly grams: number; readonly count: number | null },
): Result<number, PriceIssue> {
  switch (price.per) {
    case "all":
      return accept(price.minor);
    case "kg":
      return accept(Math.round((price.minor * lot.grams) / 1000));
    case "100g":
      return accept(Math.round((price.minor * lot.grams) / 100));
    case "each":
      return lot.count === null
        ? refuse({ code: "price-needs-count" })
        : accept(Math.round(price.minor * lot.count));
  }
}

/**
 * Splits a price over lines by weight, in whole minor units that add up to it exactly: each line gets its share
 * rounded down, and what is left goes, one by one, to the largest remainders (the earlier line wins a tie).
 * @example sharePrice(1000, [300, 300, 300]) // [334, 333, 333]
 */
export function sharePrice(totalMinor: number, grams: readonly number[]): number[] {
  const all = grams.reduce((sum, g) => sum + g, 0);
  invariant(all > 0, "a price is shared over something");
  const exact = grams.map((g) => (totalMinor * g) / all);
  const shares = exact.map(Math.floor);
  const left = totalMinor - shares.reduce((sum, share) => sum + share, 0);
  const byRemainder = exact
    .map((share, i) => ({ i, remainder: share - Math.floor(share) }))
    .sort((a, b) => b.remainder - a.remainder || a.i - b.i);
  for (const { i } of byRemainder.slice(0, left)) shares[i] = (shares[i] ?? 0) + 1;
  return shares;
}
