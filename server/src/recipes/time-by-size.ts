import { accept, trimmedDecimals } from "@apron/core/measure";
import { diceTogether, timeFactor, timeForSize } from "@apron/core/trim";
import { refuseWith } from "../http/refusal.ts";
import type { UseCase } from "../kit.ts";

/** How long a piece of another size takes; an estimate with checks, never a promise. */
export const timeBySize: UseCase<"timeBySize"> = ({ body }) => {
  const { mm, referenceMm, minutes, heat, together } = body;
  const factor = timeFactor({ mm, referenceMm, heat });
  if (!factor.ok) return Promise.resolve(refuseWith(factor.issue, "mm"));
  const sized = timeForSize(mm, { referenceMm, ...minutes }, heat);
  if (!sized.ok) return Promise.resolve(refuseWith(sized.issue, "mm"));
  const { lookMin, doneMin } = sized.value;
  return Promise.resolve(
    accept({
      factor: factor.value,
      minutes: { low: lookMin, high: doneMin },
      together: diceTogether(together, doneMin),
      workings: `${mm} mm against ${referenceMm} mm: × ${trimmedDecimals(factor.value, 2)}; look first after ${Math.round(lookMin)} min, then every 10 to 20`,
    }),
  );
};
