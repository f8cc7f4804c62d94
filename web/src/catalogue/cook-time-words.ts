import type { TimesOfFood } from "@apron/contract";
import { showSpans } from "../ui/spans.ts";

/** "roast diced · oven · 210 °C · 30 mm pieces": how a food was cooked when it was timed. */
export const cookedWords = ({ method, tool, celsius, sizeMm }: TimesOfFood["food"]): string =>
  [
    method?.replaceAll("-", " "),
    tool,
    celsius !== null && `${celsius} °C`,
    sizeMm !== null && `${sizeMm} mm pieces`,
  ]
    .filter(Boolean)
    .join(" · ");

/** "44–50 min, 3 times". */
export const tookWords = ({ took, cooks }: Pick<TimesOfFood, "took" | "cooks">): string =>
  `${showSpans(took)}, ${cooks === 1 ? "once" : `${cooks} times`}`;
