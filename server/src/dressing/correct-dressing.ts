import { bandsOf, correctDressing as correct, dressingStyles } from "@apron/core/dressing";
import { notFound, refuseWith } from "../context/refusal.ts";
import type { UseCase } from "../context/request-context.ts";
import { partsOf } from "./parts.ts";

/** The least to add to a mixed bowl to bring it inside its bands. */
export const correctDressing: UseCase<"correctDressing"> = ({ body }, context) => {
  const dressingStyle = dressingStyles.find((one) => one.id === body.dressingStyle);
  if (!dressingStyle) return Promise.resolve(notFound("style-unknown", "dressingStyle"));
  const parts = partsOf(body.parts, context);
  if (!parts.ok) return Promise.resolve(parts);
  const correctors = partsOf(
    body.correctors.map((ingredient) => ({ ingredient, grams: 1, per100gMinor: null })),
    context,
  );
  if (!correctors.ok) return Promise.resolve(correctors);
  const bands = { ...bandsOf(dressingStyle), ...body.targets };
  const corrected = correct(parts.value, bands, correctors.value);
  return Promise.resolve(corrected.ok ? corrected : refuseWith(corrected.issue, "parts"));
};
