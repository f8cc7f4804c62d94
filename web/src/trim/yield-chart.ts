import type { TrimMethod } from "@apron/contract";
import type { ChartData } from "chart.js";

export type YieldColours = Readonly<Record<"handbook" | "expected" | "dot" | "ring" | "now", string>>;

const lane = { weighings: 1, expected: 2, handbook: 3 };
const bandPx = 18;

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

/** Bands as thick strokes, weighings as dots, the one on the scale as a line through all lanes. */
export function yieldChart(
  method: TrimMethod,
  now: number | undefined,
  colours: YieldColours,
): ChartData<"scatter"> {
  const [min, max] = yieldRange(method);
  const band = (label: string, at: { y: number; colour: string }, range: { low: number; high: number }) => ({
    label,
    data: [
      { x: range.low, y: at.y },
      { x: range.high, y: at.y },
    ],
    showLine: true,
    borderColor: at.colour,
    borderWidth: bandPx,
    pointRadius: 0,
    pointHitRadius: bandPx,
  });
  const inView = now === undefined ? undefined : Math.min(max, Math.max(min, now));
  const line = (x: number) => ({
    label: "now",
    data: [
      { x, y: 0.4 },
      { x, y: 3.6 },
    ],
    showLine: true,
    borderColor: colours.now,
    borderWidth: 2,
    pointRadius: 0,
  });
  return {
    datasets: [
      ...(inView === undefined ? [] : [line(inView)]),
      {
        label: "your weighings",
        data: method.weighings.map((w) => ({ x: w.fraction, y: lane.weighings })),
        backgroundColor: colours.dot,
        borderColor: colours.ring,
        pointRadius: 5,
        pointHoverRadius: 7,
      },
      band("you expect", { y: lane.expected, colour: colours.expected }, method.next),
      band("handbook", { y: lane.handbook, colour: colours.handbook }, method.handbook),
    ],
  };
}
