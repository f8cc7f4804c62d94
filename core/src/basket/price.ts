import type { LineReading } from "../catalogue/index.ts";
import { accept, findUnit, invariant, refuse, takePrice, unitsFor, type Result } from "../measure/index.ts";

/** What a price is for: the whole lot, a kilogram, 100 g, or each of what was counted. */
export const priceBases = ["all", "kg", "100g", "each"] as const;
export type PriceBasis = (typeof priceBases)[number];

export type Price = { readonly minor: number; readonly per: PriceBasis };

/** The currencies a sign is of; a price in another than the kitchen's is not taken for one in its own. */
const signOf: Readonly<Record<string, string>> = {
  GBP: "£",
  EUR: "€",
  USD: "$",
  AUD: "$",
  CAD: "$",
  NZD: "$",
};

/**
 * What a line of a market list says it cost, in this kitchen's currency; null where it says nothing, or it is other money. A
 * price of each is of all, where the line counts them.
 */
export function priceInLine(
  text: string,
  currency: string,
  said?: Pick<LineReading, "count" | "measure">,
): Price | null {
  const { price } = takePrice(text);
  if (!price || price.sign !== signOf[currency]) return null;
  const { minor, per } = price;
  if (per !== "each" || !said?.count) return { minor, per };
  const { low, high } = said.count;
  // "400 g lemons" counts grams.
  const isOfPieces = low === high && findUnit(said.measure, unitsFor("metric")) === undefined;
  return isOfPieces ? { minor: Math.round(minor * low), per: "all" } : { minor, per };
}

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

/**
 * What each of several lots cost, of a price for all of them: those with a price of their own keep it, and what is left of the
 * whole is shared over the others by weight. Without a price of the whole the others have none.
 */
export function sharePriceOfRest(
  totalMinor: number | null,
  lots: readonly { readonly grams: number; readonly priceMinor: number | null }[],
): (number | null)[] {
  const open = lots.filter(({ priceMinor }) => priceMinor === null);
  if (totalMinor === null || open.length === 0) return lots.map(({ priceMinor }) => priceMinor);
  const ownMinor = lots.reduce((sum, { priceMinor }) => sum + (priceMinor ?? 0), 0);
  const shares = sharePrice(
    Math.max(0, totalMinor - ownMinor),
    open.map(({ grams }) => grams),
  );
  return lots.map((lot) => lot.priceMinor ?? shares[open.indexOf(lot)] ?? null);
}
