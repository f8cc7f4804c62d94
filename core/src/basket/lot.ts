import type { Place } from "../catalogue/index.ts";
import type { Day } from "../measure/index.ts";

/** As it came in · trimmed and ready · what else came off · opened and not used up. */
export type LotState = "raw" | "usable" | "by-product" | "opened";

export type Grade = "prime" | "seconds";

export const sourceKinds = ["own-bed", "market", "box-share", "foraged", "gift", "shop"] as const;
export type SourceKind = (typeof sourceKinds)[number];

/** Where a lot's clock stands after it was moved: the share of its life used up by then, and from which day it runs on. */
export type MovedClock = {
  readonly from: Day;
  /** 0 fresh … 1 used up. */
  readonly used: number;
  /** It came out of the freezer: it is not put back, and is for the next days. */
  readonly thawed: boolean;
};

/** What the ageing of a lot depends on. `since` is the day it came in, was trimmed or was opened. */
export type AgeingLot = {
  readonly state: LotState;
  /** Where it came from; undefined where that is not known, and then it is no sealed pack without a date. */
  readonly sourceKind?: SourceKind | undefined;
  readonly method: string | null;
  readonly place: Place;
  readonly since: Day;
  /** The label's date; for a trimmed lot, the last day it would have had whole. */
  readonly bestBefore: Day | null;
  /** Null until it is moved. */
  readonly moved: MovedClock | null;
  /** How often the damp cloth around it was made fresh. */
  readonly clothRefreshes: number;
};

/** No lot is logged as older than this: the year is mistyped. */
export const oldestLotDays = 366;
