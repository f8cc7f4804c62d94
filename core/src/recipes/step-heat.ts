/** Gas marks ¼ to 9 in °C of a conventional oven. Common practice, no source. */
const gasMarks: readonly (readonly [mark: number, celsius: number])[] = [
  [0.25, 110],
  [0.5, 120],
  [1, 140],
  [2, 150],
  [3, 170],
  [4, 180],
  [5, 190],
  [6, 200],
  [7, 220],
  [8, 230],
  [9, 240],
];

/** Ovens that are described and not set, °C. Common practice, no source. */
const ovenWords: readonly (readonly [RegExp, number])[] = [
  [/\b(?:very|really|fiercely) hot oven\b/i, 230],
  [/\bhot oven\b/i, 220],
  [/\b(?:moderately hot|fairly hot) oven\b/i, 190],
  [/\b(?:moderate|medium) oven\b/i, 180],
  [/\b(?:warm|moderately slow) oven\b/i, 160],
  [/\b(?:slow|low|cool) oven\b/i, 150],
];

/** A fan oven is set 20 °C lower. Common practice, no source. */
const fanLower = 20;

/** Is the temperature that stands between the two texts said of a fan oven: "160 °C fan", "fan 160 °C"? */
const isFan = (before: string, after: string): boolean =>
  /\b(?:fan|convection)(?: oven)?:? ?\(?$/i.test(before) ||
  /^\s*\(?(?:c )?(?:fan|convection)\b(?!(?: oven)?:? ?\d{3})/i.test(after);

/** No kitchen oven goes further, °C. */
const hottest = 350;

/** Above this a bare number of degrees is Fahrenheit: no oven is set so high in Celsius. */
const leastFahrenheit = 260;

const degrees =
  /(\d{2,3}) ?(?:°|º|degrees?|deg\b)\.? ?(celsius|centigrade|fahrenheit|c|f)?\b|(\d{3}) ?(c|f)\b|(\d{2}) ?(c|f)\b(?! ?\w)/gi;

type Heat = { readonly celsius: number; readonly isFan: boolean };

function heatsIn(text: string): Heat[] {
  return [...text.matchAll(degrees)].flatMap((found) => {
    const value = Number(found[1] ?? found[3] ?? found[5]);
    if (!(value > 0)) return [];
    const said = (found[2] ?? found[4] ?? found[6] ?? (value >= leastFahrenheit ? "f" : "c"))
      .charAt(0)
      .toLowerCase();
    const celsius = said === "f" ? Math.round((value - 32) / 1.8) : value;
    const [before, after] = [text.slice(0, found.index), text.slice(found.index + found[0].length)];
    return [{ celsius, isFan: said !== "f" && isFan(before, after) }];
  });
}

const markIn = (text: string): number | null => {
  const mark = /gas (?:mark )?(¼|½|\d+(?:\.\d+)?)/i.exec(text)?.[1];
  if (mark === undefined) return null;
  const wanted = mark === "¼" ? 0.25 : mark === "½" ? 0.5 : Number(mark);
  return gasMarks.find(([known]) => known === wanted)?.[1] ?? null;
};

/**
 * The oven's temperature a text names, °C of a conventional oven; null when it names none. Of "200 °C (fan 180 °C)" the
 * conventional one; a fan's alone is raised by 20. "450 degrees" are Fahrenheit. "A moderate oven" is 180.
 */
export function celsiusIn(text: string): number | null {
  const heats = heatsIn(text);
  const said = heats.find((heat) => !heat.isFan) ?? heats[0];
  if (said) {
    const set = said.celsius + (said.isFan ? fanLower : 0);
    return set <= hottest ? set : null;
  }
  return markIn(text) ?? ovenWords.find(([words]) => words.test(text))?.[1] ?? null;
}
