import { readDressing as read } from "@apron/core/dressing";
import { refuseWith } from "../context/refusal.ts";
import type { UseCase } from "../context/request-context.ts";
import { partsOf } from "./parts.ts";

/** Ratios, salt and thickness of a mix. */
export const readDressing: UseCase<"readDressing"> = ({ body }, context) => {
  const parts = partsOf(body.parts, context);
  if (!parts.ok) return Promise.resolve(parts);
  const figures = read(parts.value);
  return Promise.resolve(figures.ok ? figures : refuseWith(figures.issue, "parts"));
};
