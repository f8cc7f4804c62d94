import { displayOf, localised, type Display, type DisplaySystem } from "./display.ts";
import { showGrams, trimmedDecimals } from "./show.ts";
import { gramsPerOunce } from "./units.ts";

/** A measure a cook can reach for, with what one of it weighs of this ingredient. */
export type KitchenMeasure = { readonly name: string; readonly grams: number };

/** An amount rounded to a measure. `error` is (rounded − wanted) ÷ wanted, signed. */
export type RoundedAmount = { readonly text: string; readonly grams: number; readonly error: number };

/** What spoons and cups are read to. */
const [half, quarter] = [0.5, 0.25];
const quarterSigns = ["", "¼", "½", "¾"];

/** A count in whole quarters as it is written: 1.5 → "1½", 0.25 → "¼". */
const countText = (count: number): string => {
  const whole = Math.floor(count);
  const sign = quarterSigns[(count - whole) / quarter] ?? "";
  return whole === 0 ? sign : `${whole}${sign}`;
};

/** "6 cups chopped", "2 cloves", "3 leaves"; spoons stay as they are written. */
const measureText = (count: number, name: string): string => {
  if (count <= 1 || /^(t(bsp|sp)|medium$)/.test(name)) return name;
  return name.startsWith("leaf") ? name.replace("leaf", "leaves") : name.replace(/^(medium )?(\w+)/, "$1$2s");
};

/** Less than this is not weighed. */
const leastWeighedG = 0.1;

/**
 * The step of a kitchen scale at this weight: tenths of a gram for a pinch, half grams, grams, five grams; or twentieths
 * and quarters of an ounce.
 */
function scaleStep(grams: number, system: DisplaySystem): number {
  if (system === "us") return grams < gramsPerOunce ? gramsPerOunce / 20 : gramsPerOunce / 4;
  if (grams < 1) return leastWeighedG;
  return grams < 10 ? 0.5 : grams < 100 ? 1 : 5;
}

/**
 * Rounds grams (≥ 0) to the scale, in the kitchen's units and locale: tenths below a gram, half grams below 10 g, whole
 * grams below 100 g, 5 g from there; in ounces to a twentieth below one and to a quarter from there. The signed relative
 * error comes with it (0 for 0 g, and for a trace that no scale shows).
 */
export function roundToScale(grams: number, display: Display | DisplaySystem = "metric"): RoundedAmount {
  const { system, locale } = displayOf(display);
  if (grams > 0 && grams < leastWeighedG) return { text: "a trace", grams, error: 0 };
  const step = scaleStep(grams, system);
  const rounded = Math.max(grams > 0 ? step : 0, Math.round(grams / step) * step);
  const ounces = showGrams(rounded, { system: "us", locale });
  const metric = localised(`${trimmedDecimals(rounded, 1)} g`, locale);
  const text = system === "us" ? ounces : system === "metric" ? metric : `${metric} (${ounces})`;
  return { text, grams: rounded, error: relativeError(rounded, grams) };
}

const relativeError = (rounded: number, wanted: number): number =>
  wanted === 0 ? 0 : (rounded - wanted) / wanted;

/** How many of a measure a cook still counts out (9 spoons is a cup's work). Common practice, no source. */
const mostOfAMeasure = 8;

/** Pieces smaller than this are counted whole: nobody halves a walnut. Common practice, no source. */
const halvedFromG = 60;

/** Quarters of a cup and a teaspoon are in the drawer; a quarter of a tablespoon is not. Small pieces stay whole. */
function stepsOf({ name, grams }: KitchenMeasure): readonly number[] {
  if (/^(clove|leaf|sprig|stalk)/.test(name)) return [1];
  if (name === "medium") return grams < halvedFromG ? [1] : [half];
  return name.startsWith("tbsp") ? [half] : [quarter, half];
}

type Candidate = RoundedAmount & { readonly count: number };

function candidates(grams: number, measure: KitchenMeasure): Candidate[] {
  return stepsOf(measure).flatMap((step) => {
    const count = Math.round(grams / measure.grams / step) * step;
    if (count <= 0 || count > mostOfAMeasure) return [];
    const rounded = count * measure.grams;
    return [
      {
        text: `${countText(count)} ${measureText(count, measure.name)}`,
        grams: rounded,
        error: relativeError(rounded, grams),
        count,
      },
    ];
  });
}

/**
 * The spoon, cup or whole piece that comes nearest to `grams`, or undefined when none comes within
 * `worstError` (a fraction, 0.12 by default) and the scale must be used.
 */
export function roundForKitchen(
  grams: number,
  measures: readonly KitchenMeasure[],
  worstError = 0.12,
): RoundedAmount | undefined {
  const near = measures.flatMap((m) => candidates(grams, m)).filter((r) => Math.abs(r.error) <= worstError);
  // Errors within two per cent of each other are alike to a cook: then the fewer to count wins ("1 tbsp", not "3 tsp").
  const errorRank = (r: Candidate): number => Math.round(Math.abs(r.error) * 50);
  const [best] = near.sort((a, b) => errorRank(a) - errorRank(b) || a.count - b.count);
  return best && { text: best.text, grams: best.grams, error: best.error };
}
