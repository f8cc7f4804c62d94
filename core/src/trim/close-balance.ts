import { accept, refuse, toMilligram, type Result } from "../measure/index.ts";

export type TrimPart = { readonly part: string; readonly grams: number; readonly fate: "keep" | "compost" };

/** raw = usable + parts + loss, to the gram. */
export type ClosedTrim = {
  readonly rawG: number;
  readonly usableG: number;
  readonly parts: readonly TrimPart[];
  readonly partsG: number;
  readonly lossG: number;
};

export type BalanceIssue =
  | { readonly code: "parts-over-rest"; readonly partsG: number; readonly restG: number }
  | { readonly code: "part-not-positive"; readonly part: string; readonly grams: number };

/** The scale shows whole grams, so three readings may overshoot by this much between them. */
const scaleSlackG = 1;

/**
 * Closes a trim to the gram (kept to the milligram): what is neither usable nor a named part is loss. Refuses parts that weigh more
 * than what is left (beyond one gram of scale rounding, which is taken off the largest part) and parts of 0 g.
 * Needs usable ≤ raw, which judgeWeighing has already refused.
 */
export function closeBalance(
  rawG: number,
  usableG: number,
  parts: readonly TrimPart[],
): Result<ClosedTrim, BalanceIssue> {
  const empty = parts.find((p) => !(p.grams > 0));
  if (empty) return refuse({ code: "part-not-positive", part: empty.part, grams: empty.grams });
  const raw = toMilligram(rawG);
  const usable = toMilligram(usableG);
  const weighed = parts.map((p) => ({ ...p, grams: toMilligram(p.grams) }));
  const restG = toMilligram(raw - usable);
  const partsG = toMilligram(weighed.reduce((total, p) => total + p.grams, 0));
  const over = toMilligram(partsG - restG);
  if (over > scaleSlackG) return refuse({ code: "parts-over-rest", partsG, restG });
  const kept = over > 0 ? takeOffLargest(weighed, over) : weighed;
  const keptG = toMilligram(kept.reduce((total, p) => total + p.grams, 0));
  return accept({
    rawG: raw,
    usableG: usable,
    parts: kept,
    partsG: keptG,
    lossG: toMilligram(restG - keptG),
  });
}

/** Takes `over` grams off, from the heaviest part down, and drops what weighs nothing then. */
function takeOffLargest(parts: readonly TrimPart[], over: number): TrimPart[] {
  let left = over;
  const heaviestFirst = [...parts].sort((a, b) => b.grams - a.grams);
  const lighter = new Map(
    heaviestFirst.map((part) => {
      const off = Math.min(left, part.grams);
      left = toMilligram(left - off);
      return [part, toMilligram(part.grams - off)] as const;
    }),
  );
  return parts.map((p) => ({ ...p, grams: lighter.get(p) ?? p.grams })).filter((p) => p.grams > 0);
}
