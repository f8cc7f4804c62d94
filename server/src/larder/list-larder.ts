import { compareByExpiry } from "@apron/core/larder";
import { accept } from "@apron/core/measure";
import type { UseCase } from "../context/request-context.ts";
import { presentContainer } from "./present-container.ts";

/** Containers with something in them, first expiring first. */
export const listLarder: UseCase<"listLarder"> = async (_input, context) => {
  const stored = await context.stores.larder.listStored();
  return accept({ containers: [...stored].sort(compareByExpiry).map((c) => presentContainer(c, context)) });
};
