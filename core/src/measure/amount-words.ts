/** Measures that are not units: what the tables weigh one of, and what only a stated weight can tell. */
export const measureWords =
  "handful handfull bunch sprig stalk stick leaf clove head bulb ear cob tin can jar punnet block ball log knob glug splash drizzle dash pinch squeeze wedge slice floret heart tray rib frond spear crown tub pot packet pack package pkg bag thumb spoonful cup sheet loaf sack net bottle carton box pouch sachet crate bushel flat bucket glass ladle portion part piece pat tuft fillet cube walnut strip half quarter stem chunk hunk ring matchstick baton ribbon shaving joint shank rasher string plait braid";

/** Words that praise or describe a measure and do not change what it holds: "2 fat cloves", "a nice handful". */
export const measurePraise =
  "fat plump juicy nice decent healthy fresh crisp tender inner outer outside young long thick ripe peeled whole really very rather quite good fairly full lovely tidy rustic stale crusty toasted trimmed unpeeled leafy woody smallish largish biggish chunky short slim sturdy single";

export const pluralOf = (word: string): string => {
  if (word === "leaf") return "leaves";
  if (word === "loaf") return "loaves";
  if (word === "half") return "halves";
  return /(?:ch|sh|x|ss)$/.test(word) ? `${word}es` : `${word}s`;
};

/** What food is bought in: a weight beside it is the weight of it all. */
export const packWords =
  "bag pack packet package pkg tub pot jar bottle carton box pouch punnet sack net tray can tin block ball log container sachet loaf wedge bunch brick tube";

export const anyOf = (words: string): string =>
  words
    .split(" ")
    .map((word) => `${pluralOf(word)}|${word}`)
    .join("|");

/** Numbers up to a dozen in words, "one" first. */
export const numberWords = "one two three four five six seven eight nine ten eleven twelve".split(" ");

/** Rounder numbers in words, longer ones before those they begin with. */
export const laterNumbers: readonly (readonly [word: string, many: number])[] = [
  ["fifteen", 15],
  ["twenty-five", 25],
  ["twenty", 20],
  ["thirty", 30],
  ["forty", 40],
  ["fifty", 50],
  ["(?:an? |one )?hundred", 100],
];

/**
 * French spoons, "c. à s." and "cuil. à café", so short that any language reads a cup in them. Without its accent the
 * "à" must have its stops: "1 c as needed" is a cup.
 */
export const frenchSpoons = {
  tbsp: /\b(?:c(?:uill?)?\.? ?à\.? ?s(?:oupe)?(?!\p{L})\.?|cas(?!\p{L})|c\. ?a ?s\.)/giu,
  tsp: /\b(?:c(?:uill?)?\.? ?à\.? ?c(?:af[ée])?(?!\p{L})\.?|cac(?!\p{L})|c\. ?a ?c\.)/giu,
} as const;

/** A number as it is written once a line is normalised. */
export const aNumber =
  "(?:\\d+ \\d+\\/\\d+|\\d+\\/\\d+|\\d+(?:\\.\\d+)? ?[¼½¾⅓⅔⅛]|\\d+(?:\\.\\d+)?|\\.\\d+|[¼½¾⅓⅔⅛])";
/** One, or a range. */
export const someNumber = `${aNumber}(?: ?- ?${aNumber})?`;

/** Units of mass and of volume as lines write them. */
export const massWords =
  "kg|kgs|kilos?|kilograms?|g|gr|gms?|grams?|grammes?|lbs?|pounds?|oz|ozs|ounces?|mg|stones?";
export const volumeWords =
  "ml|mls|cl|dl|l|litres?|liters?|cc|fl oz|floz|pints?|pts?|quarts?|qts?|gallons?|gal|cups?|c|tbsps?|tbs|tblsp|tablespoons?|T|tsps?|teaspoons?|t|dessertspoons?|dsp|mugs?|teacups?";
