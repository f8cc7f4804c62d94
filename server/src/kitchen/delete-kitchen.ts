import { accept, refuse } from "@apron/core/measure";
import type { UseCase } from "../context/request-context.ts";
import { note } from "./security-events.ts";

/** Time to think again, or to take everything along. */
const graceDays = 14;
const msPerDay = 24 * 60 * 60 * 1000;

/** Its name is typed, so that nobody deletes another one than they mean. Until the grace is over everything works as before. */
export const deleteKitchen: UseCase<"deleteKitchen"> = async ({ body }, context) => {
  const { session, stores, now } = context;
  if (body.name.trim() !== session.kitchen.name.trim())
    return refuse({
      status: 422,
      code: "name-differs",
      field: "name",
      measurements: { name: session.kitchen.name },
    });
  const deleteAfter = new Date(now.getTime() + graceDays * msPerDay);
  await stores.people.deleteAfter(deleteAfter);
  await note("kitchen-to-be-deleted", "", context);
  return accept({ deleteAfter: deleteAfter.toISOString() });
};

export const keepKitchen: UseCase<"keepKitchen"> = async (_input, context) => {
  await context.stores.people.deleteAfter(null);
  await note("kitchen-kept", "", context);
  return accept({ deleteAfter: null });
};
