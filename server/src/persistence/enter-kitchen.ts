import type { EntityManager } from "typeorm";

/** Row-level security looks at this setting; it ends with the transaction. */
export const enterKitchen = async (em: EntityManager, kitchenId: string): Promise<void> => {
  await em.query("select set_config('app.kitchen_id', $1, true)", [kitchenId]);
};
