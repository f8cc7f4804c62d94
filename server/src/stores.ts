import type { Result } from "@apron/core/measure";
import type { BedStore, LotStore } from "./basket/store.ts";
import type { OwnStore } from "./catalogue/store.ts";
import type { ScaleStore } from "./devices/store.ts";
import type { Refusal } from "./http/refusal.ts";
import type { FrontDoor, KitchenStore } from "./kitchen/store.ts";
import type { LarderStore } from "./larder/store.ts";
import type { RecipeStore } from "./recipes/store.ts";
import type { TrimStore } from "./trim/store.ts";

/** Every store, bound to one kitchen and one transaction. */
export type Stores = {
  readonly lots: LotStore;
  readonly trims: TrimStore;
  readonly recipes: RecipeStore;
  readonly larder: LarderStore;
  readonly scale: ScaleStore;
  readonly beds: BedStore;
  readonly own: OwnStore;
  readonly kitchen: KitchenStore;
};

/** Who writes, and the client-made key that makes a retry harmless. */
export type WriteClaim = {
  readonly kitchenId: string;
  readonly key: string;
  /** Digest of route and body: the same key with another request is refused. */
  readonly fingerprint: string;
  readonly at: Date;
};

/** The kitchen's memory. Writes of one kitchen happen one after another, whole or not at all. */
export type Database = {
  readonly door: FrontDoor;
  readonly read: <Value>(kitchenId: string, work: (stores: Stores) => Promise<Value>) => Promise<Value>;
  readonly write: <Value>(
    claim: WriteClaim,
    work: (stores: Stores) => Promise<Result<Value, Refusal>>,
  ) => Promise<Result<Value, Refusal>>;
  readonly close: () => Promise<void>;
};
