import { wordTable } from "./word-table.ts";
import { parseIngredient, unitsOfMeasure, type UnitOfMeasureDefinitions } from "parse-ingredient";
import { takeRemarks, type LineRemarks } from "./line-remarks.ts";
import { normaliseLine } from "./normalise-line.ts";
import { amountFirst } from "./amount-first.ts";
import { anyOf, massWords, measurePraise, measureWords, pluralOf, volumeWords } from "./amount-words.ts";
import { onceSaid } from "./double-amount.ts";
import { eggParts, leavesFrom, takeFruitPart, takeLength } from "./fruit-part.ts";
import { takeStated, type Stated, type StatedAmount } from "./stated-amount.ts";
import { findUnit, unitsFor, type CupSystem, type Unit } from "./units.ts";

export type SizeWord = "small" | "medium" | "large" | "";

/** A recipe or market line taken apart by its grammar alone, before anyone knows what it is of. */
export type LineParts = {
  /** The number as written, a range where one was given; null when none was. */
  readonly count: { readonly low: number; readonly high: number } | null;
  readonly unit: Unit | null;
  /** A measure that is not a unit: "bunch", "clove", "tin"; "" for a bare count. */
  readonly word: string;
  readonly size: SizeWord;
  /** What the line itself says it weighs or holds in all: a bracket, or "2 x 400 g". */
  readonly stated: StatedAmount | null;
  /** More of the same, and other things that would do instead, as the line says them. */
  readonly added: readonly StatedAmount[];
  readonly offered: readonly string[];
  /** What is stated is what is left once it is drained. */
  readonly isDrained: boolean;
  /** What is stated may be of several things together, or of each of them: the line does not say. */
  readonly isEachOrAll: boolean;
  /** Its own statements cannot both be right. */
  readonly disagrees: boolean;
  /** The food stands before its amount, as in a list: "radishes x2". */
  readonly isNameFirst: boolean;
  /** A range that runs downwards, or a number at the end, was meant as something else. */
  readonly isOdd: boolean;
  /** "juice", "zest" or both, where the line asks for that of a fruit. */
  readonly parts: readonly ("juice" | "zest")[];
  readonly name: string;
  /** The name before sizes and measures came off it: "vine leaves", "little gem". */
  readonly wholeName: string;
  readonly preparation: string;
  readonly remarks: LineRemarks;
  /** True of "For the dressing:". */
  readonly heading: boolean;
};

/** Ways of writing a unit that the library does not know. */
const furtherUnits: UnitOfMeasureDefinitions = {
  kilo: { short: "kilo", plural: "kilos", alternates: ["kgs"] },
  gramme: { short: "gm", plural: "grammes", alternates: ["gms", "gr"] },
  centilitre: { short: "cl", plural: "centilitres", alternates: ["centiliter", "centiliters"] },
  litre: { short: "litre", plural: "litres", alternates: ["ltr", "ltrs", "lt", "ltr."] },
  tbs: { short: "tbs", plural: "tbs", alternates: ["Tbs", "Tb", "Tb.", "tbs.", "Tbs.", "tblsp"] },
  dessertspoon: { short: "dsp", plural: "dessertspoons", alternates: ["dessertspoonful"] },
  mug: { short: "mug", plural: "mugs", alternates: ["mugful", "mugfuls"] },
  teacup: { short: "teacup", plural: "teacups", alternates: [] },
  stone: { short: "stone", plural: "stones", alternates: [] },
  quart: { short: "quart", plural: "quarts", alternates: ["qt", "qts", "qt.", "qts."] },
  decilitre: { short: "dl", plural: "decilitres", alternates: ["deciliter", "deciliters"] },
  cubic: { short: "cc", plural: "cc", alternates: [] },
};

/** Other ways of writing a measure. */
const alsoWritten: Readonly<Record<string, readonly string[]>> = wordTable({
  handful: ["fistful", "fistfuls", "handsful"],
  packet: ["pkt", "pkts", "pkt.", "pckt"],
  bunch: ["bu", "bun", "bch", "bnch", "bundle", "bundles"],
});

const definitions = (): UnitOfMeasureDefinitions => ({
  ...furtherUnits,
  ...Object.fromEntries(
    measureWords
      .split(" ")
      .map((word) => [
        word,
        { short: word, plural: pluralOf(word), alternates: [...(alsoWritten[word] ?? [])] },
      ]),
  ),
});

const aMeasure = `(?:${anyOf(measureWords)}|good pinch|pint|cup|litre|liter|kilo|pound|teaspoon|tablespoon|tsp|tbsp|mug)`;
/** "pinch of saffron": one of a measure that was not counted. */
const uncounted = new RegExp(
  `^(?:(?:small|large|big|good|generous|heaped|scant|sml?\\.?|lge?\\.?|lrg|med\\.?) )?${aMeasure} (?:of )?`,
  "i",
);
/** "celery stalks", "garlic cloves", "avocado halves", "lemon wedges": what is counted stands after the name. */
const trailingMeasure =
  /^(.+?)(?<! (?:in|into|with|w\/|its|their)) (stalk|stick|rib|leaf|leave|clove|bulb|head|spear|cob|ear|sprig|stem|frond|crown|floret|heart|slice|fillet|loaf|loave|half|halve|quarter|wedge|strip|ribbon|chunk|cube|ring|matchstick|baton|shaving|joint|shank|piece|segment|bunche?|bag|pack|punnet|handful)s?$/i;

/** The library's own sizes are left to us: "2 large cloves" has both a size and a measure. */
const grammar = {
  additionalUOMs: definitions(),
  ignoreUOMs: [
    "small",
    "medium",
    "large",
    "extra-large",
    "sm",
    "md",
    "lg",
    "med",
    "med.",
    "sm.",
    "lg.",
    "lge",
    "lrg",
    "sml",
  ],
  round: 6,
} as const;

const sizes: readonly (readonly [RegExp, SizeWord])[] = [
  [
    /^(?:very |extra[- ])?(?:small|little|littl|baby(?= (?:bunch|handful|beets?|beetroots?|carrots?|turnips?|leeks?|courgettes?|zucchinis?|aubergines?|eggplants?|artichokes?|cucumbers?|onions?|parsnips?|fennel|potato(?:es)?))|sm\.?|sml\.?|thin|scant|mean|mini)(?:ish)? /i,
    "small",
  ],
  [
    /^(?:very |extra[- ])?(?:large|larg|lg\.?|lge\.?|lrg|big|bigg|good(?! quality| looking)|generous|heaped|heaping|rounded|huge|hefty)(?:ish)?(?:[- ]sized)? /i,
    "large",
  ],
  [/^(?:medium(?:[- ]sized)?|med\.?|level|average) /i, "medium"],
];

/** Takes a size off the front: "large cloves" → "cloves", large. */
function takeSize(text: string): { size: SizeWord; rest: string } {
  for (const [pattern, size] of sizes)
    if (pattern.test(text)) return { size, rest: text.replace(pattern, "") };
  return { size: "", rest: text };
}

const serving =
  /\s*\b(?:(?:to|for) (?:(?:deep[- ]?|shallow[- ]?|stir[- ]?)?frying|serve|serving|garnish|finish|garnishing|decorate|sprinkle|sprinkling|drizzle|drizzling|dress|dressing|roasting|brushing|greasing|tossing|the \w+)|as garnish)\b.*$/i;
/** "milk to loosen", "oil to coat the pan". */
const toDoSomething = / to (?!\d)\p{L}+(?: \p{L}+){0,3}$/iu;

/** "cauliflower broken into florets", "onion sliced lengthways": how it is cut, said without a comma. */
const cutting =
  / (?:(?:finely|thinly|roughly|coarsely|then) )*(?:cut|sliced|chopped|broken|torn|split|pulled|separated|quartered|halved|snapped|shredded) (?:in|into|to|on|up|lengthways|lengthwise|crossways|crosswise)\b.*$/i;

/** Splits "basil leaves, chopped" at the first comma, bracket or dash; "to serve" and its like are preparation too. */
function splitPreparation(text: string): { name: string; preparation: string } {
  const cut = /\s*(?:,|;| [-–—] |\()\s*/.exec(text);
  const name = cut ? text.slice(0, cut.index) : text;
  const after = cut ? text.slice(cut.index + cut[0].length) : "";
  const purpose =
    serving.exec(name) ?? (name.includes(" to ") ? toDoSomething.exec(name) : null) ?? cutting.exec(name);
  const kept = purpose ? name.slice(0, purpose.index) : name;
  const preparation = [purpose?.[0].trim() ?? "", after.replace(/[()]/g, " ").replace(/\s+/g, " ").trim()];
  return { name: kept.trim(), preparation: preparation.filter(Boolean).join(", ").replace(/,\s*$/, "") };
}

const countOf = (low: number | null, high: number | null): LineParts["count"] =>
  low === null ? null : { low: Math.min(low, high ?? low), high: Math.max(low, high ?? low) };

/** A line turned round begins with its amount, which may itself have been written out: "feta, half a pound". */
function amountInFront(line: string): { readonly line: string; readonly isNameFirst: boolean } {
  const turned = amountFirst(line);
  return turned === line ? { line, isNameFirst: false } : { line: normaliseLine(turned), isNameFirst: true };
}

/**
 * Takes a line apart: number or range, unit or measure, size, a stated total, name, preparation and remarks.
 * The numbers and units are read by parse-ingredient; nothing is guessed here, and the name is kept as written.
 */
export function splitLine(text: string, cup: CupSystem): LineParts {
  const plain = normaliseLine(text);
  const picked = plain.replace(leavesFrom, "");
  const { line: inFront, isNameFirst } = amountInFront(picked === plain ? plain : normaliseLine(picked));
  const { text: said, remarks } = takeRemarks(onceSaid(inFront));
  const fruit = takeFruitPart(eggParts(said));
  const counted = uncounted.test(fruit.rest) ? `1 ${fruit.rest}` : fruit.rest;
  const { rest, ...stated } = takeStated(counted, cup);
  const disagrees = stated.disagrees || oddThousands.test(said) || oddComma.test(plain);
  const about = { ...stated, disagrees, parts: fruit.parts, remarks, isNameFirst, isOdd: false };
  const length = takeLength(rest);
  if (length)
    return { ...named(length.rest), ...about, count: length.count, word: "cm-piece", unit: null, size: "" };
  const [line] = parseIngredient(rest, grammar);
  if (!line || line.isGroupHeader) {
    const name = named(text.replace(/:\s*$/, ""));
    return {
      ...name,
      ...about,
      ...nothingStated,
      count: null,
      unit: null,
      word: "",
      size: "",
      heading: line !== undefined,
    };
  }
  const wholeName = splitPreparation(line.description.replace(/^of /i, "")).name;
  // The grammar also takes a number at the end of a line, which may be anything: "carrots, bunched, 1".
  const isAtEnd = line.quantity !== null && !/^[\d.¼½¾⅓⅔⅛⅜⅝⅞]/.test(rest);
  const isOdd =
    isAtEnd ||
    severalNotFraction.test(rest) ||
    (line.quantity !== null && line.quantity2 !== null && line.quantity2 < line.quantity);
  return { wholeName, ...measured(line, cup), ...about, isOdd, heading: false };
}

/** "2/3 leeks" may be two or three of them, or a part of one; "2/3 leek" and "2/3 cup" are parts. */
const severalNotFraction = new RegExp(
  `^(?:1/2|(?:[2-9]|[1-4]\\d)/\\d+) (?:(?:small|medium|large|big|ripe|red|white|green) )*(?!(?:${massWords}|${volumeWords}|${anyOf(measureWords)}|dozens?)\\b)\\p{L}+s(?=$|[,;( ])(?! of\\b)`,
  "iu",
);

/** "1.000 g" may be a thousand or one. */
const oddThousands = /(?<![\d.])[1-9]\d{0,2}\.\d{3} ?(?:g|gr|grams?|ml)\b/i;

/** "carrots ,5 kg" may be five kilos or half of one. */
const oddComma = /(?:^|\s),\d/;

const nothingStated: Pick<Stated, "stated"> & { readonly parts: readonly never[] } = {
  stated: null,
  parts: [],
};

function named(text: string) {
  const split = splitPreparation(text);
  return { ...split, wholeName: split.name, heading: false };
}

type Parsed = ReturnType<typeof parseIngredient>[number];

function measured(line: Parsed, cup: CupSystem) {
  const count = countOf(line.quantity, line.quantity2);
  const written = line.unitOfMeasure ?? "";
  const unit =
    written === ""
      ? undefined
      : (findUnit(written, unitsFor(cup)) ?? findUnit(line.unitOfMeasureID ?? "", unitsFor(cup)));
  if (unit) {
    const added = takeSmallerUnit(line.description, unit, cup);
    if (added && count)
      return {
        count: { low: count.low + added.share, high: count.high + added.share },
        unit,
        word: "",
        size: "" as const,
        ...splitPreparation(added.rest),
      };
  }
  if (unit) return { count, unit, word: "", ...sizeAndName(line.description) };
  const word = line.unitOfMeasureID ?? "";
  const first = takeSize(line.description);
  const then =
    word === "" && count !== null ? takeMeasureWord(line.description, cup) : { word, unit: null, ...first };
  const named = splitPreparation(then.rest.replace(/^of /i, ""));
  const behind = count && !then.unit && then.word === "" ? measureBehind(named.name) : undefined;
  if (behind) return { count, unit: null, ...withSizeBehind(then.size, named), ...behind };
  // "4 cloves" names nothing but its measure: it is asked what of.
  if (named.name === "" && then.word !== "")
    return { count, unit: null, word: "", ...withSizeBehind(then.size, named), name: then.word };
  return { count, unit: then.unit, word: then.word, ...withSizeBehind(then.size, named) };
}

function measureBehind(name: string): { readonly name: string; readonly word: string } | undefined {
  const [, food = "", word] = trailingMeasure.exec(name) ?? [];
  if (word === undefined) return undefined;
  const one = word.toLowerCase().replace(/(?<=lea|loa|hal)ve$/, "f");
  return { name: food, word: one === "bunche" ? "bunch" : one };
}

/** "10 eggs, large", "2 tomatoes large": a size that stands behind the name. */
function withSizeBehind(
  size: SizeWord,
  named: { readonly name: string; readonly preparation: string },
): { size: SizeWord; name: string; preparation: string } {
  if (size !== "") return { size, ...named };
  const [, name, behind] = /^(.+) (small|medium|large)$/i.exec(named.name) ?? [];
  if (name !== undefined) return { ...named, name, size: takeSize(`${behind} `).size };
  return { ...named, size: sizeIn(named.preparation) };
}

/** "2 onions, large", "3 carrots (big ones), sliced": nothing but a size, among what is done with them. */
const onlySize =
  /^(?:the )?((?:very |extra )?(?:small|medium|large|big|little|huge)(?:ish)?)(?:[- ]sized)?(?: ones?)?$/i;

function sizeIn(preparation: string): SizeWord {
  const said = preparation.split(/[,;]/).flatMap((one) => onlySize.exec(one.trim())?.[1] ?? []);
  const [only] = said;
  return only !== undefined && said.length === 1 ? takeSize(`${only} `).size : "";
}

function sizeAndName(text: string): { size: SizeWord; name: string; preparation: string } {
  const { size, rest } = takeSize(text);
  return { size, ...splitPreparation(rest.replace(/^of /i, "")) };
}

const firstWordOf = (text: string): string => /^[^\s.]*/.exec(text.toLowerCase())?.[0] ?? "";

type MeasureTaken = {
  readonly word: string;
  readonly unit: Unit | null;
  readonly size: SizeWord;
  readonly rest: string;
};

const praise = new RegExp(`^(?:${measurePraise.split(" ").join("|")}),? `, "i");

/** The first words of everything that the grammar takes for a measure: most lines begin with none, and are not parsed. */
const firstWords = new Set(
  Object.entries({ ...unitsOfMeasure, ...definitions() })
    .flatMap(([id, { short, plural, alternates = [] }]) => [id, short, plural, ...alternates])
    .map((written) => firstWordOf(written)),
);

/** The measure that a text begins with: "tbsp capers", "bunch of dill"; none before it, undefined. */
function measureWord(text: string, cup: CupSystem): Omit<MeasureTaken, "size"> | undefined {
  if (!firstWords.has(firstWordOf(text))) return undefined;
  const [line] = parseIngredient(`1 ${text}`, grammar);
  if (!line?.unitOfMeasure) return undefined;
  const unit = findUnit(line.unitOfMeasure, unitsFor(cup)) ?? null;
  return { word: unit ? "" : (line.unitOfMeasureID ?? ""), unit, rest: line.description };
}

/** Behind sizes and praise: "heaped tbsp capers", "nice big bunch of dill", "thick slices of stale bread". */
function takeMeasureWord(text: string, cup: CupSystem): MeasureTaken {
  let size: SizeWord = "";
  for (let rest = text; rest !== "";) {
    const measure = measureWord(rest, cup);
    // "2 good bunches" are large ones; "2 large cloves garlic" too, whatever else is said of them.
    if (measure) return { ...measure, size };
    const sized = takeSize(rest);
    const next = sized.size === "" ? rest.replace(praise, "") : sized.rest;
    if (next === rest) break;
    size = sized.size === "" ? size : sized.size;
    rest = next;
  }
  const first = takeSize(text);
  return { word: "", unit: null, size: first.size, rest: first.rest };
}

/** "1 lb 4 oz plums", "3 tbsp plus 1 tsp oil": the smaller unit as a share of the larger. */
function takeSmallerUnit(
  text: string,
  unit: Unit,
  cup: CupSystem,
): { share: number; rest: string } | undefined {
  const match = /^(?:(?:and|plus|\+) )?([\d.]+) ?([a-z]+)\.? (?:of )?(.+)$/i.exec(text);
  const smaller = match && findUnit(match[2] ?? "", unitsFor(cup));
  if (!match || smaller?.kind !== unit.kind || smaller.factor >= unit.factor) return undefined;
  return { share: (Number(match[1]) * smaller.factor) / unit.factor, rest: match[3] ?? "" };
}
