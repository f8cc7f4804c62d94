import type { AcceptedDish, AcceptedMeal } from "@apron/core/match";
import type { Day } from "@apron/core/measure";
import type { MealPlanWish, PlanProof } from "@apron/contract";

/** A plan for the coming days as it was accepted. */
export type MealPlanRecord = {
  readonly id: string;
  readonly fromDay: Day;
  readonly acceptedAt: Date;
  readonly body: {
    readonly wish: MealPlanWish;
    readonly proof: PlanProof;
    /** Portions of the larder that it eats. */
    readonly meals: readonly AcceptedMeal[];
  };
};

export type PlannedDishRecord = AcceptedDish & {
  readonly planId: string;
  readonly dropped: boolean;
  /** What was made of it. */
  readonly batchId: string | null;
};

/** Something on the shopping list that was ticked (by its ingredient) or added by hand (with a text). */
export type ShoppingItemRecord = {
  readonly key: string;
  /** As it was typed, where it was added by hand. */
  readonly text: string;
  /** The food that it is, where that was understood. */
  readonly ingredient: string | null;
  readonly ticked: boolean;
  readonly addedAt: Date;
};

export type MealPlanStore = {
  readonly add: (plan: MealPlanRecord, dishes: readonly AcceptedDish[], memberId: string) => Promise<void>;
  /** Neither cooked nor dropped, on this day or later, the earliest first. */
  readonly standing: (from: Day) => Promise<PlannedDishRecord[]>;
  /** Plans, the latest first. */
  readonly plans: (limit: number) => Promise<MealPlanRecord[]>;
  readonly dishesOf: (planIds: readonly string[]) => Promise<PlannedDishRecord[]>;
  readonly dish: (id: string) => Promise<PlannedDishRecord | undefined>;
  readonly put: (dishes: readonly PlannedDishRecord[]) => Promise<void>;
  /** A batch that was taken back was not cooked for any plan. */
  readonly forgetBatch: (batchId: string) => Promise<void>;
};

export type ShoppingStore = {
  readonly items: () => Promise<ShoppingItemRecord[]>;
  readonly put: (item: ShoppingItemRecord) => Promise<void>;
  readonly remove: (keys: readonly string[]) => Promise<void>;
};
