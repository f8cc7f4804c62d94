import { localised } from "./display.ts";
import { trimmedDecimals } from "./show.ts";
import type { Unit } from "./units.ts";

/** A quantity as a cook writes it. `count` is what the text says; `error` is its distance from what was asked. */
export type ShownQuantity = { readonly text: string; readonly count: number; readonly error: number };

const signs: readonly (readonly [number, string])[] = [
  [0, ""],
  [1 / 8, "⅛"],
  [1 / 4, "¼"],
  [1 / 3, "⅓"],
  [3 / 8, "⅜"],
  [1 / 2, "½"],
  [5 / 8, "⅝"],
  [2 / 3, "⅔"],
  [3 / 4, "¾"],
  [7 / 8, "⅞"],
  [1, ""],
];

/** Units that are read in decimals, of so many places; spoons and cups are read in fractions. */
const decimals: Readonly<Record<string, number>> = {
  mg: 0,
  g: 1,
  kg: 2,
  tonne: 3,
  oz: 2,
  lb: 2,
  ml: 1,
  cl: 1,
  dl: 2,
  l: 2,
  "fl oz": 2,
};

function inEighths(count: number): { text: string; count: number } {
  const whole = Math.floor(count);
  const part = count - whole;
  const [value, sign] = signs.reduce((best, one) =>
    Math.abs(one[0] - part) < Math.abs(best[0] - part) ? one : best,
  );
  const rounded = whole + value;
  const number = Math.floor(rounded + 1e-9);
  if (sign === "") return { text: String(number), count: number };
  return { text: number === 0 ? sign : `${number}${sign}`, count: rounded };
}

const pluralUnits: readonly string[] = ["cup", "pint", "quart", "gallon"];

/**
 * Writes `count` (≥ 0) of a unit: cups and spoons in eighths and thirds, weights and metric volumes in decimals.
 * The error is at most half the step: a sixteenth of a cup, a twentieth of a gram.
 * @example showQuantity(1.34, cup) // { text: "1⅓ cups", count: 1.333…, error: −0.0066… }
 */
export function showQuantity(count: number, unit: Pick<Unit, "id">, locale = "en-GB"): ShownQuantity {
  const places = decimals[unit.id];
  const shown =
    places === undefined
      ? inEighths(count)
      : { text: trimmedDecimals(count, places), count: Number(count.toFixed(places)) };
  const name = pluralUnits.includes(unit.id) && shown.count > 1 ? `${unit.id}s` : unit.id;
  return { text: localised(`${shown.text} ${name}`, locale), count: shown.count, error: shown.count - count };
}
