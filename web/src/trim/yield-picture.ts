import type { TrimMethod } from "@apron/contract";
import { showYield } from "@apron/core/measure";
import type { LanePicture } from "../ui/lane-chart.ts";

export type YieldColours = Readonly<Record<"handbook" | "expected" | "dot" | "ring" | "now", string>>;

/** The stretch of the yield axis worth seeing, in tenths: the handbook's band, the questioned range and every weighing. */
export function yieldRange(method: TrimMethod): readonly [number, number] {
  const shown = [
    method.handbook.low,
    method.handbook.high,
    method.next.low,
    method.next.high,
    ...method.weighings.map((w) => w.fraction),
  ];
  const low = Math.floor(Math.min(...shown) * 10 - 0.5) / 10;
  const high = Math.ceil(Math.max(...shown) * 10 + 0.2) / 10;
  return [Math.max(0, low), Math.max(1, high)];
}

/** A yield against the handbook's band and this kitchen's own weighings. */
export const yieldPicture = (
  method: TrimMethod,
  now: number | undefined,
  colours: YieldColours,
): LanePicture => ({
  range: yieldRange(method),
  lanes: ["your weighings", "your estimate", "handbook"],
  bands: [
    { lane: 2, ...method.next, colour: colours.expected, name: "your estimate" },
    { lane: 3, ...method.handbook, colour: colours.handbook, name: "handbook" },
  ],
  dots: [
    {
      lane: 1,
      colour: colours.dot,
      ring: colours.ring,
      name: "your weighings",
      points: method.weighings.map((w) => ({ x: w.fraction })),
    },
  ],
  marker: now === undefined ? undefined : { x: now, colour: colours.now, name: "now" },
  step: 0.1,
  write: showYield,
});
