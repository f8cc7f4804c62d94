import { accept } from "@apron/core/measure";
import type { ScaleRecord } from "../context/ports/scale.store.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { simulatedScale } from "./simulated-scale.ts";

const scaleNow = async (context: RequestContext): Promise<ScaleRecord> =>
  (await context.stores.scale.get()) ?? simulatedScale.rest;

async function after(change: (scale: ScaleRecord) => ScaleRecord, context: RequestContext) {
  const scale = change(await scaleNow(context));
  await context.stores.scale.put(scale);
  return accept(simulatedScale.read(scale, context.now));
}

/** The scale's display now. */
export const readScale: UseCase<"readScale"> = async (_input, context) =>
  accept(simulatedScale.read(await scaleNow(context), context.now));

/** Lays produce on the simulated scale. */
export const simulateLoad: UseCase<"simulateLoad"> = ({ body }, context) =>
  after((scale) => simulatedScale.pile(scale, body.grams, context.now), context);

/** Presses a key of the scale. */
export const pressScale: UseCase<"pressScale"> = ({ body }, context) =>
  after((scale) => simulatedScale.press(scale, body.key, context.now), context);
