import type { ChartData, ChartDataset, ChartOptions } from "chart.js";

/** Lanes stand one above the other on one axis; 1 is the lowest. */
type LaneBand = {
  readonly lane: number;
  readonly low: number;
  readonly high: number;
  readonly colour: string;
  readonly name: string;
};
type LaneDots = {
  readonly lane: number;
  readonly colour: string;
  readonly ring: string;
  readonly name: string;
  readonly points: readonly { readonly x: number; readonly name?: string }[];
};

export type LanePicture = {
  readonly range: readonly [low: number, high: number];
  /** Names of the lanes, the lowest first. */
  readonly lanes: readonly string[];
  readonly bands: readonly LaneBand[];
  readonly dots: readonly LaneDots[];
  /** A line through every lane: where the thing at hand stands. */
  readonly marker?: { readonly x: number; readonly colour: string; readonly name: string } | undefined;
  readonly step: number;
  readonly write: (value: number) => string;
};

export type LaneColours = { readonly text: string; readonly line: string };

const bandPx = 18;
const margin = 0.6;

type Point = { x: number; y: number; name?: string };

type LaneDataset = ChartDataset<"scatter", Point[]>;

/** A stroke from one point to another, without dots at its ends. */
const stroke = (label: string, data: Point[], line: { colour: string; px: number }): LaneDataset => ({
  ...{ label, data, borderColor: line.colour, borderWidth: line.px },
  ...{ showLine: true, pointRadius: 0, pointHitRadius: line.px },
});

/** Bands as thick strokes, dots, and the marker kept inside what is seen. */
export function laneData({ range, lanes, bands, dots, marker }: LanePicture): ChartData<"scatter", Point[]> {
  const [min, max] = range;
  const inside = (x: number): number => Math.min(max, Math.max(min, x));
  const upright = (x: number): Point[] => [1 - margin, lanes.length + margin].map((y) => ({ x, y }));
  const across = ({ low, high, lane }: LanePicture["bands"][number]): Point[] =>
    [Math.max(min, low), Math.min(max, high)].map((x) => ({ x, y: lane }));
  return {
    datasets: [
      ...(marker ? [stroke(marker.name, upright(inside(marker.x)), { colour: marker.colour, px: 2.5 })] : []),
      ...dots.map((one) => ({
        label: one.name,
        data: one.points.filter((p) => p.x >= min && p.x <= max).map((p) => ({ ...p, y: one.lane })),
        backgroundColor: one.colour,
        borderColor: one.ring,
        pointRadius: 5,
        pointHoverRadius: 7,
      })),
      ...bands.map((one) => stroke(one.name, across(one), { colour: one.colour, px: bandPx })),
    ],
  };
}

const font = { family: "Inter Variable", size: 13 };

export function laneOptions(picture: LanePicture, { text, line }: LaneColours): ChartOptions<"scatter"> {
  const { range, lanes, step, write } = picture;
  return {
    animation: false,
    responsive: true,
    maintainAspectRatio: false,
    layout: { padding: { top: 4, right: 16 } },
    plugins: {
      legend: { display: false },
      tooltip: {
        displayColors: false,
        callbacks: {
          label: ({ raw, parsed }) =>
            [(raw as Point).name, write(parsed.x ?? 0)].filter((part) => part !== undefined).join(" "),
        },
      },
    },
    scales: {
      x: {
        min: range[0],
        max: range[1],
        ticks: { color: text, font, stepSize: step, callback: (value) => write(Number(value)) },
        grid: { color: line },
        border: { display: false },
      },
      y: {
        min: 1 - margin,
        max: lanes.length + margin,
        afterBuildTicks: (axis) => (axis.ticks = lanes.map((_, i) => ({ value: i + 1 }))),
        ticks: { color: text, font, callback: (value) => lanes[Number(value) - 1] ?? "" },
        grid: { display: false },
        border: { display: false },
      },
    },
  };
}
