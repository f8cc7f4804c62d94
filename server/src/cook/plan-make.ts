import type { MakePlan } from "@apron/contract";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { planFor } from "./planned-make.ts";
import { presentMake } from "./present-make.ts";

/** Batches that are looked through for what was noted; what is older was said long ago. */
const latest = 12;

/** What was noted for "next time" when this was made before, the newest first. */
async function notedOf(recipeId: string, { stores }: RequestContext): Promise<MakePlan["nextTime"]> {
  const made = await stores.larder.batches({ recipeId, limit: latest });
  return made
    .filter(({ nextTime, undoneAt }) => nextTime !== "" && undoneAt === null)
    .map(({ id, madeOn, nextTime }) => ({ batchId: id, on: madeOn, text: nextTime }));
}

/** Scales a recipe and fills every line from what is on hand. Changes nothing. */
export const planMake: UseCase<"planMake"> = async ({ body }, context) => {
  const planned = await planFor(body, context);
  if (!planned.ok) return planned;
  return presentMake({ ...planned.value, context }, await notedOf(body.recipeId, context));
};
