import { wordTable } from "./word-table.ts";
import { anyOf, frenchSpoons, laterNumbers, measureWords, numberWords, packWords } from "./amount-words.ts";

const aNumber = `(?:an?|${numberWords.join("|")}|\\d+(?:\\.\\d+)?)`;
const numberOf = (word: string): number => {
  const at = numberWords.indexOf(word.toLowerCase());
  if (at >= 0) return at + 1;
  return /^an?$/i.test(word) ? 1 : Number(word);
};

const spokenCounts: readonly (readonly [RegExp, string])[] = [
  [/^half (?:an? )?doz(?:en)?\.? (?:of )?/i, "6 "],
  [/^an? doz(?:en)?\.? (?:of )?/i, "12 "],
  [/^(?:an? )?half (?:of )?(?:an? )?/i, "0.5 "],
  [/^(?:an? |one )?quarter (?:of )?(?:an? )?/i, "0.25 "],
  [/^three[- ]quarters (?:of )?(?:an? )?/i, "0.75 "],
  [/^two[- ]thirds (?:of )?(?:an? )?/i, "0.667 "],
  [/^(?:an? |one )?third (?:of )?(?:an? )?/i, "0.333 "],
  [/^(?:a couple(?: of)?|a pair of) /i, "2 "],
  [/^a few /i, "2-4 "],
  [/^several /i, "3-5 "],
  [/^an? or two /i, "1-2 "],
  ...numberWords
    .slice(1)
    .map(
      (word, i) => [new RegExp(`^${numberWords[i]} (?:or|to) ${word} `, "i"), `${i + 1}-${i + 2} `] as const,
    ),
  [/^(?:an?|one) (tsp|teaspoon|tbsp|tablespoon|cup|handful|bunch|clove|sprig) or two /i, "1-2 $1 "],
  ...laterNumbers.map(([word, many]) => [new RegExp(`^${word} (?!and )`, "i"), `${many} `] as const),
  // "a 5 cm piece", "a 400 g tin": the article counts nothing.
  [/^an? (?=\d)/i, ""],
  [/^an? /i, "1 "],
  ...numberWords.map((word, i) => [new RegExp(`^${word} `, "i"), `${i + 1} `] as const),
];

const approximately =
  /^(?:about\.?|approx(?:imately|\.)?|roughly|around|circa|≈|ca(?:\.|(?= ?\d))|c\.|~|nearly|almost|at least) ?(?=\S)/i;
/** Words that leave the number before or after them what it is: "another 2 tbsp", "4 or so", "200-ish g". */
const loosely: readonly (readonly [RegExp, string])[] = [
  [/,? (?:more or less|or (?:so|more|less|thereabouts)|give or take|approx\.?)$/i, ""],
  [
    /^(?:another|(?:a )?further|an extra|up to|(?:no|not) more than|at (?:most|least)|(?:a )?(?:max(?:imum)?|min(?:imum)?)(?: of)?|(?:just )?(?:under|over)) (?=[\d¼½¾]|(?:an?|half|one|two|three|four|five|six) )/i,
    "",
  ],
  [/(\d)[- ]?ish(?= )/i, "$1"],
  [/^([\d./¼½¾-]+ ?(?:\p{L}+ )?)or (?:so|thereabouts) (?:of )?/iu, "$1"],
  [/^between (\d+(?:\.\d+)?) and (?=\d)/i, "$1-"],
  [
    /^(\d+(?:\.\d+)?) ?(kg|g|ml|l|cm|oz|lbs?|grams?|litres?) ?(?:-|–|—|to) ?(\d+(?:\.\d+)?) ?(?:\2)\b/i,
    "$1-$3 $2",
  ],
];
const plainly = (text: string): string =>
  loosely.reduce((line, [said, instead]) => line.replace(said, instead), text);

const bullets = /^(?:[-–—•*▢□◦‣·]|\d+[.)](?= +[^\d\s]*\d))\s+/;
const checkBox = /^(?:[-*•]\s*)?\[[ xX✓]?\]\s*/u;
/** Words that measure nothing: "some mint", "plenty of pepper". */
const uncounted =
  /^(?:(?:just )?(?:some|a (?:little|bit|touch|hint|lick) (?:of )?|(?:lots|plenty|loads|a lot|masses) of )|extra (?=\p{L}))\s*/iu;
const unitBeforeHalf =
  "kilos?|kg|pounds?|lbs?|litres?|liters?|cups?|pints?|teaspoons?|tablespoons?|tsp|tbsp|ounces?|oz";

/** What comes on top of a whole: "a kilo and a half", "2 kg and a quarter", "a clove and a half". */
const more = "and (?:a )?(half|quarter|½|¼|1/2|1/4)";
const moreAfterUnit = new RegExp(
  `^(?:(${aNumber}) )?(${unitBeforeHalf}|(?:${anyOf(measureWords)})) ${more} (?:of )?`,
  "i",
);
/** "1 courgette and a half": of what is counted. */
const moreAfterName = new RegExp(`^(${aNumber}) (\\p{L}[^,;()\\d]*?) ${more}(?=$|[,;(])`, "iu");
const moreBeforeUnit = new RegExp(`^(${aNumber}) ${more} `, "i");

const withMore = (count: string | undefined, said: string | undefined): number =>
  numberOf(count ?? "1") + (/half|½|1\/2/i.test(said ?? "") ? 0.5 : 0.25);

/** "a pound and a half of plums" → "1.5 pound plums"; "one and a half teaspoons" → "1.5 teaspoons". */
function withHalves(text: string): string {
  const after = moreAfterUnit.exec(text);
  if (after) return `${withMore(after[1], after[3])} ${after[2]} ${text.slice(after[0].length)}`;
  const named = moreAfterName.exec(text);
  if (named) return `${withMore(named[1], named[3])} ${named[2]}${text.slice(named[0].length)}`;
  const before = moreBeforeUnit.exec(text);
  return before ? `${withMore(before[1], before[2])} ${text.slice(before[0].length)}` : text;
}

const halfDozens: Readonly<Record<string, number>> = wordTable({ "½": 0.5, "1/2": 0.5, "1½": 1.5 });
/** "2 dozen eggs" → "24 eggs". */
const withoutDozens = (text: string): string =>
  text.replace(/^(\d+(?:\.\d+)?|½|1\/2|1½) ?doz(?:ens?|s)?\.? (?:of )?/i, (_, count: string) => {
    const dozens = halfDozens[count] ?? Number(count);
    return `${dozens * 12} `;
  });

const packOfSeveral = new RegExp(
  `^(?:(an?|\\d+) )?(?:${anyOf(`${packWords} crate`)}) of (\\d+) (?!(?:kg|kilos?|g|grams?|lbs?|oz|ml|l|cl|litres?)\\b)(?=\\p{L})`,
  "iu",
);
const packsOfEach = new RegExp(
  `^(an?|\\d+) (?:${anyOf(`${packWords} crate`)}) (?:of )?(\\p{L}[^\\d,;()]*?),? \\(?(\\d+) (?:each|per \\p{L}+|in each)\\)?$`,
  "iu",
);
const packsTimes = (packs = "1", each = "1"): number => numberOf(packs) * Number(each);
/** "2 boxes of 6 eggs", "2 boxes of eggs (6 each)" → "12 eggs"; "twin pack cos" → "2 cos". */
const withoutPacks = (text: string): string =>
  text
    .replace(packsOfEach, (...[, packs, name, each]: string[]) => `${packsTimes(packs, each)} ${name}`)
    .replace(packOfSeveral, (...[, packs, each]: (string | undefined)[]) => `${packsTimes(packs, each)} `)
    .replace(/^(?:an? |1 )?twin[- ]?packs? (?:of )?/i, "2 ");

/** "a bunch" → "1 bunch"; leaves anything that does not begin with a spoken count. */
export function wordsToNumber(text: string): string {
  const halves = withoutDozens(withHalves(text));
  if (halves !== text) return halves;
  const spoken = spokenCounts.find(([pattern]) => pattern.test(text));
  return spoken ? withoutDozens(text.replace(spoken[0], spoken[1])) : text;
}

/** Thousands set apart by a space that does not break, or so many groups that they can be nothing else. */
const spacedThousands =
  /(?<![\d.,/-])[1-9]\d{0,2}(?:(?:[\u00a0\u2007\u2009\u202f]\d{3})+|(?: \d{3})* 0\d{2}(?: \d{3})*|(?: \d{3}){2,})(?![\d/])/g;
/** "10 000 g" → "10000 g"; "1 500 g" stays: it may be one pack of 500 g. */
const withThousandsClosed = (text: string): string =>
  text.replace(spacedThousands, (number) => number.replaceAll(/\D/g, ""));

const plainAscii = /^[ -~]*$/;
/** One sign for each kind of space, quote and fraction bar. */
const plainSigns = (text: string): string =>
  plainAscii.test(text)
    ? text
    : text
        .normalize("NFC")
        .replace(/[\u00a0\u2007\u2009\u202f]/g, " ")
        .replace(/[‘’]/g, "'")
        .replace(/[“”]/g, '"')
        .replace(/\u2044/g, "/");

const eggSize = (letter: string): string =>
  /s/i.test(letter) ? "small" : /m/i.test(letter) ? "medium" : "large";

/** One spelling of spaces, quotes and fractions; no boxes to tick, bullets, stars or pointers to notes. */
const tidy = (text: string): string =>
  plainSigns(withThousandsClosed(text))
    .replace(/\s+/g, " ")
    .trim()
    .replace(checkBox, "")
    .replace(bullets, "")
    .replace(/\s*[([]\s*see (?:the )?(?:notes?|tips?|above|below|recipe)[^)\]]*[)\]]/i, "")
    .replace(/[*†]+$/, "")
    .replace(/\bw\/o\b ?/gi, "without ")
    .replace(/\bw\/ ?/gi, "with ")
    .replace(/^optional:? (.+)$/i, "$1, optional")
    // A size printed on the box, and no litres.
    .replace(
      /^(\d+) ([SMsm]|X?L) (?=[Ee]ggs?\b(?! *(?:whites?|yolks?)\b))/,
      (_, count: string, size: string) => `${count} ${eggSize(size)} `,
    );

const manyOfAWeight = new RegExp(
  `^(?:\\d+|${numberWords.join("|")})(?= \\d+(?:\\.\\d+)?-(?:lbs?|pounds?|oz|ounces?|g|grams?|kg|kilos?)\\b\\.? \\p{L})`,
  "iu",
);

/**
 * A size of each one before its name: "1 2-lb cauliflower" is one of 2 lb, and "3 4-inch sprigs" are three. Of "2 large or
 * 3 small" the first is taken; the other says the same.
 */
const plainEach = (text: string): string =>
  text
    .replace(manyOfAWeight, (many) => `${numberOf(many)} x`)
    .replace(/^(\d+ x \d+(?:\.\d+)?)-/, "$1 ")
    .replace(/^(\d+(?:\.\d+)? ?(?:g|kg|ml|cl|l)\b[^,;()\d]*) [x×] ?(\d{1,2})$/i, "$2 x $1")
    .replace(/^an? ([^\d,;(]+?) or two$/i, "1-2 $1")
    .replace(
      /^(\d+ (?:large|medium|small|big|fat|thin) [^\d,;()]+?),? or \d+ (?:large|medium|small|little|big|fat|thin)(?: ones)?$/i,
      "$1",
    )
    .replace(
      /^(\d+|an?|one|two|three|four|six) (crushed|chopped|peeled|sliced|minced|grated) (cloves?|sticks?|stalks?|sprigs?|heads?|bulbs?) (?:of )?([^\d,;()]+)$/i,
      "$1 $3 $4, $2",
    )
    .replace(/^1 (?=\d+(?:\.\d+)?[- ]?(?:cm|inch|in)\b[- ](?:piece|chunk|length|knob|thumb)s? )/i, "")
    .replace(/^(\d+) \d+(?:\.\d+)?[- ]?(?:cm|inch|in)\b[- ](?=sprigs? |stalks? |sticks? )/i, "$1 ")
    .replace(
      /^(\d+ (?:large|medium|small|big|thick|thin)) or \d+ (?:large|medium|small|little|thick|thin) (?=\p{L})/iu,
      "$1 ",
    );

/** Units in one spelling: "3 tbsps", "2 tablespoonfuls", "a cupful", "200-gram", "2x avocado". */
const plainUnits = (text: string): string =>
  text
    .replace(/\b(tbsp|tsp)s\b\.?/gi, "$1")
    .replace(frenchSpoons.tbsp, "tbsp")
    .replace(frenchSpoons.tsp, "tsp")
    .replace(/\b(table|tea|dessert)spoonfuls?\b/gi, "$1spoon")
    .replace(/\b(cup|mug)fuls?\b/gi, "$1")
    .replace(/\bcarrier (?=bag)/gi, "")
    .replace(/\b(bucket|bag|box|tray)(?:fuls?| full)\b/gi, "$1")
    .replace(/(\d)(lbs?|st)(?=\d)/gi, "$1 $2 ")
    .replace(/(\d ?)(?:ltrs?|lts?)\b\.?/gi, "$1litres")
    .replace(/(\d ?)(gr|kg|ml)\.(?=\s|$)/gi, "$1$2")
    .replace(/^1 \((\d+(?:\.\d+)?[- ]?(?:cm|inch|in))\) (?=piece|chunk|knob)/i, "$1 ")
    .replace(/(\d) ?hds?\b\.?/gi, "$1 heads")
    .replace(/\btoms\b/gi, "tomatoes")
    .replace(/\bhalf[- ]moons?\b/gi, "slices")
    .replace(/\b(half|quarter)-(?=(?:kilo|pound|litre|liter|pint|dozen|cup)s?\b)/gi, "$1 ")
    .replace(/^one-and-a-half\b/i, "one and a half")
    .replace(/^(?:an? )?(?:scant|generous|good|heaping|heaped) (?=(?:half|quarter) |\d)/i, "")
    .replace(/^few (?=\p{L}+s\b)/iu, "a few ")
    .replace(/,? (?:leaves|greens|tops|roots?) (?:still )?(on|off)$/i, (_, where: string) =>
      /on/i.test(where) ? " with tops" : ", trimmed",
    )
    .replace(/(\d)-(?=(?:gram|ounce|pound|kilo|cup|pint|litre|liter)s?\b)/gi, "$1 ")
    .replace(/^(\d+) ?[x×] (?=\p{L})/iu, "$1 ");

const cleanedUp = "peeled|trimmed|podded|shelled|stoned|pitted|hulled|prepared|cleaned";
const weightSaid = "\\d+(?:\\.\\d+)? ?(?:kg|g|oz|lbs?)";
const fruits = "lemons?|limes?|oranges?|grapefruits?|clementines?|mandarins?";

/** What is said by the way, in one spelling: a weight "when peeled", a sort "such as Desiree", leaves that hang on, a grind of pepper. */
const plainAsides = (text: string): string =>
  text
    // What it came out of, or comes to, where its own amount stands before it: "120 g broad beans (from 400 g in pods)",
    // "2 cups cooked lentils (1 cup dry)", "1 cup dry lentils (2 cups cooked)".
    .replace(
      /^(\d+(?:\.\d+)? ?(?:g|kg|oz|lbs?|cups?|ml)\b[^()]*) \((?:from|out of) (?:about |roughly )?\d[^()]*\)/i,
      "$1",
    )
    .replace(/^(\d[^()]*\bcooked\b[^()]*) \((?:about )?\d[^()]* (?:dry|dried|raw|uncooked)\)/i, "$1")
    .replace(/^(\d[^()]* (?:dry|dried|raw|uncooked)\b[^()]*) \((?:about )?\d[^()]* cooked\)/i, "$1")
    .replace(
      new RegExp(`(\\d ?(?:kg|g|oz|lbs?)) (?:when |once |after being )?(${cleanedUp})\\)`, "i"),
      "$1), $2 weight",
    )
    .replace(/(\d ?(?:kg|g|oz|lbs?)) (?:of )?(?:florets|flesh|leaves)\)/i, "$1), trimmed weight")
    .replace(/^(\d.*, ?(?:about )?\d+(?:\.\d+)? ?(?:kg|g|oz|lbs?)) prepared$/i, "$1, prepared weight")
    .replace(/^(\p{L}[^\d()]*),? \(((?:half (?:an? )?|an? |\d+ )doz(?:en)?)\.?\)$/iu, "$2 $1")
    // "cauliflower florets from a 700 g head": that is what is bought.
    .replace(
      new RegExp(
        `^(\\p{L}+) (?:florets|leaves|kernels|flesh) from (?:an?|one|1) (?:about )?(${weightSaid}) (head|bulb|bunch|cob|ear|piece)$`,
        "iu",
      ),
      "1 $3 $1 ($2)",
    )
    // "1 lemon (60 ml juice)": the juice is what goes in.
    .replace(
      new RegExp(`^([\\d./½]+|an?|half an?|one|two) (${fruits}) \\(([^()]*\\d[^()]*?) (?:of )?juice\\)`, "i"),
      "juice of $1 $2 ($3)",
    )
    // What it comes to once cooked: "1 cup quinoa, makes 3 cooked".
    .replace(/(?<=\d.*\p{L}),? (?:\()?(?:which )?(?:makes|yields|gives) (?:about )?[\d½¼][^,()]*\)?$/iu, "")
    .replace(/ such as (?=\p{Lu})/u, ", such as ")
    .replace(/ and (?:its|their) (leaves|tops|greens|fronds)\b/i, " with $1")
    .replace(
      /^(?:an? )?(?:(?:good|generous|few|couple of|several|fresh|large|big) )*(?:grind|grinding|twist|crack|turn)s?(?: of)? (?:freshly (?:ground|milled|cracked) )?(?:black )?pepper\b/i,
      "black pepper, to taste",
    );

/** "2 or three". */
const orInWords = new RegExp(`^(\\d+) (?:or|to) (${numberWords.join("|")}) `, "i");

/** Numbers in one spelling: "1,5" → "1.5", "1,200" and "1'200" → "1200", "1-1/2" → "1 1/2". */
const plainNumbers = (text: string): string =>
  text
    .replace(/(\d) +\/ *(?=\d)|(\d)\/ +(?=\d)/g, "$1$2/")
    // "100/150 g": no cook means two thirds of a gram.
    .replace(/^(\d{2,})\/(\d{2,})(?= ?(?:kg|g|ml|cl)\b)/i, "$1-$2")
    .replace(orInWords, (_, low: string, high: string) => `${low}-${numberOf(high)} `)
    .replace(/(?<![\d.,])([1-9]\d{0,2})[,'](\d{3})(?!\d)/g, "$1$2")
    .replace(/(\d),(\d{1,3})(?!\d)/g, "$1.$2")
    .replace(/^(\d+) (?:and|&) (?=\d\/\d|[¼½¾⅓⅔⅛])/, "$1 ")
    .replace(/^(\d+|one|two|three|four) and (?:one-half|a half|one half) (?=[a-z])/i, "$1 1/2 ")
    .replace(/(?<![\d/])(\d+)-(?=\d\/\d|[¼½¾⅓⅔⅛])/g, "$1 ")
    .replace(/\bfl(?:uid)?\.? ?(?:oz|ounces?)\b\.?/gi, "fl oz")
    .replace(/(\d)(\s*)(?:to|or|–|—)(\s*)(?=\d|[¼½¾⅓⅔])/g, "$1-")
    .replace(/([¼½¾⅓⅔])\s*(?:to|or|–|—)\s*(?=\d|[¼½¾⅓⅔])/g, "$1-")
    .replace(
      /^([\d./-]+(?: [\d/]+)?|[¼½¾⅓⅔]) ?((?:(?:lightly|loosely|firmly|tightly|well) )?packed) (cups?|tbsps?|tablespoons?) (?:of )?/i,
      "$1 $3 $2 ",
    )
    // "tomatoes, 1 half tray", "2 half avocados"; half-fat milk is no half of it.
    .replace(/(^|[\s,:(])1 half (?:an? )?(?!fat|and)(?=\p{L})/iu, "$1half a ")
    .replace(/^(\d+) half (?!fat|and)(?=\p{L})/iu, (_, many: string) => `${Number(many) / 2} `)
    .replace(/^([\d¼½¾⅓⅔./-]+(?: [\d/]+)?) ?([tT])\. /, "$1 $2 ")
    // A mark that may be pounds or a number: it stays a word nobody knows, so that it is asked.
    .replace(/(\d) ?#/g, "$1 hash")
    .replace(/^([\d.]+|[¼½¾⅓⅔]|\d+\/\d+) an? /, "$1 ")
    .replace(/(\d) ?(?:nos?\.?|pcs?\.?|numbers?)(?=$| [a-z(])/i, "$1");

/** "2 bags of 200 g of rocket" → "2 x 200 g bags rocket". */
const packsOfWeight = new RegExp(
  `^(\\d+) (${anyOf(packWords)}) of (\\d+(?:\\.\\d+)? ?(?:kg|g|ml|cl|l|oz|lbs?))\\b(?: of)? (?=\\p{L})`,
  "iu",
);

/**
 * A line in the one spelling that the grammar reads: no bullets, plain spaces, decimal points, thousands closed up,
 * spoken counts as numbers. "1,5 kg" → "1.5 kg"; "1,200 g" → "1200 g"; "half a bunch" → "0.5 bunch".
 */
export function normaliseLine(text: string): string {
  const exact = plainly(plainNumbers(plainEach(plainUnits(plainAsides(tidy(text))))))
    .replace(approximately, "")
    .replace(uncounted, "");
  return plainly(wordsToNumber(withoutPacks(exact))).replace(packsOfWeight, "$1 x $3 $2 ");
}
