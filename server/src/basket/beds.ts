import type { Bed } from "@apron/contract";
import { nextHarvest, type Harvest } from "@apron/core/basket";
import { accept, refuse } from "@apron/core/measure";
import { conflict, notFound } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { nameFor } from "../stock/present-lot.ts";
import type { BedRecord } from "../context/ports/bed.store.ts";

function presentBed(bed: BedRecord, harvests: readonly Harvest[], context: RequestContext): Bed {
  const forecast = bed.nextOn !== null && bed.nextG !== null ? { on: bed.nextOn, grams: bed.nextG } : null;
  return {
    id: bed.id,
    name: bed.name,
    ingredient: bed.ingredient,
    crop: nameFor(context, bed.ingredient),
    state: bed.state,
    forecast,
    harvests: harvests.length,
    next: nextHarvest({ state: bed.state, forecast }, harvests, context.today) ?? null,
  };
}

/** Named beds, what grows in each and what it gives next. */
export const listBeds: UseCase<"listBeds"> = async (_input, context) => {
  const harvests = await context.stores.beds.harvests();
  const beds = await context.stores.beds.all();
  return accept({ beds: beds.map((bed) => presentBed(bed, harvests.get(bed.id) ?? [], context)) });
};

/** Names a bed and its crop. */
export const addBed: UseCase<"addBed"> = async ({ body }, context) => {
  if (!context.catalogue.ingredients.has(body.ingredient))
    return notFound("ingredient-unknown", "ingredient");
  if (await context.stores.beds.get(body.id)) return conflict("already-there");
  const bed: BedRecord = { ...body, state: "growing", nextOn: null, nextG: null };
  await context.stores.beds.add(bed, context.now);
  return accept(presentBed(bed, [], context));
};

/** Says how a bed stands, or what it will give next. */
export const changeBed: UseCase<"changeBed"> = async ({ params, body }, context) => {
  const bed = await context.stores.beds.get(params.id);
  if (!bed) return notFound("bed-unknown");
  const { forecast, name = bed.name, state = bed.state } = body;
  if (forecast && forecast.on < context.today)
    return refuse({ status: 422, code: "date-in-past", field: "said.on" });
  const next = forecast === undefined ? {} : { nextOn: forecast?.on ?? null, nextG: forecast?.grams ?? null };
  const change = { name, state, ...next };
  await context.stores.beds.change(bed.id, change);
  const harvests = await context.stores.beds.harvests();
  return accept(presentBed({ ...bed, ...change }, harvests.get(bed.id) ?? [], context));
};
