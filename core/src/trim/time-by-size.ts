import { accept, refuse, type Result } from "../measure/index.ts";

/**
 * Surface transfer against conduction, β = h/2k per metre: an oven gives about 25 W/m²K to food of about
 * 0.55 W/mK, so 23 /m; boiling water and flame give much more. Common practice, no source.
 */
const betaPerMetre = { oven: 23, grill: 60, water: 450 } as const;
export type Heat = keyof typeof betaPerMetre;

export type SizeIssue = {
  readonly code: "size-out-of-range";
  readonly mm: number;
  readonly atMostMm: number;
};

const atMostMm = 400;

/** t ∝ L + βL², L the half-thickness in metres. */
const cookingTimeScale = (mm: number, heat: Heat): number => {
  const half = mm / 2000;
  return half + betaPerMetre[heat] * half * half;
};

/**
 * How many times as long a piece of `mm` takes as one of `referenceMm` (both > 0, up to 400 mm across). An estimate:
 * plan the long end, look first at the short end, then every 10–20 minutes.
 * @example timeFactor({ mm: 40, referenceMm: 20, heat: "oven" }) // 2.37…, not 4
 */
export function timeFactor(size: {
  readonly mm: number;
  readonly referenceMm: number;
  readonly heat: Heat;
}): Result<number, SizeIssue> {
  for (const mm of [size.mm, size.referenceMm])
    if (!(mm > 0 && mm <= atMostMm)) return refuse({ code: "size-out-of-range", mm, atMostMm });
  return accept(cookingTimeScale(size.mm, size.heat) / cookingTimeScale(size.referenceMm, size.heat));
}

/** Whole fruit, a mass of it: half-thickness goes with the cube root of the mass. Grams and millimetres > 0. */
export type WholeFruit = {
  readonly grams: number;
  readonly referenceG: number;
  readonly referenceMm: number;
};

/** Millimetres across of a whole fruit by its weight, beside one that is known. */
export const wholeMm = ({ grams, referenceG, referenceMm }: WholeFruit): number =>
  referenceMm * Math.cbrt(grams / referenceG);

/** How many times as long a whole fruit takes as the one that is known. */
export const wholeTimeFactor = (fruit: WholeFruit & { readonly heat: Heat }): number =>
  cookingTimeScale(wholeMm(fruit), fruit.heat) / cookingTimeScale(fruit.referenceMm, fruit.heat);

/** The size that takes `factor` (> 0) times as long as `referenceMm`: the quadratic solved for its half-thickness. */
export function sizeFor(factor: number, referenceMm: number, heat: Heat): number {
  const beta = betaPerMetre[heat];
  const wanted = factor * cookingTimeScale(referenceMm, heat);
  return ((Math.sqrt(1 + 4 * beta * wanted) - 1) / (2 * beta)) * 2000;
}

/** Something on the tray: its handbook minutes at a size. */
export type OnTray = { readonly id: string; readonly minutes: number; readonly mm: number };

/**
 * A size for each so that all are done together, `minutes` (> 0) from now: what takes longest by the handbook is cut
 * smallest. Sizes are in millimetres, unrounded.
 */
export const sizesForSameTime = (
  things: readonly OnTray[],
  minutes: number,
): { readonly id: string; readonly mm: number }[] =>
  things.map(({ id, minutes: usual, mm }) => ({ id, mm: sizeFor(minutes / usual, mm, "oven") }));

/** Millimetres across that a piece is described by: "25 mm dice", "5-8 cm roots"; the middle of a span, undefined when none is named. */
export function pieceMm(piece: string): number | undefined {
  const match = /(\d+(?:\.\d+)?)(?:\s*[-–]\s*(\d+(?:\.\d+)?))?\s*(mm|cm)\b/i.exec(piece);
  if (!match) return undefined;
  const low = Number(match[1]);
  const middle = (low + Number(match[2] ?? low)) / 2;
  return match[3]?.toLowerCase() === "cm" ? middle * 10 : middle;
}

/** A piece of another size: when to look first and when it should be done, minutes. */
export type SizedTime = { readonly factor: number; readonly lookMin: number; readonly doneMin: number };

/** The handbook's span at `referenceMm` for pieces of `mm`; look at its short end, plan for its long one. */
export function timeForSize(
  mm: number,
  usual: { readonly referenceMm: number; readonly low: number; readonly high: number },
  heat: Heat,
): Result<SizedTime, SizeIssue> {
  const factor = timeFactor({ mm, referenceMm: usual.referenceMm, heat });
  return factor.ok
    ? accept({ factor: factor.value, lookMin: usual.low * factor.value, doneMin: usual.high * factor.value })
    : factor;
}

/** Sizes for everything on a tray to be done when its slowest is, by the handbook. */
export const diceForTheSlowest = (
  things: readonly OnTray[],
): { readonly id: string; readonly mm: number }[] =>
  things.length < 2 ? [] : sizesForSameTime(things, Math.max(...things.map((one) => one.minutes)));
