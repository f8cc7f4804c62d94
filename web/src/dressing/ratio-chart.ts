import { effectiveBand, dressingStyles, type DressingStyle } from "@apron/core/dressing";
import type { ChartData } from "chart.js";

export type RatioColours = Readonly<Record<"band" | "dressingStyle" | "now", string>>;

/** The stretch of the scale worth seeing: creamy sauces lie far beyond what is poured over leaves. */
const furthest = 6;

export const ratioRange = (dressingStyle: DressingStyle, now: number | null): readonly [number, number] => [
  0,
  Math.max(furthest, Math.ceil(effectiveBand(dressingStyle).high), now === null ? 0 : Math.min(20, Math.ceil(now))),
];

/** One axis, oil to one of effective acid: the school's band, every school's own ratio, and where this dressing stands. */
export function ratioChart(
  dressingStyle: DressingStyle,
  now: number | null,
  colours: RatioColours,
): ChartData<"scatter", { x: number; y: number; name?: string }[]> {
  const [, max] = ratioRange(dressingStyle, now);
  const band = effectiveBand(dressingStyle);
  const others = dressingStyles
    .map((one) => ({ x: effectiveBand(one).value, y: 1, name: one.name }))
    .filter((point) => Number.isFinite(point.x) && point.x <= max);
  const line = (x: number) => ({
    label: "this dressing",
    data: [
      { x, y: 0.4 },
      { x, y: 2.6 },
    ],
    showLine: true,
    borderColor: colours.now,
    borderWidth: 3,
    pointRadius: 0,
  });
  return {
    datasets: [
      ...(now === null ? [] : [line(Math.min(now, max))]),
      {
        label: "dressingStyles",
        data: others,
        backgroundColor: colours.dressingStyle,
        pointRadius: 5,
        pointHoverRadius: 7,
      },
      {
        label: dressingStyle.name,
        data: [
          { x: band.low, y: 2 },
          { x: Math.min(band.high, max), y: 2 },
        ],
        showLine: true,
        borderColor: colours.band,
        borderWidth: 18,
        pointRadius: 0,
      },
    ],
  };
}
