import type { EntityManager } from "typeorm";
import type { Doing } from "../context/ports/news.ts";

/** Row-level security looks at this setting; it ends with the transaction. */
export const enterKitchen = async (em: EntityManager, kitchenId: string): Promise<void> => {
  await em.query("select set_config('app.kitchen_id', $1, true)", [kitchenId]);
};

/** The same, and what the transaction is about to do: told to whoever listens once it is done. */
export const enterToChange = async (em: EntityManager, kitchenId: string, doing: Doing): Promise<void> => {
  await em.query("select set_config('app.kitchen_id', $1, true), set_config('app.doing', $2, true)", [
    ...[kitchenId, JSON.stringify(doing)],
  ]);
};
