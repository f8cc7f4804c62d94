import type { KitchenRecord } from "../../context/ports/kitchen.store.ts";

/** A kitchen's row as the database writes it in JSON. */
export type KitchenFound = Omit<KitchenRecord, "catalogueRevision" | "timeZone" | "deleteAfter"> & {
  readonly catalogue_revision: number;
  readonly time_zone: string;
  readonly dates_version: number;
  readonly delete_after: string | null;
};
export const kitchenOf = (row: KitchenFound): KitchenRecord => {
  const {
    catalogue_revision: catalogueRevision,
    time_zone: timeZone,
    delete_after: deleteAfter,
    dates_version: _dated,
    ...kitchen
  } = row;
  const goes = deleteAfter === null ? null : new Date(deleteAfter).toISOString();
  return { ...kitchen, catalogueRevision, timeZone, deleteAfter: goes };
};
