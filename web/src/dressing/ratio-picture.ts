import { dressingStyles, effectiveBand, type DressingStyle } from "@apron/core/dressing";
import type { LanePicture } from "../ui/lane-chart.ts";

export type RatioColours = Readonly<Record<"band" | "styles" | "now", string>>;

/** The stretch of the scale worth seeing: creamy sauces lie far beyond what is poured over leaves. */
const furthest = 6;

export const ratioRange = (style: DressingStyle, now: number | null): readonly [number, number] => [
  0,
  Math.max(furthest, Math.ceil(effectiveBand(style).high), now === null ? 0 : Math.min(20, Math.ceil(now))),
];

/** One axis, oil to one of effective acid: the style's band, every style's own ratio, and where this dressing is. */
export const ratioPicture = (
  style: DressingStyle,
  now: number | null,
  colours: RatioColours,
): LanePicture => ({
  range: ratioRange(style, now),
  lanes: ["all styles", "this style"],
  bands: [{ lane: 2, ...effectiveBand(style), colour: colours.band, name: style.name }],
  dots: [
    {
      lane: 1,
      colour: colours.styles,
      ring: colours.styles,
      name: "all styles",
      points: dressingStyles
        .map((one) => ({ x: effectiveBand(one).value, name: one.name }))
        .filter((point) => Number.isFinite(point.x)),
    },
  ],
  marker: now === null ? undefined : { x: now, colour: colours.now, name: "this dressing" },
  step: 1,
  write: (value) => `${Number(value.toFixed(1))} : 1`,
});
