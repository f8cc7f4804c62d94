import type { UseCase } from "../context/request-context.ts";
import { planFor } from "./planned-make.ts";
import { presentMake } from "./present-make.ts";

/** Scales a recipe and fills every line from what is on hand. Changes nothing. */
export const planMake: UseCase<"planMake"> = async ({ body }, context) => {
  const planned = await planFor(body, context);
  return planned.ok ? presentMake({ ...planned.value, context }) : planned;
};
