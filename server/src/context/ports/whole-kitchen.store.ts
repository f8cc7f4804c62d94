import type { KitchenRecord } from "./kitchen.store.ts";
import type { AccountRecord } from "./people.store.ts";

/** A row as the database writes it in JSON: days and instants as text, bytes as hexadecimal text behind "\x". */
export type PlainRow = Readonly<Record<string, unknown>>;

/** The tables of a kitchen, in an order in which each refers only to those before it. */
export const kitchenTables = [
  ...["kitchen", "member", "bed", "own_ingredient", "own_figure", "recipe", "recipe_version", "recipe_photo"],
  ...["lot", "batch", "batch_input", "batch_photo", "trim", "trim_part", "trim_withdrawal", "entry"],
  ...["container", "withdrawal", "spoilage", "dressing_weighing", "plan", "cook_event", "cook_time", "scale"],
  ...["meal_plan", "planned_dish", "shopping_item"],
] as const;

/** Everything of one kitchen but who may sign in: by table, its rows. */
export type WholeKitchen = Readonly<Record<string, readonly PlainRow[]>>;

/** As whose it is brought in, when, and a last look at it, which may say no, before it stays. */
export type Bringing<Stores> = {
  readonly owner: AccountRecord & { readonly memberId: string };
  readonly at: Date;
  readonly look: (stores: Stores, kitchen: KitchenRecord) => Promise<boolean>;
};

export type WholeKitchenStore<Stores> = {
  readonly read: (kitchenId: string) => Promise<WholeKitchen>;
  readonly isTaken: (kitchenId: string) => Promise<boolean>;
  /**
   * Brings a kitchen in as one of this person's, who owns it alone: those who cooked in it stay in its ledger by name. Whole or not at
   * all; false where its ledger does not add up to its balances, or the look says no.
   */
  readonly bring: (kitchen: WholeKitchen, bringing: Bringing<Stores>) => Promise<boolean>;
};
