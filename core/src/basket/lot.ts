import type { IngredientFacts, Place } from "../catalogue/index.ts";
import type { Day } from "../measure/index.ts";

/** As it came in · trimmed and ready · what else came off · opened and not used up. */
export type LotState = "raw" | "usable" | "by-product" | "opened";

export type Grade = "prime" | "seconds";

export type SourceKind = "own-bed" | "market" | "box-share" | "foraged" | "gift" | "shop";

/** What the ageing of a lot depends on. `since` is the day it came in, was trimmed or was opened. */
export type AgeingLot = {
  readonly state: LotState;
  readonly method: string | null;
  readonly place: Place;
  readonly since: Day;
  /** The label's date; for a trimmed lot, the last day it would have had whole. */
  readonly bestBefore: Day | null;
};

/** Bought as it is used; a rind or brine taken off is not worth a trip to the trim bench. */
const readyCategories = ["cheese", "acid", "salt-condiment", "emulsifier"];

/** Does it come in ready to use, with nothing to trim? */
export const comesReady = (facts: Pick<IngredientFacts, "trims" | "category">): boolean =>
  facts.trims.length === 0 || readyCategories.includes(facts.category);
