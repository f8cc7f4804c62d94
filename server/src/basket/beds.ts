import type { Bed } from "@apron/contract";
import { nextPicking, type Picking } from "@apron/core/basket";
import { accept, refuse } from "@apron/core/measure";
import { conflict, notFound } from "../context/refusal.ts";
import type { Kit, UseCase } from "../context/request-context.ts";
import { nameFor } from "../stock/present-lot.ts";
import type { BedRecord } from "../context/ports/lot.store.ts";

function presentBed(bed: BedRecord, pickings: readonly Picking[], kit: Kit): Bed {
  const said = bed.nextOn !== null && bed.nextG !== null ? { on: bed.nextOn, grams: bed.nextG } : null;
  return {
    id: bed.id,
    name: bed.name,
    ingredient: bed.ingredient,
    crop: nameFor(kit, bed.ingredient),
    state: bed.state,
    said,
    pickings: pickings.length,
    next: nextPicking({ state: bed.state, said }, pickings, kit.today) ?? null,
  };
}

/** Named beds, what grows in each and what it gives next. */
export const listBeds: UseCase<"listBeds"> = async (_input, kit) => {
  const pickings = await kit.stores.beds.pickings();
  const beds = await kit.stores.beds.all();
  return accept({ beds: beds.map((bed) => presentBed(bed, pickings.get(bed.id) ?? [], kit)) });
};

/** Names a bed and its crop. */
export const addBed: UseCase<"addBed"> = async ({ body }, kit) => {
  if (!kit.catalogue.ingredients.has(body.ingredient)) return notFound("ingredient-unknown", "ingredient");
  if (await kit.stores.beds.get(body.id)) return conflict("already-there");
  const bed: BedRecord = { ...body, state: "growing", nextOn: null, nextG: null };
  await kit.stores.beds.add(bed, kit.now);
  return accept(presentBed(bed, [], kit));
};

/** Says how a bed stands, or what it will give next. */
export const changeBed: UseCase<"changeBed"> = async ({ params, body }, kit) => {
  const bed = await kit.stores.beds.get(params.id);
  if (!bed) return notFound("bed-unknown");
  const { said, name = bed.name, state = bed.state } = body;
  if (said && said.on < kit.today) return refuse({ status: 422, code: "date-in-past", field: "said.on" });
  const next = said === undefined ? {} : { nextOn: said?.on ?? null, nextG: said?.grams ?? null };
  const change = { name, state, ...next };
  await kit.stores.beds.change(bed.id, change);
  const pickings = await kit.stores.beds.pickings();
  return accept(presentBed({ ...bed, ...change }, pickings.get(bed.id) ?? [], kit));
};
