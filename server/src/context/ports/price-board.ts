import type { Catalogue } from "@apron/core/catalogue";
import type { Day } from "@apron/core/measure";

/**
 * A market's price board as the program sees one: what a kilo of raw produce costs on a day, in minor units. A real
 * board would fill the same; the simulated one stands in for it. Undefined where the board does not list it.
 */
export type PriceBoard = {
  readonly perKgMinor: (ingredient: string, on: Day, catalogue: Catalogue) => number | undefined;
};
