import type { Result } from "@apron/core/measure";
import type { BedStore } from "./ports/bed.store.ts";
import type { DressingWeighingStore } from "./ports/dressing-weighing.store.ts";
import type { AccountStore, PeopleStore } from "./ports/people.store.ts";
import type { Doing } from "./ports/news.ts";
import type { MealPlanStore, ShoppingStore } from "./ports/meal-plan.store.ts";
import type { PlanStore } from "./ports/plan.store.ts";
import type { PhotoStore } from "./ports/photo.store.ts";
import type { SpoilageStore } from "./ports/spoilage.store.ts";
import type { LotStore } from "./ports/lot.store.ts";
import type { OwnStore } from "./ports/own.store.ts";
import type { ScaleStore } from "./ports/scale.store.ts";
import type { Refusal } from "./refusal.ts";
import type { AuthStore, KitchenStore } from "./ports/kitchen.store.ts";
import type { WholeKitchenStore } from "./ports/whole-kitchen.store.ts";
import type { LarderStore } from "./ports/larder.store.ts";
import type { RecipeStore } from "./ports/recipe.store.ts";
import type { TrimStore } from "./ports/trim.store.ts";

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
  readonly spoilage: SpoilageStore;
  readonly dressingWeighings: DressingWeighingStore;
  readonly photos: PhotoStore;
  readonly plans: PlanStore;
  readonly mealPlans: MealPlanStore;
  readonly shopping: ShoppingStore;
  readonly people: PeopleStore;
  readonly accounts: AccountStore;
};

/** Who writes, and the client-made key that makes a retry harmless. */
export type WriteClaim = {
  readonly kitchenId: string;
  readonly key: string;
  /** Digest of route and body: the same key with another request is refused. */
  readonly fingerprint: string;
  readonly at: Date;
  /** Left out where the program itself writes. */
  readonly doing?: Doing;
};

/** The kitchen's memory. Writes of one kitchen happen one after another, whole or not at all. */
export type Database = {
  readonly authStore: AuthStore;
  readonly accounts: AccountStore;
  readonly whole: WholeKitchenStore<Stores>;
  readonly read: <Value>(kitchenId: string, work: (stores: Stores) => Promise<Value>) => Promise<Value>;
  readonly write: <Value>(
    claim: WriteClaim,
    work: (stores: Stores) => Promise<Result<Value, Refusal>>,
  ) => Promise<Result<Value, Refusal>>;
  /** A write that no client repeats by itself: it carries no key. */
  readonly change: <Value>(
    kitchenId: string,
    work: (stores: Stores) => Promise<Result<Value, Refusal>>,
    doing?: Doing,
  ) => Promise<Result<Value, Refusal>>;
  readonly close: () => Promise<void>;
};
