import { accept, trimmedDecimals } from "@apron/core/measure";
import { diceTogether, timeFactor } from "@apron/core/trim";
import { refuseWith } from "../http/refusal.ts";
import type { UseCase } from "../kit.ts";

/** How long a piece of another size takes; an estimate with checks, never a promise. */
export const timeBySize: UseCase<"timeBySize"> = ({ body }) => {
  const { mm, referenceMm, minutes, heat, together } = body;
  const factor = timeFactor({ mm, referenceMm, heat });
  if (!factor.ok) return Promise.resolve(refuseWith(factor.issue, "mm"));
  const times = (m: number): number => m * factor.value;
  return Promise.resolve(
    accept({
      factor: factor.value,
      minutes: { low: times(minutes.low), high: times(minutes.high) },
      together: diceTogether(together, times(minutes.high)),
      workings: `${mm} mm against ${referenceMm} mm: × ${trimmedDecimals(factor.value, 2)}; look first after ${Math.round(times(minutes.low))} min, then every 10 to 20`,
    }),
  );
};
