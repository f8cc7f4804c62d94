import { accept, trimmedDecimals } from "@apron/core/measure";
import { sizesForSameTime, timeForSize, wholeMm } from "@apron/core/trim";
import { refuseWith } from "../context/refusal.ts";
import type { UseCase } from "../context/request-context.ts";

/** How long a piece of another size takes; an estimate with checks, never a promise. */
export const timeBySize: UseCase<"timeBySize"> = ({ body }) => {
  const { referenceMm, minutes, heat, together, whole } = body;
  const mm = whole ? wholeMm({ ...whole, referenceMm }) : body.mm;
  const sized = timeForSize(mm, { referenceMm, ...minutes }, heat);
  if (!sized.ok) return Promise.resolve(refuseWith(sized.issue, "mm"));
  const { factor, lookMin, doneMin } = sized.value;
  return Promise.resolve(
    accept({
      factor,
      minutes: { low: lookMin, high: doneMin },
      together: sizesForSameTime(together, doneMin),
      workings: `${trimmedDecimals(mm, 1)} mm against ${referenceMm} mm: × ${trimmedDecimals(factor, 2)}; look first after ${Math.round(lookMin)} min, then every 10 to 20`,
    }),
  );
};
