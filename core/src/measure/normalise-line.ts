const spokenCounts: readonly (readonly [RegExp, string])[] = [
  [/^half an? dozen /i, "6 "],
  [/^an? dozen /i, "12 "],
  [/^(?:an? )?half (?:of )?(?:an? )?/i, "0.5 "],
  [/^(?:an? |one )?quarter (?:of )?(?:an? )?/i, "0.25 "],
  [/^three[- ]quarters (?:of )?(?:an? )?/i, "0.75 "],
  [/^(?:an? )?third (?:of )?(?:an? )?/i, "0.33 "],
  [/^(?:a couple(?: of)?|a pair of) /i, "2 "],
  [/^a few /i, "2-4 "],
  [/^several /i, "3-5 "],
  [/^(?:an?|one) and a half /i, "1.5 "],
  // "a 5 cm piece", "a 400 g tin": the article counts nothing.
  [/^an? (?=\d)/i, ""],
  [/^an? /i, "1 "],
  ...["one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve"].map(
    (word, i) => [new RegExp(`^${word} `, "i"), `${i + 1} `] as const,
  ),
];

const approximately =
  /^(?:about|approx(?:imately|\.)?|roughly|around|circa|ca\.?|c\.|~|nearly|almost|at least) ?(?=\S)/i;
const bullets = /^(?:[-–—•*▢□◦‣·]|\d+[.)](?= +[^\d\s]*\d))\s+/;

/** "a bunch" → "1 bunch"; leaves anything that does not begin with a spoken count. */
export function wordsToNumber(text: string): string {
  const spoken = spokenCounts.find(([pattern]) => pattern.test(text));
  return spoken ? text.replace(spoken[0], spoken[1]) : text;
}

/**
 * A line in the one spelling that the grammar reads: no bullets, plain spaces, decimal points, thousands closed up,
 * spoken counts as numbers. "1,5 kg" → "1.5 kg"; "1,200 g" → "1200 g"; "half a bunch" → "0.5 bunch".
 */
export function normaliseLine(text: string): string {
  const tidy = text
    .normalize("NFC")
    .replace(/[\u00a0\u2007\u2009\u202f]/g, " ")
    .replace(/[‘’]/g, "'")
    .replace(/\u2044/g, "/")
    .replace(/\s+/g, " ")
    .trim()
    .replace(bullets, "")
    .replace(/(?<![\d.,])([1-9]\d{0,2}),(\d{3})(?!\d)/g, "$1$2")
    .replace(/(\d),(\d{1,3})(?!\d)/g, "$1.$2")
    .replace(/\bfl(?:uid)?\.? ?(?:oz|ounces?)\b\.?/gi, "fl oz")
    .replace(/(\d)(\s*)(?:to|or|–|—)(\s*)(?=\d|[¼½¾⅓⅔])/g, "$1-");
  const exact = tidy.replace(approximately, "");
  return wordsToNumber(exact);
}
